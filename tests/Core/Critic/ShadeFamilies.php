<?php

declare(strict_types=1);

namespace Tests\Core\Critic;

use Kalokroma\Colour\Lab;
use Kalokroma\Figure\Material;

/**
 * Which colours shade which, as painters have it, told from the hue of the bottle alone: hues are CIELAB degrees of what the paint looks
 * like, not of what it leaves.
 */
final class ShadeFamilies
{
    /** Hues that shade a colour of these hues, and whether a neutral black or grey may. */
    private const ROWS = [
        // from, to, list of [from, to] of the shade, neutral
        [335.0, 360.0, [[300.0, 360.0], [0.0, 45.0]], false],
        [0.0, 20.0, [[290.0, 360.0], [0.0, 45.0]], false],
        [20.0, 62.0, [[290.0, 360.0], [0.0, 85.0]], false],
        [62.0, 110.0, [[280.0, 360.0], [0.0, 105.0]], false],
        [110.0, 170.0, [[55.0, 230.0]], true],
        [170.0, 225.0, [[150.0, 310.0]], true],
        [225.0, 295.0, [[180.0, 330.0]], true],
        [295.0, 335.0, [[240.0, 360.0]], true],
    ];

    public static function suits(Lab $shade, Lab $wanted, Material $material): bool
    {
        $isNeutral = $shade->chroma() < 7.0;
        $isSkin = $material === Material::Skin && $wanted->chroma() > 10.0 && $wanted->hue() > 20.0 && $wanted->hue() < 85.0;
        if ($isSkin) {
            return !$isNeutral && ($shade->hue() < 95.0 || $shade->hue() > 290.0);
        }
        if ($wanted->chroma() < 8.0) {
            // Warm greys take brown, cool ones blue; all take black and grey.
            $isCool = $wanted->chroma() > 2.5 && $wanted->hue() > 150.0 && $wanted->hue() < 310.0;
            $isWarm = $wanted->chroma() > 2.5 && !$isCool;

            return $isNeutral || ($isCool ? $shade->hue() > 170.0 && $shade->hue() < 320.0 : !$isWarm || $shade->hue() < 110.0)
                || $shade->chroma() < 12.0;
        }
        foreach (self::ROWS as [$from, $to, $hues, $neutral]) {
            if ($wanted->hue() < $from || $wanted->hue() >= $to) {
                continue;
            }
            // A very dark own tone is as good as black on dark browns, greens and blues.
            $isDark = $wanted->l < 40.0 && $shade->l < 25.0;

            return ($isNeutral && ($neutral || $isDark)) || array_filter(
                $hues,
                static fn (array $h): bool => $shade->hue() >= $h[0] && $shade->hue() <= $h[1],
            ) !== [];
        }

        return true;
    }
}
