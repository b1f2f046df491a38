<?php

declare(strict_types=1);

namespace Kalokroma\Record;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;

/** One thing that was done to some figures of a company, as far as it was planned. */
final readonly class Done
{
    /**
     * @param StepRef $ref the step it was planned as
     * @param list<int> $figures numbers within the company
     * @param Substance|null $as what was planned for it then; null where nobody wrote it down
     * @param list<Substance> $also what it counts as besides: where the plan of the others was changed after it, it stays done
     */
    public function __construct(
        public StepRef $ref,
        public array $figures,
        public ?Substance $as,
        public array $also = [],
    ) {
    }

    /**
     * The same on all figures but these.
     *
     * @param list<int> $figures
     */
    public function without(array $figures): self
    {
        return new self($this->ref, array_values(array_diff($this->figures, $figures)), $this->as, $this->also);
    }

    /** Whether a figure that has this has the step as it is planned now. */
    public function isOf(PlannedStep $step): bool
    {
        return $this->as === null || $this->as->isOf($step)
            || array_filter($this->also, static fn (Substance $s): bool => $s->isOf($step)) !== [];
    }
}
