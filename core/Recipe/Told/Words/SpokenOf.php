<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

use Kalokroma\Shelf\Behaviour;

/**
 * What of a clause is done and what is only spoken of: paints that are mentioned, faces that are left alone. "Leave" turns what follows it
 * and nothing else.
 */
final readonly class SpokenOf
{
    /** What may stand behind "leave" beside faces, parts and paints: words that stay words. */
    private const WORDS = [SpanKind::Unread, SpanKind::Note, SpanKind::Mention, SpanKind::Strokes, SpanKind::Technique];

    private const SHADES = ['wash-all-over', 'recess-line', 'pin-wash', 'shade-layer', 'glaze', 'filter'];

    /** What is done with one paint on another. */
    private const ON_ANOTHER = [...self::SHADES, 'feathered-layer', 'edge-highlight', 'drybrush', 'lining', 'dot', 'stipple'];

    /**
     * @param array<int, true> $mentioned places of paints that are only spoken of
     * @param array<int, true> $replaced places of paints that another one stands in for
     * @param array<int, true> $left places of faces and parts that are left alone
     * @param array<int, true> $kept places of other spans whose words are kept as a note with those
     * @param list<array{int, int}> $notes from one span to the one before another: words that are kept
     * @param bool $isLater whether it was said that something is to be left from now on
     * @param array<int, true> $lost places of a "not" or "leave" behind which nothing stands that it could turn
     */
    private function __construct(
        public array $mentioned,
        public array $replaced,
        public array $left,
        public array $kept,
        public array $notes,
        public bool $isLater,
        public array $lost,
    ) {
    }

    /** @param list<Span> $spans */
    public static function in(array $spans): self
    {
        $replaced = $left = $kept = $notes = $lost = [];
        $mentioned = self::paintedOver($spans) + self::workedOn($spans) + self::namedAgain($spans) + self::varnished($spans);
        $isLater = false;
        foreach ($spans as $i => $span) {
            if ($span->is(SpanKind::Handling) && in_array($span->means, ['swap', 'replace'], true)) {
                $replaced += self::exchanged($spans, $span->means === 'swap');
            } elseif ($span->is(SpanKind::Leave) && $span->means === 'back') {
                $at = self::next($spans, $i, -1);
                if ($at !== null && $spans[$at]->is(SpanKind::Face, SpanKind::Part)) {
                    $left[$at] = true;
                    $isLater = true;
                } elseif ($at !== null) {
                    $mentioned += $spans[$at]->is(SpanKind::Paint) ? [$at => true] : [];
                    $notes[] = [$at, $i + 1];
                }
            } elseif ($span->is(SpanKind::Leave)) {
                [$turned, $paints, $others, $to] = self::turned($spans, $i + 1);
                $mentioned += $span->means === 'keep' && $turned !== [] ? self::colourOf($spans, $to) : [];
                $left += $turned;
                $mentioned += $paints;
                $kept += $others;
                $isLater = $isLater || (in_array($span->means, ['later', 'keep'], true) && $turned !== []);
                if ($turned === [] && $paints === [] && $others === []) {
                    $lost[$i] = true;
                } elseif ($turned === [] || $paints !== [] || $others !== []) {
                    $notes[] = [$i, $to];
                    $kept += array_fill_keys(range($i, max($i, $to - 1)), true);
                }
            } elseif ($span->is(SpanKind::Mention, SpanKind::InPlaceOf)) {
                $at = self::next($spans, $i, 1);
                $isBeside = $at !== null && $spans[$at]->from === $span->to && !($span->means === 'into' && self::hasAmount($spans, $i));
                if ($isBeside && $spans[$at]->is(SpanKind::Paint)) {
                    $span->is(SpanKind::Mention) ? $mentioned[$at] = true : $replaced[$at] = true;
                    $notes[] = [$i, $at + 1];
                } elseif ($span->is(SpanKind::InPlaceOf)) {
                    $lost[$i] = true;
                }
            }
        }

        return new self($mentioned, $replaced, $left, $kept, $notes, $isLater, $lost);
    }

    /**
     * What stands behind "leave": the faces of it, the paints that lie there, and other words up to where it ends.
     *
     * @param list<Span> $spans
     *
     * @return array{array<int, true>, array<int, true>, array<int, true>, int} the last is the place behind it
     */
    private static function turned(array $spans, int $from): array
    {
        $left = $paints = $others = [];
        $to = $from;
        for ($i = $from; $i < count($spans); ++$i) {
            $span = $spans[$i];
            $goesOn = match (true) {
                $span->is(SpanKind::Face) => $left[$i] = true,
                $span->is(SpanKind::Part) => $left === [] ? $others[$i] = true : false,
                $span->is(SpanKind::Paint) => $left === [] && $others === [] ? $paints[$i] = true : false,
                $span->is(SpanKind::Amount) && in_array($span->means, ['some', 'little'], true) => $left === [] && $paints === [],
                $span->is(SpanKind::And) => isset($spans[$i + 1]) && self::isFace($spans, $i + 1),
                $span->is(...self::WORDS) => $left === [] ? $others[$i] = true : false,
                default => $span->is(SpanKind::Plain),
            };
            if (!$goesOn) {
                break;
            }
            $to = $span->is(SpanKind::Plain) ? $to : $i + 1;
        }

        return [$left, $paints, $others, $to];
    }

    /**
     * "Keep the recesses black": the colour is what they have.
     *
     * @param list<Span> $spans
     *
     * @return array<int, true>
     */
    private static function colourOf(array $spans, int $behind): array
    {
        return ($spans[$behind] ?? null)?->is(SpanKind::Paint) === true ? [$behind => true] : [];
    }

    /**
     * Of two paints that are exchanged the one that goes: "replace A with B", "substitute B for A".
     *
     * @param list<Span> $spans
     *
     * @return array<int, true>
     */
    private static function exchanged(array $spans, bool $isSecond): array
    {
        $paints = array_keys(array_filter($spans, static fn (Span $s): bool => $s->is(SpanKind::Paint)));

        return count($paints) === 2 ? [$paints[$isSecond ? 1 : 0] => true] : [];
    }

    /**
     * What is shaded or lit with another paint: "shade the yellow with this wash".
     *
     * @param list<Span> $spans
     *
     * @return array<int, true>
     */
    private static function paintedOver(array $spans): array
    {
        $found = self::overOrMixed($spans);
        if ($found === null) {
            return [];
        }
        [$technique, $under, $over] = $found;
        $isThe = $spans[$under - 1]->is(SpanKind::Plain) && in_array($spans[$under - 1]->group(0), ['the', 'my', 'its'], true);
        $isWash = in_array($spans[$technique]->means, self::SHADES, true) && $spans[$over]->paint?->behaviour->isTransparent() === true;

        return $isThe || $isWash ? [$under => true] : [];
    }

    /**
     * What lies under a varnish: "dull the steel with the matt one".
     *
     * @param list<Span> $spans
     *
     * @return array<int, true>
     */
    private static function varnished(array $spans): array
    {
        $paints = array_keys(array_filter($spans, static fn (Span $s): bool => $s->is(SpanKind::Paint)));
        if (count($paints) !== 2 || $spans[$paints[1]]->paint?->behaviour !== Behaviour::Varnish || $paints[0] === 0) {
            return [];
        }
        $isThe = in_array($spans[$paints[0] - 1]->group(0), ['the', 'my', 'its', 'all'], true);
        $isWith = array_filter(
            array_slice($spans, $paints[0], $paints[1] - $paints[0]),
            static fn (Span $s): bool => $s->means === 'with',
        ) !== [];

        return $isThe && $isWith ? [$paints[0] => true] : [];
    }

    /**
     * "Highlight this with that": the places of the technique and of both paints; null where amounts say that they are mixed.
     *
     * @param list<Span> $spans of a clause
     *
     * @return array{int, int, int}|null
     */
    public static function overOrMixed(array $spans): ?array
    {
        $amounts = array_filter(
            $spans,
            static fn (Span $s): bool => $s->is(SpanKind::Amount, SpanKind::Ratio) && !in_array($s->group(0), ['a', 'an'], true),
        );
        foreach ($amounts === [] ? $spans : [] as $i => $span) {
            $under = $span->is(SpanKind::Technique) && in_array($span->means, self::ON_ANOTHER, true) ? self::next($spans, $i, 1) : null;
            $with = $under !== null && $spans[$under]->is(SpanKind::Paint) ? self::next($spans, $under, 1) : null;
            $over = $with !== null && $spans[$with]->means === 'with' ? self::next($spans, $with, 1) : null;
            if ($over !== null && $spans[$over]->is(SpanKind::Paint)) {
                return [$i, (int) $under, $over];
            }
        }

        return null;
    }

    /**
     * "One and another, twice as much of the one": a paint that is named again, to say how much.
     *
     * @param list<Span> $spans
     *
     * @return array<int, true>
     */
    private static function namedAgain(array $spans): array
    {
        $found = [];
        foreach ($spans as $i => $span) {
            $isMore = $span->is(SpanKind::Amount) && in_array($span->means, ['double', 'half-as-much'], true);
            $at = $isMore ? self::next($spans, $i, 1) : null;
            $paint = $at === null ? null : $spans[$at]->paint;
            $prior = $paint === null ? [] : array_slice($spans, 0, $i);
            $before = array_filter($prior, static fn (Span $s): bool => $s->paint?->id === $paint?->id);
            $found += $at === null || $before === [] ? [] : [$at => true];
        }

        return $found;
    }

    /**
     * What is worked on with a paint that was named before: "this one for shading that one".
     *
     * @param list<Span> $spans
     *
     * @return array<int, true>
     */
    private static function workedOn(array $spans): array
    {
        $for = array_keys(array_filter($spans, static fn (Span $s): bool => $s->is(SpanKind::Mention) && $s->means === 'work'))[0] ?? 0;
        $before = array_filter(array_slice($spans, 0, $for), static fn (Span $s): bool => $s->is(SpanKind::Paint));
        $work = $before === [] ? null : self::next($spans, $for, 1);
        $at = $work !== null && $spans[$work]->is(SpanKind::Technique) ? self::next($spans, $work, 1) : null;

        return $at !== null && $spans[$at]->is(SpanKind::Paint) ? [$at => true] : [];
    }

    /**
     * Whether an amount is said before: so much of one paint goes into another.
     *
     * @param list<Span> $spans
     */
    private static function hasAmount(array $spans, int $before): bool
    {
        return array_filter(array_slice($spans, 0, $before), static fn (Span $s): bool => $s->is(SpanKind::Amount)) !== [];
    }

    /** @param list<Span> $spans */
    private static function isFace(array $spans, int $from): bool
    {
        $at = $spans[$from]->is(SpanKind::Plain) ? self::next($spans, $from, 1) : $from;

        return $at !== null && $spans[$at]->is(SpanKind::Face);
    }

    /** @param list<Span> $spans */
    private static function next(array $spans, int $from, int $step): ?int
    {
        for ($i = $from + $step; isset($spans[$i]); $i += $step) {
            if (!$spans[$i]->is(SpanKind::Plain)) {
                return $i;
            }
        }

        return null;
    }
}
