<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use Kalokroma\Order\Sheet;
use Kalokroma\Order\Task;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Word\Ranges;

/** One step of a sitting: on some figures of one company, all its coats that belong to this sitting. */
final readonly class SittingStep
{
    /** Minutes that a painter waits at the table for something to dry. */
    private const SAT_THROUGH = 60;

    /**
     * @param string $company its id
     * @param list<int> $figures numbers within the company, smallest first
     * @param int $minutes of work on all of them
     * @param string $name of the area, or "Whole figure"
     * @param int $goes coats or rounds of it in this sitting; as many as the step has, where nobody split it: one for each panel
     * @param int $panels that a large figure is done in
     * @param list<int> $on which of them are done in this sitting; empty for all
     */
    public function __construct(
        public string $company,
        public StepRef $ref,
        public StepOutcome $outcome,
        public array $figures,
        public int $minutes,
        public int $goes,
        public string $name = 'Whole figure',
        public int $panels = 1,
        public array $on = [],
    ) {
    }

    /**
     * A sitting of the running order, each step once, in the order they are begun in.
     *
     * @return list<self>
     */
    public static function of(Sheet $sheet): array
    {
        $found = [];
        foreach ($sheet->jobs as $ordered) {
            $job = $ordered->job;
            $before = $found[$job->step] ?? null;
            $figures = array_values(array_unique([...$before->figures ?? [], ...$job->figures]));
            sort($figures);
            $found[$job->step] = new self(
                $job->company->id,
                $job->ref(),
                $job->outcome,
                $figures,
                ($before->minutes ?? 0) + $job->minutes,
                $before === null || $before->figures === $figures ? ($before->goes ?? 0) + 1 : $before->goes,
                $job->area->name ?? 'Whole figure',
                $job->panels,
                $job->panels === 1 ? [] : array_values(array_unique([...$before->on ?? [], $job->panel])),
            );
        }

        return array_values($found);
    }

    /**
     * The first of these that can be done at one sitting: as far as a wait that nobody sits through, where nothing has to follow in time.
     *
     * @param list<self> $steps of one area or figure, from the ground up
     *
     * @return list<self>
     */
    public static function atOneSitting(array $steps): array
    {
        $found = [];
        foreach ($steps as $step) {
            $found[] = $step;
            if ($step->outcome->labour->dryMinutes > self::SAT_THROUGH && $step->outcome->step->technique->facts()->latest === null) {
                break;
            }
        }

        return $found;
    }

    /** All that is left of a step, on all figures that lack it. */
    public static function whole(string $company, Task $task, StepOutcome $outcome, string $name): self
    {
        return new self(
            $company,
            $task->ref,
            $outcome,
            $task->figures,
            (int) max(1, round($task->work->handsOnMinutes)),
            $outcome->labour->coats * $outcome->labour->rounds,
            $name,
        );
    }

    /** "Coat, wash"; "Undercoat" where it is the whole figure. */
    public function words(): string
    {
        $technique = $this->outcome->step->technique->words();

        return ($this->ref->isOfFigure() ? ucfirst($technique) : $this->name.', '.$technique).$this->panelled();
    }

    /** ", panel 2 of 4"; empty where it is done whole, or all of it in this sitting. */
    private function panelled(): string
    {
        return $this->on === [] || count($this->on) >= $this->panels ? '' : sprintf(
            ', %s %s of %d',
            count($this->on) > 1 ? 'panels' : 'panel',
            Ranges::words($this->on),
            $this->panels,
        );
    }

    /** The same inside a sentence: "wash on coat". */
    public function said(): string
    {
        $technique = $this->outcome->step->technique->words();

        return $this->ref->isOfFigure() ? $technique : $technique.' on '.mb_strtolower($this->name);
    }

    /** Share of the step's coats and rounds that belong to this sitting, 0 < share ≤ 1. */
    public function share(): float
    {
        return min(1.0, $this->goes / max(1, $this->outcome->labour->coats * $this->outcome->labour->rounds * $this->panels));
    }

    /** Thinned mix that goes on its figures in this sitting, µl; 0 where nothing is measured. */
    public function appliedUl(): float
    {
        return Pot::perFigureUl($this->outcome) * count($this->outcome->step->load->mixes()) * count($this->figures) * $this->share();
    }
}
