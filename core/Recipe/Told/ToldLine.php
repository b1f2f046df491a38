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
     * @param list<LineQuestion> $questions what of it may be meant otherwise
     * @param list<array{words: string, as: string}> $pieces {@see ReadLine::$pieces}
     * @param bool $isSettled whether it is read as the painter chose before
     */
    public function __construct(
        public int $number,
        public string $said,
        public array $steps,
        public array $findings,
        public array $doubts,
        public ?int $belongs = null,
        public array $unread = [],
        public array $questions = [],
        public array $pieces = [],
        public bool $isSettled = false,
    ) {
    }

    /** @param list<PlannedStep> $steps */
    public function with(array $steps): self
    {
        return new self(
            $this->number,
            $this->said,
            $steps,
            $this->findings,
            $this->doubts,
            $this->belongs,
            $this->unread,
            $this->questions,
            $this->pieces,
            $this->isSettled,
        );
    }

    /**
     * With what a clause of it says beside its steps; what is found twice is said once.
     *
     * @param list<Finding> $findings
     * @param list<string> $doubts
     * @param list<string> $unread
     * @param list<LineQuestion> $questions
     */
    public function adding(array $findings = [], array $doubts = [], array $unread = [], array $questions = []): self
    {
        $said = [];
        foreach ([...$this->findings, ...$findings] as $finding) {
            $said[$finding->sentence()] ??= $finding;
        }

        return new self(
            $this->number,
            $this->said,
            $this->steps,
            array_values($said),
            [...$this->doubts, ...$doubts],
            $this->belongs,
            [...$this->unread, ...$unread],
            [...$this->questions, ...$questions],
            $this->pieces,
            $this->isSettled,
        );
    }

    public function of(?int $belongs): self
    {
        return new self(
            $this->number,
            $this->said,
            $this->steps,
            $this->findings,
            $this->doubts,
            $belongs,
            $this->unread,
            $this->questions,
            $this->pieces,
            $this->isSettled,
        );
    }
}
