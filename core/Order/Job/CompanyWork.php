<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use Closure;
use Kalokroma\Figure\Area;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\StepOutcome;

/** What one company still asks of the painter: its figures, its areas with their recipes, and what is done to whole figures. */
final readonly class CompanyWork
{
    /** @var array<string, array<string, true>> by id of an area: those beside it */
    private array $beside;

    /**
     * @param string $id unlike that of any other company of the plan
     * @param int $count figures, 1..99; the first `$leaders` of them lead
     * @param list<Area> $areas
     * @param list<array{0: string, 1: string}> $touching ids of areas side by side
     * @param list<StepOutcome> $undercoat in its order
     * @param array<array-key, list<StepOutcome>> $recipes by id of the area, from the ground up, those of the whole figure among them
     * @param array<string, WholeWork> $whole steps over the whole figure, by key
     * @param Closure(StepRef, PlannedStep, list<int>): list<int>|null $left figures that still lack a step; null for all
     * @param list<Wet> $wet what was painted and is not dry yet
     * @param int $priority 1 is painted before 2 where both want the same evening
     * @param Closure(StepRef, PlannedStep, list<int>): (int|float)|null $had coats of a step that all of these figures have
     *     already, although they still lack it; null for none
     * @param bool $fieldableFirst whether all figures are brought to fieldable before any is finished
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $count,
        public int $leaders,
        public array $areas,
        array $touching,
        public array $undercoat,
        public array $recipes,
        public array $whole = [],
        private ?Closure $left = null,
        public int $priority = 1,
        private ?Goal $goal = null,
        public array $wet = [],
        private ?Closure $had = null,
        public bool $fieldableFirst = false,
    ) {
        $beside = [];
        foreach ($touching as [$one, $other]) {
            $beside[$one][$other] = $beside[$other][$one] = true;
        }
        $this->beside = $beside;
    }

    /** The same, brought no further than this. */
    public function upTo(Goal $goal): self
    {
        $touching = [];
        foreach ($this->beside as $one => $others) {
            foreach ($others as $other => $is) {
                $touching[] = [(string) $one, (string) $other];
            }
        }

        return new self(
            $this->id,
            $this->name,
            $this->count,
            $this->leaders,
            $this->areas,
            $touching,
            $this->undercoat,
            $this->recipes,
            $this->whole,
            $this->left,
            $this->priority,
            $goal,
            $this->wet,
            $this->had,
            $this->fieldableFirst,
        );
    }

    /** Whether two areas are side by side; one of whose neighbours nobody knows stands beside all. */
    public function areBeside(string $one, string $other): bool
    {
        return isset($this->beside[$one][$other]) || !isset($this->beside[$one]) || !isset($this->beside[$other]);
    }

    /** @return list<int> numbers of the figures that still want this step, smallest first */
    public function figures(StepRef $ref, PlannedStep $step): array
    {
        if ($this->goal?->leavesOut($ref) === true) {
            return [];
        }
        $for = array_values(array_filter(
            $step->scope->who->figures($this->count, $this->leaders),
            fn (int $figure): bool => $this->goal === null || $this->goal->wants($step->level(), $figure),
        ));

        return $this->left === null ? $for : ($this->left)($ref, $step, $for);
    }

    /**
     * Coats of a step that all of these figures have already, although they still lack it: of one that is laid panel by panel its share.
     *
     * @param list<int> $figures
     */
    public function had(StepRef $ref, PlannedStep $step, array $figures): float
    {
        return $this->had === null ? 0.0 : (float) ($this->had)($ref, $step, $figures);
    }

    /** @return list<string> ids of the steps that are still to be done, as `company/area:key` */
    public function steps(): array
    {
        $found = [];
        foreach ($this->undercoat as $outcome) {
            $found[] = [StepRef::ofFigure($outcome->step->key), $outcome->step];
        }
        foreach ($this->recipes as $area => $outcomes) {
            foreach ($outcomes as $outcome) {
                $found[] = [StepRef::among($area, $outcome->step), $outcome->step];
            }
        }
        $ids = [];
        foreach ($found as [$ref, $step]) {
            if (!$step->handling->omitted && $this->figures($ref, $step) !== []) {
                $ids[$this->id.'/'.$ref] = true;
            }
        }

        return array_map(strval(...), array_keys($ids));
    }
}
