<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Material;

/**
 * Companies that are meant to match, looked at together: what they share, where they vary on purpose, and where they are neither the
 * same nor clearly another. A spot colour and the look of the bases tie a mixed company together.
 */
final readonly class Together
{
    /** CIEDE2000 up to which two colours are the same on the table, and from which one is clearly another. */
    public const SAME = 3.0;
    public const ANOTHER = 10.0;

    /** The area that carries a spot has at most this share of the figure's surface. */
    private const SPOT_SHARE = 0.15;

    /** CIEDE2000 within which a spot is found again. */
    private const SPOT_WITHIN = 8.0;

    /**
     * @param list<Coloured> $here
     * @param array<string, list<Coloured>> $others areas of the companies it is meant to match, by name
     *
     * @return list<Tie> what wants a decision first
     */
    public static function of(array $here, array $others): array
    {
        $found = [];
        foreach ($others as $company => $there) {
            array_push($found, ...self::spot($here, $there, (string) $company), ...self::areas($here, $there, (string) $company));
        }
        usort($found, static fn (Tie $a, Tie $b): int => $a->bond->order() <=> $b->bond->order() ?: $a->apart <=> $b->apart);

        return $found;
    }

    /**
     * @param list<Coloured> $here
     * @param list<Coloured> $there
     *
     * @return list<Tie>
     */
    private static function areas(array $here, array $there, string $company): array
    {
        $found = [];
        foreach ($here as $one) {
            $other = self::counterpart($one, $there);
            if ($other === null || $one->lab === null || $other->lab === null) {
                continue;
            }
            $apart = Ciede2000::difference($one->lab, $other->lab);
            $bond = match (true) {
                $apart <= self::SAME => Bond::Same,
                $apart < self::ANOTHER => Bond::Near,
                default => Bond::Variant,
            };
            $found[] = new Tie($bond, $company, $one, $other, $apart);
        }

        return $found;
    }

    /**
     * The area of that name there; bases belong together whatever they are called.
     *
     * @param list<Coloured> $there
     */
    private static function counterpart(Coloured $one, array $there): ?Coloured
    {
        foreach ($there as $other) {
            if (mb_strtolower($other->area->name) === mb_strtolower($one->area->name)) {
                return $other;
            }
        }
        foreach ($one->area->material === Material::Ground ? $there : [] as $other) {
            if ($other->area->material === Material::Ground) {
                return $other;
            }
        }

        return null;
    }

    /**
     * @param list<Coloured> $here
     * @param list<Coloured> $there
     *
     * @return list<Tie> none where nobody has a spot
     */
    private static function spot(array $here, array $there, string $company): array
    {
        $mine = self::standsOut($here);
        $theirs = self::standsOut($there);
        if ($theirs === null || $theirs->lab === null) {
            return [];
        }
        $nearest = self::nearest($here, $theirs->lab);
        $apart = $nearest?->lab === null ? INF : Ciede2000::difference($nearest->lab, $theirs->lab);
        if ($nearest !== null && $apart <= self::SPOT_WITHIN) {
            return [new Tie(Bond::Spot, $company, $nearest, $theirs, $apart)];
        }
        $carrier = $mine !== null && !$mine->fixed ? $mine : self::carrier($here);

        return $carrier === null ? [] : [new Tie(
            Bond::NoSpot,
            $company,
            $carrier,
            $theirs,
            $carrier->lab === null ? 0.0 : Ciede2000::difference($carrier->lab, $theirs->lab),
        )];
    }

    /**
     * The small area with the most vivid colour, where one is vivid.
     *
     * @param list<Coloured> $areas
     */
    private static function standsOut(array $areas): ?Coloured
    {
        $most = self::most($areas);
        $found = null;
        $vivid = Candidates::SPOT;
        foreach ($areas as $area) {
            $chroma = $area->lab === null || $area->area->surfaceCm2 > $most ? 0.0 : Oklch::fromLab($area->lab)->chroma;
            [$vivid, $found] = $chroma >= $vivid ? [$chroma, $area] : [$vivid, $found];
        }

        return $found;
    }

    /**
     * Where a spot could go: the smallest area whose colour is the painter's to choose and not kept.
     *
     * @param list<Coloured> $areas
     */
    private static function carrier(array $areas): ?Coloured
    {
        $most = self::most($areas);
        $found = null;
        foreach ($areas as $area) {
            $isOpen = !$area->fixed && MaterialRange::isFree($area->area->material) && $area->area->surfaceCm2 <= $most;
            if ($isOpen && ($found === null || $area->area->surfaceCm2 < $found->area->surfaceCm2)) {
                $found = $area;
            }
        }

        return $found;
    }

    /** @param list<Coloured> $areas */
    private static function nearest(array $areas, Lab $colour): ?Coloured
    {
        $found = null;
        $least = INF;
        foreach ($areas as $area) {
            $apart = $area->lab === null ? INF : Ciede2000::difference($area->lab, $colour);
            [$least, $found] = $apart < $least ? [$apart, $area] : [$least, $found];
        }

        return $found;
    }

    /** @param list<Coloured> $areas */
    private static function most(array $areas): float
    {
        return self::SPOT_SHARE * array_sum(array_map(static fn (Coloured $c): float => $c->area->surfaceCm2, $areas));
    }
}
