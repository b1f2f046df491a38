<?php

declare(strict_types=1);

namespace App\Workshop\Record;

use App\Models\AreaRow;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\StepOutcome;

/** One step as it stands at the bench: of an area, or of the whole figure. */
final readonly class BenchStep
{
    private StepRef $ref;

    /** @param AreaRow|null $area null for the whole figure */
    public function __construct(public ?AreaRow $area, public StepOutcome $outcome)
    {
        $this->ref = StepRef::of($area?->id, $outcome->step->key);
    }

    public function ref(): StepRef
    {
        return $this->ref;
    }

    public function isOf(?AreaRow $area, string $key): bool
    {
        return $this->ref()->is(StepRef::of($area?->id, $key));
    }
}
