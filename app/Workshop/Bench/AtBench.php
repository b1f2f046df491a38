<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\PassRow;
use App\Models\SittingRow;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Record\BenchStep;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use Kalokroma\Bench\Meanwhile;
use Kalokroma\Bench\StopPoint;
use Kalokroma\Order\Task;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Record\Progress;

/** What of a company is to be painted now, on one figure or on all in a row: what is next, what is wet, what goes on meanwhile. */
final readonly class AtBench
{
    public Progress $progress;

    public SittingDesk $sittings;

    public ?SittingRow $sitting;

    /** @var list<BenchStep> of the company, up to the level that is wanted, in the order they are done in */
    public array $steps;

    /** @var list<BenchStep> of them, those that are for a figure that is looked at */
    public array $shown;

    /** @var list<Entry|PassRow> what is dry first comes first */
    public array $drying;

    /** @var array<string, Entry|PassRow> what is wet below open steps, by the id of the step */
    public array $wet;

    public ?Task $next;

    /** @var list<BenchStep> all of the company */
    private array $all;

    /** @var array<string, Task> with the figures that still lack the step, by its id */
    private array $tasks;

    /** @var list<BenchStep> shown ones that are still to be done */
    private array $open;

    /**
     * @param Company $company with areas, recipes, records and passes loaded
     * @param int|null $figure null for all in a row
     * @param Level|null $goal up to which level of finish; null for all of it
     * @param list<string>|null $order ids of steps as they are gone through; null for area by area, from inside out
     */
    public function __construct(
        Studio $studio,
        public Company $company,
        public ?int $figure,
        ?Level $goal,
        ?array $order,
        public CarbonImmutable $now,
    ) {
        $this->sittings = new SittingDesk($studio, $now);
        $this->sitting = $this->sittings->current();
        $this->progress = BenchDesk::progress($company);
        $all = (new BenchDesk($studio))->steps($company);
        $this->all = $order === null ? $all : BenchDesk::inOrder($all, $company, $order, $this->progress);
        $this->steps = array_values(array_filter(
            $this->all,
            static fn (BenchStep $s): bool => $goal === null || $s->outcome->step->level()->isWithin($goal),
        ));
        $tasks = [];
        foreach ($this->all as $step) {
            $tasks[(string) $step->ref()] = BenchDesk::task($company, $step, $this->progress);
        }
        $this->tasks = $tasks;
        $this->shown = array_values(array_filter($this->steps, fn (BenchStep $s): bool => $this->among(
            $s->outcome->step->scope->who->figures($company->count, $company->leaders),
        ) !== []));
        $this->open = array_values(array_filter($this->shown, fn (BenchStep $s): bool => $this->left($s) !== []));
        $this->drying = BenchDesk::drying($company, $figure, $now);
        $this->wet = $this->below();
        $this->next = $this->first();
    }

    /** The step with the figures that still lack it. */
    public function task(BenchStep $step): Task
    {
        return $this->tasks[(string) $step->ref()];
    }

    /** @return list<int> figures that are looked at and still lack it */
    public function left(BenchStep $step): array
    {
        return $this->among($this->task($step)->figures);
    }

    /** @return list<Task> of the steps up to the level that is wanted */
    public function tasks(): array
    {
        return array_map($this->task(...), $this->steps);
    }

    /** The step that comes next; null where everything is done. */
    public function nextStep(): ?BenchStep
    {
        foreach ($this->open as $step) {
            if ($this->next !== null && $step->ref()->is($this->next->ref)) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<array{task: Task, loaded: bool}> what can be painted now, what is on the brush first */
    public function meanwhile(): array
    {
        $last = $this->company->records->sortByDesc('id')->first();
        $loaded = null;
        foreach ($last?->step_key === null ? [] : $this->all as $step) {
            $isIt = $step->ref()->is(StepRef::of($last->area_id, $last->step_key));
            $loaded = $isIt ? $this->task($step) : $loaded;
        }

        return Meanwhile::of(array_map($this->task(...), $this->open), array_fill_keys(array_keys($this->wet), true), $loaded);
    }

    /** What was written down last: a pass, or an entry. */
    public function last(): Entry|PassRow|null
    {
        $entry = $this->company->records->sortByDesc('id')->first();
        $pass = $this->company->passes->sortByDesc('id')->first();

        return $pass !== null && ($entry === null || $pass->after_record >= $entry->id) ? $pass : $entry;
    }

    /** A level that every figure has reached, and nobody has looked over yet; null for none. */
    public function stop(): ?StopPoint
    {
        $bare = array_values($this->company->areas->filter(static fn (AreaRow $a): bool => $a->recipe === null)
            ->map(static fn (AreaRow $a): string => mb_strtolower($a->name))->all());
        $stop = StopPoint::of(array_map($this->task(...), $this->all), $this->company->count, $bare);

        return $stop === null || isset($this->company->looked_over[$stop->level->value]) ? null : $stop;
    }

    /** @return list<array{number: int, done: int, total: int}> how many steps each figure has */
    public function figures(): array
    {
        $count = $this->company->count;
        $done = $total = array_fill(1, $count, 0);
        foreach ($this->steps as $step) {
            $planned = $step->outcome->step;
            $for = $planned->scope->who->figures($count, $this->company->leaders);
            foreach ($for as $n) {
                ++$total[$n];
            }
            foreach (array_intersect($for, $this->progress->figures($step->ref(), $planned)) as $n) {
                ++$done[$n];
            }
        }

        return array_map(static fn (int $n): array => ['number' => $n, 'done' => $done[$n], 'total' => $total[$n]], range(1, $count));
    }

    /** The next step of the sitting that is under way, or the first that is open: what would be laid on what is wet waits. */
    private function first(): ?Task
    {
        $ids = array_map(static fn (BenchStep $s): string => (string) $s->ref(), $this->open);
        $ofSitting = $this->ofSitting($ids);
        $wanted = $ofSitting === [] ? $ids : $ofSitting;
        $free = array_map(
            static fn (Task $t): string => (string) $t->ref,
            Meanwhile::free(array_map($this->task(...), $this->open), array_fill_keys(array_keys($this->wet), true)),
        );
        $next = array_values(array_intersect($wanted, $free))[0] ?? $wanted[0] ?? null;

        return $next === null ? null : $this->tasks[$next];
    }

    /**
     * Steps of the sitting that are still to be done here, in its order.
     *
     * @param list<string> $open ids of open steps
     *
     * @return list<string>
     */
    private function ofSitting(array $open): array
    {
        $found = [];
        $steps = $this->sitting?->started_at === null ? [] : $this->sittings->steps($this->sitting);
        foreach ($steps as ['step' => $step, 'left' => $left]) {
            $id = (string) StepRef::of($step['area'], $step['key']);
            if ($step['company'] === $this->company->id && $this->among($left) !== [] && in_array($id, $open, true)) {
                $found[] = $id;
            }
        }

        return $found;
    }

    /** @return array<string, Entry|PassRow> */
    private function below(): array
    {
        $wet = $still = [];
        foreach ($this->drying as $entry) {
            $its = $entry->drying();
            $still = $its->isWet($this->now->getTimestamp()) ? [...$still, [$entry, $its]] : $still;
        }
        foreach ($still === [] ? [] : $this->open as $step) {
            $first = PassDesk::of($this->company, $step, $this->left($step))->figures[0] ?? 0;
            foreach ($still as [$entry, $its]) {
                if ($its->isUnder($step->ref(), $first)) {
                    $wet[(string) $step->ref()] = $entry;
                }
            }
        }

        return $wet;
    }

    /**
     * Those among figures that are looked at.
     *
     * @param list<int> $figures
     *
     * @return list<int>
     */
    private function among(array $figures): array
    {
        return $this->figure === null ? $figures : array_values(array_intersect($figures, [$this->figure]));
    }
}
