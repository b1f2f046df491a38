<?php

declare(strict_types=1);

namespace App\Workshop\State;

use App\Models\Remembering;
use App\Models\RevisionRow;

/** The states of a recipe or an undercoat, one after each change, for undo and redo. */
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
     */
    public static function record(Remembering $of, int $painter, string $words, array $state): void
    {
        if ($of->standsAt() < $of->highest()) {
            $of->revisions()->where('aside', false)->where('number', '>', $of->standsAt())->delete();
        }
        $number = $of->highest() + 1;
        $of->stand($number, $number);
        $of->save();
        $of->revisions()->create(
            ['painter_id' => $painter, 'number' => $number, 'words' => mb_strimwidth($words, 0, 190, '…'), 'state' => $state],
        );
        if ($number > self::KEPT && $number % self::PRUNED_EVERY === 0) {
            $of->revisions()->where('number', '<=', $number - self::KEPT)->delete();
        }
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

    /** What can be undone and redone, in words, and what was kept aside. */
    public static function marks(Remembering $of): HistoryMarks
    {
        $undo = $redo = $here = null;
        $asides = [];
        // Plain rows: a long history is walked at every look at the recipe.
        foreach ($of->revisions()->toBase()->select('id', 'number', 'aside', 'words')->get() as $row) {
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
