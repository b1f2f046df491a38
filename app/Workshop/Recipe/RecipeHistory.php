<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\RecipeRow;
use App\Models\RevisionRow;
use Kalokroma\Recipe\Plan\RecipeProblem;

/**
 * Every state a recipe had: for undo and redo, and so that what was changed on an older state is not lost.
 *
 * @phpstan-import-type PlanRow from PlanRows
 */
final class RecipeHistory
{
    /** Older states than the last so many are let go. */
    private const KEPT = 80;
    /** How often those are looked for, in changes. */
    private const PRUNED_EVERY = 10;

    /** Writes down the state the recipe has now; what was undone before can no longer be redone. */
    public static function record(RecipeRow $recipe, string $words): void
    {
        if ($recipe->exists && $recipe->version < $recipe->counter) {
            $recipe->revisions()->where('aside', false)->where('number', '>', $recipe->version)->delete();
        }
        ++$recipe->counter;
        $recipe->version = $recipe->counter;
        $recipe->save();
        $recipe->revisions()->create(
            [
                'painter_id' => $recipe->painter_id,
                'number' => $recipe->version,
                'words' => mb_strimwidth($words, 0, 190, '…'),
                'state' => self::state($recipe),
            ],
        );
        if ($recipe->counter > self::KEPT && $recipe->counter % self::PRUNED_EVERY === 0) {
            $recipe->revisions()->where('number', '<=', $recipe->counter - self::KEPT)->delete();
        }
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
        $found = self::beside($recipe, $direction) ?? throw $direction < 0
            ? RecipeProblem::nothingToUndo()
            : RecipeProblem::nothingToRedo();
        self::restore($recipe, $found->state);
        $recipe->version = $found->number;

        return $found;
    }

    /** The state before (-1) or after (1) the one the recipe stands at; null where there is none. */
    public static function beside(RecipeRow $recipe, int $direction): ?RevisionRow
    {
        /** @var RevisionRow|null */
        return RevisionRow::query()->where('recipe_id', $recipe->id)->where('aside', false)
            ->where('number', $direction < 0 ? '<' : '>', $recipe->version)
            ->orderBy('number', $direction < 0 ? 'desc' : 'asc')
            ->first();
    }

    /** What can be undone and redone, in words, and what was kept aside. */
    public static function marks(RecipeRow $recipe): HistoryMarks
    {
        $undo = $redo = $here = null;
        $asides = [];
        // Plain rows: a long history is walked at every look at the recipe.
        foreach ($recipe->revisions()->toBase()->select('id', 'number', 'aside', 'words')->get() as $row) {
            if ((bool) $row->aside) {
                $asides[] = $row->id;
            } elseif ($row->number === $recipe->version) {
                $here = $row->words;
            } elseif ($row->number < $recipe->version) {
                $undo = $row->number;
            } else {
                $redo ??= $row->words;
            }
        }

        return new HistoryMarks(
            $undo === null ? null : $here,
            $redo,
            $asides === [] ? [] : array_values($recipe->revisions()->whereKey($asides)->get()->all()),
        );
    }

    /** The state of that number; null where it was let go. */
    public static function at(RecipeRow $recipe, int $number): ?RevisionRow
    {
        return RevisionRow::query()->where('recipe_id', $recipe->id)->where('aside', false)->where('number', $number)->first();
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
