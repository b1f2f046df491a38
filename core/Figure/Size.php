<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** The surface of a figure, guessed from its height where nobody measured it, and how large an area looks. */
final class Size
{
    public const HEIGHT_MM = 30.0;

    /** From one side about half of an area is seen. */
    private const SEEN = 0.5;

    /** How many times longer than wide straps and rims are. */
    private const TRIM_LENGTHS = 4.0;

    /** @param float $heightMm 10..400 */
    public static function surfaceCm2(float $heightMm, FigureKind $kind = FigureKind::Foot): float
    {
        return round($kind->surfaceAt30mm() * ($heightMm / self::HEIGHT_MM) ** 2, 1);
    }

    /**
     * The smaller side of an area as it is seen, in millimetres: what is seen of it as a square, or as a strip where it
     * is trim.
     */
    public static function seenMm(float $surfaceCm2, Relief $relief): float
    {
        return sqrt(100 * $surfaceCm2 * self::SEEN / ($relief === Relief::Trim ? self::TRIM_LENGTHS : 1.0));
    }
}
