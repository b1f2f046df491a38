<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Word\Finding;

/** A line as it was told, and what was read out of it. */
final readonly class ToldLine
{
    /**
     * @param int $number from 1
     * @param list<PlannedStep> $steps what it says is to be done; none where it belongs to another line
     * @param list<Finding> $findings what was taken for granted
     * @param list<string> $doubts words that may be the name of a paint nobody owns, or mere words
     * @param int|null $belongs number of the line it says something more of; null where it stands for itself
     * @param list<string> $unread words of it that nothing was read out of: they stay as its note
     */
    public function __construct(
        public int $number,
        public string $said,
        public array $steps,
        public array $findings,
        public array $doubts,
        public ?int $belongs = null,
        public array $unread = [],
    ) {
    }

    /** @param list<PlannedStep> $steps */
    public function with(array $steps): self
    {
        return new self($this->number, $this->said, $steps, $this->findings, $this->doubts, $this->belongs, $this->unread);
    }
}
