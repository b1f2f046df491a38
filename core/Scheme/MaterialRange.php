<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Material;

/** Which colours a material can have and still read as itself, in OKLCh: leather stays leather. Our own borders. */
final class MaterialRange
{
    /** Hue from, to (degrees, anticlockwise from the first); chroma from, to; lightness from, to. */
    private const ROWS = [
        'leather' => [[28, 95, 0.02, 0.10, 0.24, 0.60]],
        'skin' => [[25, 78, 0.03, 0.13, 0.42, 0.86]],
        'hair' => [[35, 95, 0.0, 0.10, 0.20, 0.86], [0, 360, 0.0, 0.025, 0.20, 0.92]],
        'fur' => [[30, 100, 0.0, 0.11, 0.20, 0.90], [0, 360, 0.0, 0.03, 0.20, 0.92]],
        'feather' => [[0, 360, 0.0, 0.13, 0.22, 0.94]],
        'scales' => [[0, 360, 0.0, 0.14, 0.22, 0.88]],
        'bone' => [[55, 112, 0.015, 0.09, 0.62, 0.94]],
        'metal' => [[40, 110, 0.0, 0.13, 0.35, 0.85], [0, 360, 0.0, 0.03, 0.30, 0.85]],
        'glass' => [[0, 360, 0.07, 0.40, 0.42, 0.93]],
        'wood' => [[38, 102, 0.008, 0.09, 0.25, 0.76]],
        'rope' => [[55, 108, 0.02, 0.09, 0.48, 0.82]],
        'stone' => [[0, 360, 0.0, 0.04, 0.30, 0.82]],
        'ground' => [[38, 150, 0.01, 0.09, 0.28, 0.72]],
    ];

    /** What each material mostly looks like: lightness, chroma, hue; where nothing else speaks it is taken. */
    private const USUAL = [
        'leather' => [0.40, 0.055, 58],
        'skin' => [0.68, 0.080, 52],
        'hair' => [0.50, 0.030, 70],
        'fur' => [0.50, 0.055, 68],
        'bone' => [0.84, 0.050, 90],
        'wood' => [0.50, 0.035, 72],
        'rope' => [0.64, 0.055, 86],
        'stone' => [0.60, 0.010, 90],
        'ground' => [0.46, 0.040, 100],
    ];

    /** Materials whose hue is the painter's to choose. */
    private const FREE = [Material::Cloth, Material::Feather, Material::Scales, Material::Glass, Material::Lacquered, Material::Other];

    public static function holds(Material $material, Oklch $colour): bool
    {
        foreach (self::ROWS[$material->value] ?? [[0, 360, 0.0, 0.40, 0.18, 0.94]] as [
            $from,
            $to,
            $leastChroma,
            $mostChroma,
            $darkest,
            $lightest,
        ]) {
            if ($colour->hue >= $from && $colour->hue <= $to && $colour->chroma >= $leastChroma && $colour->chroma <= $mostChroma
                && $colour->lightness >= $darkest && $colour->lightness <= $lightest) {
                return true;
            }
        }

        return false;
    }

    /**
     * How unusual a colour is for a material, from 0; glass is the more usual the stronger it glows.
     *
     * @param float $lighter OKLCh lightness by which it is wanted lighter than usual
     */
    public static function unusual(Material $material, Oklch $colour, float $lighter = 0.0): float
    {
        if ($material === Material::Glass) {
            return 4 * max(0.0, 0.14 - $colour->chroma) / 0.14 + 2 * max(0.0, 0.7 - $colour->lightness);
        }
        [$lightness, $chroma, $hue] = self::USUAL[$material->value] ?? [$colour->lightness, $colour->chroma, $colour->hue];

        return 3 * abs(
            $colour->lightness - $lightness - (isset(self::USUAL[$material->value]) ? $lighter : 0.0),
        ) + 8 * abs($colour->chroma - $chroma)
            + abs($colour->hueTurnTo($hue)) / 45 * min(1.0, $colour->chroma / 0.04);
    }

    public static function isFree(Material $material): bool
    {
        return in_array($material, self::FREE, true);
    }
}
