<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/** Colours beside one that was guessed, so that a painter points at the right one instead of describing it. */
final class NearBy
{
    /** What each changes in OKLCh: lightness, chroma as a share, hue in degrees towards warm. */
    private const STEPS = [
        'lighter' => [0.08, 1.0, 0.0], 'darker' => [-0.08, 1.0, 0.0], 'more vivid' => [0.0, 1.5, 0.0], 'duller' => [0.0, 0.55, 0.0],
        'warmer' => [0.0, 1.0, 14.0], 'cooler' => [0.0, 1.0, -14.0],
    ];

    /** Nearer than this (CIEDE2000) nobody would press on it. */
    private const SEEN = 2.0;

    /** The warmest and the coldest hue (OKLCh, degrees). */
    private const WARMEST = 60.0;

    /** What has less chroma than this has no hue to turn: it is tinted by so much. */
    private const GREY = 0.012;
    private const TINT = 0.02;

    /** @return array<string, Srgb> by what is different */
    public static function of(Srgb $colour): array
    {
        $from = Oklch::fromSrgb($colour);
        $found = [];
        foreach (self::STEPS as $words => [$lighter, $times, $warmer]) {
            $near = self::turned(
                new Oklch(max(0.08, min(0.98, $from->lightness + $lighter)), $from->chroma * $times, $from->hue),
                $warmer,
            )->onScreen()->toSrgb()->clipped();
            if (Ciede2000::difference($near->toLab(), $colour->toLab()) > self::SEEN) {
                $found[$words] = $near;
            }
        }

        return $found;
    }

    /** @param float $warmer degrees towards the warmest hue, at most; less than 0 away from it */
    private static function turned(Oklch $colour, float $warmer): Oklch
    {
        if (abs($warmer) < 1.0) {
            return $colour;
        }
        $to = self::WARMEST + ($warmer > 0.0 ? 0.0 : 180.0);
        if ($colour->chroma < self::GREY) {
            return new Oklch($colour->lightness, self::TINT, $to);
        }
        $most = abs($warmer);
        $turn = max(-$most, min($most, $colour->hueTurnTo($to)));

        return new Oklch($colour->lightness, $colour->chroma, fmod($colour->hue + $turn + 360.0, 360.0));
    }
}
