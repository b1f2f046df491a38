<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\RecipeRow;
use App\Models\RevisionRow;
use App\Workshop\State\History;
use Kalokroma\Recipe\Plan\RecipeProblem;

/**
 * Every state a recipe had: for undo and redo, and so that what was changed on an older state is not lost.
 *
 * @phpstan-import-type PlanRow from PlanRows
 */
final class RecipeHistory
{
    /** Writes down the state the recipe has now. */
    public static function record(RecipeRow $recipe, string $words): void
    {
        History::record($recipe, $recipe->painter_id, $words, self::state($recipe));
    }

    /**
     * Keeps a state beside the newest one: it was made in another window on an older state.
     *
     * @param array{plan: array<string, mixed>, hex: string, way: string, options: array<string, mixed>|null} $state
     */
    public static function aside(RecipeRow $recipe, int $base, string $words, array $state): RevisionRow
    {
        $recipe->give(...array_column($state['plan']['steps'] ?? [], 'key'));
        $recipe->save();

        return $recipe->revisions()->create(
            [
                'painter_id' => $recipe->painter_id,
                'number' => $base,
                'aside' => true,
                'words' => mb_strimwidth($words, 0, 190, '…'),
                'state' => $state,
            ],
        );
    }

    /** Goes back one state (-1), or forward again (1). */
    public static function step(RecipeRow $recipe, int $direction): RevisionRow
    {
        $found = History::beside($recipe, $direction) ?? throw $direction < 0
            ? RecipeProblem::nothingToUndo()
            : RecipeProblem::nothingToRedo();
        self::restore($recipe, $found->state);
        $recipe->version = $found->number;

        return $found;
    }

    /** @param array{plan: array<string, mixed>, hex: string, way: string, options: array<string, mixed>|null} $state */
    public static function restore(RecipeRow $recipe, array $state): void
    {
        $recipe->fill(['plan' => $state['plan'], 'hex' => $state['hex'], 'way' => $state['way'], 'options' => $state['options']]);
    }

    /** @return array{plan: array<string, mixed>, hex: string, way: string, options: array<string, mixed>|null} */
    public static function state(RecipeRow $recipe): array
    {
        return ['plan' => $recipe->plan, 'hex' => $recipe->hex, 'way' => $recipe->way->value, 'options' => $recipe->options];
    }
}
