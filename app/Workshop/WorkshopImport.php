<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Formats\Shelf\PaintFields;
use App\Formats\UnreadableFile;
use App\Formats\Workshop\WorkshopJson;
use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Painter;
use App\Workshop\Figure\CompanyWriter;
use App\Workshop\Figure\PlateDesk;
use App\Workshop\Plan\PlanMapper;
use App\Workshop\Plan\PlanReader;
use App\Workshop\Recipe\DraftWish;
use App\Workshop\Recipe\RecipeMoves;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Record\Did;
use App\Workshop\Record\Doing;
use App\Workshop\Record\Recording;
use App\Workshop\Shelf\StockDesk;
use App\Workshop\Undercoat\UndercoatEdits;
use App\Workshop\Undercoat\WholeEdits;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Kalokroma\Recipe\Change\DifferStep;
use Kalokroma\Recipe\Change\StepChange;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Record\Instant;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Movement;
use Kalokroma\Undercoat\Kind;

/**
 * Brings a whole workshop in for a painter: shelf, companies, and on request drafted recipes and a ledger.
 *
 * @phpstan-import-type DidRow from Did
 *
 * @phpstan-type GivenSpray array{
 *   paint: string, from?: array{degrees: float|int, side?: string, strength?: float}, areas?: list<string>,
 * }
 * @phpstan-type GivenWhole array{technique: string, without?: list<string>, late?: bool}
 * @phpstan-type GivenRecipe array{
 *   area: string, way?: string, start?: string, adds?: list<string>, contrast?: string,
 *   follows?: array{company: string, area: string}, coats?: array<string, int>, omitted?: list<string>,
 *   differs?: list<array{step: string, figures: string, paint: string}>,
 * }
 */
final class WorkshopImport
{
    /** @throws UnreadableFile|\DomainException */
    public static function run(Painter $painter, string $json): void
    {
        $workshop = WorkshopJson::read($json);
        DB::transaction(static function () use ($painter, $workshop): void {
            self::habits($painter, $workshop['painter']);
            self::paints($painter, $workshop['paints']);
            /** @var list<array<string, mixed>> $companies */
            $companies = $workshop['companies'];
            foreach ($companies as $company) {
                self::company($painter, $company);
            }
            self::book($painter, $workshop['book'] ?? []);
            /** @var list<string> $gone */
            $gone = $workshop['ran_out'] ?? [];
            foreach ($painter->paints()->whereIn('name', $gone)->get() as $paint) {
                StockDesk::move($paint, Movement::Counted, 0.0, 'used up', CarbonImmutable::now());
            }
        });
    }

    /** @param array<string, mixed> $habits how the painter works, and what is owned besides paint */
    private static function habits(Painter $painter, array $habits): void
    {
        $known = ['airbrush', 'spray_cans', 'extraction', 'solvents', 'wet_palette', 'metal_brush', 'way', 'school', 'free'];
        $painter->update([
            ...array_intersect_key(['school' => 'open', ...$habits], array_flip($known)),
            'answered' => array_values(array_intersect(Painter::ASKED, array_keys($habits))),
        ]);
    }

    /**
     * @param list<array<string, string|int|float|bool>> $paints
     *
     * @throws UnreadableFile
     */
    private static function paints(Painter $painter, array $paints): void
    {
        foreach ($paints as $i => $paint) {
            $paint['owned'] = ($paint['owned'] ?? true) ? 'yes' : 'no';
            $fields = PaintFields::read(array_map(strval(...), $paint));
            if ($fields->problems !== []) {
                throw UnreadableFile::because(sprintf('At /paints/%d: %s', $i, implode(' ', $fields->problems)));
            }
            $painter->paints()->create($fields->attributes);
        }
    }

    /** @param list<array{name: string, company: string, area: string, told?: string, tags?: list<string>, notes?: string}> $book */
    private static function book(Painter $painter, array $book): void
    {
        $moves = new RecipeMoves(new Studio($painter->refresh()));
        foreach ($book as $row) {
            $area = self::areaOf($painter, $row['company'], $row['area'])->load('recipe');
            isset($row['told'])
                ? $moves->toldToBook($area, $row['told'], $row['name'], $row['tags'] ?? [], $row['notes'] ?? '')
                : $moves->toBook($area, $row['name'], $row['tags'] ?? [], $row['notes'] ?? '');
        }
    }

    /** @param array<string, mixed> $given */
    private static function company(Painter $painter, array $given): void
    {
        $company = CompanyWriter::write($painter, null, [...$given, 'matches_id' => self::named($painter, $given['matches'] ?? null)]);
        /** @var array<string, string> $survey */
        $survey = $given['survey'] ?? [];
        $company->update(['survey' => $survey]);
        /** @var list<array{fixed?: bool}> $areas */
        $areas = $given['areas'];
        foreach ($company->areas as $i => $area) {
            $area->update(['fixed' => ($areas[$i]['fixed'] ?? false) && $area->hex !== null]);
        }
        if (is_string($given['plate'] ?? null)) {
            PlateDesk::drawing($company, $given['plate']);
        }
        $studio = new Studio($painter->refresh());
        /** @var list<GivenSpray> $sprays */
        $sprays = $given['sprays'] ?? [];
        self::sprays($studio, $company, $sprays);
        if ($given['drafted'] ?? false) {
            /** @var list<GivenRecipe> $own */
            $own = $given['recipes'] ?? [];
            $byArea = array_column($own, null, 'area');
            foreach ($company->areas as $area) {
                if ($area->hex !== null) {
                    self::recipe($studio, $company, $area, $area->hex, $byArea[$area->name] ?? ['area' => $area->name]);
                }
            }
        }
        $company->load('areas.recipe', 'records');
        /** @var list<GivenWhole> $whole */
        $whole = $given['whole'] ?? [];
        self::whole($studio, $company, $whole);
        /**
         * @var list<array{
         *   area?: string, step?: string, stage: string, figures: list<int>, at: string, note?: string,
         *   real?: array<string, mixed>,
         * }> $records
         */
        $records = $given['records'] ?? [];
        self::records($studio, $company, $records);
    }

    /** @param list<GivenWhole> $whole steps over the whole figure */
    private static function whole(Studio $studio, Company $company, array $whole): void
    {
        foreach ($whole as $step) {
            (new WholeEdits($studio))->add(
                $company,
                Technique::tryFrom($step['technique']),
                array_map(intval(...), $company->areas->whereIn('name', $step['without'] ?? [])->modelKeys()),
                true,
                $step['late'] ?? false,
                true,
                null,
            );
        }
    }

    /** @param list<GivenSpray> $sprays */
    private static function sprays(Studio $studio, Company $company, array $sprays): void
    {
        $company->load('areas.recipe', 'records');
        $said = array_map(static fn (array $spray): array => [
            'key' => null,
            'paint_id' => (int) ($studio->shelf->named($spray['paint'])->id ?? 0),
            'kind' => Kind::allowedBy($studio->painter->equipment())->value,
            'from' => PlanReader::from($spray['from'] ?? null),
            'areas' => array_map(intval(...), $company->areas->whereIn('name', $spray['areas'] ?? [])->modelKeys()),
            'coats' => null,
            'thin' => null,
        ], $sprays);
        if ($said !== []) {
            (new UndercoatEdits($studio))->sequence($company, $said);
        }
    }

    /** @param GivenRecipe $given */
    private static function recipe(Studio $studio, Company $company, AreaRow $area, string $hex, array $given): void
    {
        $way = Way::from($given['way'] ?? $studio->painter->way->value);
        if (isset($given['follows'])) {
            (new RecipeMoves($studio))->follow(
                $company,
                $area,
                self::areaOf($studio->painter, $given['follows']['company'], $given['follows']['area'])->load('recipe'),
            );
        } else {
            $studio->drafting->draft($company, $area, new DraftWish($hex, $way, PlanMapper::wish($given), $given['start'] ?? null));
        }
        foreach ($given['adds'] ?? [] as $start) {
            $studio->drafting->draft($company, $area, new DraftWish($hex, $way, PlanMapper::wish($given), $start));
        }
        foreach ($given['coats'] ?? [] as $key => $coats) {
            $studio->plans->change($company, $area, new StepChange((string) $key, handling: ['coats' => $coats]), null);
        }
        foreach ($given['omitted'] ?? [] as $key) {
            $studio->plans->change($company, $area, new StepChange($key, handling: ['omitted' => true]), null);
        }
        foreach ($given['differs'] ?? [] as $differs) {
            $who = Who::from($differs['figures'])->among($company->count);
            $studio->plans->change($company, $area, new DifferStep($differs['step'], $who), null);
            $paint = $studio->shelf->named($differs['paint']) ?? throw UnreadableFile::because(
                sprintf('%s is not on the shelf: a step of %s differs in it.', $differs['paint'], $area->name),
            );
            $studio->plans->change($company, $area, new StepChange($differs['step'].'-2', Mix::single($paint)), null);
        }
    }

    private static function areaOf(Painter $painter, string $company, string $area): AreaRow
    {
        return AreaRow::query()->where('painter_id', $painter->id)->where('name', $area)->whereRelation(
            'company',
            'name',
            $company,
        )->first()
            ?? throw UnreadableFile::because(sprintf('There is no area "%s" of "%s" before it.', $area, $company));
    }

    private static function named(Painter $painter, mixed $name): ?int
    {
        if (!is_string($name)) {
            return null;
        }
        $found = $painter->companies()->where('name', $name)->first();

        return $found === null ? throw UnreadableFile::because(
            sprintf('%s is meant to be matched, but no company before it has that name.', $name),
        ) : $found->id;
    }

    /**
     * @param list<array{
     *   area?: string, step?: string, stage: string, figures: list<int>, at: string, note?: string,
     *   real?: array<string, mixed>,
     * }> $records
     */
    private static function records(Studio $studio, Company $company, array $records): void
    {
        $recording = new Recording($studio);
        $steps = (new BenchDesk($studio))->steps($company);
        foreach ($records as $record) {
            $area = $company->areas->firstWhere('name', $record['area'] ?? null);
            $real = Did::NOTHING;
            foreach ($steps as $step) {
                if (isset($record['step']) && $step->isOf($area, $record['step'])) {
                    $real = array_intersect_key(Did::planned($step->outcome), $real);
                }
            }
            /** @var DidRow $done */
            $done = [...$real, ...($record['real'] ?? [])];
            $recording->write($company, new Doing(
                $area,
                $record['step'] ?? null,
                Stage::from($record['stage']),
                $record['figures'],
                $done,
                $record['note'] ?? '',
                Instant::of(null, CarbonImmutable::parse($record['at'], 'UTC')->getTimestamp()),
            ));
        }
    }
}
