<?php

declare(strict_types=1);

namespace App\Workshop\Record;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\PassRow;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Kalokroma\Order\Job\InsideOut;
use Kalokroma\Order\Task;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Record\Done;
use Kalokroma\Record\Progress;
use Kalokroma\Record\Stripped;
use WeakMap;

/** What comes next on a figure, and what of it is done. */
final class BenchDesk
{
    /** @var WeakMap<Studio, array<int, array{list<mixed>, list<BenchStep>}>>|null steps by id of the company, with what they hang on */
    private static ?WeakMap $steps = null;

    /** @var WeakMap<Collection<int, Entry>, Progress>|null by the records it was worked out from */
    private static ?WeakMap $progress = null;

    public function __construct(private readonly Studio $studio)
    {
    }

    /**
     * Area by area from inside out, as far as the next step over the whole figure each time.
     *
     * @return list<BenchStep> of a company from the undercoat on; omitted ones left out
     */
    public function steps(Company $company): array
    {
        $company->loadMissing('areas.recipe');
        /** @var WeakMap<Studio, array<int, array{list<mixed>, list<BenchStep>}>> $known */
        $known = self::$steps ??= new WeakMap();
        $all = $known[$this->studio] ?? [];
        $sources = self::sources($company);
        if (($all[$company->id][0] ?? null) !== $sources) {
            $all[$company->id] = [$sources, $this->gone($company)];
            $known[$this->studio] = $all;
        }

        return $all[$company->id][1];
    }

    /** @return list<mixed> what steps hang on besides the shelf */
    private static function sources(Company $company): array
    {
        $of = static fn (Model $row, string ...$fields): array => array_map(
            static fn (string $field): mixed => $row->getAttributes()[$field] ?? null,
            $fields,
        );
        $found = [$of($company, 'undercoat', 'undercoat_stale', 'whole', 'surface_cm2', 'count', 'leaders')];
        foreach ($company->areas as $area) {
            $found[] = [
                ...$of($area, 'id', 'hex', 'mix', 'share', 'relief', 'material', 'fragile', 'depth', 'part', 'name', 'position'),
                $area->recipe?->getAttributes()['plan'] ?? null,
            ];
        }

        return $found;
    }

    /** @return list<BenchStep> */
    private function gone(Company $company): array
    {
        $rows = $company->areas->keyBy('id');
        $cores = array_values($company->areas->map(static fn (AreaRow $a) => $a->toCore($company))->all());
        $steps = array_map(
            static fn (StepOutcome $o): BenchStep => new BenchStep(null, $o),
            $this->studio->undercoats->laid($company)->steps,
        );
        $whole = $this->studio->predictions->whole($company);
        $phases = array_fill(0, count($whole) + 1, []);
        foreach (InsideOut::of($cores) as $core) {
            /** @var AreaRow $area */
            $area = $rows[(int) $core->id];
            $phase = 0;
            foreach (Undercoated::above($this->studio->predictions->outcomes($company, $area, $area->recipe)) as $outcome) {
                if ($outcome->step->isOfFigure()) {
                    $phase = 1 + (int) array_key_first(array_filter(
                        $whole,
                        static fn (StepOutcome $o): bool => $o->step->key->is($outcome->step->key),
                    ));
                } elseif (!$outcome->step->handling->omitted) {
                    $phases[$phase][] = new BenchStep($area, $outcome);
                }
            }
        }
        foreach ($phases as $i => $phase) {
            $over = $whole[$i] ?? null;
            array_push($steps, ...$phase, ...$over === null || $over->step->handling->omitted ? [] : [new BenchStep(null, $over)]);
        }

        return $steps;
    }

    /**
     * What is done comes first, and then what is left as the running order has it. What is no work there, as a wait, comes behind what is
     * before it.
     *
     * @param list<BenchStep> $steps
     * @param list<string> $order ids of steps
     *
     * @return list<BenchStep>
     */
    public static function inOrder(array $steps, Company $company, array $order, Progress $progress): array
    {
        $at = array_flip($order);
        $places = $last = [];
        foreach ($steps as $step) {
            $area = $step->ref()->area;
            $isOpen = !self::task($company, $step, $progress)->isDone();
            $place = $isOpen ? $at[(string) $step->ref()] ?? null : null;
            if ($place === null) {
                $place = $isOpen ? max($last[''] ?? -1, $last[$area ?? ''] ?? -1) : -1;
            }
            $places[] = $last[$area ?? ''] = $place;
        }
        array_multisort($places, SORT_ASC, SORT_NUMERIC, array_keys($steps), $steps);

        return $steps;
    }

    /** @return list<PassRow> passes that nothing of the same step has followed yet */
    public static function underWay(Company $company): array
    {
        return array_values($company->passes->reject(static fn (PassRow $p): bool => self::isOver($p, $company))->all());
    }

    /** Whether the next coat of the same step, or its end, is written down on these figures: that is what dries there now. */
    private static function isOver(PassRow $pass, Company $company): bool
    {
        $isLater = static fn (Entry|PassRow $e): bool => $e->area_id === $pass->area_id && $e->step_key === $pass->step_key
            && $e->done_at >= $pass->done_at && array_intersect($e->figures, $pass->figures) === $pass->figures;

        return $company->records->contains($isLater)
            || $company->passes->contains(static fn (PassRow $p): bool => $p->number > $pass->number && $isLater($p));
    }

    /** The step on all figures that still lack it. */
    public static function task(Company $company, BenchStep $step, Progress $progress): Task
    {
        $planned = $step->outcome->step;
        $for = $planned->scope->who->figures($company->count, $company->leaders);

        return Task::of($step->ref(), $step->outcome, $progress->remaining($step->ref(), $planned, $for));
    }

    /** Expects the records loaded. */
    public static function progress(Company $company): Progress
    {
        /** @var WeakMap<Collection<int, Entry>, Progress> $known */
        $known = self::$progress ??= new WeakMap();

        return $known[$company->records] ??= self::done($company);
    }

    private static function done(Company $company): Progress
    {
        $done = [];
        foreach ($company->records as $entry) {
            if ($entry->technique() === Technique::Stripping) {
                $done[] = new Stripped($entry->figures);
            }
            if ($entry->step_key !== null) {
                $done[] = new Done(StepRef::of($entry->area_id, $entry->step_key), $entry->figures, $entry->substance(), $entry->counts());
            }
        }

        return Progress::of($done);
    }

    /**
     * @param int|null $figure null for all figures
     *
     * @return list<Entry|PassRow> what still dries, or has to be followed up in time; what is dry first comes first
     */
    public static function drying(Company $company, ?int $figure, CarbonImmutable $now): array
    {
        $at = $now->getTimestamp();
        $drying = [];
        $stripped = self::stripped($company);
        foreach ([...$company->records->all(), ...self::underWay($company)] as $entry) {
            if (self::isPast($entry, $stripped)) {
                continue;
            }
            if ($figure !== null && !in_array($figure, $entry->figures, true)) {
                continue;
            }
            $its = $entry->drying();
            if ($its->isWet($at) || $its->isUrgent($at)) {
                $drying[] = [$its->until, $entry];
            }
        }
        usort($drying, static fn (array $a, array $b): int => [$a[0], $a[1]->id] <=> [$b[0], $b[1]->id]);

        return array_column($drying, 1);
    }

    /** @return array<int, int> the instant at which all paint came off a figure last, by its number */
    public static function stripped(Company $company): array
    {
        $found = [];
        foreach ($company->records as $entry) {
            if ($entry->technique() === Technique::Stripping) {
                $found = array_fill_keys($entry->figures, $entry->done_at->getTimestamp()) + $found;
            }
        }

        return $found;
    }

    /**
     * Whether it belongs to an earlier life of all its figures.
     *
     * @param array<int, int> $stripped {@see self::stripped()}
     */
    public static function isPast(Entry|PassRow $entry, array $stripped): bool
    {
        $at = $entry->done_at->getTimestamp();

        return $stripped !== [] && array_filter($entry->figures, static fn (int $n): bool => $at >= ($stripped[$n] ?? 0)) === [];
    }

    /**
     * What follows on the same area once it is dry; null where nothing does.
     *
     * @param list<BenchStep> $steps of the company
     */
    public static function after(Entry|PassRow $wet, Company $company, array $steps): ?BenchStep
    {
        $progress = self::progress($company);
        foreach ($steps as $step) {
            $isIts = $wet->area_id === null || $step->area === null || $step->area->id === $wet->area_id;
            if ($isIts && array_intersect(self::task($company, $step, $progress)->figures, $wet->figures) !== []) {
                return $step;
            }
        }

        return null;
    }

    /** What is planned under this key; null where it is planned no more. */
    public function planned(Company $company, ?AreaRow $area, string $key): ?StepOutcome
    {
        return $this->find($company, $area, $key)?->outcome;
    }

    /** The same as it stands at the bench. */
    public function find(Company $company, ?AreaRow $area, string $key): ?BenchStep
    {
        foreach ($this->steps($company) as $step) {
            if ($step->isOf($area, $key)) {
                return $step;
            }
        }

        return null;
    }
}
