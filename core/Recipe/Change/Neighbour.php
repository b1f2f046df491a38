<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Figure\Area;
use Kalokroma\Film\Surface;
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

    /** Its last coat of its own colour; null where it has none yet. */
    public function base(): ?PlannedStep
    {
        $found = null;
        foreach ($this->outcomes as $outcome) {
            $found = !$outcome->step->handling->omitted
                && $outcome->step->technique->isBase()
                && $outcome->step->load->mix !== null ? $outcome->step : $found;
        }

        return $found;
    }
}
