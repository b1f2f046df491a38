<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Harmony;
use Kalokroma\Colour\Oklch;

/**
 * Whether a scheme is what its title says: opposite hues are there, neighbouring ones are near, only one colour stands out.
 *
 * Leather, wood and skin have the hues they have: they may bring a hue that is promised, and spoil none.
 */
final readonly class Promise
{
    /** Degrees (OKLCh) within which a colour is of a hue. */
    private const OF_THE_HUE = 35.0;

    /** Degrees (OKLCh) within which hues are neighbours. */
    private const NEIGHBOURS = 50.0;

    /** @param float $lead hue that all others are told from, degrees */
    public function __construct(private Harmony $harmony, private float $lead)
    {
    }

    /**
     * @param list<Coloured> $coloured all areas of the figure
     * @param string|null $spot id of the area that is to stand out; null where none is asked to
     */
    public function isKept(array $coloured, ?string $spot): bool
    {
        $all = $free = [];
        foreach ($coloured as $area) {
            $colour = $area->lab === null ? null : Oklch::fromLab($area->lab);
            if ($colour === null || $colour->chroma < Candidates::HAS_HUE) {
                continue;
            }
            $all[] = $colour->hue;
            if ($area->fixed || MaterialRange::isFree($area->area->material)) {
                $free[] = $colour->hue;
            }
        }
        $others = array_slice($this->harmony->hues($this->lead), 1);

        return match ($this->harmony) {
            Harmony::Complement => self::has($all, $others[0]),
            Harmony::NearComplement => self::has($all, $others[0]) || self::has($all, $others[1]),
            Harmony::Triad => self::has($all, $others[0]) && self::has($all, $others[1]),
            Harmony::WarmCold => self::has($all, $this->lead) && self::isOnBothSides($all),
            Harmony::Analogous => $this->furthest($free) <= self::NEIGHBOURS,
            Harmony::Spot => $spot !== null && self::standsOut($coloured, $spot),
        };
    }

    /** Whether two colours stand to each other as the harmony says; greys and blacks go with any. */
    public static function shows(Harmony $harmony, Oklch $one, Oklch $other): bool
    {
        if (min($one->chroma, $other->chroma) < Candidates::HAS_HUE) {
            return true;
        }

        return match ($harmony) {
            Harmony::WarmCold => Harmony::isWarm($one->hue) !== Harmony::isWarm($other->hue),
            Harmony::Analogous => Oklch::between($one->hue, $other->hue) <= self::NEIGHBOURS,
            Harmony::Spot => true,
            default => array_filter(
                array_slice($harmony->hues($one->hue), 1),
                static fn (float $hue): bool => self::has([$other->hue], $hue),
            ) !== [],
        };
    }

    /** @param list<float> $hues */
    private function furthest(array $hues): float
    {
        return max([0.0, ...array_map(fn (float $h): float => Oklch::between($h, $this->lead), $hues)]);
    }

    /** @param list<float> $hues */
    private static function has(array $hues, float $wanted): bool
    {
        foreach ($hues as $hue) {
            if (Oklch::between($hue, $wanted) <= self::OF_THE_HUE) {
                return true;
            }
        }

        return false;
    }

    /** @param list<float> $hues */
    private static function isOnBothSides(array $hues): bool
    {
        $warm = count(array_filter($hues, Harmony::isWarm(...)));

        return $warm > 0 && $warm < count($hues);
    }

    /** @param list<Coloured> $coloured */
    private static function standsOut(array $coloured, string $spot): bool
    {
        $is = $beside = 0.0;
        foreach ($coloured as $area) {
            $chroma = $area->lab === null ? 0.0 : Oklch::fromLab($area->lab)->chroma;
            if ($area->area->id === $spot) {
                $is = $chroma;
            } elseif ($area->fixed || MaterialRange::isFree($area->area->material)) {
                $beside = max($beside, $chroma);
            }
        }

        return $is >= Candidates::SPOT && $is > $beside;
    }
}
