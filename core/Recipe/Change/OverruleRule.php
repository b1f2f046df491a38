<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Plan\Plan;

/** A soft rule set aside, or let speak again. */
final readonly class OverruleRule implements PlanChange
{
    /** @param string $rule as `code@step` */
    public function __construct(private string $rule, private bool $overruled)
    {
    }

    public function on(Plan $plan): Plan
    {
        $kept = array_values(array_filter($plan->overruled, fn (string $r): bool => $r !== $this->rule));

        return $plan->withOverruled($this->overruled ? [...$kept, $this->rule] : $kept);
    }

    public function words(Plan $plan): string
    {
        return 'a rule '.($this->overruled ? 'set aside' : 'followed again');
    }
}
