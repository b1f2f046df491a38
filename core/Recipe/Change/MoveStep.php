<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;

/** A step at another place in the order. */
final readonly class MoveStep implements PlanChange
{
    /** @param int $to place from 0, counted without the step itself */
    public function __construct(private string $key, private int $to)
    {
    }

    public function on(Plan $plan): Plan
    {
        $at = $plan->at($this->key);
        if ($this->to < 0 || $this->to >= count($plan->steps)) {
            throw RecipeProblem::noSuchPlaceInOrder($this->to, count($plan->steps));
        }
        $steps = $plan->steps;
        $taken = array_splice($steps, $at, 1);
        array_splice($steps, $this->to, 0, $taken);

        return HardRules::kept($plan, $plan->withSteps($steps));
    }

    public function words(Plan $plan): string
    {
        return 'moved '.$plan->wordsOf($this->key);
    }
}
