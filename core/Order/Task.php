<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\StepOutcome;

/** A step to be done on a set of figures of one company, one after the other. */
final readonly class Task
{
    /**
     * @param list<int> $figures numbers within the company, smallest first; none where nothing is left to do
     */
    private function __construct(public StepRef $ref, public PlannedStep $step, public array $figures, public Work $work)
    {
    }

    /** @param list<int> $figures */
    public static function of(StepRef $ref, StepOutcome $outcome, array $figures): self
    {
        sort($figures);

        return new self($ref, $outcome->step, $figures, Work::of($outcome, count($figures)));
    }

    public function isDone(): bool
    {
        return $this->figures === [];
    }
}
