<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;

/** One step of a recipe done, changed or dropped in the recipes of other areas too. */
final class Elsewhere
{
    /** The step of another recipe that is this one there: of the same key and kind, else the first of its kind. */
    public static function twin(Plan $plan, PlannedStep $like): ?PlannedStep
    {
        $found = null;
        foreach ($plan->steps as $step) {
            if ($step->technique === $like->technique) {
                if ($step->key->is($like->key)) {
                    return $step;
                }
                $found ??= $step;
            }
        }

        return $found;
    }

    /** How it is done there as here: place, figures, level, coats, tool and all else but paint, thinning and loop. */
    public static function alike(Plan $plan, PlannedStep $like): ?Plan
    {
        $twin = self::twin($plan, $like);

        if ($twin === null) {
            return null;
        }
        $isThinnedAlike = $twin->load->thinning->equals($like->load->thinning) || $twin->load->mix === null;

        return (new StepChange(
            $twin->key->value,
            thinned: $isThinnedAlike ? null : [$like->load->thinning, null, null],
            place: $like->scope->place,
            who: $like->scope->who,
            level: $like->level(),
            handling: $like->handling->all(),
        ))->on($plan);
    }

    /** Null where there is no such step. */
    public static function dropped(Plan $plan, PlannedStep $like): ?Plan
    {
        $twin = self::twin($plan, $like);

        return $twin === null ? null : (new DropStep($twin->key->value))->on($plan);
    }

    /**
     * The same step there too, at its place in the order of work.
     *
     * @param PlannedStep $made in the colours of that area
     *
     * @throws RecipeProblem
     */
    public static function added(Plan $plan, PlannedStep $made, PlannedStep $like): Plan
    {
        $key = $plan->freeKey($like->key->value);

        $there = $made->renamed($key)->at($like->scope->place)->for($like->scope->who)->withHandling($like->handling);

        return (new AddStep($there))->on($plan);
    }
}
