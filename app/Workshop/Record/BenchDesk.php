<?php

declare(strict_types=1);

namespace App\Workshop\Record;

use App\Http\Shared\StepView;
use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Workshop\Recipe\RecipeDesk;
use App\Workshop\Shelf\StockDesk;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Support\Facades\DB;
use Kalokroma\Order\InsideOut;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Record\Comparison;

/**
 * What comes next on a figure, and writing down what was done.
 *
 * @phpstan-type Did array{mix: list<array{name: string, parts: int|null}>, thin: string|null, coats: int|null, tool: string|null, minutes: int|null}
 */
final readonly class BenchDesk
{
    public function __construct(private RecipeDesk $recipes)
    {
    }

    /**
     * The steps of a company from the undercoat on, area by area from inside out; omitted ones left out.
     *
     * @return list<array{area: AreaRow|null, outcome: StepOutcome}>
     */
    public function steps(Company $company): array
    {
        $company->loadMissing('areas.recipe');
        $rows = $company->areas->keyBy('id');
        $cores = array_values($company->areas->map(static fn (AreaRow $a) => $a->toCore($company))->all());
        $steps = [['area' => null, 'outcome' => $this->recipes->undercoats->outcome($company)]];
        foreach (InsideOut::of($cores) as $core) {
            /** @var AreaRow $area */
            $area = $rows[(int) $core->id];
            foreach (array_slice($this->recipes->outcomes($company, $area, $area->recipe), 1) as $outcome) {
                if (!$outcome->step->omitted) {
                    $steps[] = ['area' => $area, 'outcome' => $outcome];
                }
            }
        }

        return $steps;
    }

    /** @return array<string, mixed> */
    public function view(Company $company, int $figure, CarbonImmutable $now): array
    {
        if ($figure < 1 || $figure > $company->count) {
            throw new DomainException(sprintf('%s has figures 1 to %d: there is no figure %d.', $company->name, $company->count, $figure));
        }
        $done = $this->done($company);
        $all = $this->steps($company);
        $for = static fn (int $n): array => array_values(array_filter($all, static fn (array $s): bool => $s['outcome']->step->who->includes($n, $company->leaders)));
        $keys = static fn (array $steps): array => array_map(static fn (array $s): string => self::key($s['area']?->id, $s['outcome']->step->key), $steps);
        $steps = $for($figure);
        $planned = $keys($steps);
        $views = [];
        foreach ($steps as $i => ['area' => $area, 'outcome' => $outcome]) {
            $views[] = [
                ...StepView::of($outcome),
                'id' => $planned[$i],
                'area_id' => $area?->id,
                'area' => $area->name ?? 'Whole figure',
                'done' => isset($done[$figure][$planned[$i]]),
                'done_figures' => array_values(array_filter(range(1, $company->count), static fn (int $n): bool => isset($done[$n][$planned[$i]]))),
            ];
        }
        $open = array_filter($views, static fn (array $v): bool => !$v['done']);

        return [
            'company' => ['id' => $company->id, 'name' => $company->name, 'count' => $company->count],
            'figure' => $figure,
            'figures' => array_map(static fn (int $n): array => [
                'number' => $n,
                'done' => count(array_intersect_key($done[$n] ?? [], array_flip($keys($for($n))))),
                'total' => count($for($n)),
            ], range(1, $company->count)),
            'steps' => $views,
            'next' => $open === [] ? null : array_values($open)[0]['id'],
            'drying' => $this->drying($company, $figure, $now),
            'areas' => array_values($company->areas->map(static fn (AreaRow $a): array => ['id' => $a->id, 'name' => $a->name, 'planned' => $a->recipe !== null])->all()),
            'paints' => array_values(array_filter(array_map(
                static fn ($paint): ?string => $paint->isAtHand() ? $paint->name : null,
                $this->recipes->shelf->paints(),
            ))),
            'last' => $this->last($company),
            'now' => $now->toIso8601ZuluString(),
        ];
    }

    /**
     * Writes down one thing done on one or several figures; where it was planned, the plan of that moment is kept beside it.
     *
     * @param list<int> $figures
     * @param Did       $real
     */
    public function record(Company $company, ?AreaRow $area, ?string $stepKey, Stage $stage, array $figures, array $real, string $note, CarbonImmutable $at): Entry
    {
        $figures = array_values(array_unique($figures));
        sort($figures);
        if ($figures === [] || $figures[0] < 1 || $figures[count($figures) - 1] > $company->count) {
            throw new DomainException(sprintf('%s has figures 1 to %d: choose among them.', $company->name, $company->count));
        }
        $planned = $outcome = null;
        $dry = 0;
        if ($stepKey !== null) {
            foreach ($this->steps($company) as $step) {
                if ($step['area']?->id === $area?->id && $step['outcome']->step->key === $stepKey) {
                    $outcome = $step['outcome'];
                    $planned = self::snapshot($outcome);
                    $dry = $step['outcome']->dryMinutes;
                    $stage = $step['outcome']->step->stage;
                }
            }
            if ($planned === null) {
                throw new DomainException('That step is no longer in the recipe: reload the page and choose again.');
            }
        } else {
            $dry = (match ($stage) {
                Stage::Wash => Technique::WashAllOver,
                Stage::Drybrush => Technique::Drybrush,
                default => Technique::Layer,
            })->facts()->dry;
        }

        return DB::transaction(function () use ($company, $area, $stepKey, $stage, $figures, $planned, $real, $note, $at, $dry, $outcome): Entry {
            $entry = Entry::query()->create([
            'painter_id' => $company->painter_id,
            'company_id' => $company->id,
            'area_id' => $area?->id,
            'area_name' => $area->name ?? 'Whole figure',
            'step_key' => $stepKey,
            'stage' => $stage,
            'figures' => $figures,
            'planned' => $planned,
            'real' => $real,
            'note' => $note,
            'done_at' => $at,
            'dry_minutes' => $dry,
            ]);
            StockDesk::use($entry, $outcome, $real, $this->recipes->shelf);

            return $entry;
        });
    }

    /** @return array<string, mixed> what the plan said, in the shape of what was done */
    public static function snapshot(StepOutcome $outcome): array
    {
        return [
            'mix' => array_map(static fn (array $p): array => ['name' => $p['paint']->name, 'parts' => $p['parts']], $outcome->step->mix->parts ?? []),
            'thin' => $outcome->step->thinning->ratio(),
            'coats' => $outcome->coats,
            'tool' => $outcome->tool->words(),
            'minutes' => (int) max(1, round($outcome->minutes)),
            'technique' => $outcome->step->technique->words(),
            'look' => StepView::surface($outcome->after),
        ];
    }

    /** @return array<string, mixed> */
    public static function entryView(Entry $entry): array
    {
        /** @var Did $real */
        $real = $entry->real;
        /** @var Did|null $planned */
        $planned = $entry->planned;

        return [
            'id' => $entry->id,
            'company' => $entry->company->name,
            'company_id' => $entry->company_id,
            'area' => $entry->area_name,
            'stage' => $entry->stage->value,
            'figures' => $entry->figures,
            'done_at' => $entry->done_at->toIso8601ZuluString(),
            'in_plan' => $planned !== null,
            'planned' => $planned === null ? null : self::did($planned),
            'real' => self::did($real),
            'look' => $entry->planned['look'] ?? null,
            'differences' => $planned === null ? [] : Comparison::of($planned, $real),
            'note' => $entry->note,
        ];
    }

    /**
     * @param Did $did
     *
     * @return array<string, mixed>
     */
    private static function did(array $did): array
    {
        return [
            'words' => Comparison::words($did['mix']) ?: null,
            'thin' => $did['thin'] === null ? null : Comparison::thinWords($did['thin']),
            'coats' => $did['coats'],
            'tool' => $did['tool'],
            'minutes' => $did['minutes'],
        ];
    }

    /** @return array<int, array<string, true>> figure to the keys of the steps recorded on it */
    private function done(Company $company): array
    {
        $done = [];
        foreach ($company->records as $entry) {
            if ($entry->step_key !== null) {
                foreach ($entry->figures as $figure) {
                    $done[$figure][self::key($entry->area_id, $entry->step_key)] = true;
                }
            }
        }

        return $done;
    }

    /** @return list<array{area: string, stage: string, until: string, total_minutes: int}> */
    private function drying(Company $company, int $figure, CarbonImmutable $now): array
    {
        $drying = [];
        foreach ($company->records as $entry) {
            $until = $entry->done_at->addMinutes($entry->dry_minutes);
            if (in_array($figure, $entry->figures, true) && $until > $now) {
                $drying[$entry->area_name] = [
                    'area' => $entry->area_name,
                    'stage' => $entry->stage->value,
                    'until' => $until->toIso8601ZuluString(),
                    'total_minutes' => $entry->dry_minutes,
                ];
            }
        }

        return array_values($drying);
    }

    /** @return array<string, mixed>|null the latest entry, which the bench can take back */
    private function last(Company $company): ?array
    {
        $entry = $company->records->sortByDesc('id')->first();

        return $entry === null ? null : ['id' => $entry->id, 'area' => $entry->area_name, 'stage' => $entry->stage->value, 'figures' => $entry->figures];
    }

    private static function key(?int $areaId, string $stepKey): string
    {
        return ($areaId ?? 'all').':'.$stepKey;
    }
}
