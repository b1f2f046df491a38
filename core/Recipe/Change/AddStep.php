<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Technique\Technique;

/** A step more. */
final readonly class AddStep implements PlanChange
{
    public const MOST_STEPS = 40;

    /** @param string|null $after key of the step it follows; null for its place in the order of work */
    public function __construct(private PlannedStep $step, private ?string $after = null)
    {
    }

    public function on(Plan $plan): Plan
    {
        if ($this->step->technique === Technique::Undercoat) {
            throw RecipeProblem::undercoatOnce();
        }
        if (count($plan->steps) >= self::MOST_STEPS) {
            throw RecipeProblem::tooManySteps(self::MOST_STEPS);
        }
        $at = $this->after === null ? $this->place($plan) : $plan->at($this->after) + 1;
        $steps = $plan->steps;
        array_splice($steps, $at, 0, [$this->step]);

        return HardRules::kept($plan, $plan->withSteps($steps));
    }

    public function words(Plan $plan): string
    {
        return 'added '.$this->step->technique->words();
    }

    /** Where it belongs: behind the last of its place in the order of work, or an earlier one. */
    private function place(Plan $plan): int
    {
        $at = 0;
        foreach ($plan->steps as $i => $other) {
            if ($other->technique->facts()->at->rank() <= $this->step->technique->facts()->at->rank()) {
                $at = $i + 1;
            }
        }

        return $at;
    }
}
