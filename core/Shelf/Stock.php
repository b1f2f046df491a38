<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/**
 * What is left of a paint, from every movement there was: nothing is rewritten, a correction is a movement of its own.
 */
final readonly class Stock
{
    /**
     * @param float|null $leftMl null where nobody ever said how much there was
     * @param float $shortMl what was used beyond what was known to be there
     */
    private function __construct(public ?float $leftMl, public float $shortMl)
    {
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
