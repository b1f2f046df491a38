<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

use App\Formats\Shelf\PaintFields;
use App\Formats\Shelf\ShelfFile;
use App\Formats\UnreadableFile;
use App\Models\Painter;
use App\Models\PaintRow;
use BackedEnum;
use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\InTheBottle;

/**
 * Brings a shelf file in: every good line is taken, every other one named with its reason; a broken file changes nothing.
 * The same can be looked at first, without writing anything.
 */
final class ShelfImport
{
    private const ATTRIBUTES = [
        'colour' => 'hex',
        'set' => 'set_name',
        'price' => 'price_minor',
        'opened' => 'opened_on',
        'finish' => 'sheen',
    ];

    /**
     * @param bool $bottled washes that look like the colour in the bottle are taken as that
     *
     * @throws UnreadableFile
     */
    public static function run(Painter $painter, string $bytes, bool $write = true, bool $bottled = false): ShelfReport
    {
        return self::bring($painter, ShelfFile::read($bytes), $write, $bottled);
    }

    /**
     * @param list<array{
     *   line: int, fields: array<string, string>, extra: array<string, string>, problem: string|null, swatch?: array<string, mixed>,
     * }> $rows
     * @param bool $bottled washes that look like the colour in the bottle are taken as that
     */
    public static function bring(Painter $painter, array $rows, bool $write = true, bool $bottled = false): ShelfReport
    {
        return DB::transaction(static function () use ($painter, $rows, $write, $bottled): ShelfReport {
            $report = new ShelfReport();
            $known = [];
            foreach (PaintRow::withTrashed()->where('painter_id', $painter->id)->get() as $paint) {
                $known[$paint->line."\n".$paint->name] = $paint;
            }
            $seen = [];
            foreach ($rows as $row) {
                $name = trim($row['fields']['name'] ?? '');
                $key = trim($row['fields']['line'] ?? '')."\n".$name;
                $fields = PaintFields::read($row['fields']);
                $isThere = ($known[$key] ?? null)?->hex !== null && $known[$key]->hex === ($fields->attributes['hex'] ?? null);
                $overWhite = isset($row['swatch']) || $isThere ? null : self::overWhite($fields);
                if ($overWhite !== null) {
                    $report->bottled[] = $name;
                    $row['fields']['colour'] = $bottled ? $overWhite : $row['fields']['colour'];
                    $fields = PaintFields::read($row['fields']);
                }
                $fields = isset($row['swatch']) ? $fields->with(['swatch' => $row['swatch']]) : $fields;
                $why = $row['problem'] ?? implode(' ', $fields->problems);
                if ($why === '' && isset($seen[$key])) {
                    $why = sprintf('The same paint is on line %d already.', $seen[$key]);
                }
                [$outcome, $why] = $why !== ''
                    ? ['skipped', $why]
                    : self::take($painter, $fields->attributes, $row['extra'], $known[$key] ?? null, $row['fields'], $write);
                $seen[$key] ??= $row['line'];
                $report->note($row['line'], $name, $outcome, $why);
            }
            foreach (array_diff_key($known, $seen) as $paint) {
                $report->missing = $paint->trashed() ? $report->missing : [...$report->missing, $paint->name];
            }

            return $report;
        });
    }

    /** What one coat over white would be of a wash that looks like the colour in the bottle, `#rrggbb`; null of any other paint. */
    private static function overWhite(PaintFields $fields): ?string
    {
        $behaviour = $fields->attributes['behaviour'] ?? null;
        $hex = $fields->attributes['hex'] ?? null;
        if (!$behaviour instanceof Behaviour || !is_string($hex)) {
            return null;
        }
        $colour = Reflectance::fromSrgb(Srgb::fromHex($hex));

        return InTheBottle::looksSo($behaviour, $colour)
            ? Srgb::fromXyz(InTheBottle::overWhite($behaviour, $colour)->toXyz())->clipped()->toHex() : null;
    }

    /**
     * @param array<string, mixed> $attributes
     * @param array<string, string> $extra columns of the file that we do not know
     * @param array<string, string> $given columns the file has: what it does not name stays as it is
     *
     * @return array{string, string} outcome, and what changes
     */
    private static function take(Painter $painter, array $attributes, array $extra, ?PaintRow $known, array $given, bool $write): array
    {
        $kept = array_filter([...($known->extra ?? []), ...$extra], static fn (string $cell): bool => $cell !== '');
        $attributes['extra'] = $kept === [] ? null : $kept;
        if ($known === null) {
            if ($write) {
                $painter->paints()->create($attributes);
            }

            return ['taken', ''];
        }
        foreach ([...PaintFields::COLUMNS, ...PaintFields::FURTHER] as $column) {
            if (!array_key_exists($column, $given)) {
                unset($attributes[self::ATTRIBUTES[$column] ?? $column]);
                if ($column === 'colour') {
                    unset($attributes['lab'], $attributes['reflectance']);
                }
            }
        }
        $before = $known->left_ml;
        $known->fill($attributes);
        $watched = array_diff(array_keys($attributes), ['lab', 'reflectance']);
        $isBack = $known->trashed();
        if (!$isBack && !$known->isDirty($watched)) {
            return ['same', ''];
        }
        $changes = self::changes($known, array_values($watched));
        if ($write) {
            if ($isBack) {
                $known->restore();
            }
            $known->save();
            StockDesk::entered($known, $before, 'from a file', CarbonImmutable::now());
        }

        return $isBack ? ['taken', 'It was taken off the shelf and comes back.'] : ['changed', $changes];
    }

    /** @param list<string> $watched */
    private static function changes(PaintRow $paint, array $watched): string
    {
        $said = [];
        foreach (array_intersect($watched, array_keys($paint->getDirty())) as $attribute) {
            $column = array_flip(self::ATTRIBUTES)[$attribute] ?? $attribute;
            $said[] = $column === 'extra' || $column === 'swatch' ? ($column === 'extra' ? 'other columns' : 'its test swatch') : sprintf(
                '%s: %s → %s',
                $column,
                self::text($paint->getOriginal($attribute)),
                self::text($paint->getAttribute($attribute)),
            );
        }

        return implode('; ', $said);
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            $value instanceof BackedEnum => (string) $value->value,
            $value instanceof DateTimeInterface => $value->format('Y-m-d'),
            is_bool($value) => $value ? 'yes' : 'no',
            $value === null || $value === '' => 'nothing',
            default => is_scalar($value) ? mb_strimwidth((string) $value, 0, 40, '…') : '…',
        };
    }
}
