<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\PassRow;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Record\BenchStep;
use App\Workshop\Record\Did;
use App\Workshop\Record\Doing;
use App\Workshop\Record\Recording;
use App\Workshop\Shelf\StockDesk;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Database\Eloquent\Collection;
use Kalokroma\Bench\RowPasses;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Record\Instant;
use Kalokroma\Record\Substance;
use WeakMap;

/**
 * A row that is gone along several times: every pass is written down, and with the last one the step is.
 *
 * @phpstan-import-type DidRow from \App\Workshop\Record\Did
 */
final class PassDesk
{
    /** @var WeakMap<Collection<int, PassRow>, array<string, array<int, int>>>|null what figures have, by the passes it was read from */
    private static ?WeakMap $had = null;

    /** @var WeakMap<Company, array<string, int>>|null panels of the sitting that is under way, by the company they were read for */
    private static ?WeakMap $laidOut = null;

    public function __construct(private readonly Studio $studio)
    {
    }

    /**
     * Where a row stands.
     *
     * @param list<int> $open figures that still lack the step
     */
    public static function of(Company $company, BenchStep $step, array $open): RowPasses
    {
        return RowPasses::of(
            RowPasses::goes($step->outcome),
            $open,
            self::had($company, $step->ref()),
            self::panels($company, $step->ref(), $open),
        );
    }

    /**
     * Coats of a step that all of these figures have already: of one that is laid panel by panel its share.
     *
     * @param list<int> $figures
     */
    public static function least(Company $company, StepRef $ref, array $figures): float
    {
        $had = self::had($company, $ref);
        $least = $figures === [] ? 0 : min(array_map(static fn (int $figure): int => $had[$figure] ?? 0, $figures));

        return $least === 0 ? 0.0 : $least / self::begun($company, $ref, $figures);
    }

    /**
     * Panels that a step is painted in: as it was begun, else as the sitting that is under way has it.
     *
     * @param list<int> $figures
     */
    private static function panels(Company $company, StepRef $ref, array $figures): int
    {
        if (self::had($company, $ref) !== []) {
            return self::begun($company, $ref, $figures);
        }
        /** @var WeakMap<Company, array<string, int>> $known */
        $known = self::$laidOut ??= new WeakMap();
        $known[$company] ??= SittingDesk::panels($company);

        return $known[$company][(string) $ref] ?? 1;
    }

    /**
     * Panels in which the passes of a step were laid that are there already.
     *
     * @param list<int> $figures
     */
    private static function begun(Company $company, StepRef $ref, array $figures): int
    {
        $panels = 1;
        foreach ($company->passes as $pass) {
            $isIts = array_intersect($pass->figures, $figures) !== [] && StepRef::of($pass->area_id, $pass->step_key)->is($ref);
            $panels = $isIts ? $pass->panels : $panels;
        }

        return max(1, $panels);
    }

    /** @return array<int, int> passes of a step that figures have, by their numbers */
    private static function had(Company $company, StepRef $ref): array
    {
        /** @var WeakMap<Collection<int, PassRow>, array<string, array<int, int>>> $known */
        $known = self::$had ??= new WeakMap();
        $known[$company->passes] ??= self::read($company);

        return $known[$company->passes][(string) $ref] ?? [];
    }

    /** @return array<string, array<int, int>> the same of every step, by its id; what was stripped since left out */
    private static function read(Company $company): array
    {
        $had = [];
        $stripped = BenchDesk::stripped($company);
        foreach ($company->passes as $pass) {
            $id = (string) StepRef::of($pass->area_id, $pass->step_key);
            foreach ($pass->figures as $figure) {
                if ($pass->done_at->getTimestamp() >= ($stripped[$figure] ?? 0)) {
                    $had[$id][$figure] = max($had[$id][$figure] ?? 0, $pass->number);
                }
            }
        }

        return $had;
    }

    /**
     * One pass more on some figures.
     *
     * @param list<int> $figures
     * @param DidRow $real what is written down with the last one
     * @param int|null $number which pass the page had under way; null for whichever it is
     *
     * @throws DomainException where they have it already, which another window may have written down
     */
    public function done(Company $company, ?AreaRow $area, string $key, array $figures, array $real, Instant $at, ?int $number): void
    {
        $figures = Recording::among($company, $figures);
        $step = (new BenchDesk($this->studio))->find($company, $area, $key)
            ?? throw new DomainException('That step is no longer in the recipe: reload the page and choose again.');
        $open = BenchDesk::task($company, $step, BenchDesk::progress($company))->figures;
        if (array_diff($figures, $open) !== []) {
            throw new DomainException('This step is done there already: another window was quicker.');
        }
        $passes = self::of($company, $step, $figures);
        if ($number !== null && $passes->number !== $number) {
            throw new DomainException('That coat is written down there already: another window was quicker.');
        }
        $otherwise = $this->writeOtherwise($company, $area, $step, $figures);
        if ($passes->isLast() && $step->outcome->step->scope->loop === null) {
            if ($otherwise > 0 && in_array($real['coats'], [null, $passes->coats()], true)) {
                $real['coats'] = $passes->coats($otherwise);
            }
            (new Recording($this->studio))->write(
                $company,
                new Doing($area, $key, $step->outcome->step->stage, $figures, $real, '', $at, share: $passes->share()),
            );

            return;
        }
        $this->writePass($company, $area, $step, $passes, $real, $at);
        $company->unsetRelation('passes');
    }

    /** @param DidRow $real */
    private function writePass(Company $company, ?AreaRow $area, BenchStep $step, RowPasses $passes, array $real, Instant $at): void
    {
        $now = CarbonImmutable::createFromTimestampUTC($at->happened);
        (new PotDesk($this->studio))->taken($step->outcome, $real, count($passes->figures), $now, $passes->share());
        PassRow::query()->create([
            'painter_id' => $company->painter_id,
            'company_id' => $company->id,
            'area_id' => $area?->id,
            'step_key' => $step->outcome->step->key,
            'figures' => $passes->figures,
            'number' => $passes->number,
            'panels' => $passes->panels,
            'dry_minutes' => (new Recording($this->studio))->minutesToDry($step->outcome),
            'done_at' => $now,
            'substance' => Substance::of($step->outcome->step)->row(),
            'taken' => StockDesk::taken($step->outcome, $real, count($passes->figures), $this->studio->shelf, $passes->share()),
            'after_record' => (int) Entry::query()->where('company_id', $company->id)->max('id'),
        ]);
    }

    /**
     * Coats that were laid before the step was changed become entries of their own, as they were laid: what is planned now is not what
     * they were.
     *
     * @param list<int> $figures
     *
     * @return int the most of them on one of these figures
     */
    private function writeOtherwise(Company $company, ?AreaRow $area, BenchStep $step, array $figures): int
    {
        $were = $company->passes->filter(static fn (PassRow $p): bool => $p->area_id === $area?->id
            && $p->step_key === (string) $step->outcome->step->key
            && array_intersect($p->figures, $figures) !== []
            && $p->isOtherThan($step->outcome->step));
        foreach ($were as $pass) {
            if ($pass->record_id !== null || $pass->substance === null) {
                continue;
            }
            $as = Substance::fromRow($pass->substance);
            $entry = (new Recording($this->studio))->write($company, new Doing(
                $area,
                $pass->step_key,
                $step->outcome->step->stage,
                $pass->figures,
                [...Did::NOTHING, 'mix' => $as->mix, 'coats' => 1],
                '',
                Instant::of($pass->done_at->getTimestamp(), CarbonImmutable::now()->getTimestamp()),
                $as,
                taken: $pass->taken,
            ));
            $pass->update(['record_id' => $entry->id]);
        }

        return max(0, ...array_map(
            static fn (int $figure): int => $were->filter(static fn (PassRow $p): bool => in_array($figure, $p->figures, true))->count(),
            $figures,
        ));
    }
}
