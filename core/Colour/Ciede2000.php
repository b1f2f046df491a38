<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * Colour difference CIEDE2000 with kL = kC = kH = 1.
 *
 * Source: G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 color-difference formula: implementation notes,
 * supplementary test data, and mathematical observations", Color Research & Application 30 (2005) 21–30.
 */
final class Ciede2000
{
    private const TWENTY_FIVE_TO_SEVENTH = 25 ** 7;

    /** Zero for equal colours; about 1 is just visible side by side, about 2 at a glance. */
    public static function difference(Lab $one, Lab $two): float
    {
        return self::between($one->l, $one->a, $one->b, $two->l, $two->a, $two->b);
    }

    /** The same on plain numbers, for inner loops. */
    public static function between(float $l1, float $a1, float $b1, float $l2, float $a2, float $b2): float
    {
        $meanC7 = ((sqrt($a1 * $a1 + $b1 * $b1) + sqrt($a2 * $a2 + $b2 * $b2)) / 2) ** 7;
        $g = 0.5 * (1 - sqrt($meanC7 / ($meanC7 + self::TWENTY_FIVE_TO_SEVENTH)));
        $a1 *= 1 + $g;
        $a2 *= 1 + $g;
        $c1 = sqrt($a1 * $a1 + $b1 * $b1);
        $c2 = sqrt($a2 * $a2 + $b2 * $b2);
        $h1 = self::hue($a1, $b1);
        $h2 = self::hue($a2, $b2);

        $turn = 0.0;
        $meanHue = $h1 + $h2;
        if ($c1 * $c2 != 0.0) {
            $turn = $h2 - $h1;
            if ($turn > 180) {
                $turn -= 360;
            } elseif ($turn < -180) {
                $turn += 360;
            }
            if (abs($h1 - $h2) <= 180) {
                $meanHue /= 2;
            } else {
                $meanHue = $meanHue < 360 ? ($meanHue + 360) / 2 : ($meanHue - 360) / 2;
            }
        }

        $deltaL = $l2 - $l1;
        $deltaC = $c2 - $c1;
        $deltaH = 2 * sqrt($c1 * $c2) * sin(deg2rad($turn / 2));
        $meanC = ($c1 + $c2) / 2;
        $fromMiddle = (($l1 + $l2) / 2 - 50) ** 2;

        $t = 1 - 0.17 * cos(deg2rad($meanHue - 30)) + 0.24 * cos(deg2rad(2 * $meanHue))
            + 0.32 * cos(deg2rad(3 * $meanHue + 6)) - 0.20 * cos(deg2rad(4 * $meanHue - 63));
        $sl = 1 + 0.015 * $fromMiddle / sqrt(20 + $fromMiddle);
        $sc = 1 + 0.045 * $meanC;
        $sh = 1 + 0.015 * $meanC * $t;
        $meanC7 = $meanC ** 7;
        $rt = -2 * sqrt($meanC7 / ($meanC7 + self::TWENTY_FIVE_TO_SEVENTH))
            * sin(deg2rad(60 * exp(-((($meanHue - 275) / 25) ** 2))));

        $l = $deltaL / $sl;
        $c = $deltaC / $sc;
        $h = $deltaH / $sh;

        return sqrt(max(0.0, $l * $l + $c * $c + $h * $h + $rt * $c * $h));
    }

    private static function hue(float $a, float $b): float
    {
        if ($a == 0.0 && $b == 0.0) {
            return 0.0;
        }
        $h = rad2deg(atan2($b, $a));

        return $h < 0 ? $h + 360 : $h;
    }
}
