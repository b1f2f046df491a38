<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\RevisionRow;
use App\Workshop\Plan\PlanMapper;
use App\Workshop\Studio;
use Illuminate\Support\Collection;

/**
 * Many recipes of a figure with one action: each answer drafts one, and whoever asks goes on until none is left. What belongs to one action
 * bears its name (`batch`), so that one undo takes it all back.
 */
final readonly class DraftMany
{
    public function __construct(private Studio $studio)
    {
    }

    /**
     * Drafts the next of them: one at a time, so that nobody else waits for all.
     *
     * @param string $batch name of this action, the same for all its answers
     * @param bool $all whether areas that have a recipe are drafted again too
     * @param array<array-key, int> $versions of the recipes that were seen, by ids of their areas: one that was changed since stays
     *
     * @return array{done: list<AreaRow>, left: list<AreaRow>, uncoloured: list<AreaRow>, changed: list<AreaRow>} done by this answer
     */
    public function draft(Company $company, string $batch, bool $all, array $versions): array
    {
        $wanted = $this->wanted($company, $batch, $all);
        $isChanged = static fn (AreaRow $a): bool => $a->recipe !== null && $a->recipe->version !== ($versions[$a->id] ?? null);
        [$changed, $wanted] = $wanted->partition($isChanged);
        [$uncoloured, $left] = $wanted->partition(static fn (AreaRow $a): bool => $a->hex === null);
        $next = $left->shift();
        if ($next !== null) {
            $this->studio->drafting->draft($company, $next, $this->wish($next), $next->recipe?->version, $batch);
        }
        $list = static fn (Collection $areas): array => array_values($areas->all());

        return [
            'done' => $next === null ? [] : [$next],
            'left' => $list($left),
            'uncoloured' => $list($uncoloured),
            'changed' => $list($changed),
        ];
    }

    /**
     * Takes back what an action drafted: recipes go back to the state before, those that were new go. What was changed or painted since
     * stays.
     *
     * @return array{undone: list<AreaRow>, kept: list<AreaRow>}
     */
    public function undo(Company $company, string $batch): array
    {
        $undone = $kept = $back = $new = [];
        $revisions = RevisionRow::query()->where('batch', $batch)->whereNotNull('recipe_id')->get()->keyBy('recipe_id');
        foreach ($company->areas as $area) {
            $recipe = $area->recipe;
            $revision = $recipe === null ? null : $revisions->get($recipe->id);
            if ($recipe === null || $revision === null) {
                continue;
            }
            $isPainted = $company->records->contains(static fn ($e): bool => $e->area_id === $area->id
                && $e->created_at >= $revision->created_at);
            $isFirst = !$recipe->revisions()->where('aside', false)->where('number', '<', $revision->number)->exists();
            if ($recipe->version !== $revision->number || $isPainted) {
                $kept[] = $area;
                continue;
            }
            $undone[] = $area;
            if ($isFirst) {
                $new[] = $area;
            } else {
                $back[] = $area;
            }
        }
        $this->studio->plans->takeBack($company, $back, $new);

        return ['undone' => $undone, 'kept' => $kept];
    }

    /** @return Collection<int, AreaRow> in the order in which they are drafted: what leads decides what the others are near to */
    private function wanted(Company $company, string $batch, bool $all): Collection
    {
        $done = RevisionRow::query()->where('batch', $batch)->whereNotNull('recipe_id')->pluck('recipe_id')->all();

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
            PlanMapper::wish($recipe?->options),
        );
    }
}
