<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use Kalokroma\Recipe\Predict\StepOutcome;

/** A step over the whole figure with what it takes for all areas together. */
final readonly class WholeWork
{
    /** @param bool $late whether it waits until everything is painted */
    public function __construct(public StepOutcome $outcome, public bool $late)
    {
    }
}
