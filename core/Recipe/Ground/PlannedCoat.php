<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ground;

use Kalokroma\Figure\Area;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;

/** The first colour of an area, as far as its ground is concerned. */
final readonly class PlannedCoat
{
    public function __construct(public Area $area, public Mix $mix, public Thinning $thinning)
    {
    }

    public function isTransparent(): bool
    {
        foreach ($this->mix->paints() as $paint) {
            if ($paint->behaviour->isTransparent()) {
                return true;
            }
        }

        return false;
    }

    public function isMetallic(): bool
    {
        return $this->mix->first()->behaviour === Behaviour::Metallic;
    }
}
