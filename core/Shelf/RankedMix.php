<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/** A mix with its predicted difference (CIEDE2000) from the colour that was wanted. */
final readonly class RankedMix
{
    public function __construct(public Mix $mix, public float $difference)
    {
    }

    /**
     * The difference to be expected on the figure (CIEDE2000): what is predicted and what it is sure of, as independent errors add up,
     * √(difference² + certainty²).
     */
    public function expected(): float
    {
        return hypot($this->difference, $this->mix->certainty());
    }

    /** Whether it differs from a better one by less than the predictions are sure of. */
    public function isAsGoodAs(self $better): bool
    {
        return $this->difference - $better->difference < min($this->mix->certainty(), $better->mix->certainty());
    }

    /** A stricter measure, for choosing in the painter's stead: half of that. */
    public function isHardlyWorseThan(self $better): bool
    {
        return $this->difference - $better->difference < min($this->mix->certainty(), $better->mix->certainty()) / 2;
    }

    /**
     * As a painter would choose: what cannot be told from the best by simplicity (fewer paints, fewer drops), then by what
     * is plentiful, then by difference; the rest by difference.
     *
     * @param list<self> $ranked best first
     *
     * @return list<self>
     */
    public static function withoutSplittingHairs(array $ranked): array
    {
        if ($ranked === []) {
            return [];
        }
        $best = $ranked[0];
        $equal = array_values(array_filter($ranked, static fn (self $r): bool => $r->isAsGoodAs($best)));
        $rest = array_values(array_filter($ranked, static fn (self $r): bool => !$r->isAsGoodAs($best)));
        usort($equal, static fn (self $a, self $b): int => count($a->mix->parts) <=> count($b->mix->parts)
            ?: $a->mix->totalParts() <=> $b->mix->totalParts()
            ?: ($b->mix->leastLeftMl() ?? Matcher::UNKNOWN_ML) <=> ($a->mix->leastLeftMl() ?? Matcher::UNKNOWN_ML)
            ?: $a->difference <=> $b->difference
            ?: $a->mix->key() <=> $b->mix->key());

        return [...$equal, ...$rest];
    }
}
