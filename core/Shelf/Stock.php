<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/**
 * What is left of a paint, from every movement there was: nothing is rewritten, a correction is a movement of its own.
 */
final readonly class Stock
{
    private const LOW_ML = 2.0;
    private const LOW_SHARE = 1 / 7;

    /**
     * @param float|null $leftMl null where nobody ever said how much there was
     * @param float $shortMl what was used beyond what was known to be there
     */
    private function __construct(public ?float $leftMl, public float $shortMl)
    {
    }

    /** Nearly gone: under a seventh of a bottle, or under 2 ml where its size is unknown. */
    public static function isLow(?float $leftMl, ?float $bottleMl): bool
    {
        return $leftMl !== null && $leftMl < ($bottleMl === null ? self::LOW_ML : $bottleMl * self::LOW_SHARE);
    }

    /** What is left of all its bottles, percent 0..100; null where either is unknown. */
    public static function fill(?float $leftMl, ?float $bottleMl, ?int $bottles): ?int
    {
        if ($leftMl === null || $bottleMl === null) {
            return null;
        }

        return (int) round(max(0.0, min(100.0, 100 * $leftMl / ($bottleMl * max(1, $bottles ?? 1)))));
    }

    /**
     * @param list<array{kind: Movement, ml: float}> $movements in the order they happened
     *
     * @throws ShelfProblem on an amount of the wrong sign
     */
    public static function of(array $movements): self
    {
        $left = null;
        $short = 0.0;
        foreach ($movements as ['kind' => $kind, 'ml' => $ml]) {
            $kind->check($ml);
            if ($kind === Movement::Counted) {
                [$left, $short] = [$ml, 0.0];
                continue;
            }
            if ($left === null && !$kind->brings()) {
                continue;
            }
            $left = ($left ?? 0.0) + $ml;
            if ($left < 0) {
                $short -= $left;
                $left = 0.0;
            }
        }

        return new self($left === null ? null : round($left, 3), round($short, 3));
    }
}
