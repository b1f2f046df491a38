<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

/** The head of a table of paints: which column says what. */
final readonly class TableHead
{
    private const NAME = '/^(?:name|paint(?: name)?|colou?r name|title|paints)$/iu';

    /** @var array<string, string> what a column says, by how its head may read */
    private const COLUMNS = [
        '/^(?:range|line|brand|maker|series|make)$/iu' => 'range', '/^(?:place|where|location|stored|drawer|shelf)$/iu' => 'place',
        '/^(?:set|box(?: set)?)$/iu' => 'set', '/^(?:ml|size|bottle|volume|bottle ml)$/iu' => 'ml',
        '/^(?:left|remaining|fill|how full|rest|left ml)$/iu' => 'left', '/^(?:owned|have|own)$/iu' => 'owned',
        '/^(?:bottles|count|qty|quantity|pots|how many|number)$/iu' => 'count',
        '/^(?:notes?|remarks?|comments?)$/iu' => 'note',
        '/^(?:colou?r|hex|type|kind|behaviou?r|form|comes in|finish|sheen|use)$/iu' => 'words',
    ];

    /**
     * @param non-empty-list<string> $columns what each says: name, range, …; `other` where nothing is known of it
     * @param non-empty-string $delimiter
     */
    private function __construct(private array $columns, private string $delimiter)
    {
    }

    /** Null where the line is no head: it names the paint, and something else that is known. */
    public static function of(string $line): ?self
    {
        foreach (["\t", ';', '|', ','] as $delimiter) {
            $cells = self::split($line, $delimiter);
            if (count($cells) < 2) {
                continue;
            }
            $columns = array_map(self::column(...), $cells);
            $isHead = in_array('name', $columns, true) && count(array_diff($columns, ['name', 'other'])) > 0;

            return $isHead ? new self($columns, $delimiter) : null;
        }

        return null;
    }

    private static function column(string $head): string
    {
        foreach ([self::NAME => 'name'] + self::COLUMNS as $pattern => $column) {
            if (preg_match($pattern, $head) === 1) {
                return $column;
            }
        }

        return 'other';
    }

    /**
     * Tells what the columns of a row say.
     *
     * @return list<string>|null its name, then the cells that say something in words; null where it is no row of the table
     */
    public function tell(PotTold $told, string $row): ?array
    {
        if (!str_contains($row, $this->delimiter)) {
            return null;
        }
        $name = '';
        $cells = [];
        foreach (self::split($row, $this->delimiter) as $i => $cell) {
            if ($cell === '') {
                continue;
            }
            match ($this->columns[$i] ?? 'other') {
                'name' => $name = $cell,
                'range' => $told->range = $cell,
                'place' => $told->place = $cell,
                'set' => $told->set = $cell,
                'note' => self::note($told, $cell),
                'owned' => $told->owned = preg_match('/^(?:no|n|-|0|false|wish.*|buy|want.*)$/iu', $cell) !== 1,
                'count' => $told->bottles = max(1, (int) $cell),
                'ml' => $cells[] = is_numeric($cell) ? $cell.' ml' : $cell,
                'left' => $cells[] = is_numeric($cell) ? $cell.' ml left' : $cell,
                default => $cells[] = $cell,
            };
        }

        return $name === '' ? $cells : [$name, ...$cells];
    }

    /** A note that says only in what it comes or where it is does so like any other cell. */
    private static function note(PotTold $told, string $cell): void
    {
        $its = new PotCell($cell);
        $its->spans !== [] && $its->rest() === '' ? $told->cell($its) : $told->notes[] = $cell;
    }

    /**
     * @param non-empty-string $delimiter
     *
     * @return list<string>
     */
    private static function split(string $line, string $delimiter): array
    {
        return array_map(
            static fn (?string $c): string => trim((string) $c, " \t\"'“”„"),
            $delimiter === ',' ? str_getcsv($line, ',', '"', '') : explode($delimiter, $line),
        );
    }
}
