<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Formats\Plate\PlateSvg;
use App\Formats\Recipe\RecipeJson;
use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\Company;
use App\Models\RecipeRow;
use App\Workshop\Plan\PlanMapper;
use App\Workshop\Plan\PortablePlan;
use App\Workshop\Studio;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Recipe\Plan\WholeStep;

/**
 * Recipes, figures and companies as documents that mean the same in another workshop.
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
            $recipe->drafted_colour,
            $recipe->way->value,
            $area->material->value,
            $area->relief->value,
            $this->portable($recipe),
        )
            + ['options' => PlanMapper::options(PlanMapper::wish($recipe->options))];
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
            'whole' => $this->whole($company),
            'areas' => array_values($company->areas->map(fn (AreaRow $a): array => $this->area($a, $company))->all()),
            'plate' => $plate === null || $plate->shapes === [] ? null : PlateSvg::write($plate->width, $plate->height, array_map(
                static fn (array $s): array => [...$s, 'name' => (string) ($names->get($s['area'] ?? 0) ?? $s['name'])],
                $plate->shapes,
            )),
        ], static fn (mixed $v): bool => $v !== null);
    }

    /**
     * @param list<int>|null $ids
     *
     * @return list<string>|null names of these areas; null for none
     */
    private static function named(Company $company, ?array $ids): ?array
    {
        return $ids === null || $ids === []
            ? null : array_values($company->areas->whereIn('id', $ids)->pluck('name')->sort()->all());
    }

    /** @return array<string, mixed> */
    private function area(AreaRow $area, Company $company): array
    {
        $beside = $company->areas->whereIn('id', $area->beside ?? [])->pluck('name')->sort();
        $recipe = $area->recipe;

        return array_filter([
            'name' => $area->name,
            'material' => $area->material->value,
            'relief' => $area->relief->value,
            'share' => $area->share,
            'depth' => $area->depth,
            'weight' => $area->weight->value,
            'colour' => $area->hex,
            'touches' => array_values($beside->all()),
            'alike' => self::named($company, $area->alike),
            'tinted' => self::named($company, $area->tinted),
            'lined' => self::named($company, $area->lined),
            'part' => $area->part,
            'reachable' => $area->reachable,
            'fragile' => $area->fragile,
            'fixed' => $area->fixed,
            'notes' => $area->notes,
            'recipe' => $recipe === null ? null : array_filter([
                'colour' => $recipe->drafted_colour,
                'way' => $recipe->way->value,
                'options' => PlanMapper::options(PlanMapper::wish($recipe->options)),
                'follows' => $company->areas->first(
                    static fn (AreaRow $a): bool => $a->recipe !== null && $a->recipe->id === $recipe->follows_id,
                )?->name,
                'follows_as' => $recipe->follows_id !== null && $recipe->follows_as === RecipeRow::METHOD ? RecipeRow::METHOD : null,
                'plan' => $this->portable($recipe),
            ], static fn (mixed $v): bool => $v !== null),
        ], static fn (mixed $v): bool => $v !== null);
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

    /** @return list<array<string, mixed>>|null the steps over the whole figure */
    private function whole(Company $company): ?array
    {
        $names = $company->areas->pluck('name', 'id');
        $whole = $this->studio->undercoats->whole($company)->steps;

        return $whole === [] ? null : array_map(static fn (WholeStep $each): array => [
            'step' => PortablePlan::of(new Plan([$each->step], []))['steps'][0],
            'without' => array_values(array_filter(array_map(static fn (string $id): ?string => $names->get((int) $id), $each->without))),
            'late' => $each->late,
        ], $whole);
    }

    /** @return array<string, mixed>|null */
    private function undercoat(Company $company): ?array
    {
        $plan = $company->undercoat === null ? null : $this->studio->undercoats->plan($company);
        if ($plan === null || $plan->steps[0]->paint === null) {
            return null;
        }
        $names = $company->areas->pluck('name', 'id');

        return ['steps' => array_map(static fn (UndercoatStep $step): array => array_filter([
            'paint' => $step->paint === null ? null : PortablePlan::paint($step->paint),
            'kind' => $step->kind->value,
            'from' => $step->from === null ? null : [
                'degrees' => $step->from->degrees, 'side' => $step->from->side, 'strength' => $step->from->strength,
            ],
            'areas' => array_values(array_filter(array_map(static fn (string $id): ?string => $names->get((int) $id), $step->areas))),
            'coats' => $step->coats,
            'thin' => $step->thinning?->ratio(),
        ], static fn (mixed $v): bool => $v !== null && $v !== []), $plan->steps)];
    }
}
