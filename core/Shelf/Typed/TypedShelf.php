<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\SaidBehaviour;

/**
 * A shelf typed or pasted as people keep it: a paint a line, its name first, then whatever else was written down, parted by tabs,
 * semicolons, bars, dashes or commas in any order. A colour may be figures or a word or two; where none stands there, the name is asked.
 * A line that ends with a colon says something of those below it: their range, their place, what they are. A table says by its head.
 */
final class TypedShelf
{
    public const MOST_LINES = 500;
    private const LONGEST = 400;

    private const BULLET = '/^\s*(?:[-–—*•·☐☑✓]|\[[ x]?\]|\d{1,3}[.)])\s+/u';

    /**
     * @param array<string, array{behaviour?: string, form?: string, colour?: string}> $put what the painter put right, by the line as it
     *   was typed
     *
     * @return list<TypedPaint> a paint for each line that holds one
     */
    public static function read(string $text, array $put = []): array
    {
        $found = [];
        $head = $table = null;
        foreach (array_slice(preg_split('/\r\n|\r|\n/', $text) ?: [], 0, self::MOST_LINES) as $i => $line) {
            $plain = trim((string) preg_replace(self::BULLET, '', mb_substr($line, 0, self::LONGEST)), " \r\n");
            if (preg_match('/\pL/u', $plain) !== 1) {
                continue;
            }
            if ($found === [] && $table === null && ($table = TableHead::of($plain)) !== null) {
                continue;
            }
            if (preg_match('/^([^:;\t|]{2,60}):$/u', trim($plain), $m) === 1) {
                $head = trim($m[1]);

                continue;
            }
            $found[] = self::line($i + 1, trim($line), $plain, $head, $table, $put[trim($line)] ?? []);
        }

        return $found;
    }

    /** @param array{behaviour?: string, form?: string, colour?: string} $put */
    private static function line(int $number, string $said, string $plain, ?string $head, ?TableHead $table, array $put): TypedPaint
    {
        $told = PotTold::put($put);
        $cells = $table?->tell($told, $plain) ?? self::cells($plain);
        $isCode = count($cells) > 1 && preg_match('/^[\w.\/-]*\d[\w.\/-]*$/u', $cells[0]) === 1
            && preg_match('/ml$|^x?\d{1,2}x?$/iu', $cells[0]) !== 1;
        $code = $isCode ? (string) array_shift($cells) : '';
        $name = new PotCell($cells[0]);
        $bare = $name->withoutKeeping();
        while ($bare->line->count() === 0 && count($cells) > 1) {
            $told->cell($name);
            array_shift($cells);
            $name = new PotCell((string) reset($cells));
            $bare = $name->withoutKeeping();
        }
        if ($bare->line->count() > 0) {
            self::keeping($told, $name, $bare);
        } else {
            $bare = $name;
        }
        foreach (array_slice($cells, 1) as $cell) {
            $told->cell(new PotCell($cell));
        }
        $told->named($bare);
        self::headed($told, $head, $bare);
        $told->notes = [...($code === '' ? [] : [$code]), ...$told->notes];

        return PotMade::of($number, $said, $bare, $told, $table === null ? $cells : []);
    }

    /** What was taken off the ends of a name says how the pot is kept. */
    private static function keeping(PotTold $told, PotCell $name, PotCell $bare): void
    {
        $from = mb_strpos($name->line->said, $bare->line->said);
        $behind = mb_substr($name->line->said, (int) $from + mb_strlen($bare->line->said));
        foreach ([mb_substr($name->line->said, 0, (int) $from), $behind] as $end) {
            if (trim($end) !== '') {
                $told->cell(new PotCell($end), true);
            }
        }
    }

    /**
     * The cells of a line: at tabs, semicolons and bars, else at dashes between spaces, colons and commas; brackets are cells too.
     *
     * @return non-empty-list<string>
     */
    private static function cells(string $line): array
    {
        $line = (string) preg_replace(
            ['/\s*[(\[]([^()\[\]]*)[)\]]\s*/u', '/["“”„]/u', '/^(\d+[-.\/]\d+|\d{3,6})\s+(?=\pL)/u'],
            ["\t$1\t", '', "$1\t"],
            $line,
        );
        $isParted = preg_match('/[\t;|]/u', trim($line)) === 1;
        $parts = $isParted ? preg_split('/[\t;|]/u', $line) : [$line];
        $cells = [];
        foreach ($parts ?: [] as $part) {
            if (preg_match('/^\s*(range|line|brand|maker|set|place|where)\s*[:：]\s*(.+)$/iu', $part, $m) === 1) {
                $cells[] = $m[1].' '.trim($m[2]);

                continue;
            }
            foreach (preg_split('/\s+[-–—=]+\s+|[:：]\s+|,(?!\d)\s*|(?<=\pL{3})[.!?]\s+/u', trim($part, " \t,\"'“”„")) ?: [] as $cell) {
                if (trim($cell) !== '') {
                    $cells[] = trim($cell, " \t\"“”„");
                }
            }
        }

        return $cells === [] ? [$line] : $cells;
    }

    /** What a line with a colon says of those below it: a place, a form, a kind, else their range. */
    private static function headed(PotTold $told, ?string $head, PotCell $name): void
    {
        if ($head === null) {
            return;
        }
        $cell = new PotCell($head);
        $rest = $cell->rest();
        if ($rest !== '' || $cell->spans === []) {
            $range = trim((string) preg_replace('/^(?:range|line) | (?:range|line|paints?)$/iu', '', $head));
            $told->range = $told->range === '' ? $range : $told->range;

            return;
        }
        $isTold = SaidBehaviour::named($name->line->said) !== Behaviour::Opaque;
        $before = $told->behaviour;
        if (!$isTold && $before === null) {
            $told->cell($cell, true);
        }
    }
}
