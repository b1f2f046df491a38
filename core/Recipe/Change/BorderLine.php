<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Figure\Area;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Draft\AddedStep;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/** A dark line where an area meets another that it would run together with: on the smaller of the two, as it was chosen. */
final readonly class BorderLine
{
    /** Whether the line between two areas is painted with the first of them. */
    public static function isOn(Area $area, Area $other): bool
    {
        return $area->surfaceCm2 === $other->surfaceCm2 ? strcmp($area->id, $other->id) < 0 : $area->surfaceCm2 < $other->surfaceCm2;
    }

    /** The plan with its line, where the brief wants one and none is drawn yet. */
    public static function in(Plan $plan, Brief $brief): Plan
    {
        $isLined = array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->technique === Technique::Lining) !== [];
        if ($brief->linedTo === [] || $isLined || $plan->steps === []) {
            return $plan;
        }
        $palette = $brief->palette ?? new Palette($brief->shelf);
        $surface = $brief->surface();
        foreach (Simulation::run($plan->steps, $brief->area, $surface) as $outcome) {
            $surface = $outcome->look->after;
        }
        $line = (new AddedStep($palette, $plan, new Ladder($brief->intended, $brief->ladder), $brief->surface()))
            ->make(Technique::Lining, $surface, null, false)
            ->because(new Finding(
                'scheme.line',
                'As chosen on Scheme: a dark line parts it from {others}.',
                ['others' => implode(', ', array_map(mb_strtolower(...), $brief->linedTo))],
            ));

        return (new AddStep($line))->on($plan);
    }
}
