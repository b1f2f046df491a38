<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * How one colour differs from another, as painters say it: "a little yellower and darker".
 *
 * The difference is taken apart into lightness, and either hue and strength or, near grey, the tint; each in CIELAB units
 * weighted as CIEDE2000 does (1 + 0.045 C for chroma, 1 + 0.015 C for hue). The two largest that count are named.
 */
final class DifferenceWords
{
    /** Less than this is not seen on a figure. */
    private const SEEN = 1.0;

    /** From here on a difference is clear, then strong. */
    private const CLEAR = 4.0;
    private const STRONG = 10.0;

    /** A part of the difference this small beside the largest is not named. */
    private const BESIDE = 0.45;

    /** Below this chroma a colour has a tint rather than a hue. */
    public const NEAR_GREY = 8.0;

    /** Hue angles of CIELAB toward which a colour can lean. */
    public const TOWARD = [
        0 => 'pinker', 40 => 'redder', 70 => 'more orange', 95 => 'yellower', 145 => 'greener',
        210 => 'more blue-green', 265 => 'bluer', 315 => 'more violet',
    ];

    public static function between(Lab $from, Lab $to): string
    {
        $chroma = ($from->chroma() + $to->chroma()) / 2;
        $parts = [($to->l > $from->l ? 'lighter' : 'darker') => abs($to->l - $from->l)];
        if ($chroma < self::NEAR_GREY) {
            $tint = new Lab(0, $to->a - $from->a, $to->b - $from->b);
            $parts[self::lean($tint->hue())] = $tint->chroma();
        } else {
            $stronger = $to->chroma() - $from->chroma();
            $parts[$stronger > 0 ? 'stronger' : 'duller'] = abs($stronger) / (1 + 0.045 * $chroma);
            $turn = fmod($to->hue() - $from->hue() + 540, 360) - 180;
            $turned = 2 * sqrt($from->chroma() * $to->chroma()) * abs(sin(deg2rad($turn / 2)));
            $parts[self::toward($from->hue(), $turn)] = $turned / (1 + 0.015 * $chroma);
        }
        $all = Ciede2000::difference($from, $to);
        if ($all < self::SEEN) {
            return 'the same to the eye';
        }
        arsort($parts);
        $most = max($parts);
        $named = array_keys(array_slice(array_filter($parts, static fn (float $p): bool => $p >= self::BESIDE * $most), 0, 2));

        return self::degree($all).implode(' and ', $named);
    }

    private static function degree(float $difference): string
    {
        return match (true) {
            $difference < self::CLEAR => 'a little ',
            $difference < self::STRONG => 'clearly ',
            default => 'much ',
        };
    }

    /** The hue word that lies the way the hue turns. */
    private static function toward(float $from, float $turn): string
    {
        $found = 'redder';
        $least = INF;
        foreach (self::TOWARD as $angle => $word) {
            $away = fmod($angle - $from + 540, 360) - 180;
            if ($away * $turn > 0 && abs($away) < $least && abs($away) > 12) {
                [$least, $found] = [abs($away), $word];
            }
        }

        return $found;
    }

    /** The tint nearest to a hue angle. */
    private static function lean(float $hue): string
    {
        $found = 'redder';
        $least = INF;
        foreach (self::TOWARD as $angle => $word) {
            $away = abs(fmod($angle - $hue + 540, 360) - 180);
            if ($away < $least) {
                [$least, $found] = [$away, $word];
            }
        }

        return $found;
    }
}
