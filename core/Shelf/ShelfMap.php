<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\PlainName;

/**
 * The shelf seen as a map of colours: where paints stand by hue and lightness, without a paint, and which of them are
 * nearly the same.
 */
final class ShelfMap
{
    /** A colour this far (CIEDE2000) from every paint lies in an empty region. */
    public const EMPTY_FROM = 8.0;

    /** Two paints of one behaviour nearer than this (CIEDE2000) are near-doubles: typed-in colours cannot tell them apart. */
    public const DOUBLE_BELOW = 2.0;

    /** Empty regions are at least this far apart, and so many are named. */
    private const REGIONS_APART = 14.0;
    private const MOST_REGIONS = 8;

    /** Where paints can be expected: OKLCh lightness, chroma and hue steps of the colours that are looked at. */
    private const LIGHTNESS = [0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9];
    private const CHROMA = [0.02, 0.06, 0.1, 0.14];
    private const HUE_STEP = 30;

    /**
     * Empty regions, the emptiest first.
     *
     * @param list<Paint> $paints
     *
     * @return list<array{at: Oklch, words: string, nearest: Paint, away: float}>
     */
    public static function gaps(array $paints): array
    {
        $known = [];
        foreach ($paints as $paint) {
            if ($paint->colour !== null && ($paint->isMixable() || $paint->behaviour === Behaviour::Metallic)) {
                $known[] = [$paint, $paint->colour->toLab()];
            }
        }
        if ($known === []) {
            return [];
        }
        $found = [];
        foreach (self::expected() as $colour) {
            $lab = $colour->toLab();
            [$nearest, $away] = self::nearest($lab, $known);
            if ($away >= self::EMPTY_FROM) {
                $found[] = ['at' => $colour, 'lab' => $lab, 'words' => PlainName::of($colour), 'nearest' => $nearest, 'away' => $away];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b['away'] <=> $a['away'] ?: $a['words'] <=> $b['words']);
        $kept = [];
        $words = [];
        foreach ($found as $gap) {
            $apart = array_map(static fn (array $other): float => Ciede2000::difference($gap['lab'], $other['lab']), $kept);
            if (min([INF, ...$apart]) >= self::REGIONS_APART && !isset($words[$gap['words']])) {
                $words[$gap['words']] = true;
                $kept[] = $gap;
                if (count($kept) === self::MOST_REGIONS) {
                    break;
                }
            }
        }

        return array_map(
            static fn (array $gap): array => [
                'at' => $gap['at'],
                'words' => $gap['words'],
                'nearest' => $gap['nearest'],
                'away' => $gap['away'],
            ],
            $kept,
        );
    }

    /**
     * Near-doubles: pairs of the same behaviour that are nearly one colour, the nearest first.
     *
     * @param list<Paint> $paints
     *
     * @return list<array{one: Paint, other: Paint, apart: float}>
     */
    public static function doubles(array $paints, float $below = self::DOUBLE_BELOW): array
    {
        $known = [];
        foreach ($paints as $paint) {
            if ($paint->colour !== null) {
                $known[$paint->behaviour->value][] = [$paint, $paint->colour->toLab()];
            }
        }
        $found = [];
        foreach ($known as $group) {
            usort($group, static fn (array $a, array $b): int => $a[1]->l <=> $b[1]->l ?: $a[0]->id <=> $b[0]->id);
            foreach ($group as $i => [$one, $lab]) {
                for ($j = $i + 1, $n = count($group); $j < $n; ++$j) {
                    [$other, $beside] = $group[$j];
                    // Lightness alone counts at least 1 / 1.75 of its difference, and paints stand by rising lightness.
                    if (($beside->l - $lab->l) / 1.75 >= $below) {
                        break;
                    }
                    $apart = Ciede2000::difference($lab, $beside);
                    if ($apart < $below) {
                        $found[] = ['one' => $one, 'other' => $other, 'apart' => $apart];
                    }
                }
            }
        }
        usort(
            $found,
            static fn (array $a, array $b): int =>
                $a['apart'] <=> $b['apart'] ?: $a['one']->id <=> $b['one']->id ?: $a['other']->id <=> $b['other']->id,
        );

        return $found;
    }

    /** @return list<Oklch> colours that a full shelf would hold and the screen can show */
    private static function expected(): array
    {
        $found = [];
        foreach (self::LIGHTNESS as $lightness) {
            foreach (self::CHROMA as $chroma) {
                for ($hue = 0; $hue < 360; $hue += self::HUE_STEP) {
                    $colour = new Oklch($lightness, $chroma, $hue);
                    if ($colour->toSrgb()->isOnScreen()) {
                        $found[] = $colour;
                    }
                }
            }
        }

        return $found;
    }

    /**
     * @param non-empty-list<array{Paint, Lab}> $known
     *
     * @return array{Paint, float}
     */
    private static function nearest(Lab $wanted, array $known): array
    {
        [$nearest, $least] = [$known[0][0], INF];
        foreach ($known as [$paint, $lab]) {
            if (abs($lab->l - $wanted->l) / 1.75 < $least) {
                $apart = Ciede2000::between($lab->l, $lab->a, $lab->b, $wanted->l, $wanted->a, $wanted->b);
                if ($apart < $least) {
                    [$nearest, $least] = [$paint, $apart];
                }
            }
        }

        return [$nearest, $least];
    }
}
