<?php

declare(strict_types=1);

namespace App\Workshop\Record;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Workshop\Shelf\StockDesk;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Support\Facades\DB;
use Kalokroma\Order\Job\InsideOut;
use Kalokroma\Order\Job\StillDrying;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Task;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Record\Done;
use Kalokroma\Record\Instant;
use Kalokroma\Record\Progress;
use Kalokroma\Record\Substance;

/**
 * What comes next on a figure, and writing down what was done.
 *
 * @phpstan-import-type DidRow from Did
 */
final readonly class BenchDesk
{
    public function __construct(private Studio $studio)
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
     *
     * @return list<BenchStep>
     */
    public static function inOrder(array $steps, Company $company, RunningOrder $order, Progress $progress): array
    {
        $places = $last = [];
        foreach ($steps as $step) {
            $area = $step->areaId();
            $place = $order->placeOf((string) $company->id, $area, $step->outcome->step->key->value);
            if ($place === null) {
                $isDone = self::task($company, $step, $progress)->isDone();
                $place = $isDone ? -1 : max($last[''] ?? -1, $last[$area ?? ''] ?? -1);
            }
            $places[] = $last[$area ?? ''] = $place;
        }
        array_multisort($places, SORT_ASC, SORT_NUMERIC, array_keys($steps), $steps);

        return $steps;
    }

    /** The step on all figures that still lack it. */
    public static function task(Company $company, BenchStep $step, Progress $progress): Task
    {
        $planned = $step->outcome->step;
        $for = $planned->scope->who->figures($company->count, $company->leaders);

        return Task::of($step->areaId(), $step->outcome, $progress->remaining($step->areaId(), $planned, $for));
    }

    /** @return list<string> names of what can be taken off the shelf */
    public function paints(): array
    {
        return $this->studio->shelf->namesAtHand();
    }

    /** Expects the records loaded. */
    public static function progress(Company $company): Progress
    {
        $done = [];
        foreach ($company->records as $entry) {
            if ($entry->step_key !== null) {
                $area = $entry->area_id === null ? null : (string) $entry->area_id;
                $done[] = new Done($area, $entry->step_key, $entry->figures, $entry->substance());
            }
        }

        return Progress::of($done);
    }

    /** @return list<Entry> what still dries on a figure, or has to be followed up in time; what is dry first comes first */
    public static function drying(Company $company, int $figure, CarbonImmutable $now): array
    {
        $at = $now->getTimestamp();
        $drying = array_values(array_filter($company->records->all(), static fn (Entry $e): bool => in_array($figure, $e->figures, true)
            && ($e->drying()->isWet($at) || $e->drying()->isUrgent($at))));
        usort($drying, static fn (Entry $a, Entry $b): int => [$a->dryAt(), $a->id] <=> [$b->dryAt(), $b->id]);

        return $drying;
    }

    /**
     * Writes down that something is dry already, of itself or by a hairdryer, after which it has to cool for a minute.
     *
     * @throws DomainException where it is wet with solvent
     */
    public static function dried(Entry $entry, bool $isBlown, CarbonImmutable $now): void
    {
        if ($isBlown && !StillDrying::mayBeBlown($entry->technique())) {
            throw new DomainException('Nothing that is wet with solvent is blown at: let it dry by itself.');
        }
        $at = $isBlown ? $now->addSeconds(StillDrying::COOLING) : $now;
        if ($entry->dryAt() > $at) {
            $entry->update(['dried_at' => $at]);
        }
    }

    /**
     * Writes down one thing done on one or several figures; where it was planned, the plan of that moment is kept beside it.
     *
     * @param list<int> $figures
     * @param DidRow $real
     * @param Substance|null $as what was planned when it was painted, where the plan may have changed since; null for as it is now
     */
    public function record(
        Company $company,
        ?AreaRow $area,
        ?string $stepKey,
        Stage $stage,
        array $figures,
        array $real,
        string $note,
        Instant $at,
        ?Substance $as = null,
    ): Entry {
        $figures = self::among($company, $figures);
        $real = Did::named($real, $this->studio->shelf);
        $outcome = $stepKey === null ? null : $this->planned($company, $area, $stepKey);
        if ($stepKey !== null && $outcome === null && $as === null) {
            throw new DomainException('That step is no longer in the recipe: reload the page and choose again.');
        }
        $isAsNow = $as === null || ($outcome !== null && $as->isOf($outcome->step));
        $planned = $outcome === null || !$isAsNow ? $as : null;

        return DB::transaction(function () use ($company, $area, $stepKey, $stage, $figures, $real, $note, $at, $outcome, $planned): Entry {
            $entry = Entry::query()->create([
                'painter_id' => $company->painter_id,
                'company_id' => $company->id,
                'area_id' => $area?->id,
                'area_name' => $area->name ?? 'Whole figure',
                'step_key' => $stepKey,
                'stage' => $outcome->step->stage ?? $stage,
                'figures' => $figures,
                'planned' => $planned !== null ? Did::plannedThen($planned) : ($outcome === null ? null : Did::planned($outcome)),
                'real' => $real,
                'note' => $note,
                'done_at' => CarbonImmutable::createFromTimestampUTC($at->happened),
                'said_at' => $at->said === null ? null : CarbonImmutable::createFromTimestampUTC($at->said),
                'dry_minutes' => $outcome->labour->dryMinutes ?? self::work($real, $stage)->facts()->dry,
            ]);
            StockDesk::use($entry, $outcome, $real, $this->studio->shelf);

            return $entry;
        });
    }

    /** @param array{technique?: string|null} $real */
    private static function work(array $real, Stage $stage): Technique
    {
        return ($real['technique'] ?? null) === null ? $stage->usually() : Technique::from($real['technique']);
    }

    /** Null where it is planned no more. */
    private function planned(Company $company, ?AreaRow $area, string $key): ?StepOutcome
    {
        foreach ($this->steps($company) as $step) {
            if ($step->isOf($area, $key)) {
                return $step->outcome;
            }
        }

        return null;
    }

    /**
     * @param list<int> $figures
     *
     * @return list<int> each once, smallest first
     */
    private static function among(Company $company, array $figures): array
    {
        $figures = array_values(array_unique($figures));
        sort($figures);
        if ($figures === [] || $figures[0] < 1 || $figures[count($figures) - 1] > $company->count) {
            throw new DomainException(sprintf('%s has figures 1 to %d: choose among them.', $company->name, $company->count));
        }

        return $figures;
    }
}
