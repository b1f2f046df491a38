<?php

declare(strict_types=1);

namespace App\Formats\Shelf;

use App\Formats\UnreadableFile;
use App\Models\PaintRow;
use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Purpose;

/**
 * The shelf as CSV (RFC 4180, UTF-8, header row, column order free). A byte-order mark, semicolons as separators and
 * CRLF line ends are accepted. Columns it does not know are kept with the paint and written again.
 */
final class ShelfCsv
{
    public const MOST_LINES = 5000;
    private const REQUIRED = ['name', 'behaviour'];

    /**
     * @return list<array{line: int, fields: array<string, string>, extra: array<string, string>, problem: string|null}>
     *   each with the
     *   line of the file
     *   it starts on; problem says why the line cannot be read as a row
     *
     * @throws UnreadableFile
     */
    public static function read(string $bytes): array
    {
        $bytes = str_starts_with($bytes, "\u{FEFF}") ? substr($bytes, 3) : $bytes;
        if (trim($bytes) === '') {
            throw UnreadableFile::because('The file is empty: the first line names the columns, the next lines the paints.');
        }
        self::refuseOtherEncodings($bytes);
        $records = self::records(str_replace(["\r\n", "\r"], "\n", $bytes));
        $header = self::header(array_shift($records)['cells'] ?? []);
        if ($records === []) {
            throw UnreadableFile::because('The file names its columns but holds no paint.');
        }
        if (count($records) > self::MOST_LINES) {
            throw UnreadableFile::because(
                sprintf('The file holds %d paints: at most %d are taken at once.', count($records), self::MOST_LINES),
            );
        }
        $rows = [];
        foreach ($records as ['line' => $line, 'cells' => $cells]) {
            $surplus = array_filter(array_slice($cells, count($header)), static fn (string $c): bool => trim($c) !== '');
            $row = ['line' => $line, 'fields' => [], 'extra' => [], 'problem' => $surplus === [] ? null
                : sprintf('%d cells for %d columns: a cell with a separator in it needs quotes.', count($cells), count($header))];
            foreach ($header as $i => $column) {
                if (in_array(strtolower($column), PaintFields::COLUMNS, true) || self::isFurther($column, $cells[$i] ?? '')) {
                    $row['fields'][strtolower($column)] = $cells[$i] ?? '';
                } else {
                    $row['extra'][$column] = $cells[$i] ?? '';
                }
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /** @param iterable<PaintRow> $paints */
    public static function write(iterable $paints): string
    {
        $rows = [];
        $extra = [];
        foreach ($paints as $paint) {
            $rows[] = $paint;
            $extra += array_fill_keys(array_keys($paint->extra ?? []), true);
        }
        foreach (PaintFields::FURTHER as $column) {
            if (array_filter($rows, static fn (PaintRow $p): bool => self::further($p, $column) !== '') !== []) {
                $extra += [$column => true];
            }
        }
        $stream = self::stream();
        self::put($stream, [...PaintFields::COLUMNS, ...array_map(strval(...), array_keys($extra))]);
        foreach ($rows as $paint) {
            $cells = self::cells($paint);
            foreach (array_keys($extra) as $column) {
                $cells[] = self::further($paint, (string) $column) ?: $paint->extra[$column] ?? '';
            }
            self::put($stream, $cells);
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /** @return list<string> in the order of {@see PaintFields::COLUMNS} */
    private static function cells(PaintRow $paint): array
    {
        $number = static fn (float|int|null $v): string => $v === null ? '' : rtrim(rtrim(number_format((float) $v, 6, '.', ''), '0'), '.');

        return [
            $paint->name,
            $paint->line,
            $paint->behaviour->value,
            $paint->hex ?? '',
            $number($paint->bottle_ml),
            $number($paint->left_ml),
            $paint->price_minor === null ? '' : number_format($paint->price_minor / 100, 2, '.', ''),
            $paint->currency ?? '',
            $paint->owned ? 'yes' : 'no',
            $number($paint->bottles),
            $paint->place,
            $paint->opened_on?->format('Y-m-d') ?? '',
            $paint->state,
            $paint->set_name,
            $paint->colour_source,
            $paint->notes,
        ];
    }

    /** What stands in a further column of ours; empty where it is as usual. */
    private static function further(PaintRow $paint, string $column): string
    {
        return match ($column) {
            'finish' => $paint->sheen,
            'form' => PaintFields::formToTell($paint),
            'for' => PaintFields::purposeToTell($paint),
            default => '',
        };
    }

    /** A further column of ours, where it holds what we know; another program's column of that name is kept as it came. */
    private static function isFurther(string $column, string $cell): bool
    {
        $said = strtolower(trim($cell));

        return in_array(strtolower($column), PaintFields::FURTHER, true) && ($said === '' || match (strtolower($column)) {
            'form' => Form::tryFrom($said) !== null,
            'for' => Purpose::tryFrom($said) !== null || $said === Purpose::Anything->words(),
            default => Sheen::tryFrom($said) !== null,
        });
    }

    private static function refuseOtherEncodings(string $bytes): void
    {
        if (str_contains($bytes, "\0")) {
            throw UnreadableFile::because('The file holds zero bytes, as UTF-16 or a spreadsheet\'s own format would: '
                .'save it as CSV in UTF-8.');
        }
        foreach (explode("\n", $bytes) as $i => $line) {
            if (!mb_check_encoding($line, 'UTF-8')) {
                throw UnreadableFile::because(sprintf('Line %d is not written in UTF-8: save the file as CSV in UTF-8.', $i + 1));
            }
        }
    }

    /**
     * @return list<array{line: int, cells: list<string>}> blank lines left out
     *
     * @throws UnreadableFile where a quote is never closed
     */
    private static function records(string $text): array
    {
        $first = strtok($text, "\n") ?: '';
        $separator = substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $stream = self::stream();
        fwrite($stream, $text);
        rewind($stream);
        $records = [];
        $line = 1;
        $from = 0;
        while (($cells = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            $to = (int) ftell($stream);
            $raw = substr($text, $from, $to - $from);
            if (substr_count($raw, '"') % 2 === 1) {
                throw UnreadableFile::because(sprintf('A quote opened on line %d is never closed.', $line));
            }
            if ($cells !== [null]) {
                $records[] = ['line' => $line, 'cells' => array_map(strval(...), $cells)];
            }
            $line += substr_count($raw, "\n");
            $from = $to;
        }

        return $records;
    }

    /**
     * @param list<string> $cells
     *
     * @return list<string>
     */
    private static function header(array $cells): array
    {
        $header = array_map(trim(...), $cells);
        $lower = array_map(strtolower(...), $header);
        $missing = array_diff(self::REQUIRED, $lower);
        if ($missing !== []) {
            throw UnreadableFile::because(
                sprintf(
                    'Line 1 names no column "%s": the first line must name the columns, name and behaviour among them.',
                    implode('", "', $missing),
                ),
            );
        }
        if (count(array_unique($lower)) < count($lower)) {
            $twice = array_values(array_diff_assoc($lower, array_unique($lower)))[0];
            throw UnreadableFile::because(
                $twice === '' ? 'Line 1 has more than one column without a name.' : sprintf('Line 1 names the column "%s" twice.', $twice),
            );
        }

        return $header;
    }

    /** @return resource */
    private static function stream()
    {
        $stream = fopen('php://temp', 'r+');
        assert($stream !== false);

        return $stream;
    }

    /**
     * @param resource $stream
     * @param list<string> $cells
     */
    private static function put($stream, array $cells): void
    {
        fputcsv($stream, $cells, ',', '"', '', "\r\n");
    }
}
