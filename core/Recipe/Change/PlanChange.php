<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Judge\Rules;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;

/** One change of the recipe of an area. Soft rules are only marked afterwards, {@see Rules}. */
interface PlanChange
{
    /**
     * The plan after it.
     *
     * @throws RecipeProblem where it cannot be, or breaks a hard rule that held before
     */
    public function on(Plan $plan): Plan;

    /** What it does to this plan, in a few words, for undoing. */
    public function words(Plan $plan): string;
}
