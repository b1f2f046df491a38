<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\RecipeRow;
use App\Workshop\Plan\PlanMapper;
use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Technique\Way;

/** Recipes as rows: their plans with the paints of the shelf in them, and what they were drafted for. */
final readonly class RecipeRows
{
    public function __construct(private ShelfRows $shelf)
    {
    }

    public function plan(?RecipeRow $recipe): ?Plan
    {
        return $recipe === null ? null : PlanMapper::toPlan($recipe->plan, $this->shelf)->knowing(...$recipe->keys ?? []);
    }

    /**
     * @return array{RecipeRow, Plan}
     *
     * @throws RecipeProblem where none is drafted yet
     */
    public function drafted(AreaRow $area): array
    {
        $recipe = $area->recipe ?? throw RecipeProblem::notDrafted($area->name);

        return [$recipe, PlanMapper::toPlan($recipe->plan, $this->shelf)->knowing(...$recipe->keys ?? [])];
    }

    /** A recipe that is not kept yet. */
    public static function fresh(AreaRow $area, string $colour, Way $way): RecipeRow
    {
        $recipe = new RecipeRow([
            'area_id' => $area->id, 'drafted_colour' => $colour, 'way' => $way, 'drafted_for' => self::draftedFor($area),
        ]);
        $recipe->painter_id = $area->painter_id;
        $area->setRelation('recipe', $recipe);

        return $recipe;
    }

    /** @return array{relief: string, material: string} */
    public static function draftedFor(AreaRow $area): array
    {
        return ['relief' => $area->relief->value, 'material' => $area->material->value];
    }

    /** What has changed about the area since its recipe was drafted, in a sentence; null where nothing has. */
    public static function outdated(AreaRow $area): ?string
    {
        $for = $area->recipe?->drafted_for;
        $changed = [];
        if ($for !== null && $for['relief'] !== $area->relief->value) {
            $changed[] = sprintf('its relief was %s and is %s now', Relief::from($for['relief'])->words(), $area->relief->words());
        }
        if ($for !== null && $for['material'] !== $area->material->value) {
            $changed[] = sprintf('its material was %s and is %s now', Material::from($for['material'])->words(), $area->material->words());
        }
        if ($area->recipe !== null && $area->hex !== null && $area->recipe->drafted_colour !== $area->hex) {
            $changed[] = sprintf('its colour was %s and is %s now', $area->recipe->drafted_colour, $area->hex);
        }

        return $changed === [] ? null : sprintf('%s has changed since this recipe was drafted: %s.', $area->name, implode('; ', $changed));
    }
}
