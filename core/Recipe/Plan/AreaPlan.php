<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Technique\Way;

/** How one area is to be painted, and for what that was drafted: the area may be wanted otherwise by now. */
final readonly class AreaPlan
{
    /**
     * @param string $draftedColour the colour that was wanted then, #rrggbb
     * @param Relief $relief what the area was like then
     * @param Material $material the same
     */
    public function __construct(
        public Plan $plan,
        public string $draftedColour,
        public Way $way,
        public LadderWish $wish,
        public Relief $relief,
        public Material $material,
    ) {
    }

    public function with(Plan $plan): self
    {
        return new self($plan, $this->draftedColour, $this->way, $this->wish, $this->relief, $this->material);
    }

    /** The same plan for this colour. */
    public function for(string $colour): self
    {
        return new self($this->plan, $colour, $this->way, $this->wish, $this->relief, $this->material);
    }

    /** In another way of painting. */
    public function by(Way $way): self
    {
        return new self($this->plan, $this->draftedColour, $way, $this->wish, $this->relief, $this->material);
    }

    /** @return list<string> keys its steps have, or ever had */
    public function keys(): array
    {
        return array_values(array_unique([
            ...$this->plan->given,
            ...array_map(static fn (PlannedStep $s): string => $s->key->value, $this->plan->steps),
        ]));
    }
}
