<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\DifferenceWords;
use Kalokroma\Colour\Lab;

/** A change of one area's colour that parts it from a neighbour. */
final readonly class Mend
{
    /** @param float $apart CIEDE2000 from the colour it has now */
    private function __construct(public Coloured $area, public Choice $to, public float $apart, public string $words)
    {
    }

    public static function to(Coloured $area, Lab $now, Choice $choice): self
    {
        return new self($area, $choice, Ciede2000::difference($now, $choice->lab), DifferenceWords::between($now, $choice->lab));
    }
}
