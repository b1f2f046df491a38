<?php

declare(strict_types=1);

namespace App\Workshop\State;

use App\Models\Company;
use App\Models\FigurePart;
use App\Models\RecipeRow;
use App\Models\Remembering;
use App\Models\RevisionRow;
use Illuminate\Database\Eloquent\Builder;
use stdClass;

/** The states of a recipe, an undercoat or what is done to a whole figure, one after each change, for undo and redo. */
final class History
{
    /** Older states than the last so many are let go. */
    private const KEPT = 80;
    /** How often those are looked for, in changes. */
    private const PRUNED_EVERY = 10;

    /**
     * Writes down a state as the newest; what was undone before can no longer be redone.
     *
     * @param array<string, mixed> $state
     * @param string|null $batch name of the action that it is a part of
     */
    public static function record(Remembering $of, int $painter, string $words, array $state, ?string $batch = null): void
    {
        if ($of->standsAt() < $of->highest()) {
            $of->revisions()->where('aside', false)->where('number', '>', $of->standsAt())->delete();
        }
        $number = $of->highest() + 1;
        $of->stand($number, $number);
        $of->save();
        $of->revisions()->create([
            'painter_id' => $painter, 'number' => $number, 'words' => mb_strimwidth($words, 0, 190, '…'), 'state' => $state,
            'batch' => $batch,
        ]);
        if ($number > self::KEPT && $number % self::PRUNED_EVERY === 0) {
            $of->revisions()->where('number', '<=', $number - self::KEPT)->delete();
        }
    }

    /**
     * Keeps a state beside the newest one: it was made in another window on an older one.
     *
     * @param int $base number of the one it was made on
     * @param array<string, mixed> $state
     */
    public static function aside(Remembering $of, int $painter, int $base, string $words, array $state): RevisionRow
    {
        return $of->revisions()->create([
            'painter_id' => $painter, 'number' => $base, 'aside' => true, 'words' => mb_strimwidth($words, 0, 190, '…'), 'state' => $state,
        ]);
    }

    /** The state before (-1) or after (1) the one it stands at; null where there is none. */
    public static function beside(Remembering $of, int $direction): ?RevisionRow
    {
        return $of->revisions()->where('aside', false)
            ->where('number', $direction < 0 ? '<' : '>', $of->standsAt())
            ->reorder('number', $direction < 0 ? 'desc' : 'asc')
            ->first();
    }

    /** The state of that number; null where it was let go. */
    public static function at(Remembering $of, int $number): ?RevisionRow
    {
        return $of->revisions()->where('aside', false)->where('number', $number)->first();
    }

    /**
     * What can be undone and redone of a figure, in words, and what was kept aside: plain rows, read at once, since a long history is
     * walked at every look at a recipe.
     *
     * @param RecipeRow|null $recipe of the area that is looked at
     *
     * @return array{undercoat: HistoryMarks, whole: HistoryMarks, recipe: HistoryMarks|null}
     */
    public static function marks(Company $company, ?RecipeRow $recipe = null): array
    {
        $rows = RevisionRow::query()
            ->where(static fn (Builder $its): Builder => $its->where('company_id', $company->id)->when(
                $recipe !== null,
                static fn (Builder $or): Builder => $or->orWhere('recipe_id', $recipe?->id),
            ))
            ->orderBy('number')->toBase()->get(['id', 'number', 'aside', 'words', 'part', 'recipe_id']);
        $of = static fn (string $part): array => $rows->where('part', $part)->values()->all();

        return [
            'undercoat' => self::marked(FigurePart::undercoat($company), $of(FigurePart::UNDERCOAT)),
            'whole' => self::marked(FigurePart::whole($company), $of(FigurePart::WHOLE)),
            'recipe' => $recipe === null ? null : self::marked($recipe, $rows->where('recipe_id', $recipe->id)->values()->all()),
        ];
    }

    /** @param list<stdClass> $rows its revisions, by their numbers */
    private static function marked(Remembering $of, array $rows): HistoryMarks
    {
        $undo = $redo = $here = null;
        $asides = [];
        foreach ($rows as $row) {
            if ((bool) $row->aside) {
                $asides[] = $row->id;
            } elseif ($row->number === $of->standsAt()) {
                $here = $row->words;
            } elseif ($row->number < $of->standsAt()) {
                $undo = $row->number;
            } else {
                $redo ??= $row->words;
            }
        }

        return new HistoryMarks(
            $undo === null ? null : $here,
            $redo,
            $asides === [] ? [] : array_values($of->revisions()->whereKey($asides)->get()->all()),
        );
    }
}
