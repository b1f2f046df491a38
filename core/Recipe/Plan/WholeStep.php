<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Recipe\Technique\Position;

/** A step over the whole figure, entered once: it stands in the recipe of every area where it belongs. */
final readonly class WholeStep
{
    /** Areas smaller than this are tiny details, cm². */
    public const TINY_CM2 = 0.5;

    public PlannedStep $step;

    /**
     * @param list<string> $without ids of the areas it is not done on
     * @param bool $late whether it waits until everything is painted; else it stands at the usual place of its technique
     */
    public function __construct(PlannedStep $step, public array $without = [], public bool $late = false)
    {
        $this->step = $step->overTheFigure();
    }

    public function isOn(string $area): bool
    {
        return !in_array($area, $this->without, true);
    }

    public function with(PlannedStep $step): self
    {
        return new self($step, $this->without, $this->late);
    }

    /** Its place among the steps of an area, {@see Position::rank()}. */
    public function rank(): int
    {
        $usual = $this->step->technique->facts()->at->rank();

        return $this->late ? max($usual, Position::Effect->rank()) : $usual;
    }
}
