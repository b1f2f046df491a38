<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Film\Surface;

/** What the steps of an undercoat lead to, one over the other. */
final readonly class Undercoated
{
    /** @param non-empty-list<StepOutcome> $steps */
    public function __construct(public array $steps)
    {
    }

    /**
     * Out of all that lies on an area.
     *
     * @param list<StepOutcome> $outcomes the undercoat first
     */
    public static function below(array $outcomes): self
    {
        $steps = array_values(array_filter($outcomes, static fn (StepOutcome $o): bool => $o->step->isUndercoat()));

        return new self($steps !== [] ? $steps : throw new \LogicException('There is no undercoat below.'));
    }

    /**
     * What was laid over it, steps over the whole figure too.
     *
     * @param list<StepOutcome> $outcomes the undercoat first
     *
     * @return list<StepOutcome>
     */
    public static function above(array $outcomes): array
    {
        return array_values(array_filter($outcomes, static fn (StepOutcome $o): bool => !$o->step->isUndercoat()));
    }

    /**
     * The steps of the area itself.
     *
     * @param list<StepOutcome> $outcomes the undercoat first
     *
     * @return list<StepOutcome>
     */
    public static function ofArea(array $outcomes): array
    {
        return array_values(array_filter($outcomes, static fn (StepOutcome $o): bool => !$o->step->isOfFigure()));
    }

    public function surface(): Surface
    {
        return $this->last()->look->after;
    }

    /** ± of the surface (CIEDE2000). */
    public function certainty(): float
    {
        return $this->last()->look->certainty;
    }

    private function last(): StepOutcome
    {
        return $this->steps[count($this->steps) - 1];
    }
}
