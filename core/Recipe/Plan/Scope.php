<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Recipe\Technique\Level;

/** Where a step goes, on which figures, up to which level of finish, and in how many rounds. */
final readonly class Scope
{
    /**
     * @param Level|null $level null for the usual one of the technique
     * @param Loop|null $loop carried by the last step of the loop
     * @param bool $whole whether it goes over the whole figure at once
     */
    public function __construct(
        public Place $place = new Place(),
        public Who $who = new Who(),
        public ?Level $level = null,
        public ?Loop $loop = null,
        public bool $whole = false,
    ) {
    }

    public function at(Place $place): self
    {
        return new self($place, $this->who, $this->level, $this->loop, $this->whole);
    }

    public function for(Who $who): self
    {
        return new self($this->place, $who, $this->level, $this->loop, $this->whole);
    }

    public function upTo(Level $level): self
    {
        return new self($this->place, $this->who, $level, $this->loop, $this->whole);
    }

    public function looped(?Loop $loop): self
    {
        return new self($this->place, $this->who, $this->level, $loop, $this->whole);
    }

    public function overTheFigure(): self
    {
        return new self($this->place, $this->who, $this->level, $this->loop, true);
    }
}
