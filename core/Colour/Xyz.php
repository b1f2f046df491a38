<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * CIE 1931 XYZ, 2° observer, illuminant D65, scaled so that a perfect white has Y = 1.
 */
final readonly class Xyz
{
    /** The white of sRGB's D65: the sums of the rows of the sRGB matrix, so that #ffffff is exactly L* 100. */
    public const WHITE_X = 0.9504700;
    public const WHITE_Y = 1.0000001;
    public const WHITE_Z = 1.0888300;

    public function __construct(public float $x, public float $y, public float $z)
    {
    }
}
