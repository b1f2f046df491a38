<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Figure\Area;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\StepOutcome;

/** The area beside, on which something was spilled or slipped: what it looks like, and the coat that is its own colour. */
final readonly class Neighbour
{
    /** @param list<StepOutcome> $outcomes of its recipe without the undercoat; may be none */
    public function __construct(public Area $area, public array $outcomes, private Surface $ground)
    {
    }

    public function look(): Surface
    {
        return $this->outcomes === [] ? $this->ground : $this->outcomes[count($this->outcomes) - 1]->look->after;
    }

    /** How its own colour, shade and light come over a spot again. */
    public function repair(Palette $palette): Repair
    {
        $steps = array_map(static fn (StepOutcome $o): PlannedStep => $o->step, $this->outcomes);

        return new Repair($this->outcomes, $this->ground, $this->area, $palette, new Plan($steps, []));
    }
}
