<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\RevisionRow;
use App\Workshop\Studio;
use Illuminate\Support\Collection;

/**
 * Many recipes of a figure with one action: an answer holds as many as fit its time, and whoever asks goes on until none is left. What
 * belongs to one action bears its name (`batch`), so that one undo takes it all back.
 */
final readonly class DraftMany
{
    public function __construct(private Studio $studio)
    {
    }

    /**
     * @param string $batch name of this action, the same for all its answers
     * @param bool $all whether areas that have a recipe are drafted again too
     * @param float $seconds after which no other area is begun; one of them always is
     *
     * @return array{done: list<AreaRow>, left: list<AreaRow>, uncoloured: list<AreaRow>} done by this answer
     */
    public function draft(Company $company, string $batch, bool $all, float $seconds): array
    {
        $start = microtime(true);
        $wanted = $this->wanted($company, $batch, $all);
        $uncoloured = array_values($wanted->filter(static fn (AreaRow $a): bool => $a->hex === null)->all());
        $done = $left = [];
        foreach ($wanted->filter(static fn (AreaRow $a): bool => $a->hex !== null) as $area) {
            if ($done !== [] && microtime(true) - $start >= $seconds) {
                $left[] = $area;
                continue;
            }
            $this->studio->drafting->draft($company, $area, $this->wish($area));
            $recipe = $area->recipe;
            $recipe?->revisions()->where('number', $recipe->version)->update(['batch' => $batch]);
            $done[] = $area;
        }

        return ['done' => $done, 'left' => $left, 'uncoloured' => $uncoloured];
    }

    /**
     * Takes back what an action drafted: recipes go back to the state before, those that were new go. What was changed or painted since
     * stays.
     *
     * @return array{undone: list<AreaRow>, kept: list<AreaRow>}
     */
    public function undo(Company $company, string $batch): array
    {
        $undone = $kept = [];
        foreach ($company->areas as $area) {
            $recipe = $area->recipe;
            $revision = $recipe?->revisions()->where('batch', $batch)->first();
            if ($recipe === null || !$revision instanceof RevisionRow) {
                continue;
            }
            $isPainted = $company->records->contains(static fn ($e): bool => $e->area_id === $area->id
                && $e->created_at >= $revision->created_at);
            $isFirst = !$recipe->revisions()->where('aside', false)->where('number', '<', $revision->number)->exists();
            if ($recipe->version !== $revision->number || $isPainted) {
                $kept[] = $area;
            } elseif ($isFirst) {
                $recipe->delete();
                $area->unsetRelation('recipe');
                $undone[] = $area;
            } else {
                (new RecipeEdits($this->studio))->step($company, $area, -1);
                $undone[] = $area;
            }
        }

        return ['undone' => $undone, 'kept' => $kept];
    }

    /** @return Collection<int, AreaRow> in the order in which they are drafted: what leads decides what the others are near to */
    private function wanted(Company $company, string $batch, bool $all): Collection
    {
        $done = RevisionRow::query()->where('batch', $batch)->pluck('recipe_id')->all();

        return $company->areas->toBase()
            ->filter(static fn (AreaRow $a): bool => $a->recipe === null || ($all && !in_array($a->recipe->id, $done, true)))
            ->sort(static fn (AreaRow $a, AreaRow $b): int => $a->toCore($company)->ledBy($b->toCore($company))
                ?: $a->position <=> $b->position)->values();
    }

    /** As it was asked for before, or else as the painter likes it. */
    private function wish(AreaRow $area): DraftWish
    {
        $recipe = $area->recipe;

        return new DraftWish(
            (string) $area->hex,
            $recipe->way ?? $this->studio->painter->way,
            PlanRows::wish($recipe?->options),
        );
    }
}
