<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Film\Surface;

/** How an area looks before and after a step, and how far that is to be trusted. */
final readonly class Look
{
    /**
     * @param float|null $difference of the mix from the wanted colour, CIEDE2000; null where the step has no wanted colour
     * @param float $certainty of the look after it on the face the step is judged by, ± CIEDE2000
     * @param Surface|null $zone after it where the step went alone; null where it went everywhere
     * @param Surface|null $first after the first of several rounds; null where there is one
     */
    public function __construct(
        public Surface $below,
        public Surface $after,
        public ?float $difference,
        public float $certainty,
        public ?Surface $zone = null,
        public ?Surface $first = null,
    ) {
    }

    /** The same, begun on another surface: the last of several rounds. */
    public function from(Surface $below, Surface $first): self
    {
        return new self($below, $this->after, $this->difference, $this->certainty, $this->zone, $first);
    }
}
