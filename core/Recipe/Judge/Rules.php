<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Judge;

use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;

/** All rules of the craft that a recipe breaks, with what the painter overruled told apart. */
final class Rules
{
    /**
     * Whether an area is painted with stains, glazes or inks, not only shaded with one: then a light sketch below it is meant to show.
     *
     * @param list<StepOutcome> $outcomes
     */
    public static function isTransparent(array $outcomes): bool
    {
        foreach ($outcomes as $outcome) {
            $step = $outcome->step;
            $isClear = $step->technique === Technique::Stain
                || $step->technique === Technique::Glaze
                || ($step->load->mix?->first()->behaviour === Behaviour::Ink && !$step->technique->isWash());
            if ($isClear && !$step->handling->omitted) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<StepOutcome> $outcomes of the plan's steps, without the undercoat
     *
     * @return list<array{mark: Mark, overruled: bool}> in the order of the steps
     */
    public static function judge(Plan $plan, array $outcomes, Area $area, Equipment $equipment, ?Oklch $intended = null): array
    {
        $marks = OrderRules::broken($plan->steps);
        $area = $area->sketchUsually(self::isTransparent($outcomes));
        $onStone = false;
        foreach ($outcomes as $outcome) {
            $marks = [...$marks, ...StepRules::broken($outcome, $area, $equipment, $intended, $onStone)];
            $onStone = $onStone || $outcome->step->technique === Technique::SteppingStone;
        }
        $places = array_flip(array_map(static fn (PlannedStep $s): string => $s->key->value, $plan->steps));
        usort($marks, static fn (Mark $a, Mark $b): int => ($places[$a->key] ?? 0) <=> ($places[$b->key] ?? 0) ?: $a->code <=> $b->code);

        return array_map(static fn (Mark $m): array => ['mark' => $m, 'overruled' => in_array($m->id(), $plan->overruled, true)], $marks);
    }
}
