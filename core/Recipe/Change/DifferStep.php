<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\Who;

/** A step that differs on some figures: it stays for all the others, and a copy of it beside it is for them. */
final readonly class DifferStep implements PlanChange
{
    /** @param Who $for figures that are named */
    public function __construct(private string $key, private Who $for)
    {
    }

    public function on(Plan $plan): Plan
    {
        $at = $plan->at($this->key);
        $step = $plan->steps[$at];
        if (!$this->for->isChosen() || $step->scope->who->isChosen() || $step->scope->loop !== null) {
            throw RecipeProblem::cannotDiffer($step->technique->words());
        }
        $others = Who::except([...$step->scope->who->named, ...$this->for->named]);
        $steps = $plan->steps;
        array_splice($steps, $at, 1, [$step->for($others), $step->renamed($plan->freeKey($this->key))->for($this->for)]);

        return HardRules::kept($plan, $plan->withSteps($steps));
    }

    public function words(Plan $plan): string
    {
        return $plan->wordsOf($this->key).' differs on '.$this->for->words();
    }
}
