<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;

/** A step less; a loop that began with it begins with the next. */
final readonly class DropStep implements PlanChange
{
    public function __construct(private string $key)
    {
    }

    public function on(Plan $plan): Plan
    {
        $at = $plan->at($this->key);
        $steps = $plan->steps;
        array_splice($steps, $at, 1);
        $next = $steps[$at]->key->value ?? null;
        $steps = array_map(function (PlannedStep $s) use ($next): PlannedStep {
            $loop = $s->scope->loop;

            return $loop === null || $loop->from !== $this->key || $next === null ? $s : $s->looped($loop->startingAt($next));
        }, $steps);

        return HardRules::kept($plan, $plan->withSteps($steps));
    }

    public function words(Plan $plan): string
    {
        return 'dropped '.$plan->wordsOf($this->key);
    }
}
