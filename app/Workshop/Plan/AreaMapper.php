<?php

declare(strict_types=1);

namespace App\Workshop\Plan;

use App\Models\RecipeRow;
use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Plan\AreaPlan;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Technique\Way;

/**
 * What is planned for one area, from its row or one of its states to a plan and back.
 *
 * @phpstan-import-type PlanRow from PlanMapper
 *
 * @phpstan-type DraftedFor array{relief: string, material: string}
 * @phpstan-type AreaState array{
 *   plan: PlanRow, drafted_colour: string, way: string, options: array<string, mixed>|null, drafted_for?: DraftedFor,
 * }
 */
final class AreaMapper
{
    public static function of(RecipeRow $recipe, ShelfRows $shelf): AreaPlan
    {
        return self::plan(self::stateOf($recipe), $recipe, $shelf);
    }

    /**
     * @param AreaState $state
     * @param RecipeRow $recipe in whose life it was
     */
    public static function plan(array $state, RecipeRow $recipe, ShelfRows $shelf): AreaPlan
    {
        $for = $state['drafted_for'] ?? $recipe->drafted_for;

        return new AreaPlan(
            PlanMapper::toPlan($state['plan'], $shelf)->knowing(...$recipe->keys ?? []),
            $state['drafted_colour'],
            Way::from($state['way']),
            PlanMapper::wish($state['options']),
            Relief::from($for['relief']),
            Material::from($for['material']),
        );
    }

    /** @return AreaState of a row as it is in hand */
    public static function stateOf(RecipeRow $recipe): array
    {
        /** @var PlanRow $plan */
        $plan = $recipe->plan;

        return [
            'plan' => $plan,
            'drafted_colour' => $recipe->drafted_colour,
            'way' => $recipe->way->value,
            'options' => $recipe->options,
            'drafted_for' => $recipe->drafted_for,
        ];
    }

    /** @return AreaState */
    public static function state(AreaPlan $plan): array
    {
        return [
            'plan' => PlanMapper::toRow($plan->plan),
            'drafted_colour' => $plan->draftedColour,
            'way' => $plan->way->value,
            'options' => PlanMapper::options($plan->wish),
            'drafted_for' => ['relief' => $plan->relief->value, 'material' => $plan->material->value],
        ];
    }

    /** Puts all but the plan itself into the row, which goes in with what it leads to. */
    public static function fill(RecipeRow $recipe, AreaPlan $plan): void
    {
        $recipe->fill(array_diff_key(self::state($plan->with(new Plan([], []))), ['plan' => true]));
    }
}
