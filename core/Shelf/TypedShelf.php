<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\SaidColour;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\ColourSource;

/**
 * A shelf typed or pasted as people keep it: a paint a line, its name first, then whatever else was written down, parted by tabs,
 * semicolons, bars, dashes or commas in any order. A colour may be figures or a word or two; where none stands there, the name is asked.
 * A line that ends with a colon names the range of those below it.
 */
final class TypedShelf
{
    public const MOST_LINES = 500;
    private const LONGEST = 400;

    private const BULLET = '/^\s*(?:[-–—*•·☐☑✓]|\[[ x]?\]|\d{1,3}[.)])\s+/u';
    private const HEADS = ['name', 'paint', 'paint name', 'colour', 'color', 'paints', 'title'];

    /** A line of headings is no paint. */
    private const UNDER_HEADS = '/^(?:colou?r|type|kind|behaviou?r|range|line|brand|maker|ml|size|left|notes?|price|set|place)\b/iu';

    /** "half full" and the like, as shares of a bottle. */
    private const LEFT = [
        '/^(?:new|full|unopened|sealed)$/iu' => 1.0, '/^(?:three quarters|3\/4|¾)(?: full| left)?$/iu' => 0.75,
        '/^(?:half|1\/2|½)(?: full| left| empty)?$/iu' => 0.5, '/^(?:a )?(?:quarter|1\/4|¼)(?: full| left)?$/iu' => 0.25,
        '/^(?:nearly|almost) (?:empty|out|gone)$/iu' => 0.1, '/^(?:empty|used up|gone|dried (?:up|out))$/iu' => 0.0,
    ];

    private const USUAL_ML = 15.0;

    /** @return list<TypedPaint> a paint for each line that holds one */
    public static function read(string $text): array
    {
        $lines = [];
        $heading = '';
        foreach (array_slice(preg_split('/\r\n|\r|\n/', $text) ?: [], 0, self::MOST_LINES) as $i => $line) {
            $plain = trim((string) preg_replace(self::BULLET, '', mb_substr($line, 0, self::LONGEST)));
            if (preg_match('/^([^:;\t|]{2,60}):$/u', $plain, $m) === 1) {
                $heading = trim($m[1]);
            } elseif ($plain !== '' && preg_match('/\pL/u', $plain) === 1) {
                $columns = self::columns($plain);
                $lines[] = ['line' => $i + 1, 'said' => trim($line), 'columns' => $columns, 'range' => $heading];
            }
        }
        if ($lines !== [] && self::isHead($lines[0]['columns'])) {
            array_shift($lines);
        }
        $ranges = self::ranges(array_column($lines, 'columns'));

        return array_map(static fn (array $l): TypedPaint => self::paint($l, $ranges), $lines);
    }

    /**
     * The cells of a line: at tabs, semicolons and bars, else at dashes between spaces, colons and commas; brackets are cells too.
     *
     * @return non-empty-list<string>
     */
    private static function columns(string $line): array
    {
        $line = (string) preg_replace('/\s*[(\[]([^()\[\]]*)[)\]]\s*/u', "\t$1\t", $line);
        $parted = preg_match('/[\t;|]/u', trim($line)) === 1 ? '/[\t;|]/u' : '/\s+[-–—=]+\s+|[:：]\s+|,(?!\d)\s*/u';
        $cells = [];
        foreach (preg_split($parted, $line) ?: [] as $cell) {
            foreach (preg_split('/\s+[–—-]\s+/u', trim($cell, " \t,\"'“”„")) ?: [] as $part) {
                if (trim($part) !== '') {
                    $cells[] = trim($part);
                }
            }
        }

        return $cells === [] ? [$line] : $cells;
    }

    /** @param list<string> $columns */
    private static function isHead(array $columns): bool
    {
        return in_array(mb_strtolower($columns[0]), self::HEADS, true)
            && count($columns) > 1 && preg_match(self::UNDER_HEADS, $columns[1]) === 1;
    }

    /**
     * What stands behind the names of several paints and says nothing else is their range.
     *
     * @param list<list<string>> $rows
     *
     * @return array<string, bool> by the words in small letters
     */
    private static function ranges(array $rows): array
    {
        $counts = [];
        foreach ($rows as $cells) {
            foreach (array_slice($cells, 1) as $cell) {
                $isOther = SaidBehaviour::said($cell) !== null || SaidColour::read($cell) !== null || preg_match('/\d/', $cell) === 1;
                $key = mb_strtolower($cell);
                $counts[$key] = $isOther ? 0 : ($counts[$key] ?? 0) + 1;
            }
        }

        return array_map(static fn (int $count): bool => $count > 1, $counts);
    }

    /**
     * @param array{line: int, said: string, columns: non-empty-list<string>, range: string} $line
     * @param array<string, bool> $ranges
     */
    private static function paint(array $line, array $ranges): TypedPaint
    {
        $cells = $line['columns'];
        $code = preg_match('/^[\w.\/-]*\d[\w.\/-]*$/u', $cells[0]) === 1 && count($cells) > 1 ? (string) array_shift($cells) : '';
        [$name, $end] = self::counted((string) array_shift($cells));
        $cells = [...$cells, ...$end];
        $told = [
            'range' => $line['range'], 'behaviour' => null, 'hex' => null, 'from' => '',
            'bottle' => null, 'share' => null, 'left' => null, 'bottles' => null, 'owned' => true, 'notes' => $code === '' ? [] : [$code],
        ];
        foreach ($cells as $cell) {
            $told = self::cell($cell, $told, $ranges[mb_strtolower($cell)] ?? false);
        }
        $behaviour = $told['behaviour'] ?? SaidBehaviour::named($name);
        $from = $told['from'] !== '' ? $told['from'] : $name;
        $hex = $told['hex'] ?? self::guess($from, $behaviour);
        $isGuess = $told['hex'] === null && $hex !== null;
        $bottle = $told['bottle'] ?? ($told['share'] === null ? null : self::USUAL_ML);

        return new TypedPaint(
            $line['line'],
            $line['said'],
            mb_substr($name, 0, 80),
            mb_substr($told['range'], 0, 80),
            $behaviour,
            $behaviour->colours() ? $hex : null,
            $isGuess ? ColourSource::Guessed : ColourSource::Typed,
            $isGuess && $behaviour->colours() ? $from : '',
            $bottle,
            $told['left'] ?? ($told['share'] === null ? null : round($told['share'] * $bottle, 1)),
            $told['bottles'],
            $told['owned'],
            implode('; ', $told['notes']),
            $isGuess && $told['from'] === '' && $behaviour->colours() && !self::endsInColour($name),
            $hex === null && $behaviour->needsColour() ? 'What colour is it? A word or two will do, such as "dark warm red".' : '',
        );
    }

    /**
     * Numbers that stand behind a name without a sign between: "Bone 17 ml", "Black x2".
     *
     * @return array{string, list<string>}
     */
    private static function counted(string $name): array
    {
        $end = [];
        while (preg_match('/^(.*?\pL.*?)\s+(#[0-9a-f]{6}|\d+(?:[.,]\d+)?\s*ml|x\s?\d{1,2}|\d{1,2}\s?x|(?:half|full|empty|quarter)(?: '
            .'full| left| empty)?)$/iu', $name, $m) === 1) {
            [$name, $end] = [$m[1], [$m[2], ...$end]];
        }

        return [trim($name), $end];
    }

    /**
     * @param array{range: string, behaviour: Behaviour|null, hex: string|null, from: string, bottle: float|null, share: float|null,
     *   left: float|null, bottles: int|null, owned: bool, notes: list<string>} $told
     *
     * @return array{range: string, behaviour: Behaviour|null, hex: string|null, from: string, bottle: float|null, share: float|null,
     *   left: float|null, bottles: int|null, owned: bool, notes: list<string>}
     */
    private static function cell(string $cell, array $told, bool $isRange): array
    {
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s*ml(\s+left)?$/iu', $cell, $m) === 1) {
            $ml = (float) str_replace(',', '.', $m[1]);
            $isLeft = isset($m[2]) || $told['bottle'] !== null;

            return [...$told, $isLeft ? 'left' : 'bottle' => $ml];
        }
        foreach (self::LEFT as $pattern => $share) {
            if (preg_match($pattern, $cell) === 1) {
                return [...$told, 'share' => $share];
            }
        }
        if (preg_match('/^(?:x\s?(\d{1,2})|(\d{1,2})\s?(?:x|bottles?|pots?))$/iu', $cell, $m) === 1) {
            return [...$told, 'bottles' => (int) ($m[1] !== '' ? $m[1] : $m[2])];
        }
        if (preg_match('/^(?:not owned|wish(?:ed|list)?|want(?:ed)?|to buy|no)$/iu', $cell) === 1) {
            return [...$told, 'owned' => false];
        }
        if (preg_match('/^(?:owned|yes|have it|own)$/iu', $cell) === 1) {
            return $told;
        }
        if ($isRange && $told['range'] === '') {
            return [...$told, 'range' => $cell];
        }

        return self::colourOrKind($cell, $told);
    }

    /**
     * @param array{range: string, behaviour: Behaviour|null, hex: string|null, from: string, bottle: float|null, share: float|null,
     *   left: float|null, bottles: int|null, owned: bool, notes: list<string>} $told
     *
     * @return array{range: string, behaviour: Behaviour|null, hex: string|null, from: string, bottle: float|null, share: float|null,
     *   left: float|null, bottles: int|null, owned: bool, notes: list<string>}
     */
    private static function colourOrKind(string $cell, array $told): array
    {
        $behaviour = SaidBehaviour::said($cell);
        $rest = $behaviour === null ? $cell : SaidBehaviour::without($cell);
        if ($behaviour !== null && $told['behaviour'] === null) {
            $told['behaviour'] = $behaviour;
        }
        if ($rest === '') {
            return $told;
        }
        try {
            if (preg_match('/^#?[0-9a-f]{6}$/iu', $rest) === 1 && preg_match('/\d/', $rest) === 1) {
                return [...$told, 'hex' => Srgb::fromHex('#'.ltrim($rest, '#'))->toHex()];
            }
        } catch (ColourProblem) {
            // six letters that are no colour are a note like any other
        }
        if ($told['from'] === '' && SaidColour::read($rest) !== null) {
            return [...$told, 'from' => $rest];
        }

        return [...$told, 'notes' => [...$told['notes'], $rest]];
    }

    /** Whether a name says its colour as painters do, last of all: "Old Wine" does, "Sea Holly" may not. */
    private static function endsInColour(string $name): bool
    {
        preg_match_all('/\pL+/u', SaidBehaviour::without((string) preg_replace('/\bground\b/iu', '', $name)), $words);

        return $words[0] !== [] && SaidColour::isColour((string) end($words[0]));
    }

    /** `#rrggbb` of what these words say; one coat over white of paint that is laid so. */
    private static function guess(string $words, Behaviour $behaviour): ?string
    {
        $said = SaidColour::read($words);
        if ($said === null) {
            return null;
        }
        $colour = Reflectance::fromSrgb($said->toSrgb());

        return Srgb::fromXyz(($behaviour->isTransparent() ? InTheBottle::said($colour) : $colour)->toXyz())->clipped()->toHex();
    }
}
