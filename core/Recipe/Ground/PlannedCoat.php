<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ground;

use Kalokroma\Figure\Area;
use Kalokroma\Film\Application;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;

/** The first colour of an area, as far as its ground is concerned. */
final readonly class PlannedCoat
{
    public function __construct(public Area $area, public Mix $mix, public Thinning $thinning)
    {
    }

    /** How a ground looks with one layer of this over it. */
    public function once(Surface $ground): Surface
    {
        $application = $this->isTransparent() ? Application::Stain : Application::Coat;

        return $application->coats($this->mix->pigment(), $this->thinning->load(), 1, $ground);
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
