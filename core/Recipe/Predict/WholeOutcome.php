<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Figure\Area;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\WholeStep;

/** What a step over the whole figure takes, once for all areas it goes over. */
final class WholeOutcome
{
    /**
     * @param list<Area> $areas of the figure
     *
     * @return Area|null the largest of those it goes over, on which it is shown; null where it goes over none
     */
    public static function shownOn(WholeStep $each, array $areas): ?Area
    {
        $its = array_values(array_filter($areas, static fn (Area $a): bool => $each->isOn($a->id)));
        usort($its, static fn (Area $a, Area $b): int => $b->surfaceCm2 <=> $a->surfaceCm2);

        return $its[0] ?? null;
    }

    /**
     * @param list<Area> $areas of the figure
     * @param Look|null $look how it looks where it is shown; null where nothing is known yet
     */
    public static function of(WholeStep $each, array $areas, Area $shown, Surface $ground, ?Look $look): StepOutcome
    {
        $its = array_filter($areas, static fn (Area $a): bool => $each->isOn($a->id));
        $cm2 = array_sum(array_map(static fn (Area $a): float => $a->surfaceCm2, $its));
        $area = new Area('', 'Whole figure', $shown->material, $shown->relief, $cm2, $shown->depth, $shown->weight);
        $outcome = Simulation::step($each->step, $area, $look->below ?? $ground);

        return $look === null ? $outcome : $outcome->looking($look);
    }
}
