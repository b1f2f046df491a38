<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use Kalokroma\Recipe\Predict\DraftSum;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Scheme\Legibility;

/** One side of a comparison: what lies under it, each area, and what it costs. */
final readonly class ComparedSide
{
    /**
     * @param list<ComparedArea> $areas all that were asked for
     * @param DraftSum $sum of those that every side has something for
     */
    public function __construct(
        public SideAsked $asked,
        public string $words,
        public Undercoated $undercoat,
        public array $areas,
        public DraftSum $sum,
        public Legibility $legibility,
    ) {
    }
}
