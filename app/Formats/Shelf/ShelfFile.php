<?php

declare(strict_types=1);

namespace App\Formats\Shelf;

use App\Formats\CheckedJson;
use App\Formats\UnreadableFile;

/**
 * A shelf in any form that can be brought in: CSV, our JSON with what was measured, or a palette of the GIMP, whose
 * colours are taken for opaque paints. All become rows of plain fields.
 *
 * @phpstan-type Row array{
 *   line: int, fields: array<string, string>, extra: array<string, string>, problem: string|null,
 *   swatch?: array<string, mixed>,
 * }
 */
final class ShelfFile
{
    /**
     * @return list<Row>
     *
     * @throws UnreadableFile
     */
    public static function read(string $bytes): array
    {
        $start = ltrim(str_starts_with($bytes, "\u{FEFF}") ? substr($bytes, 3) : $bytes);

        return match (true) {
            str_starts_with($start, '{') => self::json($start),
            str_starts_with($start, 'GIMP Palette') => self::palette($start),
            default => ShelfCsv::read($bytes),
        };
    }

    /**
     * @return list<Row>
     *
     * @throws UnreadableFile
     */
    private static function json(string $text): array
    {
        /** @var list<array<string, mixed>> $paints */
        $paints = CheckedJson::read($text, 'shelf.schema.json')['paints'];
        $rows = [];
        foreach ($paints as $i => $paint) {
            $fields = [];
            foreach ($paint as $key => $value) {
                if (is_scalar($value)) {
                    $fields[$key] = is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value;
                }
            }
            if (isset($paint['price_minor'])) {
                $fields['price'] = number_format((int) $fields['price_minor'] / 100, 2, '.', '');
                unset($fields['price_minor']);
            }
            /** @var array<string, string> $extra */
            $extra = $paint['extra'] ?? [];
            $row = ['line' => $i + 1, 'fields' => $fields, 'extra' => $extra, 'problem' => null];
            /** @var array<string, mixed>|null $swatch */
            $swatch = $paint['swatch'] ?? null;
            $rows[] = $swatch === null ? $row : [...$row, 'swatch' => $swatch];
        }

        return $rows;
    }

    /**
     * @return list<Row>
     *
     * @throws UnreadableFile
     */
    private static function palette(string $text): array
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw UnreadableFile::because('The palette is not written in UTF-8.');
        }
        $rows = [];
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $i => $line) {
            if ($i === 0 || trim($line) === '' || preg_match('/^\s*(#|Name:|Columns:)/', $line) === 1) {
                continue;
            }
            $isColour = preg_match(
                '/^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/u',
                $line,
                $m,
            ) === 1 && max((int) $m[1], (int) $m[2], (int) $m[3]) <= 255;
            $rows[] = [
                'line' => $i + 1,
                'fields' => [
                    'name' => trim($m[4] ?? '') ?: 'Colour '.(count($rows) + 1),
                    'behaviour' => 'opaque',
                    'colour' => $isColour ? sprintf('#%02x%02x%02x', $m[1], $m[2], $m[3]) : '',
                ],
                'extra' => [],
                'problem' => $isColour ? null : 'A colour of a palette is three numbers from 0 to 255 and a name.',
            ];
        }
        if ($rows === []) {
            throw UnreadableFile::because('The palette holds no colour.');
        }

        return $rows;
    }
}
