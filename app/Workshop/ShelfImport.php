<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Formats\Shelf\ShelfCsv;
use App\Formats\UnreadableFile;
use App\Models\Paint;
use App\Models\Painter;
use Illuminate\Support\Facades\DB;

/** Brings a shelf file in: every good line is taken, every other one named with its reason; a broken file changes nothing. */
final class ShelfImport
{
    /**
     * @return array{taken: int, changed: int, same: int, skipped: int, lines: list<array{line: int, name: string, outcome: string, why: string}>}
     *
     * @throws UnreadableFile
     */
    public static function run(Painter $painter, string $bytes): array
    {
        $rows = ShelfCsv::read($bytes);

        return DB::transaction(static function () use ($painter, $rows): array {
            $report = ['taken' => 0, 'changed' => 0, 'same' => 0, 'skipped' => 0, 'lines' => []];
            $known = [];
            foreach ($painter->paints()->get() as $paint) {
                $known[$paint->line."\n".$paint->name] = $paint;
            }
            $seen = [];
            foreach ($rows as $row) {
                $fields = PaintFields::read($row['fields']);
                $key = trim($row['fields']['line'] ?? '')."\n".trim($row['fields']['name'] ?? '');
                $why = $row['problem'] ?? implode(' ', $fields->problems);
                if ($why === '' && isset($seen[$key])) {
                    $why = sprintf('The same paint stands on line %d already.', $seen[$key]);
                }
                $outcome = $why === '' ? self::take($painter, $fields->attributes, $row['extra'], $known[$key] ?? null, $row['fields']) : 'skipped';
                $seen[$key] ??= $row['line'];
                ++$report[$outcome];
                $report['lines'][] = ['line' => $row['line'], 'name' => trim($row['fields']['name'] ?? ''), 'outcome' => $outcome, 'why' => $why];
            }

            return $report;
        });
    }

    /**
     * @param array<string, mixed>  $attributes
     * @param array<string, string> $extra      columns of the file that we do not know
     * @param array<string, string> $given      columns the file has: what it does not name stays as it is
     */
    private static function take(Painter $painter, array $attributes, array $extra, ?Paint $known, array $given): string
    {
        $kept = array_filter([...($known->extra ?? []), ...$extra], static fn (string $cell): bool => $cell !== '');
        $attributes['extra'] = $kept === [] ? null : $kept;
        if ($known === null) {
            $painter->paints()->create($attributes);

            return 'taken';
        }
        foreach (PaintFields::COLUMNS as $column) {
            if (!array_key_exists($column, $given)) {
                unset($attributes[self::ATTRIBUTES[$column] ?? $column]);
                if ($column === 'colour') {
                    unset($attributes['lab'], $attributes['reflectance']);
                }
            }
        }
        $known->fill($attributes);
        if (!$known->isDirty(array_diff(array_keys($attributes), ['lab', 'reflectance']))) {
            return 'same';
        }
        $known->save();

        return 'changed';
    }

    private const ATTRIBUTES = ['colour' => 'hex', 'set' => 'set_name', 'price' => 'price_minor', 'opened' => 'opened_on'];
}
