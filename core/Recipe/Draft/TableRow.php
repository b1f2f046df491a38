<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/** What is done in one slot of a draft, and why; or why nothing is. */
final readonly class TableRow
{
    /**
     * @param Technique|null $technique null where it is left out
     * @param int $nth of the steps of this kind, from 1
     * @param int $of so many
     * @param Level|null $level that it is for; null for that of its technique
     */
    public function __construct(
        public Slot $slot,
        public ?Technique $technique,
        public Finding $reason,
        public int $nth = 1,
        public int $of = 1,
        public ?Level $level = null,
    ) {
    }

    public function without(Finding $reason): self
    {
        return new self($this->slot, null, $reason);
    }

    public function as(Technique $technique): self
    {
        return new self($this->slot, $technique, $this->reason, $this->nth, $this->of, $this->level);
    }

    public function because(Finding $reason): self
    {
        return new self($this->slot, $this->technique, $reason, $this->nth, $this->of, $this->level);
    }

    public function nth(int $nth, int $of, ?Level $level): self
    {
        return new self($this->slot, $this->technique, $this->reason, $nth, $of, $level);
    }
}
