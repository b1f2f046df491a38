<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Pigment;

/** One paint of the shelf, as far as computing with it needs to know. */
final class Paint
{
    private ?Pigment $pigment = null;

    /**
     * @param Reflectance|null $colour full hide, or one coat over white for stain, wash and ink; null without colour
     * @param float|null       $leftMl millilitres left; null where nobody said
     */
    public function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly string $line,
        public readonly Behaviour $behaviour,
        public readonly ?Reflectance $colour,
        public readonly bool $owned = true,
        public readonly ?float $leftMl = null,
    ) {
    }

    /** Owned and not known to be empty. */
    public function isAtHand(): bool
    {
        return $this->owned && ($this->leftMl === null || $this->leftMl > 0.0);
    }

    /** @throws ShelfProblem where the paint has no colour */
    public function pigment(): Pigment
    {
        if ($this->colour === null) {
            throw ShelfProblem::withoutColour($this->name);
        }

        return $this->pigment ??= $this->behaviour->isTransparent()
            ? Pigment::transparent($this->colour)
            : Pigment::covering($this->colour, $this->behaviour->hiding());
    }
}
