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
        $kind->check($ml);
        DB::transaction(static function () use ($paint, $kind, $ml, $note, $at, $entry): void {
            self::begin($paint, $at);
            self::write($paint, $kind, $ml, $note, $at, $entry);
            $paint->left_ml = self::stock($paint)->leftMl;
            $paint->save();
        });
    }

    /** After the amount of a paint was entered in a form or a file: writes the count down. */
    public static function entered(PaintRow $paint, ?float $before, string $note, CarbonImmutable $at): void
    {
        if ($paint->left_ml === null || $paint->left_ml === $before) {
            return;
        }
        if ($before !== null && !$paint->movements()->exists()) {
            self::write($paint, Movement::Counted, $before, 'when it came to the shelf', $at, null);
        }
        self::write($paint, Movement::Counted, $paint->left_ml, $note, $at, null);
    }

    /**
     * Takes what an entry of the ledger used from the bottles. What is unknown of it takes nothing.
     *
     * @param DidRow $real
     */
    public static function use(Entry $entry, ?StepOutcome $planned, array $real, ShelfRows $shelf): void
    {
        if ($planned === null || $planned->amount === null) {
            return;
        }
        foreach (Taken::by(self::asDone($planned, $real, $shelf) ?? $planned)->ml(count($entry->figures)) as $id => $ml) {
            $paint = PaintRow::query()->withoutGlobalScope('painter')->where('painter_id', $entry->painter_id)->find($id);
            if ($paint !== null && $ml > 0) {
                $used = Movement::Used->signed(round($ml, 3));
                self::move($paint, Movement::Used, $used, $entry->area_name.', '.$entry->stage->value, $entry->done_at, $entry);
            }
        }
    }

    /** Puts back what a withdrawn entry had taken. */
    public static function giveBack(Entry $entry, CarbonImmutable $at): void
    {
        foreach (MovementRow::query()->where('record_id', $entry->id)->where('kind', Movement::Used)->get() as $used) {
            $paint = PaintRow::withTrashed()->find($used->paint_id);
            if ($paint !== null) {
                self::move(
                    $paint,
                    Movement::TakenBack,
                    Movement::TakenBack->signed($used->ml),
                    $entry->area_name.', '.$entry->stage->value.', taken back',
                    $at,
                    $entry,
                );
            }
        }
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

    private static function begin(PaintRow $paint, CarbonImmutable $at): void
    {
        if ($paint->left_ml !== null && !$paint->movements()->exists()) {
            self::write($paint, Movement::Counted, $paint->left_ml, 'when it came to the shelf', $at, null);
        }
    }

    private static function write(PaintRow $paint, Movement $kind, float $ml, string $note, CarbonImmutable $at, ?Entry $entry): void
    {
        MovementRow::query()->create([
            'painter_id' => $paint->painter_id,
            'paint_id' => $paint->id,
            'record_id' => $entry?->id,
            'kind' => $kind,
            'ml' => $ml,
            'note' => mb_strimwidth($note, 0, 200, '…'),
            'at' => $at,
        ]);
    }

    private static function stock(PaintRow $paint): Stock
    {
        return Stock::of(
            array_values(
                $paint->movements()->orderBy('id')->get()->map(
                    static fn (MovementRow $m): array => ['kind' => $m->kind, 'ml' => $m->ml],
                )->all(),
            ),
        );
    }
}
