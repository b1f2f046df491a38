<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Recipe\Plan\PlannedStep;

/** What a step takes from its bottles, and how near its mix comes: all that buying and counting need of a prediction. */
final readonly class Taken
{
    /**
     * @param float|null $usedMl undiluted paint one figure takes, without waste, ml; null where nothing is measured
     * @param float|null $difference of the mix from the wanted colour, CIEDE2000; null where the step has no wanted colour
     */
    public function __construct(public PlannedStep $step, public ?float $usedMl, public ?float $difference)
    {
    }

    public static function by(StepOutcome $outcome): self
    {
        return new self($outcome->step, $outcome->amount?->usedMl, $outcome->look->difference);
    }

    /**
     * Paint that the step takes for so many figures at one go, waste included, ml; two mixes that meet take half of it each.
     *
     * @param float $share of all its coats, 0 < share ≤ 1
     *
     * @return array<int|string, float> by the paint's id
     */
    public function ml(int $figures, float $share = 1.0): array
    {
        $mixes = $this->step->load->mixes();
        if ($this->usedMl === null || $mixes === []) {
            return [];
        }
        $load = $this->step->load->thinning->load();
        $mixed = Amount::neededUl($this->usedMl / count($mixes) * 1000 / $load, $figures) * $load / 1000 * $share;
        $used = [];
        foreach ($mixes as $mix) {
            foreach ($mix->parts as $part) {
                if ($part->paint->id !== '') {
                    $used[$part->paint->id] = ($used[$part->paint->id] ?? 0.0) + $mixed * $part->parts / $mix->totalParts();
                }
            }
        }

        return $used;
    }
}
