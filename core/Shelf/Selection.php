<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Film\Sheen;

/** Which paints of a shelf may be used for a match. */
final readonly class Selection
{
    /**
     * @param list<Behaviour> $behaviours
     * @param list<Sheen> $sheens empty for any
     * @param float $leastMl to be left of a paint; a paint of which nobody said how much is left passes
     * @param list<string> $excluded ids
     * @param bool $atHand only what is owned and not empty
     */
    public function __construct(
        public array $behaviours = [Behaviour::Opaque, Behaviour::SemiOpaque],
        public array $sheens = [],
        public float $leastMl = 0.0,
        public array $excluded = [],
        public bool $atHand = true,
    ) {
    }

    /**
     * @param list<Paint> $shelf
     *
     * @return list<Paint> with a colour, in the order of the shelf
     */
    public function of(array $shelf): array
    {
        return array_values(array_filter($shelf, fn (Paint $p): bool => $p->colour !== null
            && in_array($p->behaviour, $this->behaviours, true)
            && ($this->sheens === [] || in_array($p->sheen, $this->sheens, true))
            && ($p->leftMl === null || $p->leftMl >= $this->leastMl)
            && !in_array($p->id, $this->excluded, true)
            && (!$this->atHand || $p->isAtHand())));
    }
}
