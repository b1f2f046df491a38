<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Caution\Tool;

/** How the painter wants a step done, as far as that departs from what would be done without a word. */
final readonly class Handling
{
    public const MOST_COATS = 20;

    /**
     * @param int|null $coats null leaves the number to the film model
     * @param Tool|null $tool null for the usual one of the technique
     * @param string $note the painter's own words
     */
    public function __construct(
        public ?int $coats = null,
        public bool $omitted = false,
        public ?Tool $tool = null,
        public string $note = '',
    ) {
    }

    /**
     * @param int|null $coats 1..20; 0 or null hands the number back to the model
     *
     * @throws RecipeProblem
     */
    public function coated(?int $coats): self
    {
        if ($coats !== null && ($coats < 0 || $coats > self::MOST_COATS)) {
            throw RecipeProblem::coatsOutOfRange($coats);
        }

        return new self($coats === 0 ? null : $coats, $this->omitted, $this->tool, $this->note);
    }

    public function leftOut(bool $omitted): self
    {
        return new self($this->coats, $omitted, $this->tool, $this->note);
    }

    public function held(Tool $tool): self
    {
        return new self($this->coats, $this->omitted, $tool, $this->note);
    }

    public function noted(string $note): self
    {
        return new self($this->coats, $this->omitted, $this->tool, $note);
    }
}
