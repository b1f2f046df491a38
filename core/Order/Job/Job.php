<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use Kalokroma\Caution\Tool;
use Kalokroma\Figure\Area;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Position;

/** One go at one step: some figures one after the other, one coat or round of it, begun and ended without a break. */
final readonly class Job
{
    /**
     * @param string $id unlike that of any other job of the plan
     * @param string $step id of the step on its company: the same for all its goes
     * @param Area|null $area null for the whole figure
     * @param list<int> $figures in the order they are painted in
     * @param int $go which coat or round this is, from 1
     * @param int $goes how many there are
     * @param float $first minutes for one figure in its first coat
     * @param float $last minutes for one figure in its last coat
     * @param int $minutes whole ones, on all figures, the loading of the brush left out where a mix is loaded
     * @param string $setUp tool and mix that have to stand ready; empty for none
     * @param int|null $latest minutes after which it is too late for what belongs to it
     * @param bool $late whether it waits until everything is painted, although its technique comes earlier as a rule
     * @param int $panel which panel of a large figure it is done on, from 1
     * @param int $panels how many there are, 1 where the figure is done whole
     */
    public function __construct(
        public string $id,
        public string $step,
        public CompanyWork $company,
        public ?Area $area,
        public StepOutcome $outcome,
        public array $figures,
        public int $go,
        public int $goes,
        public float $first,
        public float $last,
        public int $minutes,
        public DryingTime $drying,
        public string $setUp,
        public ?int $latest = null,
        public bool $late = false,
        public int $panel = 1,
        public int $panels = 1,
    ) {
    }

    public function ref(): StepRef
    {
        return StepRef::of($this->area?->id, $this->outcome->step->key);
    }

    public function planned(): PlannedStep
    {
        return $this->outcome->step;
    }

    public function level(): Level
    {
        return $this->outcome->step->level();
    }

    /** Its place in the order of work, {@see Position::rank()}. */
    public function rank(): int
    {
        $usual = $this->outcome->step->technique->facts()->at->rank();

        return $this->late ? max($usual, Position::Effect->rank()) : $usual;
    }

    public function isAt(Position ...$places): bool
    {
        return in_array($this->outcome->step->technique->facts()->at, $places, true);
    }

    public function isBefore(Position $place): bool
    {
        return $this->rank() < $place->rank();
    }

    public function isSprayed(): bool
    {
        return in_array($this->outcome->labour->tool, [Tool::Airbrush, Tool::SprayCan], true);
    }

    /** Whether both are done on the same figures, or some of them: of two that go panel by panel on the same panel. */
    public function shares(self $other): bool
    {
        return $this->company->id === $other->company->id && array_intersect($this->figures, $other->figures) !== []
            && ($this->panel === $other->panel || $this->panels !== $other->panels);
    }

    /**
     * Minutes from the end of this one to the start of another on the same figures, so that each is dry by then. Two washes of one family
     * that are wiped together lie on at once.
     */
    public function waitFor(self $next): int
    {
        $isOneWash = $this->latest !== null && Follows::isOneWash($this->planned()->technique, $next->planned()->technique);

        return $isOneWash ? 0 : InRow::wait($this->drying->minutes, $this->last, $next->first, $this->figures, $next->figures);
    }

    /** Minutes after the end of this one at which what belongs to it begins at the latest; null where it may wait for ever. */
    public function latestFor(self $next): ?int
    {
        return $this->latest === null ? null : InRow::latest($this->latest, $this->last, $next->first, count($this->figures));
    }

    /** "Oilskin coat: basecoat, coat 2 of 3"; "Undercoat: Grey Ground". */
    public function words(): string
    {
        return $this->stepWords()
            .($this->goes === 1 ? '' : sprintf(', %s %d of %d', $this->isRound() ? 'round' : 'coat', $this->go, $this->goes))
            .($this->panels === 1 ? '' : sprintf(', panel %d of %d', $this->panel, $this->panels));
    }

    /** The same whichever coat or round it is. */
    public function stepWords(): string
    {
        $step = $this->outcome->step;

        return $step->isUndercoat()
            ? 'Undercoat: '.$step->words()
            : ($this->area->name ?? 'Whole figure').': '.$step->technique->words();
    }

    private function isRound(): bool
    {
        return $this->outcome->labour->rounds > 1;
    }
}
