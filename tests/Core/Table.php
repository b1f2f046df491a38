<?php

declare(strict_types=1);

namespace Tests\Core;

/** Published tables that ship with the tests. */
final class Table
{
    /** @return list<array<string, float>> rows by column name */
    public static function read(string $file): array
    {
        $lines = array_filter(explode("\n", (string) file_get_contents(__DIR__.'/data/'.$file)));
        $columns = str_getcsv((string) array_shift($lines), ',', '"', '');
        $rows = [];
        foreach ($lines as $line) {
            $rows[] = array_combine(array_map(strval(...), $columns), array_map(floatval(...), str_getcsv($line, ',', '"', '')));
        }

        return $rows;
    }
}
