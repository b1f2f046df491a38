<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

use App\Models\Entry;
use App\Models\MovementRow;
use App\Models\PaintRow;
use App\Workshop\Record\Did;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Taken;
use Kalokroma\Shelf\Movement;
use Kalokroma\Shelf\ShelfProblem;
use Kalokroma\Shelf\Stock;

/**
 * What is left of each paint, kept as a ledger of movements: what is shown on the shelf is their sum.
 *
 * @phpstan-import-type DidRow from Did
 */
final class StockDesk
{
    /** @throws ShelfProblem on an amount of the wrong sign */
    public static function move(PaintRow $paint, Movement $kind, float $ml, string $note, CarbonImmutable $at, ?Entry $entry = null): void
    {
        self::moveAll([[$paint, $ml]], $kind, $note, $at, $entry);
    }

    /**
     * The same of several paints, with one statement for each table.
     *
     * @param list<array{PaintRow, float}> $moved paints with their millilitres, each once
     *
     * @throws ShelfProblem on an amount of the wrong sign
     */
    private static function moveAll(array $moved, Movement $kind, string $note, CarbonImmutable $at, ?Entry $entry): void
    {
        $ids = array_map(static fn (array $its): int => $its[0]->id, $moved);
        if ($ids === []) {
            return;
        }
        $before = MovementRow::query()->whereIn('paint_id', $ids)->orderBy('id')->get(['paint_id', 'kind', 'ml'])->groupBy('paint_id');
        $rows = [];
        foreach ($moved as [$paint, $ml]) {
            $kind->check($ml);
            $had = array_map(
                static fn (MovementRow $m): array => ['kind' => $m->kind, 'ml' => $m->ml],
                array_values($before->get($paint->id)?->all() ?? []),
            );
            if ($had === [] && $paint->left_ml !== null) {
                $had[] = ['kind' => Movement::Counted, 'ml' => $paint->left_ml];
                $rows[] = self::row($paint, Movement::Counted, $paint->left_ml, 'when it came to the shelf', $at, null);
            }
            $rows[] = self::row($paint, $kind, $ml, $note, $at, $entry);
            $paint->left_ml = Stock::of([...$had, ['kind' => $kind, 'ml' => $ml]])->leftMl;
        }
        DB::transaction(static function () use ($moved, $rows): void {
            DB::table('movements')->insert($rows);
            self::put(array_column($moved, 0));
        });
    }

    /**
     * Writes down what is left. Whoever listens hears of a paint that has run out, or is there again.
     *
     * @param list<PaintRow> $paints
     */
    private static function put(array $paints): void
    {
        $isEmpty = static fn (mixed $ml): bool => is_numeric($ml) && (float) $ml <= 0.0;
        $cases = $values = $ids = [];
        foreach ($paints as $paint) {
            if ($isEmpty($paint->left_ml) !== $isEmpty($paint->getOriginal('left_ml')) || $paint->left_ml === null) {
                $paint->save();
                continue;
            }
            $cases[] = 'WHEN ? THEN ?';
            array_push($values, $paint->id, $paint->left_ml);
            $ids[] = $paint->id;
            $paint->syncOriginalAttribute('left_ml');
        }
        if ($ids !== []) {
            DB::update(
                'UPDATE paints SET left_ml = CASE id '.implode(' ', $cases).' END, updated_at = ? WHERE id IN ('
                    .implode(', ', array_fill(0, count($ids), '?')).')',
                [...$values, CarbonImmutable::now(), ...$ids],
            );
        }
    }

    /** After the amount of a paint was entered in a form or a file: writes the count down. */
    public static function entered(PaintRow $paint, ?float $before, string $note, CarbonImmutable $at): void
    {
        if ($paint->left_ml === null || $paint->left_ml === $before) {
            return;
        }
        if ($before !== null && !$paint->movements()->exists()) {
            DB::table('movements')->insert(self::row($paint, Movement::Counted, $before, 'when it came to the shelf', $at, null));
        }
        DB::table('movements')->insert(self::row($paint, Movement::Counted, $paint->left_ml, $note, $at, null));
    }

    /**
     * What a step takes from the bottles for so many figures. What is unknown of it takes nothing.
     *
     * @param DidRow $real
     * @param float $share of all its coats, 0 < share ≤ 1
     *
     * @return array<int|string, float> millilitres by the id of the paint
     */
    public static function taken(?StepOutcome $planned, array $real, int $figures, ShelfRows $shelf, float $share = 1.0): array
    {
        return $planned === null || $planned->amount === null
            ? [] : Taken::by(self::asDone($planned, $real, $shelf) ?? $planned)->ml($figures, $share);
    }

    /**
     * Takes what an entry of the ledger used from the bottles.
     *
     * @param array<int|string, float> $taken millilitres by the id of the paint
     */
    public static function use(Entry $entry, array $taken, ShelfRows $shelf): void
    {
        $moved = [];
        foreach ($taken as $id => $ml) {
            $paint = $shelf->row((string) $id);
            if ($paint !== null && $ml > 0) {
                $moved[] = [$paint, Movement::Used->signed(round($ml, 3))];
            }
        }
        self::moveAll($moved, Movement::Used, $entry->area_name.', '.$entry->stage->value, $entry->done_at, $entry);
    }

    /** Puts back what a withdrawn entry had taken. */
    public static function giveBack(Entry $entry, CarbonImmutable $at): void
    {
        $used = MovementRow::query()->where('record_id', $entry->id)->where('kind', Movement::Used)->get();
        $moved = [];
        foreach (PaintRow::withTrashed()->whereIn('id', $used->pluck('paint_id'))->orderBy('id')->get() as $paint) {
            $moved[] = [$paint, Movement::TakenBack->signed((float) $used->where('paint_id', $paint->id)->sum('ml'))];
        }
        self::moveAll($moved, Movement::TakenBack, $entry->area_name.', '.$entry->stage->value.', taken back', $at, $entry);
    }

    /** @return list<Moved> newest first */
    public static function moved(PaintRow $paint): array
    {
        $found = [];
        $sofar = [];
        foreach ($paint->movements()->orderBy('id')->get() as $row) {
            $sofar[] = ['kind' => $row->kind, 'ml' => $row->ml];
            $found[] = new Moved($row, Stock::of($sofar));
        }

        return array_reverse($found);
    }

    /**
     * The planned step as it was really done, as far as that is known: null where the mix is not.
     *
     * @param DidRow $real
     */
    private static function asDone(StepOutcome $planned, array $real, ShelfRows $shelf): ?StepOutcome
    {
        $mix = null;
        if ($real['mix'] !== []) {
            $parts = [];
            foreach ($real['mix'] as $part) {
                $amount = $part['parts'];
                $paint = $shelf->find($part['id'] ?? '');
                if ($paint === null || ($amount === null && count($real['mix']) > 1)) {
                    return null;
                }
                $parts[] = ['paint' => $paint->id, 'parts' => $amount ?? 1];
            }
            $mix = $shelf->mix($parts);
        }
        $thinning = $real['thin'] === null ? null : Thinning::fromRatio($real['thin']);

        return $planned->asDone($mix, $thinning, $real['coats'], $real['rounds'] ?? null);
    }

    /** @return array<string, mixed> as the table of movements has it */
    private static function row(PaintRow $paint, Movement $kind, float $ml, string $note, CarbonImmutable $at, ?Entry $entry): array
    {
        return [
            'painter_id' => $paint->painter_id,
            'paint_id' => $paint->id,
            'record_id' => $entry?->id,
            'kind' => $kind->value,
            'ml' => $ml,
            'note' => mb_strimwidth($note, 0, 200, '…'),
            'at' => $at,
            'created_at' => CarbonImmutable::now(),
            'updated_at' => CarbonImmutable::now(),
        ];
    }
}
