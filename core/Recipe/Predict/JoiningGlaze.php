<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Mix;

/** Glazes of one tone over the edge of another. */
final readonly class JoiningGlaze
{
    /** @param list<Reflectance> $after what lies there after each layer */
    public function __construct(public Mix $mix, public Mix $over, public Thinning $thinning, public array $after)
    {
    }

    public function layers(): int
    {
        return count($this->after);
    }

    /** Of one layer, CIEDE2000. */
    public function largestStep(): float
    {
        $largest = 0.0;
        $last = $this->over->colour()->toLab();
        foreach ($this->after as $look) {
            $largest = max($largest, Ciede2000::difference($last, $look->toLab()));
            $last = $look->toLab();
        }

        return $largest;
    }
}
