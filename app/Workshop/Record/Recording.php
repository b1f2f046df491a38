<?php

declare(strict_types=1);

namespace App\Workshop\Record;

use App\Models\Company;
use App\Models\Entry;
use App\Models\FigureRow;
use App\Models\PassRow;
use App\Workshop\Bench\PotDesk;
use App\Workshop\Order\OrderPlan;
use App\Workshop\Shelf\StockDesk;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Support\Facades\DB;
use Kalokroma\Order\Job\DryingTime;
use Kalokroma\Order\Job\StillDrying;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Record\Occasion;

/** Writing down what was done, and taking it back. */
final readonly class Recording
{
    private BenchDesk $bench;

    public function __construct(private Studio $studio)
    {
        $this->bench = new BenchDesk($studio);
    }

    /**
     * The same from the bench, where two windows may be open: what is written down of a figure already is not written down again.
     *
     * @throws DomainException where all of it is
     */
    public function once(Company $company, Doing $doing): Entry
    {
        $step = $doing->step === null ? null : $this->bench->planned($company, $doing->area, $doing->step);
        if ($step === null || ($doing->as !== null && !$doing->as->isOf($step->step))) {
            return $this->write($company, $doing);
        }
        $ref = StepRef::of($doing->area?->id, $step->step->key);
        $left = BenchDesk::progress($company->loadMissing('records'))->remaining($ref, $step->step, self::among(
            $company,
            $doing->figures,
        ));
        if ($left === []) {
            throw new DomainException('That is written down already: another window was quicker.');
        }

        return $this->write($company, $doing->on($left));
    }

    /** Writes one thing down; where it was planned, the plan of that moment is kept beside it. */
    public function write(Company $company, Doing $doing): Entry
    {
        $figures = self::among($company, $doing->figures);
        $real = Did::named($doing->real, $this->studio->shelf);
        $outcome = $doing->step === null ? null : $this->bench->planned($company, $doing->area, $doing->step);
        if ($doing->step !== null && $outcome === null && $doing->as === null) {
            throw new DomainException('That step is no longer in the recipe: reload the page and choose again.');
        }
        $isAsNow = $doing->as === null || ($outcome !== null && $doing->as->isOf($outcome->step));
        $planned = $outcome === null || !$isAsNow ? $doing->as : null;

        return DB::transaction(function () use ($company, $doing, $figures, $real, $outcome, $planned): Entry {
            $entry = Entry::query()->create([
                'painter_id' => $company->painter_id,
                'company_id' => $company->id,
                'area_id' => $doing->area?->id,
                'area_name' => $doing->area->name ?? 'Whole figure',
                'step_key' => $doing->step,
                'stage' => $outcome->step->stage ?? $doing->stage,
                'figures' => $figures,
                'planned' => $planned !== null ? Did::plannedThen($planned) : ($outcome === null ? null : Did::planned($outcome)),
                'real' => $real,
                'note' => $doing->note,
                'done_at' => CarbonImmutable::createFromTimestampUTC($doing->at->happened),
                'said_at' => $doing->at->said === null ? null : CarbonImmutable::createFromTimestampUTC($doing->at->said),
                'dry_minutes' => $this->dries($doing, $outcome),
                'kind' => $doing->kind,
                'mishap' => $doing->mishap,
            ]);
            $this->studio->plans->settle($company);
            if ($entry->technique() === Technique::Stripping) {
                FigureRow::begin($company, $figures, 1);
            }
            $taken = $doing->taken ?? StockDesk::taken($outcome, $real, count($figures), $this->studio->shelf);
            StockDesk::use($entry, $taken, $this->studio->shelf);
            if ($outcome !== null && $planned === null) {
                (new PotDesk($this->studio))->taken($outcome, $real, count($figures), $entry->done_at, $doing->share);
            }

            return self::listed($company, $entry);
        });
    }

    /** Entered among the company's records too, where they were read already. */
    private static function listed(Company $company, Entry $entry): Entry
    {
        if ($company->relationLoaded('records')) {
            $all = $company->records->concat([$entry])->sortBy([['done_at', 'asc'], ['id', 'asc']])->values();
            $company->setRelation('records', $all);
        }

        return $entry;
    }

    /** Takes an entry back: it no longer counts, but it is not erased. What it mended is to be mended again. */
    public static function withdraw(Entry $entry, CarbonImmutable $now): void
    {
        if ($entry->withdrawn_at !== null) {
            return;
        }
        DB::transaction(static function () use ($entry, $now): void {
            $entry->update(['withdrawn_at' => $now]);
            if ($entry->technique() === Technique::Stripping) {
                FigureRow::begin($entry->company()->firstOrFail(), $entry->figures, -1);
            }
            StockDesk::giveBack($entry, $now);
            $mends = $entry->mishap['mends'] ?? null;
            if ($mends !== null) {
                Entry::query()->whereKey($mends)->update(['mended_at' => null]);
            }
        });
    }

    /**
     * Writes down that something is dry already, of itself or by a hairdryer, after which it has to cool for a minute.
     *
     * @throws DomainException where it is wet with solvent
     */
    public static function dried(Entry|PassRow $entry, bool $isBlown, CarbonImmutable $now): void
    {
        if ($isBlown && $entry instanceof Entry && !StillDrying::mayBeBlown($entry->technique())) {
            throw new DomainException('Nothing that is wet with solvent is blown at: let it dry by itself.');
        }
        $at = $isBlown ? $now->addSeconds(StillDrying::COOLING) : $now;
        if ($entry->drying()->until > $at->getTimestamp()) {
            $entry->update(['dried_at' => $at]);
        }
    }

    /** Minutes until it is dry in the air of the room. */
    public function minutesToDry(StepOutcome $outcome): int
    {
        return DryingTime::of($outcome, OrderPlan::air($this->studio->painter))->minutes;
    }

    private function dries(Doing $doing, ?StepOutcome $outcome): int
    {
        return match (true) {
            !$doing->kind->isPainted() => 0,
            $outcome !== null => $this->minutesToDry($outcome),
            $doing->kind === Occasion::Other && $doing->real['mix'] === [] => 0,
            default => self::work($doing->real, $doing->stage)->facts()->dry,
        };
    }

    /** @param array{technique?: string|null} $real */
    private static function work(array $real, Stage $stage): Technique
    {
        return ($real['technique'] ?? null) === null ? $stage->usually() : Technique::from($real['technique']);
    }

    /**
     * @param list<int> $figures
     *
     * @return list<int> each once, smallest first
     */
    public static function among(Company $company, array $figures): array
    {
        $figures = array_values(array_unique($figures));
        sort($figures);
        if ($figures === [] || $figures[0] < 1 || $figures[count($figures) - 1] > $company->count) {
            throw new DomainException(sprintf('%s has figures 1 to %d: choose among them.', $company->name, $company->count));
        }

        return $figures;
    }
}
