<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\StepOutcome;

/** A step to be done on a set of figures of one company, one after the other. */
final readonly class Task
{
    /**
     * @param string|null $area null for the whole figure
     * @param list<int> $figures numbers within the company, smallest first; none where nothing is left to do
     */
    private function __construct(public ?string $area, public PlannedStep $step, public array $figures, public Work $work)
    {
    }

    /** @param list<int> $figures */
    public static function of(?string $area, StepOutcome $outcome, array $figures): self
    {
        sort($figures);

        return new self($area, $outcome->step, $figures, Work::of($outcome, count($figures)));
    }

    /** Unlike that of any other step of the company. */
    public function id(): string
    {
        return ($this->area ?? 'all').':'.$this->step->key;
    }

    public function isDone(): bool
    {
        return $this->figures === [];
    }
}
