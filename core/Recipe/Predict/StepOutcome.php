<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Caution\Tool;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Word\Finding;

/** What a planned step leads to: its look, its coats, its time, its amounts, and the reasons. */
final readonly class StepOutcome
{
    /**
     * @param int           $coats      planned by the painter, or computed
     * @param int|null      $computed   coats the film model asks for; null where it does not count them or 12 do not hide
     * @param float|null    $difference of the mix from the wanted colour, CIEDE2000; null where the step has no wanted colour
     * @param float         $certainty  of the look after it on the face the step is judged by, ± CIEDE2000
     * @param float         $minutes    hands-on, per figure
     * @param int           $dryMinutes after each coat, at 20 °C and 50 % humidity
     * @param Amount|null   $amount     null where nothing is measured in drops (spray cans, omitted steps, amounts left open)
     * @param list<Finding> $reasons
     * @param list<string>  $cautions
     * @param int           $rounds     of the loop it belongs to, 1 where there is none; minutes are those of all rounds
     */
    public function __construct(
        public PlannedStep $step,
        public Surface $below,
        public Surface $after,
        public int $coats,
        public ?int $computed,
        public ?float $difference,
        public float $certainty,
        public Tool $tool,
        public float $minutes,
        public int $dryMinutes,
        public ?Amount $amount,
        public array $reasons,
        public array $cautions,
        public int $rounds = 1,
    ) {
    }

    /** The last of several rounds, which began on this surface. */
    public function inRounds(int $rounds, Surface $below): self
    {
        return new self(
            $this->step,
            $below,
            $this->after,
            $this->coats,
            $this->computed,
            $this->difference,
            $this->certainty,
            $this->tool,
            $this->minutes * $rounds,
            $this->dryMinutes,
            $this->amount,
            $this->reasons,
            $this->cautions,
            $rounds,
        );
    }

    /** Minutes until the next step may begin, all coats and rounds counted. */
    public function waiting(): int
    {
        return $this->step->omitted ? 0 : $this->dryMinutes * ($this->step->key === 'undercoat' ? 1 : max(1, $this->coats)) * $this->rounds;
    }
}
