<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Colour\Oklch;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Technique\Technique;

/** A step more of this technique, aimed at what it is for on the area where it goes. */
final readonly class MakeStep implements PlanChange
{
    /**
     * @param string|null $after key of the step it follows; null for its place in the order of work
     * @param Oklch|null $colour what the painter names for it
     * @param StepChange|null $more what the painter wants otherwise than it would be made
     *
     * @throws RecipeProblem
     */
    public function __construct(
        private Technique $technique,
        private StepMaking $making,
        private ?string $after = null,
        private ?Oklch $colour = null,
        private ?StepChange $more = null,
    ) {
        if ($technique === Technique::Undercoat) {
            throw RecipeProblem::undercoatOnce();
        }
    }

    public function on(Plan $plan): Plan
    {
        $made = $this->making->step($plan, $this->technique, $this->after, $this->colour);

        return (new AddStep($this->more === null ? $made : $this->more->of($made), $this->after))->on($plan);
    }

    public function words(Plan $plan): string
    {
        return 'added '.$this->technique->words();
    }
}
