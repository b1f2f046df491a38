<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * A colour in plain words, as one painter would describe it to another: "dark, muted green-blue".
 *
 * The words follow lightness, chroma and hue in OKLCh; the borders are ours, set by looking.
 */
final class PlainName
{
    private const NEUTRAL_BELOW = 0.012;
    private const TINTED_BELOW = 0.03;

    /** From this lightness on, the word; rising. */
    private const LIGHTNESS = [[0.0, 'very dark'], [0.3, 'dark'], [0.46, ''], [0.66, 'light'], [0.82, 'pale']];

    /** From this chroma on, the word; rising. */
    private const CHROMA = [[0.0, 'greyish'], [0.045, 'muted'], [0.085, ''], [0.16, 'vivid']];

    /** From this hue on, the noun; rising. */
    private const HUES = [
        [0, 'pinkish red'], [18, 'red'], [38, 'orange-red'], [50, 'orange'], [72, 'yellow-orange'], [92, 'yellow'], [112, 'yellow-green'],
        [132, 'green'], [165, 'blue-green'], [188, 'green-blue'], [225, 'blue'], [278, 'blue-violet'],
        [296, 'violet'], [322, 'purple-pink'], [345, 'pinkish red'],
    ];

    public static function of(Oklch $colour): string
    {
        if ($colour->chroma < self::TINTED_BELOW) {
            return self::neutral($colour);
        }
        $words = array_filter([self::word(self::LIGHTNESS, $colour->lightness), self::word(self::CHROMA, $colour->chroma)]);

        return ($words === [] ? '' : implode(', ', $words).' ').self::noun($colour);
    }

    private static function neutral(Oklch $colour): string
    {
        $tint = match (true) {
            $colour->chroma < self::NEUTRAL_BELOW => '',
            $colour->hue >= 20 && $colour->hue < 125 => 'warm ',
            $colour->hue >= 125 && $colour->hue < 190 => 'greenish ',
            $colour->hue >= 190 && $colour->hue < 300 => 'cool ',
            default => 'pinkish ',
        };

        return match (true) {
            $colour->lightness < 0.26 => $tint.'black',
            $colour->lightness < 0.42 => ($tint === '' ? 'dark ' : 'dark, '.$tint).'grey',
            $colour->lightness < 0.64 => $tint.'grey',
            $colour->lightness < 0.86 => ($tint === '' ? 'light ' : 'light, '.$tint).'grey',
            $colour->lightness < 0.97 => $tint === '' ? 'off-white' : $tint.'off-white',
            default => $tint.'white',
        };
    }

    private static function noun(Oklch $colour): string
    {
        $isBrown = $colour->lightness < 0.66 && $colour->chroma < 0.13;

        return match (true) {
            $isBrown && $colour->hue >= 30 && $colour->hue < 48 => 'red-brown',
            $isBrown && $colour->hue >= 48 && $colour->hue < 80 => 'brown',
            $isBrown && $colour->hue >= 80 && $colour->hue < 102 => 'ochre-brown',
            $isBrown && $colour->lightness < 0.62 && $colour->hue >= 102 && $colour->hue < 125 => 'olive',
            $colour->lightness >= 0.7 && ($colour->hue < 38 || $colour->hue >= 345) => 'pink',
            $colour->lightness >= 0.62 && $colour->chroma < 0.12 && $colour->hue >= 38 && $colour->hue < 72 => 'flesh',
            $colour->lightness >= 0.78 && $colour->chroma < 0.09 && $colour->hue >= 72 && $colour->hue < 112 => 'cream',
            default => self::word(self::HUES, $colour->hue),
        };
    }

    /** @param non-empty-list<array{int|float, string}> $steps */
    private static function word(array $steps, float $value): string
    {
        $found = $steps[0][1];
        foreach ($steps as [$from, $word]) {
            if ($value >= $from) {
                $found = $word;
            }
        }

        return $found;
    }
}
