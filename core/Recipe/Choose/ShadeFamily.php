<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Lab;
use Kalokroma\Figure\Material;

/**
 * Which shades go with which colour, family by family: skin takes flesh and brown, bone sepia, yellow ochre and brown, red wine. Hues are
 * CIELAB degrees of what stands on the label.
 */
final class ShadeFamily
{
    /** Below so much chroma (CIELAB) a shade is black or grey, and a colour a neutral. */
    private const BLACK = 7.0;
    private const NEUTRAL = 8.0;

    /** From so much chroma a neutral leans to a side. */
    private const LEANS = 2.5;

    /** Darker than this (L*) a colour bears a black shade of any lean; a shade darker than that is as good as black. */
    private const DARK = 25.0;
    private const NEAR_BLACK = 18.0;

    /** Hues of the shades that suit, and whether black and grey do. */
    private const SUITS = [
        'skin' => [[[26.0, 90.0]], false],
        'bone' => [[[45.0, 100.0]], false],
        'yellow' => [[[38.0, 95.0]], false],
        'red' => [[[300.0, 360.0], [0.0, 62.0]], false],
        'pink' => [[[295.0, 360.0], [0.0, 30.0]], false],
        'brown' => [[[20.0, 90.0]], false],
        'olive' => [[[50.0, 220.0]], true],
        'green' => [[[105.0, 230.0]], true],
        'blue' => [[[155.0, 305.0]], true],
        'purple' => [[[245.0, 345.0]], true],
        'warm grey' => [[[30.0, 100.0]], false],
        'cool grey' => [[[190.0, 310.0]], true],
        'grey' => [[[0.0, 360.0]], true],
    ];

    /** Skin, bone, browns and greys are shaded with muted colours alone: no more vivid (CIELAB chroma) than this. */
    private const MOST_VIVID = ['skin' => 46.0, 'bone' => 42.0, 'brown' => 44.0, 'olive' => 44.0, 'warm grey' => 36.0,
        'cool grey' => 30.0, 'grey' => 34.0];

    /**
     * @param Lab $shade what stands on its label: of a wash the bottle, not what one coat leaves on white
     * @param Lab $wanted the colour that is shaded
     */
    public static function suits(Lab $shade, Lab $wanted, ?Material $material): bool
    {
        $family = self::of($wanted, $material);
        [$hues, $takesBlack] = self::SUITS[$family];
        $isBlack = $shade->chroma() < self::BLACK || $shade->l < self::NEAR_BLACK;
        if ($isBlack && ($takesBlack || $wanted->l < self::DARK)) {
            return true;
        }
        $isIn = array_filter($hues, static fn (array $h): bool => $shade->hue() >= $h[0] && $shade->hue() <= $h[1]) !== [];

        return $isIn && $shade->chroma() >= self::BLACK && $shade->chroma() <= (self::MOST_VIVID[$family] ?? INF);
    }

    /** Whether it is of the colour's own family, not only a black that goes with it; of a grey black is. */
    public static function isKin(Lab $shade, Lab $wanted): bool
    {
        return $shade->chroma() >= self::BLACK || $wanted->chroma() < self::NEUTRAL;
    }

    private static function of(Lab $wanted, ?Material $material): string
    {
        $hue = $wanted->hue();
        $chroma = $wanted->chroma();
        if ($material === Material::Skin && $chroma >= self::NEUTRAL && $hue > 20.0 && $hue < 85.0) {
            return 'skin';
        }
        if ($chroma < self::NEUTRAL) {
            return match (true) {
                $chroma < self::LEANS => 'grey',
                $hue < 130.0 || $hue > 330.0 => $wanted->l > 75.0 ? 'bone' : 'warm grey',
                default => 'cool grey',
            };
        }

        return match (true) {
            $hue >= 295.0 && $hue < 330.0 => 'purple',
            $hue >= 200.0 && $hue < 295.0, $hue >= 165.0 && $hue < 200.0 => 'blue',
            $hue >= 118.0 && $hue < 165.0 => 'green',
            $hue >= 92.0 && $hue < 118.0 => $wanted->l > 70.0 ? ($chroma > 40.0 ? 'yellow' : 'bone') : 'olive',
            $hue >= 60.0 && $hue < 92.0 && $wanted->l > 66.0 => $chroma > 34.0 ? 'yellow' : 'bone',
            $hue >= 38.0 && $hue < 92.0 => $chroma < 45.0 ? 'brown' : ($hue > 62.0 ? 'yellow' : 'red'),
            $wanted->l > 55.0 && $chroma < 45.0 => 'pink',
            default => 'red',
        };
    }
}
