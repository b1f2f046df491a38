<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** The surface of a figure, guessed from its height where nobody measured it. */
final class Size
{
    /** A foot figure of 30 mm has about 16 cm² (12–20); surface grows with the square of the height. */
    public const FOOT_HEIGHT_MM = 30.0;
    public const FOOT_SURFACE_CM2 = 16.0;

    /** @param float $heightMm 10..400 */
    public static function surfaceCm2(float $heightMm): float
    {
        return round(self::FOOT_SURFACE_CM2 * ($heightMm / self::FOOT_HEIGHT_MM) ** 2, 1);
    }
}
