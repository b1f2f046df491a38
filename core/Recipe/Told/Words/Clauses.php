<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

use Kalokroma\Recipe\Technique\Technique;

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
        if (self::isOneBlend(new Stretch($spans))) {
            return [$spans];
        }
        $clauses = $now = [];
        $segments = self::segments($spans);
        $isOfAll = self::listed($segments);
        foreach ($segments as $i => [$separator, $segment, $next]) {
            $isRated = $separator?->is(SpanKind::Then) !== true && ($isOfAll[$i] || self::isRatioOnly($segments[$i + 1] ?? null));
            if ($now !== [] && !$isRated && self::begins($separator, new Stretch($now), $next)) {
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
        $said = new Stretch($spans);
        if ($into !== [] && $said->paints > 2 && !$said->has(SpanKind::Ratio) && !$said->hasShare()) {
            // "Through this and that to a third": all of them in turn.
            $into = array_keys(array_filter($spans, static fn (Span $s): bool => $s->is(SpanKind::Into, SpanKind::And)));
        }
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
     * @return list<array{Span|null, list<Span>, Stretch}> what stands between two separators, with the one before it
     */
    private static function segments(array $spans): array
    {
        $found = [];
        $separator = null;
        $segment = [];
        foreach ($spans as $i => $span) {
            if (self::turnsTo($spans, $i, $segment) || ($span->means === 'negated' && self::saysWork($segment))) {
                $found[] = [$separator, $segment, new Stretch($segment)];
                [$separator, $segment] = [new Span($span->from, $span->from, SpanKind::Then, '', 0.0), [$span]];
            } elseif ($span->kind->isSeparator() && !self::belongsTo($span, $segment)) {
                $found[] = [$separator, $segment, new Stretch($segment)];
                [$separator, $segment] = [$span, []];
            } else {
                $segment[] = $span;
            }
        }
        $found[] = [$separator, $segment, new Stretch($segment)];

        return $found;
    }

    /**
     * Whether nothing but the ratio of what was named before is said: "one, another, 3:1".
     *
     * @param array{Span|null, list<Span>, Stretch}|null $segment
     */
    private static function isRatioOnly(?array $segment): bool
    {
        if ($segment === null) {
            return false;
        }
        [$separator, , $said] = $segment;

        return $said->has(SpanKind::Ratio) && $said->paints === 0 && $said->technique === null && $separator?->means === '';
    }

    /**
     * Where a list goes on that ends with how much there is of all of it: "one, another and a third in equal parts".
     *
     * @param list<array{Span|null, list<Span>, Stretch}> $segments
     *
     * @return list<bool>
     */
    private static function listed(array $segments): array
    {
        $found = [];
        $isOfAll = $isThen = false;
        foreach (array_reverse($segments) as [$separator, , $said]) {
            $isOfAll = $said->technique === null && ($said->isOfAll() || ($isOfAll && !$isThen));
            $isThen = $separator?->is(SpanKind::Then) === true;
            $found[] = $isOfAll;
        }

        return array_reverse($found);
    }

    /**
     * Whether what is done with another paint begins here: "Straw shaded with Rust Wash".
     *
     * @param list<Span> $spans
     * @param list<Span> $segment what stands before, back to a separator
     */
    private static function turnsTo(array $spans, int $at, array $segment): bool
    {
        $before = new Stretch($segment);
        if ($spans[$at]->is(SpanKind::Again)) {
            return $before->isBare() && $before->has(SpanKind::Wait);
        }
        $isTechnique = $spans[$at]->is(SpanKind::Technique) && $before->isPaintOnly();
        $next = array_values(array_filter(array_slice($spans, $at + 1, 5), static fn (Span $s): bool => !$s->is(SpanKind::Plain)));

        return $isTechnique && count($next) > 1 && $next[0]->is(SpanKind::And) && $next[1]->is(SpanKind::Paint);
    }

    /**
     * Whether this separator parts nothing: what it is done "with", or what stands under a heading.
     *
     * @param list<Span> $segment what stands before, back to a separator
     */
    private static function belongsTo(Span $separator, array $segment): bool
    {
        if ($separator->is(SpanKind::And) && self::isOpen($segment)) {
            return true;
        }

        return $segment !== [] && in_array($separator->means, ['with', 'colon'], true) && !self::saysWork($segment);
    }

    /** @param list<Span> $segment */
    private static function saysWork(array $segment): bool
    {
        $said = new Stretch($segment);

        return $said->technique !== null || $said->paints > 0;
    }

    /**
     * Whether a technique stands last, so that what follows "with" belongs to it.
     *
     * @param list<Span> $segment
     */
    private static function isOpen(array $segment): bool
    {
        $last = array_values(array_filter($segment, static fn (Span $s): bool => !$s->is(SpanKind::Plain)));

        return $last !== [] && $last[count($last) - 1]->is(SpanKind::Technique);
    }

    /**
     * Whether the next step begins with what is said next.
     */
    private static function begins(?Span $separator, Stretch $now, Stretch $next): bool
    {
        return match (true) {
            $separator?->means === 'fact' => false,
            $now->has(SpanKind::Wait) && $now->isBare() && $next->has(SpanKind::Again) => true,
            $now->isNegated() => $separator?->means !== 'with' && ($separator?->is(SpanKind::And) !== true || $next->technique !== null),
            $next->isNegated() => true,
            self::isStillOpen($now) || self::isItsTechnique($now, $next) || self::isItsSheen($separator, $now, $next) => false,
            $separator?->is(SpanKind::Then) === true => $next->technique !== null || $next->paints > 0
                || $next->has(SpanKind::LevelMark) || self::isMixedOtherwise($now, $next),
            self::isVarnishNext($now, $next) || self::isWashedNext($now, $next) || self::isCountedNext($separator, $now, $next) => true,
            $next->has(SpanKind::Again) && $next->paints > 0 && $now->technique === Technique::WashAllOver->value && $now->paints === 0
                && !$next->isWash() => true,
            self::isWorkOfItsOwn($next->technique) && ($now->technique !== null || $now->paints > 0) => true,
            $next->technique !== null && $now->technique !== null && $next->technique !== $now->technique => $now->isDone()
                || str_ends_with($next->technique, '-'.Stretch::VARNISH),
            $next->paints > 0 && $now->paints > 0 && !self::hasAmounts($now, $next) => self::isAnotherPaint($separator, $now, $next),
            self::isMixedOtherwise($now, $next) => true,
            default => $separator?->is(SpanKind::Comma) === true && $next->paints > 0 && $now->paints > 0 && $next->beginsWithThing(),
        };
    }

    /** A wet blend names both its paints in one breath. */
    private static function isOneBlend(Stretch $line): bool
    {
        return $line->technique === Technique::WetBlend->value && !$line->has(SpanKind::Then);
    }

    /** "Gloss on the eyes, everything else matt". */
    private static function isVarnishNext(Stretch $now, Stretch $next): bool
    {
        return $now->isPaintOnly() && $next->technique !== null && str_ends_with($next->technique, '-'.Stretch::VARNISH);
    }

    /** "Olive, wash it": that is what is washed, and not what with. */
    private static function isWashedNext(Stretch $now, Stretch $next): bool
    {
        return $now->isPaintOnly() && !$now->isWash() && $next->technique === Technique::WashAllOver->value && $next->paints === 0
            && $next->isOfThat();
    }

    /** "Two glazes of one, one of another". */
    private static function isCountedNext(?Span $separator, Stretch $now, Stretch $next): bool
    {
        return $separator?->is(SpanKind::Comma) === true && $now->has(SpanKind::Coats) && $now->paints > 0 && $next->paints > 0
            && $next->isNumberOnly();
    }

    /** Whether nothing is said yet that makes a step. */
    private static function isStillOpen(Stretch $now): bool
    {
        return $now->technique === null && $now->paints === 0
            && !$now->has(SpanKind::Wait) && !$now->has(SpanKind::LevelMark) && !$now->has(SpanKind::Ratio);
    }

    /** Whether what is said next is how the paint before is used: "mix two of these, drybrush it". */
    private static function isItsTechnique(Stretch $now, Stretch $next): bool
    {
        return $next->technique !== null && $next->paints === 0 && $now->technique === null
            && ($now->isMixed() || ($next->isOfThat() && !self::isWashedNext($now, $next)));
    }

    /** "Seal it with gloss". */
    private static function isItsSheen(?Span $separator, Stretch $now, Stretch $next): bool
    {
        return $separator?->means === 'with' && $now->technique === Stretch::VARNISH
            && $next->technique !== null && str_contains($next->technique, Stretch::VARNISH);
    }

    private static function isWorkOfItsOwn(?string $technique): bool
    {
        return $technique !== null && $technique !== Stretch::VARNISH
            && (in_array($technique, self::OWN, true) || Stretch::takesNoPaint($technique));
    }

    private static function hasAmounts(Stretch $now, Stretch $next): bool
    {
        $isSpotOfIt = $next->isPlaced() && !$next->hasCount() && !$now->hasShare();

        return self::isMixing($now) || self::isMixing($next) || ($next->hasShare() && !$isSpotOfIt);
    }

    /** Whether a ratio is said that is not how far its own paint is thinned: "Black Wash 1:1 with medium" stands for itself. */
    private static function isMixing(Stretch $said): bool
    {
        return $said->has(SpanKind::Ratio) && !($said->paints === 1 && $said->has(SpanKind::Thinner));
    }

    /** Whether a paint that follows a paint is the next step, and not the second of a mix. */
    private static function isAnotherPaint(?Span $separator, Stretch $now, Stretch $next): bool
    {
        $isComma = $separator?->is(SpanKind::Comma) === true;
        if ($next->technique !== null) {
            // "Tan and Bone highlights" are highlights of both.
            $isOfBoth = $separator?->is(SpanKind::And) === true && $separator->means === '' && !$next->beginsWithTechnique();

            return ($now->technique === null && !$isOfBoth) || $isComma;
        }
        [$isNowPlaced, $isNextPlaced] = [$now->isPlaced(), $next->isPlaced()];

        return self::isInARow($separator, $now, $next) || ($isNowPlaced && $isNextPlaced)
            || ($now->has(SpanKind::Coats) && $next->has(SpanKind::Coats))
            || ($isComma && ($isNowPlaced || $isNextPlaced || $next->isWash() !== $now->isWash()));
    }

    /** Paints with nothing but commas between them follow each other: who mixes says how much, or "and". */
    private static function isInARow(?Span $separator, Stretch $now, Stretch $next): bool
    {
        return $separator?->is(SpanKind::Comma) === true && $separator->means === '' && !$now->isMixed() && !$now->hasShare();
    }

    /** Whether another ratio of the same paints is said: that is another step. */
    private static function isMixedOtherwise(Stretch $now, Stretch $next): bool
    {
        return $next->paints === 0 && $now->paints > 1 && $now->has(SpanKind::Ratio) && $next->has(SpanKind::Ratio)
            && !$next->has(SpanKind::Thinner) && !$next->has(SpanKind::Consistency);
    }

    /**
     * Whether it says what is not done.
     *
     * @param list<Span> $spans
     */
    public static function isNegated(array $spans): bool
    {
        return (new Stretch($spans))->isNegated();
    }
}
