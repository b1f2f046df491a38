<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Formats\Plate\PlateSvg;
use App\Formats\Recipe\RecipeJson;
use App\Formats\UnreadableFile;
use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\Company;
use App\Models\RecipeRow;
use App\Workshop\Figure\CompanyWriter;
use App\Workshop\Figure\PlateDesk;
use App\Workshop\Studio;
use DomainException;
use Illuminate\Support\Facades\DB;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Word\Message;

/**
 * Recipes, figures and companies as documents that mean the same in another workshop, and back.
 *
 * @phpstan-type PaintRow array{name: string, line?: string, behaviour: string, colour: string|null}
 * @phpstan-type GivenRecipe array{
 *   colour: string, way: string, options?: array<string, mixed>, follows?: string, plan: array<string, mixed>,
 * }
 */
final readonly class RecipeFiles
{
    public function __construct(private Studio $studio)
    {
    }

    /**
     * @return array<string, mixed> as docs/formats/recipe.schema.json says
     *
     * @throws RecipeProblem where there is no recipe yet
     */
    public function recipe(AreaRow $area): array
    {
        $recipe = $area->recipe ?? throw RecipeProblem::notDrafted($area->name);

        return $this->document(
            $area->name,
            $recipe->hex,
            $recipe->way->value,
            $area->material->value,
            $area->relief->value,
            $this->portable($recipe),
        )
            + ['options' => PlanRows::options(PlanRows::wish($recipe->options))];
    }

    /** @return array<string, mixed> */
    public function bookRecipe(BookRow $row): array
    {
        return $this->document(
            $row->name,
            $row->hex,
            $row->way->value,
            $row->material->value,
            $row->relief->value,
            $row->plan,
        ) + ['tags' => $row->tags, 'notes' => $row->notes];
    }

    /**
     * @param bool $single one figure instead of the company
     *
     * @return array<string, mixed> as docs/formats/figure.schema.json says
     */
    public function figure(Company $company, bool $single): array
    {
        $names = $company->areas->pluck('name', 'id');
        $byRecipe = $company->areas->mapWithKeys(static fn (AreaRow $a): array => $a->recipe === null ? [] : [$a->recipe->id => $a->name]);
        $plate = $company->plate;

        return array_filter([
            'kind' => $single ? RecipeJson::FIGURE : RecipeJson::COMPANY,
            'version' => 1,
            'name' => $company->name,
            'model' => $company->kind->value,
            'count' => $single ? 1 : $company->count,
            'leaders' => $single ? 0 : $company->leaders,
            'height_mm' => $company->height_mm,
            'surface_cm2' => $company->surface_cm2,
            'notes' => $company->notes,
            'survey' => ($company->survey ?? []) === [] ? null : $company->survey,
            'undercoat' => $this->undercoat($company),
            'areas' => array_values($company->areas->map(fn (AreaRow $a): array => array_filter([
                'name' => $a->name,
                'material' => $a->material->value,
                'relief' => $a->relief->value,
                'share' => $a->share,
                'depth' => $a->depth,
                'weight' => $a->weight->value,
                'colour' => $a->hex,
                'touches' => array_values($names->only($a->beside ?? [])->sort()->all()),
                'part' => $a->part,
                'reachable' => $a->reachable,
                'fragile' => $a->fragile,
                'fixed' => $a->fixed,
                'notes' => $a->notes,
                'recipe' => $a->recipe === null ? null : array_filter([
                    'colour' => $a->recipe->hex,
                    'way' => $a->recipe->way->value,
                    'options' => PlanRows::options(PlanRows::wish($a->recipe->options)),
                    'follows' => $byRecipe->get($a->recipe->follows_id ?? 0),
                    'plan' => $this->portable($a->recipe),
                ], static fn (mixed $v): bool => $v !== null),
            ], static fn (mixed $v): bool => $v !== null))->all()),
            'plate' => $plate === null || $plate->shapes === [] ? null : PlateSvg::write($plate->width, $plate->height, array_map(
                static fn (array $s): array => [...$s, 'name' => (string) ($names->get($s['area'] ?? 0) ?? $s['name'])],
                $plate->shapes,
            )),
        ], static fn (mixed $v): bool => $v !== null);
    }

    /**
     * A recipe comes into the book, a figure or company among the figures. All of it, or nothing.
     *
     * @return array{words: string, notes: list<string>, book_id: int|null, company_id: int|null}
     *
     * @throws UnreadableFile|DomainException
     */
    public function import(string $json): array
    {
        $document = RecipeJson::read($json);

        return DB::transaction(
            fn (): array => $document['kind'] === RecipeJson::RECIPE ? $this->toBook($document) : $this->toFigures($document),
        );
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return array<string, mixed>
     */
    private function document(string $name, string $hex, string $way, string $material, string $relief, array $plan): array
    {
        return [
            'kind' => RecipeJson::RECIPE,
            'version' => 1,
            'name' => $name,
            'colour' => $hex,
            'way' => $way,
            'material' => $material,
            'relief' => $relief,
            'plan' => $plan,
        ];
    }

    /** @return array<string, mixed> */
    private function portable(RecipeRow $recipe): array
    {
        return PortablePlan::of($this->studio->recipes->plan($recipe) ?? new Plan([], []));
    }

    /** @return array<string, mixed>|null */
    private function undercoat(Company $company): ?array
    {
        $kept = $company->undercoat;
        $ground = $kept === null ? null : $this->studio->undercoats->current($company);

        return $kept === null || $ground?->primer === null ? null : [
            'paint' => PortablePlan::paint($ground->primer),
            'kind' => $this->studio->undercoats->kind($company)->value,
            'coats' => $kept['coats'],
            'thin' => $kept['thin'],
            'lights' => array_map(
                static fn (array $l): array => ['paint' => PortablePlan::paint($l['paint']), 'degrees' => $l['degrees']],
                $ground->lights,
            ),
        ];
    }

    /**
     * @param array<string, mixed> $given
     *
     * @return array{words: string, notes: list<string>, book_id: int, company_id: null}
     */
    private function toBook(array $given): array
    {
        /**
         * @var array{
         *   name: string, colour: string, way: string, material: string, relief: string, tags?: list<string>, notes?: string,
         *   plan: array<string, mixed>,
         * } $given
         */
        $plan = $this->planOf($given['plan']);
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

        return [
            'words' => sprintf('"%s" stands in the book now, with %d steps.', $name, count($plan->steps)),
            'notes' => self::renamed($given['name'], $name),
            'book_id' => $row->id,
            'company_id' => null,
        ];
    }

    /**
     * @param array<string, mixed> $given
     *
     * @return array{words: string, notes: list<string>, book_id: null, company_id: int}
     */
    private function toFigures(array $given): array
    {
        /**
         * @var array{
         *   kind: string, name: string, model?: string, count?: int, leaders?: int, height_mm: float, surface_cm2?: float,
         *   notes?: string, survey?: array<string, string>, plate?: string,
         *   undercoat?: array{paint: PaintRow, kind?: string, coats?: int|null, thin?: string|null,
     *     lights?: list<array{paint: PaintRow, degrees: float}>},
         *   areas: list<array{name: string, material: string, relief: string, share: float, depth: int, weight: string,
     *     colour?: string|null, fixed?: bool, touches?: list<string>, recipe?: GivenRecipe}>,
         * } $given
         */
        $single = $given['kind'] === RecipeJson::FIGURE;
        $painter = $this->studio->painter->id;
        $name = self::freeName(
            $given['name'],
            static fn (string $n): bool => Company::query()->where('painter_id', $painter)->where('name', $n)->exists(),
        );
        $company = CompanyWriter::write($this->studio->painter, null, [
            ...array_intersect_key($given, array_flip(['height_mm', 'surface_cm2', 'notes'])),
            'name' => $name,
            'kind' => $given['model'] ?? null,
            'count' => $single ? 1 : $given['count'] ?? 1,
            'leaders' => $single ? 0 : $given['leaders'] ?? 0,
            'areas' => array_map(static fn (array $a): array => array_diff_key($a, ['fixed' => 0, 'recipe' => 0]), $given['areas']),
        ]);
        $company->update(['survey' => $given['survey'] ?? []]);
        if (isset($given['plate'])) {
            PlateDesk::drawing($company, $given['plate']);
        }
        $notes = [...self::renamed($given['name'], $name), ...$this->ground($company, $given['undercoat'] ?? null)];
        $recipes = [];
        foreach ($company->areas as $i => $area) {
            $area->update(['fixed' => ($given['areas'][$i]['fixed'] ?? false) && $area->hex !== null]);
            $said = $given['areas'][$i]['recipe'] ?? null;
            if ($said !== null) {
                $recipes[mb_strtolower($area->name)] = $this->recipeOf($company, $area, $said);
            }
        }
        foreach ($given['areas'] as $area) {
            $model = $recipes[mb_strtolower($area['recipe']['follows'] ?? '')] ?? null;
            $own = $recipes[mb_strtolower($area['name'])] ?? null;
            if ($model !== null && $own !== null) {
                RecipeFollowing::bind($own, $model);
                $own->save();
            }
        }
        $company->load('areas.recipe', 'records');

        return [
            'words' => Message::said('{name} {count, plural, one {stands} other {stand}} among your figures now: '
                .'{areas, plural, one {# area} other {# areas}}, {recipes} with a recipe.', [
                'name' => $name, 'count' => $company->count, 'areas' => count($given['areas']), 'recipes' => count($recipes),
            ]),
            'notes' => $notes,
            'book_id' => null,
            'company_id' => $company->id,
        ];
    }

    /** @param GivenRecipe $said */
    private function recipeOf(Company $company, AreaRow $area, array $said): RecipeRow
    {
        $recipe = new RecipeRow(
            [
                'area_id' => $area->id,
                'hex' => strtolower($said['colour']),
                'way' => $said['way'],
                'options' => $said['options'] ?? null,
                'drafted_for' => ['relief' => $area->relief->value, 'material' => $area->material->value],
            ],
        );
        $recipe->painter_id = $area->painter_id;
        $this->studio->predictions->lay($recipe, $this->planOf($said['plan']), $company, $area);
        RecipeHistory::record($recipe, 'from a file');

        return $recipe;
    }

    /** @param array<string, mixed> $portable */
    private function planOf(array $portable): Plan
    {
        return PlanRows::toPlan(PortablePlan::row($portable, $this->studio->shelf), $this->studio->shelf);
    }

    /**
     * The ground it was planned on, where it stands on this shelf.
     *
     * @param array{
     *   paint: PaintRow, kind?: string, coats?: int|null, thin?: string|null,
     *   lights?: list<array{paint: PaintRow, degrees: float}>,
     * }|null $said
     *
     * @return list<string> what could not be had
     */
    private function ground(Company $company, ?array $said): array
    {
        if ($said === null) {
            return [];
        }
        $primer = $this->own($said['paint']);
        if ($primer === null) {
            return [sprintf('Its undercoat, %s, does not stand on your shelf: another is advised.', $said['paint']['name'])];
        }
        $notes = $lights = [];
        foreach ($said['lights'] ?? [] as $light) {
            $paint = $this->own($light['paint']);
            if ($paint === null) {
                $notes[] = sprintf(
                    '%s, sprayed over its undercoat, does not stand on your shelf: that light is left out.',
                    $light['paint']['name'],
                );
            } else {
                $lights[] = ['paint_id' => (int) $paint->id, 'degrees' => (float) $light['degrees']];
            }
        }
        $kind = Kind::tryFrom($said['kind'] ?? '');
        $allowed = $kind !== null && $kind->isAllowedBy($this->studio->painter->equipment());
        if ($kind !== null && !$allowed) {
            $notes[] = sprintf('You have no %s: the undercoat is put on as you can.', $kind->tool()->words());
        }
        try {
            $this->studio->undercoats->choose($company, $primer->id, $lights, $allowed ? $kind->value : null);
        } catch (DomainException $problem) {
            return [...$notes, $problem->getMessage().' Another ground is advised.'];
        }
        $company->update(
            ['undercoat' => [...($company->undercoat ?? []), 'coats' => $said['coats'] ?? null, 'thin' => $said['thin'] ?? null]],
        );

        return $notes;
    }

    /** @param PaintRow $said */
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
