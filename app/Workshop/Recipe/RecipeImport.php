<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Formats\Recipe\RecipeJson;
use App\Formats\UnreadableFile;
use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\Company;
use App\Models\RecipeRow;
use App\Workshop\Figure\CompanyWriter;
use App\Workshop\Figure\PlateDesk;
use App\Workshop\Plan\PlanMapper;
use App\Workshop\Plan\PlanReader;
use App\Workshop\Plan\PlanStore;
use App\Workshop\Plan\PortablePlan;
use App\Workshop\Studio;
use App\Workshop\Undercoat\UndercoatEdits;
use Closure;
use DomainException;
use Illuminate\Support\Facades\DB;
use Kalokroma\Recipe\Plan\AreaPlan;
use Kalokroma\Recipe\Plan\FigurePlan;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\WholeStep;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Word\Message;

/**
 * Recipes, figures and companies brought in from documents of another workshop.
 *
 * @phpstan-import-type SaidSpray from UndercoatEdits
 *
 * @phpstan-import-type GivenPaint from PlanReader
 * @phpstan-import-type GivenSpray from PlanReader
 * @phpstan-import-type GivenUndercoat from PlanReader
 * @phpstan-import-type GivenWhole from PlanReader
 *
 * @phpstan-type GivenRecipe array{
 *   colour: string, way: string, options?: array<string, mixed>, follows?: string, follows_as?: string, plan: array<string, mixed>,
 * }
 * @phpstan-type GivenArea array{
 *   name: string, material: string, relief: string, share: float, depth: int, weight: string, colour?: string|null, fixed?: bool,
 *   touches?: list<string>, recipe?: GivenRecipe, part?: string, reachable?: bool, fragile?: bool,
 * }
 * @phpstan-type GivenFigures array{
 *   kind: string, name: string, model?: string, count?: int, leaders?: int, height_mm: float, surface_cm2?: float, notes?: string,
 *   survey?: array<string, string>, plate?: string, undercoat?: GivenUndercoat, whole?: list<GivenWhole>, areas: list<GivenArea>,
 * }
 */
final readonly class RecipeImport
{
    private PlanReader $reader;

    public function __construct(private Studio $studio)
    {
        $this->reader = new PlanReader($studio->shelf);
    }

    /**
     * A recipe is added to the book, a figure or company to your figures. All of it, or nothing.
     *
     * @throws UnreadableFile|DomainException
     */
    public function run(string $json): Imported
    {
        $document = RecipeJson::read($json);

        return DB::transaction(
            fn (): Imported => $document['kind'] === RecipeJson::RECIPE ? $this->toBook($document) : $this->toFigures($document),
        );
    }

    /**
     * @param array<string, mixed> $given
     */
    private function toBook(array $given): Imported
    {
        /**
         * @var array{
         *   name: string, colour: string, way: string, material: string, relief: string, tags?: list<string>, notes?: string,
         *   plan: array<string, mixed>,
         * } $given
         */
        $plan = $this->reader->plan($given['plan']);
        $painter = $this->studio->painter->id;
        $name = self::freeName(
            $given['name'],
            static fn (string $n): bool => BookRow::query()->where('painter_id', $painter)->where('name', $n)->exists(),
        );
        $row = BookRow::query()->create([
            'painter_id' => $this->studio->painter->id,
            'name' => $name,
            'tags' => $given['tags'] ?? [],
            'material' => $given['material'],
            'relief' => $given['relief'],
            'way' => $given['way'],
            'hex' => strtolower($given['colour']),
            'plan' => PortablePlan::of($plan),
            'paints' => PortablePlan::paints($plan),
            'strip' => Predictions::alone($plan, $given['material'], $given['relief']),
            'notes' => $given['notes'] ?? '',
        ]);

        return new Imported(
            sprintf('"%s" is in your recipe book now, with %d steps.', $name, count($plan->steps)),
            self::renamed($given['name'], $name),
            bookId: $row->id,
        );
    }

    /**
     * @param array<string, mixed> $given
     */
    private function toFigures(array $given): Imported
    {
        /** @var GivenFigures $given */
        $company = $this->written($given);
        $notes = [...self::renamed($given['name'], $company->name), ...$this->ground($company, $given['undercoat'] ?? null)];
        $this->whole($company, $given['whole'] ?? []);
        $recipes = $this->recipesOf($company, $given['areas']);
        $company->load('areas.recipe', 'records');

        return new Imported(
            Message::said('{name} {count, plural, one {is} other {are}} among your figures now: '
                .'{areas, plural, one {# area} other {# areas}}, {recipes} with a recipe.', [
                'name' => $company->name, 'count' => $company->count, 'areas' => count($given['areas']), 'recipes' => count($recipes),
            ]),
            $notes,
            companyId: $company->id,
        );
    }

    /** @param GivenFigures $given */
    private function written(array $given): Company
    {
        $single = $given['kind'] === RecipeJson::FIGURE;
        $painter = $this->studio->painter->id;
        $company = CompanyWriter::write($this->studio->painter, null, [
            ...array_intersect_key($given, array_flip(['height_mm', 'surface_cm2', 'notes'])),
            'name' => self::freeName(
                $given['name'],
                static fn (string $n): bool => Company::query()->where('painter_id', $painter)->where('name', $n)->exists(),
            ),
            'kind' => $given['model'] ?? null,
            'count' => $single ? 1 : $given['count'] ?? 1,
            'leaders' => $single ? 0 : $given['leaders'] ?? 0,
            'areas' => array_map(static fn (array $a): array => array_diff_key($a, ['fixed' => 0, 'recipe' => 0]), $given['areas']),
        ]);
        $company->update(['survey' => $given['survey'] ?? []]);
        if (isset($given['plate'])) {
            PlateDesk::drawing($company, $given['plate']);
        }

        return $company;
    }

    /**
     * @param list<GivenArea> $areas
     *
     * @return array<string, RecipeRow> by the area's name in small letters
     */
    private function recipesOf(Company $company, array $areas): array
    {
        $recipes = [];
        foreach ($company->areas as $i => $area) {
            $area->update(['fixed' => ($areas[$i]['fixed'] ?? false) && $area->hex !== null]);
            $said = $areas[$i]['recipe'] ?? null;
            if ($said !== null) {
                $recipes[mb_strtolower($area->name)] = $this->recipeOf($company, $area, $said);
            }
        }
        foreach ($areas as $area) {
            $model = $recipes[mb_strtolower($area['recipe']['follows'] ?? '')] ?? null;
            $own = $recipes[mb_strtolower($area['name'])] ?? null;
            if ($model !== null && $own !== null) {
                RecipeFollowing::bind($own, $model);
                if (($area['recipe']['follows_as'] ?? '') === RecipeRow::METHOD) {
                    $own->fill(['follows_as' => RecipeRow::METHOD, 'followed' => $own->plan]);
                }
                $own->save();
            }
        }

        return $recipes;
    }

    /** @param GivenRecipe $said */
    private function recipeOf(Company $company, AreaRow $area, array $said): RecipeRow
    {
        $plan = new AreaPlan(
            $this->reader->plan($said['plan']),
            strtolower($said['colour']),
            Way::from($said['way']),
            PlanMapper::wish($said['options'] ?? null),
            $area->relief,
            $area->material,
        );
        $wanted = $area->hex;
        $this->studio->plans->commit(
            $company,
            [$area->id => null],
            'from a file',
            static fn (FigurePlan $figure): FigurePlan => $figure->withArea((string) $area->id, $plan),
        );
        // The file tells apart what is wanted now and what the recipe was drafted for.
        if ($area->hex !== $wanted) {
            $area->update(['hex' => $wanted]);
        }

        return $area->recipe ?? throw RecipeProblem::notDrafted($area->name);
    }

    /**
     * The ground it was planned on, where it stands on this shelf.
     *
     * @param GivenUndercoat|null $said
     *
     * @return list<string> what could not be had
     */
    private function ground(Company $company, ?array $said): array
    {
        if ($said === null) {
            return [];
        }
        $notes = $steps = [];
        $allowed = Kind::allowedBy($this->studio->painter->equipment());
        $ids = $company->areas->pluck('id', 'name');
        foreach (PlanReader::sprays($said) as $given) {
            $paint = $this->own($given['paint']);
            if ($paint === null && $steps === []) {
                return [sprintf('Its undercoat, %s, is not on your shelf: another is advised.', $given['paint']['name'])];
            }
            if ($paint === null) {
                $notes[] = sprintf(
                    '%s, sprayed over its undercoat, is not on your shelf: that light is left out.',
                    $given['paint']['name'],
                );
                continue;
            }
            $kind = Kind::tryFrom($given['kind'] ?? '') ?? $allowed;
            if (!$kind->isAllowedBy($this->studio->painter->equipment())) {
                $notes[] = sprintf('You have no %s: the undercoat is put on as you can.', $kind->tool()->words());
                $kind = $allowed;
            }
            $areas = array_map(static fn (string $n): int => (int) $ids->get($n), $given['areas'] ?? []);
            $steps[] = self::spray($given, $paint, $kind, array_values(array_filter($areas)));
        }
        try {
            (new UndercoatEdits($this->studio))->sequence($company, $steps);
        } catch (DomainException $problem) {
            return [...$notes, $problem->getMessage().' Another ground is advised.'];
        }

        return array_values(array_unique($notes));
    }

    /** @param list<GivenWhole> $given steps over the whole figure */
    private function whole(Company $company, array $given): void
    {
        $ids = $company->areas->pluck('id', 'name');
        $whole = $this->reader->whole($given, static fn (string $name): string => (string) $ids->get($name));
        if ($whole !== []) {
            $made = array_map(
                static fn (WholeStep $w): Closure => static fn (StepKey $key): WholeStep => $w->with($w->step->renamed($key)),
                $whole,
            );
            $this->studio->plans->commit(
                $company,
                [PlanStore::WHOLE => null],
                'steps over the whole figure',
                static fn (FigurePlan $plan): FigurePlan => $plan->withWhole($plan->whole->with(...$made)),
            );
        }
    }

    /**
     * @param GivenSpray $given
     * @param list<int> $areas
     *
     * @return SaidSpray
     */
    private static function spray(array $given, Paint $paint, Kind $kind, array $areas): array
    {
        return [
            'key' => null,
            'paint_id' => (int) $paint->id,
            'kind' => $kind->value,
            'from' => PlanReader::from($given['from'] ?? null),
            'areas' => $areas,
            'coats' => $given['coats'] ?? null,
            'thin' => $given['thin'] ?? null,
        ];
    }

    /** @param GivenPaint $said */
    private function own(array $said): ?Paint
    {
        foreach ($this->studio->shelf->paints() as $paint) {
            if (mb_strtolower($paint->line.'/'.$paint->name) === mb_strtolower(($said['line'] ?? '').'/'.$said['name'])) {
                return $paint;
            }
        }

        return null;
    }

    /** @param callable(string): bool $taken */
    private static function freeName(string $name, callable $taken): string
    {
        $free = $name;
        for ($n = 2; $taken($free); ++$n) {
            $free = mb_substr($name, 0, 72).' ('.$n.')';
        }

        return $free;
    }

    /** @return list<string> */
    private static function renamed(string $was, string $is): array
    {
        return $was === $is ? [] : [sprintf('You have a "%s" already: this one is called "%s".', $was, $is)];
    }
}
