<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Judge;

use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Shelf\Equipment;

/** All rules of the craft that a recipe breaks, with what the painter overruled told apart. */
final class Rules
{
    /**
     * @param list<StepOutcome> $outcomes of the plan's steps, without the undercoat
     *
     * @return list<array{mark: Mark, overruled: bool}> in the order of the steps
     */
    public static function judge(Plan $plan, array $outcomes, Area $area, Equipment $equipment, ?Oklch $intended = null): array
    {
        $marks = OrderRules::broken($plan->steps);
        foreach ($outcomes as $outcome) {
            $marks = [...$marks, ...StepRules::broken($outcome, $area, $equipment, $intended)];
        }
        $places = array_flip(array_map(static fn (PlannedStep $s): string => $s->key->value, $plan->steps));
        usort($marks, static fn (Mark $a, Mark $b): int => ($places[$a->key] ?? 0) <=> ($places[$b->key] ?? 0) ?: $a->code <=> $b->code);

        return array_map(static fn (Mark $m): array => ['mark' => $m, 'overruled' => in_array($m->id(), $plan->overruled, true)], $marks);
    }
}
