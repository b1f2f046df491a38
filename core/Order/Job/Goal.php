<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Technique\Level;

/** How far figures are brought: all of them to one level, some of them further. */
final readonly class Goal
{
    /**
     * @param list<int> $further numbers of figures that are brought to the second level
     * @param list<int> $none numbers of figures that are not begun
     * @param list<string> $without steps that are left out, as {@see StepRef} writes them
     */
    public function __construct(
        public Level $all,
        public ?Level $more = null,
        public array $further = [],
        public array $none = [],
        public array $without = [],
    ) {
    }

    /** The same with these steps left out too, as {@see StepRef} writes them. */
    public function without(string ...$steps): self
    {
        return new self($this->all, $this->more, $this->further, $this->none, array_values(array_unique([...$this->without, ...$steps])));
    }

    public function leavesOut(StepRef $step): bool
    {
        return in_array((string) $step, $this->without, true);
    }

    public function wants(Level $level, int $figure): bool
    {
        if (in_array($figure, $this->none, true)) {
            return false;
        }

        return $level->isWithin($this->more !== null && in_array($figure, $this->further, true) ? $this->more : $this->all);
    }
}
