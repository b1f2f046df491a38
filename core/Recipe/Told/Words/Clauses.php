<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;

/** A line of several steps, cut where the next begins. */
final class Clauses
{
    /** Work that begins where it is named, whatever stands before it: it takes no paint of its own. */
    private const OWN = ['blotting', 'wiping', 'chipping-opening', 'masking', 'unmasking', 'line-tidying'];

    /**
     * @param list<Span> $spans of a whole line
     *
     * @return non-empty-list<list<Span>>
     */
    public static function of(array $spans): array
    {
        if (self::isBlend($spans) && !self::has($spans, SpanKind::Then)) {
            return [$spans];
        }
        $clauses = [];
        $now = [];
        foreach (self::segments($spans) as [$separator, $segment]) {
            if ($now !== [] && self::begins($separator, $now, $segment)) {
                $clauses[] = $now;
                $now = [];
            }
            $now = [...$now, ...($separator === null || $now === [] ? [] : [$separator]), ...$segment];
        }
        $clauses[] = $now;

        return array_merge(...array_map(self::inTurn(...), $clauses));
    }

    /**
     * "From one to the next to a third" is one step after the other.
     *
     * @param list<Span> $spans of a clause
     *
     * @return non-empty-list<list<Span>>
     */
    private static function inTurn(array $spans): array
    {
        $into = array_keys(array_filter($spans, static fn (Span $s): bool => $s->is(SpanKind::Into)));
        if (count($into) < 2) {
            return [$spans];
        }
        $found = [];
        $from = 0;
        foreach ($into as $at) {
            $found[] = array_slice($spans, $from, $at - $from);
            $from = $at + 1;
        }

        return [...$found, array_slice($spans, $from)];
    }

    /**
     * @param list<Span> $spans
     *
     * @return list<array{Span|null, list<Span>}> what stands between two separators, with the one before it
     */
    private static function segments(array $spans): array
    {
        $found = [];
        $separator = null;
        $segment = [];
        foreach ($spans as $span) {
            if ($span->kind->isSeparator()) {
                $found[] = [$separator, $segment];
                [$separator, $segment] = [$span, []];
            } else {
                $segment[] = $span;
            }
        }
        $found[] = [$separator, $segment];

        return $found;
    }

    /**
     * @param list<Span> $now
     * @param list<Span> $next
     */
    private static function begins(?Span $separator, array $now, array $next): bool
    {
        if ($separator?->means === 'fact') {
            return false;
        }
        [$technique, $paints] = [self::technique($next), self::paints($next)];
        [$priorTechnique, $priorPaints] = [self::technique($now), self::paints($now)];
        if ($priorTechnique === null && $priorPaints === 0 && !self::has($now, SpanKind::Wait)
            && !self::has($now, SpanKind::LevelMark) && !self::has($now, SpanKind::Ratio)) {
            return false;
        }
        $isMixed = $priorPaints > 1 || array_filter($now, static fn (Span $s): bool => $s->means === 'mix') !== [];
        if ($technique !== null && $paints === 0 && $priorTechnique === null && ($isMixed || self::isOfThat($next))) {
            return false;
        }
        if ($separator?->is(SpanKind::Then) === true) {
            return $technique !== null || $paints > 0 || self::has($next, SpanKind::LevelMark)
                || self::isMixedOtherwise($now, $next, $paints, $priorPaints);
        }
        $isOwn = $technique !== null && $technique !== 'varnish'
            && (in_array($technique, self::OWN, true) || self::takesNoPaint($technique));
        if ($isOwn && ($priorTechnique !== null || $priorPaints > 0)) {
            return true;
        }
        if ($technique !== null && $priorTechnique !== null && $technique !== $priorTechnique) {
            return $priorPaints > 0 || self::takesNoPaint($priorTechnique) || str_contains($priorTechnique, 'varnish');
        }
        $hasAmounts = self::has([...$now, ...$next], SpanKind::Ratio) || self::has($next, SpanKind::Amount);
        if ($technique !== null && $paints > 0 && $priorPaints > 0 && !$hasAmounts) {
            return $priorTechnique === null || $separator?->is(SpanKind::Comma) === true;
        }
        if ($paints > 0 && $priorPaints > 0 && !$hasAmounts) {
            $isPlaced = [self::isPlaced($now), self::isPlaced($next)];

            return $isPlaced === [true, true] || (self::has($now, SpanKind::Coats) && self::has($next, SpanKind::Coats)) || ($separator?->is(SpanKind::Comma) === true
                && (in_array(true, $isPlaced, true) || self::isWash($next) !== self::isWash($now)));
        }
        if (self::isMixedOtherwise($now, $next, $paints, $priorPaints)) {
            return true;
        }
        if ($separator?->is(SpanKind::Comma) !== true || $paints === 0 || $priorPaints === 0) {
            return false;
        }

        return self::isElsewhere($next);
    }

    /** @param list<Span> $spans */
    private static function technique(array $spans): ?string
    {
        foreach ($spans as $span) {
            if ($span->is(SpanKind::Technique)) {
                return $span->means;
            }
        }

        return null;
    }

    /** @param list<Span> $spans */
    private static function paints(array $spans): int
    {
        $spoken = SpokenOf::in($spans);
        $count = 0;
        foreach ($spans as $i => $span) {
            $isSpoken = isset($spoken->mentioned[$i]) || isset($spoken->replaced[$i]);
            $count += $span->is(SpanKind::Paint) && !$isSpoken ? 1 : 0;
        }

        return $count;
    }

    /** @param list<Span> $spans */
    private static function has(array $spans, SpanKind $kind): bool
    {
        return array_filter($spans, static fn (Span $s): bool => $s->is($kind)) !== [];
    }

    /** @param list<Span> $spans */
    private static function isWash(array $spans): bool
    {
        foreach ($spans as $span) {
            if ($span->is(SpanKind::Paint)) {
                return $span->paint === null
                    ? preg_match('/\bwash(?:es)?$/i', $span->group(0)) === 1 : $span->paint->behaviour === Behaviour::Wash;
            }
        }

        return false;
    }

    /** @param list<Span> $spans */
    private static function isPlaced(array $spans): bool
    {
        $left = SpokenOf::in($spans)->left;
        foreach ($spans as $i => $span) {
            $isThing = $span->is(SpanKind::Note) && in_array($span->means, ['thing', 'somewhere'], true);
            if ($isThing || ($span->is(SpanKind::Face, SpanKind::Part, SpanKind::AllOver, SpanKind::Light) && !isset($left[$i]))) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Span> $spans */
    private static function isBlend(array $spans): bool
    {
        return self::technique($spans) === Technique::WetBlend->value;
    }

    /**
     * Whether it names a thing of the figure and then its paint: "pupil black".
     *
     * @param list<Span> $spans
     */
    private static function isElsewhere(array $spans): bool
    {
        foreach ($spans as $span) {
            if (!$span->is(SpanKind::Plain)) {
                return $span->is(SpanKind::Note) && $span->means === 'thing';
            }
        }

        return false;
    }

    /**
     * Whether its technique is done with what was named before: "drybrush it".
     *
     * @param list<Span> $spans
     */
    private static function isOfThat(array $spans): bool
    {
        foreach ($spans as $i => $span) {
            if ($span->is(SpanKind::Technique) && !self::takesNoPaint($span->means)) {
                return ($spans[$i + 1] ?? null)?->means === 'it';
            }
        }

        return false;
    }

    /**
     * Whether another ratio of the same paints is said: that is another step.
     *
     * @param list<Span> $now
     * @param list<Span> $next
     */
    private static function isMixedOtherwise(array $now, array $next, int $paints, int $priorPaints): bool
    {
        return $paints === 0 && $priorPaints > 1 && self::has($now, SpanKind::Ratio) && self::has($next, SpanKind::Ratio)
            && !self::has($next, SpanKind::Thinner) && !self::has($next, SpanKind::Consistency);
    }

    private static function takesNoPaint(string $technique): bool
    {
        return in_array($technique, ['varnish'], true) || Technique::tryFrom($technique)?->facts()->takes === [];
    }
}
