<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Colour\Oklch;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;

/** Who knows an area well enough to make a step for it: its ground, its colours, what stands on the shelf. */
interface StepMaking
{
    /**
     * @param string|null $after key of the step it follows; null for its place in the order of work
     * @param Oklch|null $colour what the painter names for it
     */
    public function step(Plan $plan, Technique $technique, ?string $after, ?Oklch $colour): PlannedStep;
}
