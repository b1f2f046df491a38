<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\PassRow;
use App\Models\SittingRow;
use App\Workshop\Order\OrderPlan;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use DomainException;
use Kalokroma\Bench\FetchList;
use Kalokroma\Bench\ShelfPlace;
use Kalokroma\Bench\SittingStep;
use Kalokroma\Order\Sheet;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Word\Message;

/**
 * A sitting at the bench: laid out from the running order, from one recipe or from so many minutes, gone through, and ended.
 *
 * @phpstan-type StepRow array{
 *   company: int, area: int|null, key: string, words: string, figures: list<int>, minutes: int, goes: int, label: string,
 *   panels?: int, on?: list<int>,
 * }
 */
final readonly class SittingDesk
{
    public const ORIGINS = ['order', 'recipe', 'minutes'];

    /** After so many hours with nothing written down a sitting is over, whoever forgot to end it. */
    private const FORGOTTEN_H = 8;

    private const NAMED = 3;

    public function __construct(private Studio $studio, private CarbonImmutable $now)
    {
    }

    /** The one that is under way, or being laid out; null where nobody sits at the bench. */
    public function current(): ?SittingRow
    {
        $row = SittingRow::query()->where('painter_id', $this->studio->painter->id)->whereNull('ended_at')->orderByDesc('id')->first();

        return $row === null || $this->lastTouched($row)->addHours(self::FORGOTTEN_H) < $this->now ? null : $row;
    }

    /**
     * Panels that steps of a company are done in at the sitting that is under way.
     *
     * @return array<string, int> by reference of the step; those that are done whole left out
     */
    public static function panels(Company $company): array
    {
        $row = SittingRow::query()->where('painter_id', $company->painter_id)->whereNull('ended_at')->orderByDesc('id')->first();
        $found = [];
        foreach ($row->steps ?? [] as $step) {
            if ($step['company'] === $company->id && ($step['panels'] ?? 1) > 1) {
                $found[(string) StepRef::of($step['area'], $step['key'])] = $step['panels'];
            }
        }

        return $found;
    }

    /** Lays out what comes next: what was under way is ended. */
    public function layOut(string $origin, Company $company, ?AreaRow $area, int $minutes): SittingRow
    {
        $steps = match ($origin) {
            'order' => self::taken($this->next($company)),
            'minutes' => self::taken(OrderPlan::of($this->studio, $company)->now($minutes)),
            'recipe' => $this->ofRecipe($company, $area),
            default => throw new DomainException('A sitting begins from the running order, from a recipe, or with so many minutes.'),
        };
        if ($steps === []) {
            throw new DomainException(match ($origin) {
                'minutes' => 'Nothing of what comes next fits into that time: something may still be wet, or takes longer.',
                'recipe' => 'Everything of this recipe is painted already.',
                default => 'There is nothing to paint: everything that is planned is done, or no recipe is drafted yet.',
            });
        }
        foreach (SittingRow::query()->whereNull('ended_at')->get() as $open) {
            $this->end($open, $this->lastTouched($open));
        }
        $rows = array_map(self::row(...), $steps);

        return SittingRow::query()->create([
            'painter_id' => $this->studio->painter->id,
            'origin' => $origin,
            'words' => self::words($rows),
            'steps' => $rows,
            'fetched' => [],
            'laid_out_at' => $this->now,
        ]);
    }

    /**
     * The same with what was painted before it.
     *
     * @param list<SittingStep> $done
     *
     * @return array{steps: list<StepRow>, words: string}
     */
    public function before(array $done): array
    {
        $rows = [...array_map(self::row(...), $done), ...$this->current()->steps ?? []];

        return ['steps' => $rows, 'words' => self::words($rows)];
    }

    public function end(SittingRow $row, CarbonImmutable $at): void
    {
        $row->update(['ended_at' => $at, 'started_at' => $row->started_at ?? $at]);
    }

    /** The next sitting of the running order that a company is planned in; null where nothing is to be done. */
    public function next(Company $company): ?Sheet
    {
        return Sheet::of(OrderPlan::of($this->studio, $company)->order(true))[0] ?? null;
    }

    /**
     * Its steps with what was written down since it was laid out.
     *
     * @return list<array{step: StepRow, left: list<int>}>
     */
    public function steps(SittingRow $row): array
    {
        $entries = $this->entries($row);
        $passes = PassRow::query()->where('done_at', '>=', $row->laid_out_at)->get();
        $there = Company::query()->whereKey(array_unique(array_column($row->steps, 'company')))->pluck('id')->all();

        return array_map(static function (array $step) use ($entries, $passes, $there): array {
            $isIts = static fn (Entry|PassRow $e): bool
                => $e->company_id === $step['company'] && $e->step_key !== null
                    && StepRef::of($e->area_id, $e->step_key)->is(StepRef::of($step['area'], $step['key']));
            $had = $whole = [];
            foreach ($entries as $entry) {
                $whole = $isIts($entry) ? [...$whole, ...$entry->figures] : $whole;
            }
            foreach ($passes as $pass) {
                foreach ($isIts($pass) ? $pass->figures : [] as $figure) {
                    $had[$figure] = ($had[$figure] ?? 0) + 1;
                }
            }
            $done = [...$whole, ...array_keys(array_filter($had, static fn (int $times): bool => $times >= $step['goes']))];

            $left = in_array($step['company'], $there, true) ? array_values(array_diff($step['figures'], $done)) : [];

            return ['step' => $step, 'left' => $left];
        }, $row->steps);
    }

    /** @return list<Entry> what was written down in it, in its order */
    public function entries(SittingRow $row): array
    {
        $entries = Entry::query()->with('company')->whereNull('withdrawn_at')->where('done_at', '>=', $row->laid_out_at)
            ->when($row->ended_at !== null, static fn ($query) => $query->where('done_at', '<=', $row->ended_at))
            ->orderBy('done_at')->orderBy('id')->get();

        return array_values($entries->all());
    }

    public function fetchList(SittingRow $row): FetchList
    {
        return $this->listFor($this->found($row));
    }

    /** @param list<SittingStep> $steps */
    public function listFor(array $steps): FetchList
    {
        $places = [];
        foreach ($this->studio->painter->paints()->get() as $paint) {
            $places[$paint->id] = new ShelfPlace($paint->place, $paint->state, $paint->left_ml, $paint->bottle_ml);
        }

        return new FetchList($steps, $this->studio->painter->equipment(), $places);
    }

    /** @return list<SittingStep> as they are planned now; what is no longer in its recipe is left out */
    public function found(SittingRow $row): array
    {
        $bench = new BenchDesk($this->studio);
        $companies = Company::query()->with('areas.recipe')->findMany(array_unique(array_column($row->steps, 'company')))->keyBy('id');
        $found = [];
        foreach ($row->steps as $each) {
            $company = $companies[$each['company']] ?? null;
            $area = $company?->areas->firstWhere('id', $each['area']);
            $isGone = $company === null || ($each['area'] !== null && $area === null);
            $step = $isGone ? null : $bench->find($company, $area, $each['key']);
            if ($step !== null) {
                $found[] = new SittingStep(
                    (string) $each['company'],
                    $step->ref(),
                    $step->outcome,
                    $each['figures'],
                    $each['minutes'],
                    $each['goes'],
                    $step->area->name ?? 'Whole figure',
                    $each['panels'] ?? 1,
                    $each['on'] ?? [],
                );
            }
        }

        return $found;
    }

    /** When something was written down in it last. */
    private function lastTouched(SittingRow $row): CarbonImmutable
    {
        $last = Entry::query()->whereNull('withdrawn_at')->where('done_at', '>=', $row->laid_out_at)->max('done_at');
        $begun = $row->started_at ?? $row->laid_out_at;

        return is_string($last) ? $begun->max(CarbonImmutable::parse($last, 'UTC')) : $begun;
    }

    /** @return list<SittingStep> */
    private static function taken(?Sheet $sheet): array
    {
        return $sheet === null ? [] : SittingStep::of($sheet);
    }

    /** @return list<SittingStep> what of an area is still to be done, on all figures that lack it, and can be at one sitting */
    private function ofRecipe(Company $company, ?AreaRow $area): array
    {
        $progress = BenchDesk::progress($company->loadMissing('records'));
        $found = [];
        foreach ((new BenchDesk($this->studio))->steps($company) as $step) {
            $task = BenchDesk::task($company, $step, $progress);
            if ($step->area?->id === $area?->id && !$task->isDone()) {
                $found[] = SittingStep::whole((string) $company->id, $task, $step->outcome, $step->area->name ?? 'Whole figure');
            }
        }

        return SittingStep::atOneSitting($found);
    }

    /** @return StepRow */
    private static function row(SittingStep $step): array
    {
        return [
            'company' => (int) $step->company,
            'area' => $step->ref->areaId(),
            'key' => $step->outcome->step->key->value,
            'words' => $step->words(),
            'label' => $step->ref->isOfFigure() ? $step->outcome->step->technique->words() : mb_strtolower($step->name),
            'figures' => $step->figures,
            'minutes' => $step->minutes,
            'goes' => $step->goes,
            ...$step->panels === 1 ? [] : ['panels' => $step->panels, 'on' => $step->on],
        ];
    }

    /**
     * What a sitting is called.
     *
     * @param list<SittingStep> $steps
     */
    public static function title(array $steps): string
    {
        return self::words(array_map(self::row(...), $steps));
    }

    /**
     * "coat, face and cape", "coat, face, cape and more".
     *
     * @param list<StepRow> $rows
     */
    private static function words(array $rows): string
    {
        $names = array_values(array_unique(array_column($rows, 'label')));

        return count($names) <= self::NAMED
            ? Message::listed($names)
            : Message::listed([...array_slice($names, 0, self::NAMED), 'more']);
    }
}
