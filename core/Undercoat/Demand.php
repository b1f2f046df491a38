<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

use Kalokroma\Film\Pigment;

/** What one area asks of the ground: the pigment that has to cover it, and how it is thinned. */
final readonly class Demand
{
    /**
     * @param float $load  pigment load of one coat, 0 < load ≤ 1
     * @param float $share of the figure's surface, 0..1
     */
    public function __construct(public string $area, public Pigment $pigment, public float $load, public float $share, public bool $metal)
    {
    }
}
