<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Lab;
use Kalokroma\Figure\Area;

/** An area with the colour it is to have. */
final readonly class Coloured
{
    /**
     * @param Lab|null $lab null while it is undecided
     * @param bool $fixed whether the painter keeps it whatever else is proposed
     */
    public function __construct(public Area $area, public ?Lab $lab, public bool $fixed = false)
    {
    }
}
