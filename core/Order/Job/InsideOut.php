<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use Kalokroma\Figure\Area;

/** The order of areas for one figure painted area by area: inner before outer, then large before small. */
final class InsideOut
{
    /**
     * @param list<Area> $areas
     *
     * @return list<Area>
     */
    public static function of(array $areas): array
    {
        usort($areas, static fn (Area $a, Area $b): int => $a->depth <=> $b->depth
            ?: $b->surfaceCm2 <=> $a->surfaceCm2
            ?: $a->name <=> $b->name);

        return $areas;
    }
}
