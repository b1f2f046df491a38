<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * A colour guessed from plain words, as one painter describes it to another: "dark warm brown", "pale sea green". It is a
 * guess and should be called one. The middles of the words are ours; the finer words move them in OKLCh.
 */
final class SaidColour
{
    /** How people shorten them. */
    private const SHORT = [' dk ' => ' dark ', ' dk. ' => ' dark ', ' lt ' => ' light ', ' lt. ' => ' light ', ' med ' => ' mid ',
        ' blk ' => ' black ', ' wht ' => ' white ', ' brn ' => ' brown ', ' gry ' => ' grey ',
        ' grn ' => ' green ', ' bl ' => ' blue ', ' yel ' => ' yellow '];

    /** Looks like a colour with an ending and is none. */
    private const NO_COLOUR = 'tiny';

    /** Words that are remembered at once. */
    private const REMEMBERED = 5_000;

    /** Middles as OKLCh lightness, chroma, hue; longer words are looked for first. */
    private const NOUNS = [
        'black' => [0.22, 0.005, 90.0], 'white' => [0.96, 0.006, 95.0], 'ivory' => [0.93, 0.03, 92.0], 'ice' => [0.92, 0.02, 225.0],
        'cream' => [0.9, 0.05, 92.0], 'bone' => [0.84, 0.05, 90.0], 'grey' => [0.58, 0.006, 250.0], 'gray' => [0.58, 0.006, 250.0],
        'slate' => [0.4, 0.025, 230.0], 'silver' => [0.72, 0.008, 240.0], 'steel' => [0.55, 0.012, 240.0],
        'iron' => [0.4, 0.01, 240.0], 'red' => [0.5, 0.17, 28.0], 'wine' => [0.36, 0.11, 12.0], 'pink' => [0.76, 0.1, 8.0],
        'rose' => [0.68, 0.12, 5.0], 'magenta' => [0.52, 0.19, 350.0], 'orange' => [0.68, 0.16, 52.0], 'rust' => [0.48, 0.11, 45.0],
        'flesh' => [0.75, 0.08, 55.0], 'skin' => [0.72, 0.08, 55.0], 'tan' => [0.68, 0.08, 70.0], 'leather' => [0.46, 0.07, 58.0],
        'brown' => [0.42, 0.06, 55.0], 'sepia' => [0.34, 0.045, 60.0], 'umber' => [0.34, 0.04, 65.0], 'ochre' => [0.62, 0.1, 80.0],
        'mustard' => [0.66, 0.11, 88.0], 'sand' => [0.78, 0.06, 82.0], 'gold' => [0.66, 0.1, 84.0], 'brass' => [0.58, 0.085, 82.0],
        'bronze' => [0.48, 0.075, 70.0], 'copper' => [0.54, 0.1, 48.0], 'yellow' => [0.84, 0.16, 92.0],
        'lemon' => [0.9, 0.15, 104.0], 'straw' => [0.84, 0.09, 92.0], 'hemp' => [0.66, 0.06, 85.0], 'rope' => [0.66, 0.055, 82.0],
        'khaki' => [0.62, 0.05, 100.0], 'buff' => [0.8, 0.06, 80.0], 'beige' => [0.84, 0.035, 80.0], 'taupe' => [0.52, 0.025, 55.0],
        'clay' => [0.58, 0.09, 45.0], 'brick' => [0.47, 0.11, 35.0], 'mud' => [0.42, 0.035, 75.0], 'peat' => [0.3, 0.03, 60.0],
        'earth' => [0.4, 0.05, 60.0], 'chocolate' => [0.34, 0.05, 45.0], 'caramel' => [0.58, 0.1, 62.0],
        'amber' => [0.72, 0.14, 75.0], 'honey' => [0.72, 0.12, 80.0], 'wood' => [0.5, 0.06, 65.0], 'driftwood' => [0.6, 0.02, 75.0],
        'charcoal' => [0.32, 0.005, 60.0], 'coal' => [0.24, 0.004, 60.0], 'soot' => [0.22, 0.004, 60.0],
        'ash' => [0.64, 0.008, 80.0], 'smoke' => [0.5, 0.008, 240.0], 'lead' => [0.46, 0.01, 250.0], 'stone' => [0.66, 0.015, 85.0],
        'fog' => [0.8, 0.006, 230.0], 'chalk' => [0.95, 0.008, 95.0], 'pearl' => [0.9, 0.012, 85.0], 'scarlet' => [0.56, 0.2, 30.0],
        'crimson' => [0.45, 0.17, 20.0], 'cherry' => [0.44, 0.16, 18.0], 'salmon' => [0.74, 0.11, 32.0],
        'peach' => [0.83, 0.08, 55.0], 'apricot' => [0.8, 0.1, 65.0], 'plum' => [0.36, 0.08, 340.0],
        'emerald' => [0.56, 0.13, 158.0], 'jade' => [0.6, 0.09, 162.0], 'mint' => [0.86, 0.07, 165.0],
        'lime' => [0.82, 0.17, 122.0], 'indigo' => [0.32, 0.1, 272.0], 'azure' => [0.68, 0.12, 240.0],
        'lavender' => [0.78, 0.06, 300.0], 'olive' => [0.47, 0.07, 115.0], 'green' => [0.52, 0.11, 142.0],
        'moss' => [0.48, 0.08, 125.0], 'turquoise' => [0.65, 0.09, 195.0], 'teal' => [0.48, 0.075, 200.0],
        'verdigris' => [0.72, 0.07, 180.0], 'maroon' => [0.34, 0.1, 20.0], 'burgundy' => [0.33, 0.09, 10.0],
        'mahogany' => [0.34, 0.07, 35.0], 'chestnut' => [0.4, 0.08, 42.0], 'coffee' => [0.35, 0.04, 60.0],
        'walnut' => [0.4, 0.05, 60.0], 'fawn' => [0.74, 0.06, 72.0], 'parchment' => [0.88, 0.045, 90.0],
        'tallow' => [0.9, 0.06, 95.0], 'coral' => [0.68, 0.14, 30.0], 'terracotta' => [0.55, 0.1, 42.0],
        'sienna' => [0.48, 0.09, 52.0], 'vermilion' => [0.57, 0.2, 33.0], 'carmine' => [0.44, 0.17, 18.0],
        'ruby' => [0.42, 0.16, 18.0], 'marigold' => [0.72, 0.15, 68.0], 'saffron' => [0.76, 0.15, 78.0],
        'cyan' => [0.68, 0.11, 220.0], 'aqua' => [0.72, 0.1, 200.0], 'cobalt' => [0.45, 0.15, 260.0],
        'sapphire' => [0.42, 0.14, 262.0], 'marine' => [0.38, 0.09, 250.0], 'midnight' => [0.24, 0.05, 265.0],
        'gunmetal' => [0.42, 0.012, 245.0], 'pewter' => [0.54, 0.01, 240.0], 'chrome' => [0.78, 0.006, 240.0],
        'aluminium' => [0.74, 0.006, 240.0], 'graphite' => [0.36, 0.008, 250.0], 'granite' => [0.5, 0.01, 60.0],
        'tin' => [0.6, 0.008, 240.0], 'sea' => [0.55, 0.08, 190.0], 'sky' => [0.76, 0.07, 230.0], 'navy' => [0.28, 0.07, 262.0],
        'blue' => [0.48, 0.12, 252.0], 'violet' => [0.46, 0.14, 300.0], 'purple' => [0.42, 0.14, 315.0],
        'lilac' => [0.74, 0.08, 308.0], 'sage' => [0.68, 0.045, 135.0], 'petrol' => [0.38, 0.06, 215.0],
        'pumpkin' => [0.66, 0.16, 52.0], 'camel' => [0.68, 0.075, 72.0], 'aubergine' => [0.28, 0.06, 330.0],
        'fern' => [0.52, 0.1, 135.0], 'ginger' => [0.58, 0.12, 55.0], 'hazel' => [0.46, 0.06, 65.0], 'mauve' => [0.66, 0.07, 325.0],
        'raspberry' => [0.48, 0.16, 5.0], 'cinnamon' => [0.52, 0.09, 52.0], 'toffee' => [0.5, 0.08, 60.0],
        'cocoa' => [0.38, 0.04, 50.0], 'biscuit' => [0.78, 0.055, 75.0], 'teak' => [0.48, 0.07, 60.0],
        'cornflower' => [0.62, 0.11, 262.0], 'denim' => [0.46, 0.07, 255.0],
        'tangerine' => [0.72, 0.16, 55.0], 'tomato' => [0.58, 0.18, 30.0], 'sunflower' => [0.82, 0.15, 88.0],
        'vanilla' => [0.92, 0.045, 92.0], 'linen' => [0.88, 0.025, 85.0], 'drab' => [0.5, 0.035, 90.0], 'curry' => [0.66, 0.11, 85.0],
        'fuchsia' => [0.58, 0.2, 345.0], 'dove' => [0.7, 0.008, 250.0], 'pistachio' => [0.8, 0.08, 125.0],
        'espresso' => [0.27, 0.03, 55.0], 'mocha' => [0.42, 0.045, 55.0], 'pine' => [0.37, 0.06, 152.0],
        'forest' => [0.38, 0.07, 148.0], 'night' => [0.27, 0.06, 264.0], 'hay' => [0.82, 0.09, 90.0],
    ];

    /** What a colour may be called by itself; any other word before one of these says which one it is. */
    private const PLAIN = [
        'black', 'white', 'grey', 'gray', 'red', 'pink', 'orange', 'brown', 'yellow', 'green', 'blue', 'violet', 'purple',
    ];

    /** "navy blue" is nearly navy: a kind of the colour behind it, which has about its hue. */
    private const KIND = 0.85;
    private const KIND_HUE = 34.0;

    /** By how much of the way to the warmest or coldest hue a word may turn another. */
    private const TURN = 0.25;

    /** "-ish" and joined words lean the noun by this share of the way. */
    private const LEAN = 0.4;

    /**
     * @var array<string, array{float, float, float}> share of the way to black (−) or white (+), factor of chroma, lean of hue toward
     *   warm (+) or cold (−)
     */
    private const MANNERS = [
        'nearblack' => [-0.5, 0.5, 0.0], 'fluorescent' => [0.1, 1.5, 0.0], 'neon' => [0.1, 1.5, 0.0],
        'very dark' => [-0.45, 0.7, 0.0], 'dark' => [-0.27, 0.85, 0.0], 'deep' => [-0.2, 1.05, 0.0], 'shadow' => [-0.3, 0.8, 0.0],
        'middle' => [0.0, 1.0, 0.0], 'mid' =>
            [0.0, 1.0, 0.0], 'light' =>
            [0.3, 0.85, 0.0], 'bright' =>
            [0.12, 1.2, 0.0], 'pale' =>
            [0.45, 0.6, 0.0], 'very pale' =>
            [0.6, 0.45, 0.0],
        'burnt' => [-0.16, 0.95, 0.0], 'baby' => [0.4, 0.7, 0.0], 'medium' => [0.0, 1.0, 0.0],
        'muted' => [0.0, 0.6, 0.0], 'dull' =>
            [-0.06, 0.6, 0.0], 'dusty' =>
            [0.08, 0.55, 0.0], 'strong' =>
            [0.0, 1.2, 0.0], 'vivid' =>
            [0.03, 1.3, 0.0], 'off' =>
            [-0.04, 1.5, 0.0],
        'warm' => [0.0, 1.0, 18.0], 'cold' => [0.0, 1.0, -18.0], 'cool' => [0.0, 1.0, -18.0],
    ];

    /** @return Oklch|null null where no word names a colour */
    public static function read(string $said): ?Oklch
    {
        if (preg_match('/#[0-9a-f]{6}\b/i', $said, $m) === 1) {
            return Srgb::fromHex($m[0])->toOklch();
        }
        preg_match_all('/[a-z]+/', self::inPlainOrder(mb_strtolower($said)), $found);
        $words = $found[0];
        $nouns = [];
        foreach ($words as $word) {
            if ($word === self::NO_COLOUR) {
                continue;
            }
            $noun = self::noun($word);
            if ($noun !== null) {
                $nouns[] = ['noun' => $noun, 'leans' => $word !== $noun];
            }
        }
        if ($nouns === []) {
            return null;
        }
        $last = array_pop($nouns);
        [$l, $c, $h] = self::NOUNS[$last['noun']];
        $colour = new Oklch($l, $c, $h);
        foreach ($nouns as $other) {
            [$ol, $oc, $oh] = self::NOUNS[$other['noun']];
            $share = $other['leans'] ? self::LEAN / 2 : (self::isKindOf($other['noun'], $last['noun']) ? self::KIND : self::LEAN);
            $colour = self::between($colour, new Oklch($ol, $oc, $oh), $share);
        }
        return self::inManner($colour, $words)->onScreen();
    }

    /**
     * "Almost black green" and "off-black green" are a very dark green, "grey with a hint of green" is greenish grey, and "darker red" is
     * said for dark red.
     */
    private static function inPlainOrder(string $said): string
    {
        $said = strtr(' '.$said.' ', self::SHORT);
        $said = (string) preg_replace('/\b(dark|light|bright|pale|dull|warm|cold|cool|deep|strong)e?r\b/', '$1', $said);
        $said = (string) preg_replace(
            '/\b([a-z]+)(?: ,)? with an? (?:slight |small )?(?:hint|touch|bit|trace|tint) of (?:a )?([a-z]+)\b/',
            '$2ish $1',
            $said,
        );
        $almost = (string) preg_replace('/\b(?:(?:almost|nearly|practically) |off[- ]?)black\b/', 'nearblack', $said, -1, $count);
        preg_match_all('/[a-z]+/', $almost, $words);

        return $count > 0 && array_filter($words[0], self::isColour(...)) !== [] ? $almost : $said;
    }

    /** @param list<string> $words */
    private static function inManner(Oklch $colour, array $words): Oklch
    {
        foreach (self::MANNERS as $manner => [$lighter, $factor, $warmer]) {
            if (preg_match('/\b'.str_replace(' ', '\s+', $manner).'\b/', implode(' ', $words)) === 1 && !self::isPartOf($manner, $words)) {
                $turn = $warmer === 0.0 ? 0.0 : max(
                    -abs($warmer),
                    min(abs($warmer), self::TURN * $colour->hueTurnTo($warmer > 0 ? 60.0 : 240.0)),
                );
                $chroma = $colour->chroma < 0.012 && $warmer !== 0.0 ? 0.018 : $colour->chroma * $factor;
                $hue = $colour->chroma < 0.012 && $warmer !== 0.0 ? ($warmer > 0 ? 70.0 : 240.0) : $colour->hue + $turn;
                $colour = new Oklch(
                    max(0.08, min(0.98, $colour->lightness + $lighter * ($lighter > 0 ? 1 - $colour->lightness : $colour->lightness))),
                    $chroma,
                    fmod($hue + 360.0, 360.0),
                );
            }
        }

        return $colour;
    }

    private static function isKindOf(string $kind, string $plain): bool
    {
        if (!in_array($plain, self::PLAIN, true) || in_array($kind, self::PLAIN, true)) {
            return false;
        }
        [[, $chroma, $hue], [, $plainChroma, $plainHue]] = [self::NOUNS[$kind], self::NOUNS[$plain]];

        return min($chroma, $plainChroma) < 0.03
            ? max($chroma, $plainChroma) < 0.055 : abs(fmod($hue - $plainHue + 540.0, 360.0) - 180.0) <= self::KIND_HUE;
    }

    /** Whether this word says something of a colour: a colour itself, or how light, strong or warm it is. */
    public static function knows(string $word): bool
    {
        $word = mb_strtolower($word);

        return self::isColour($word) || isset(self::MANNERS[$word]) || $word === 'very';
    }

    /** Whether this word is a colour by itself. */
    public static function isColour(string $word): bool
    {
        /** @var array<string, bool> $known made once: lists ask for the same words again and again */
        static $known = [];
        if (isset($known[$word])) {
            return $known[$word];
        }
        $known = count($known) < self::REMEMBERED ? $known : [];

        return $known[$word] = self::isNoun($word);
    }

    private static function isNoun(string $word): bool
    {
        $word = mb_strtolower($word);
        if ($word === self::NO_COLOUR) {
            return false;
        }

        return self::noun($word) !== null;
    }

    /** The colour that a word names, in its plain form or an ending of it ("greenish", "rosy"); null where it names none. */
    private static function noun(string $word): ?string
    {
        $stem = (string) preg_replace('/(?<=[a-z]{3})(?:d?dish|ish|y|s)$/', '', $word);
        // Only what had an ending may have lost an "e": "pin" is no pine.
        foreach ($stem === $word ? [$word] : [$word, $stem, $stem.'e'] as $form) {
            if (isset(self::NOUNS[$form])) {
                return $form;
            }
        }

        return null;
    }

    /**
     * "very dark" is not "dark" once more.
     *
     * @param list<string> $words
     */
    private static function isPartOf(string $manner, array $words): bool
    {
        return !str_contains($manner, ' ') && preg_match('/\bvery '.$manner.'\b/', implode(' ', $words)) === 1;
    }

    private static function between(Oklch $from, Oklch $to, float $share): Oklch
    {
        $a = (1 - $share) * $from->chroma * cos(deg2rad($from->hue)) + $share * $to->chroma * cos(deg2rad($to->hue));
        $b = (1 - $share) * $from->chroma * sin(deg2rad($from->hue)) + $share * $to->chroma * sin(deg2rad($to->hue));

        return new Oklch(
            $from->lightness + $share * ($to->lightness - $from->lightness),
            hypot($a, $b),
            fmod(rad2deg(atan2($b, $a)) + 360.0, 360.0),
        );
    }
}
