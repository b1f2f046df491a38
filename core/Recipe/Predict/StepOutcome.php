<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/** What one step leads to: the look, the work, what it takes, and why. */
final readonly class StepOutcome
{
    /**
     * @param Amount|null $amount null where nothing is measured in drops (spray cans, omitted steps, amounts left open)
     * @param list<Finding> $reasons
     * @param list<string> $cautions
     */
    public function __construct(
        public PlannedStep $step,
        public Look $look,
        public Labour $labour,
        public ?Amount $amount,
        public array $reasons = [],
        public array $cautions = [],
    ) {
    }

    /** The same of a step of which it was one round. */
    public function of(PlannedStep $step): self
    {
        return $step === $this->step
            ? $this
            : new self($step, $this->look, $this->labour, $this->amount, $this->reasons, $this->cautions);
    }

    /** The last of several rounds; the first began on what lay below it. */
    public function inRounds(int $rounds, self $before): self
    {
        return new self(
            $this->step,
            $this->look->from($before->look->below, $before->look->first ?? $before->look->after),
            $before->labour->andRound($this->labour, $rounds),
            $this->amount === null || $before->amount === null || $this->step->load->mix === null || $this->amount->meets !== null
                ? $this->amount
                : $before->amount->with($this->amount, $this->step->load->mix, $this->step->load->thinning),
            array_values(array_filter($this->reasons, static fn (Finding $f): bool => $f->about !== Reason::Once)),
            $this->cautions,
        );
    }

    /** The same with another look: that of the area it is shown on. */
    public function looking(Look $look): self
    {
        return new self($this->step, $look, $this->labour, $this->amount, $this->reasons, $this->cautions);
    }

    /** Minutes until the next step may begin, all coats and rounds counted: the coats of an undercoat go on wet in wet. */
    public function waiting(): int
    {
        if ($this->step->handling->omitted) {
            return 0;
        }

        return $this->labour->dryMinutes * (
            $this->step->isUndercoat()
            ? 1 : max(1, $this->labour->coats)
        ) * $this->labour->rounds;
    }

    /**
     * The step as it was really done, so that what it took can be counted.
     *
     * @param Mix|null $mix null where it was the planned one
     * @param Thinning|null $thinning null where it was the planned one
     * @param int|null $coats null where as many were laid as planned
     * @param int|null $rounds of its loop, null where it went round as often as planned
     *
     * @return self|null null where the plan measures nothing
     */
    public function asDone(?Mix $mix, ?Thinning $thinning, ?int $coats, ?int $rounds = null): ?self
    {
        $step = $mix === null ? $this->step : $this->step->withMix($mix);
        $step = $thinning === null ? $step : $step->thinned($thinning);
        if ($this->amount === null || $step->load->mix === null) {
            return null;
        }
        $laid = $coats ?? $this->labour->coats;
        $perCoatMl = ($this->amount->usedMl ?? 0.0) / max(1, $this->labour->coats) / $this->step->load->thinning->load()
            * ($rounds ?? $this->labour->rounds) / $this->labour->rounds;

        $applied = max(0.1, $perCoatMl * $laid * 1000);
        $amount = $step->load->meets === null
            ? Amount::of($step->load->mix, $step->load->thinning, $applied)
            : Amount::of($step->load->mix, $step->load->thinning, 0.5 * $applied)
                ->beside(Amount::of($step->load->meets, $step->load->thinning, 0.5 * $applied));

        return new self($step, $this->look, $this->labour->withCoats($laid), $amount);
    }
}
