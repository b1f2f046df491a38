<?php

declare(strict_types=1);

namespace App\Workshop\Record;

use App\Models\AreaRow;
use Kalokroma\Recipe\Predict\StepOutcome;

/** One step as it stands at the bench: of an area, or of the whole figure. */
final readonly class BenchStep
{
    /** @param AreaRow|null $area null for the whole figure */
    public function __construct(public ?AreaRow $area, public StepOutcome $outcome)
    {
    }

    /** The area as the records know it. */
    public function areaId(): ?string
    {
        return $this->area === null ? null : (string) $this->area->id;
    }

    /** Unlike that of any other step of the company. */
    public function id(): string
    {
        return ($this->areaId() ?? 'all').':'.$this->outcome->step->key->value;
    }

    public function isOf(?AreaRow $area, string $key): bool
    {
        return $this->area?->id === $area?->id && $this->outcome->step->key->value === $key;
    }
}
