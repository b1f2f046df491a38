<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Shelf\WholeParts;

/** How much of each paint that is named: parts where they are said, open where they are not. */
final class Amounts
{
    private const AMOUNT = '(\d{1,3}|half|one|two|three|four|five|six|seven|eight|nine|ten|an?)';
    private const UNIT = '(?:\s*(?:parts?|drops?|brush-?\s?loads?|of each))?(?:\s+of)?';
    private const LITTLE = '(?:(?:just |only )?(?:a )?(?:very |tiny )?(?:little|touch|bit|dash|hint|spot|tiny bit)(?: bit)?(?: of)?|a '
        .'drop of|very little)';

    /** Of what there is "a little" there is this much beside the rest: a fifth, between a sixth and a third. */
    public const LITTLE_PARTS = 1;
    public const REST_PARTS = 4;

    /** Most parts in all that a mix is told in. */
    private const SMALL = 12;

    /**
     * @param list<int> $marks of the names, in the order they are said
     *
     * @return array{parts: list<int>, open: list<int>, pair: bool, not: array<int, string>} parts of each; which are open, by place;
     *   whether two are said one after the other, as from one to the other; which are no paint of it, with the word that says so
     */
    public static function taken(Phrase $phrase, array $marks): array
    {
        $pieces = preg_split('/'.Names::MARK.'/u', $phrase->rest()) ?: [''];
        $parts = $kinds = $not = [];
        $pair = false;
        $pieces = self::turned($pieces, count($marks));
        foreach ($marks as $i => $_) {
            [$pieces[$i], $parts[$i], $kinds[$i]] = self::before($pieces[$i]);
            if (preg_match('/\b(over|instead of|in place of|rather than|on top of|not|for|beside|next to|like|under|below|before|after|'
                .'matching|meets|against'
                .'|toward|towards|off)(?: the| '
                .'my)?\s*$/iu', $pieces[$i], $m) === 1) {
                $not[$i] = $m[1];
                $pieces[$i] = substr($pieces[$i], 0, -strlen($m[0]));
            }
        }
        if (count($marks) > 1 && trim($pieces[0], ' '.Phrase::GAP) === '' && trim($pieces[1]) === ':' && $kinds[0] === '') {
            $not[0] = '';
        }
        $pieces = array_values($pieces);
        $ratio = self::evenly($pieces);
        foreach ($pieces as $i => $piece) {
            $between = '/(?<![\w:])'.self::AMOUNT.'\s*(?::|\/|to)\s*'.self::AMOUNT.'(?![\w:%])/iu';
            if ($ratio === null && (count($marks) === 2 || count($marks) === 3) && preg_match($between, $piece, $m) === 1) {
                $ratio = [Phrase::number($m[1]), Phrase::number($m[2])];
                $pieces[$i] = str_replace($m[0], ' '.Phrase::GAP.' ', $piece);
            }
        }
        if (count($marks) === 2) {
            $isPair = preg_match('/^\s*[¦,]*\s*(?:(?:in)?to|up to|then|-+>?|→)(?: the)?\s*[¦,]*\s*$/iu', $pieces[1]) === 1;
            $pair = $ratio === null && $isPair && $kinds === ['', ''];
            $pieces[1] = $pair ? '' : $pieces[1];
        }
        $phrase->become(implode(' '.Phrase::GAP.' ', $pieces));

        return self::settled(array_values($parts), array_values($kinds), $ratio, $not) + ['pair' => $pair, 'not' => $not];
    }

    /**
     * Amounts that are said behind their names, "ochre 75 %, bone 25 %" and "ochre 3 : bone 1", put before them.
     *
     * @param list<string> $pieces
     *
     * @return list<string>
     */
    private static function turned(array $pieces, int $names): array
    {
        $turned = $pieces;
        for ($i = 1; $i <= $names; ++$i) {
            $amount = '/^\s*(\d{1,3}\s*%|\d{1,2}(?!\s*[:\/]\s*\d))\s*(?=$|[,:+¦]|and\b)[\s,:+]*/iu';
            if ($names < 2 || preg_match($amount, $pieces[$i] ?? '', $m) !== 1) {
                return $pieces;
            }
            $turned[$i] = substr($turned[$i], strlen($m[0]));
            $turned[$i - 1] .= ' '.$m[1].' ';
        }

        return array_values($turned);
    }

    /**
     * @param list<string> $pieces
     *
     * @return array{int, int}|null one to one, where that is said; its words are taken out
     */
    private static function evenly(array &$pieces): ?array
    {
        foreach ($pieces as $i => $piece) {
            $even = '/\b(?:in )?(?:equal (?:parts|amounts)|half and half|fifty[ -]fifty)(?: of)?\b/iu';
            if (preg_match($even, $piece, $m) === 1) {
                $pieces[$i] = str_replace($m[0], ' '.Phrase::GAP.' ', $piece);

                return [1, 1];
            }
        }

        return null;
    }

    /**
     * @return array{string, int, string} what is left before a name, its parts, and how they were said: `part`, `percent`, `little`,
     * `some`
     */
    private static function before(string $piece): array
    {
        foreach ([
            ['/(?<![\w.])(\d{1,3})\s*(?:%|percent)(?:\s+of)?\s*$/iu', 'percent'],
            ['/'.self::LITTLE.'\s*$/iu', 'little'],
            ['/\bsome(?: of(?: the)?)?\s*$/iu', 'some'],
            ['/(?<![\w:])'.self::AMOUNT.self::UNIT.'\s*$/iu', 'part'],
        ] as [$pattern, $kind]) {
            if (preg_match($pattern, $piece, $m) === 1) {
                $rest = substr($piece, 0, -strlen($m[0]));
                $isArticle = $kind === 'part' && in_array(mb_strtolower($m[1] ?? ''), ['a', 'an'], true) && preg_match('/part|'
                    .'drop/i', $m[0]) !== 1;
                $isRatio = $kind === 'part' && preg_match('/\b'.self::AMOUNT.'\s*(?:[:\/]|to)\s*$/iu', $rest) === 1;
                if ($isRatio) {
                    break;
                }

                $count = mb_strtolower($m[1] ?? '') === 'half' ? 1 : Phrase::number($m[1] ?? '1');

                return $isArticle ? [$rest, 1, ''] : [$rest, $count, $kind];
            }
        }

        return [$piece, 1, ''];
    }

    /**
     * @param list<int> $parts
     * @param list<string> $kinds
     * @param array{int, int}|null $ratio
     * @param array<int, string> $not
     *
     * @return array{parts: list<int>, open: list<int>}
     */
    private static function settled(array $parts, array $kinds, ?array $ratio, array $not): array
    {
        if ($ratio !== null && min($ratio) > 0 && count($parts) === 2) {
            return ['parts' => self::small($ratio), 'open' => []];
        }
        $isThird = $ratio !== null && min($ratio) > 0 && count($parts) === 3 && in_array($kinds[2], ['some', 'little'], true);
        if ($isThird && $kinds[0] === '' && $kinds[1] === '') {
            return ['parts' => [...self::small($ratio), self::LITTLE_PARTS], 'open' => [2]];
        }
        $counted = array_intersect($kinds, ['part', 'percent']) !== [];
        $open = [];
        $first = null;
        $isSome = array_intersect($kinds, ['some', 'little']) !== [] && in_array('', $kinds, true);
        foreach ($kinds as $i => $kind) {
            if (isset($not[$i])) {
                continue;
            }
            $isSaid = $kind === 'part' || $kind === 'percent';
            if ($kind === 'little') {
                $open[] = $i;
                $parts[$i] = self::LITTLE_PARTS;
            } elseif (!$isSaid && ($kind === 'some' || $counted || ($first !== null && !$isSome))) {
                $open[] = $i;
            }
            $first ??= $i;
        }
        if (count($parts) - count($not) < 2) {
            return ['parts' => array_fill(0, count($parts), 1), 'open' => $kinds === ['some'] || $kinds === ['little'] ? [0] : []];
        }
        if (in_array('little', $kinds, true) && !$counted) {
            foreach ($kinds as $i => $kind) {
                $parts[$i] = $kind === 'little' ? self::LITTLE_PARTS : self::REST_PARTS;
            }
        }

        return ['parts' => self::small(array_values($parts)), 'open' => $open];
    }

    /**
     * In lowest terms; percents that have none in small numbers are brought to the nearest tenths.
     *
     * @param list<int> $parts
     *
     * @return list<int>
     */
    public static function small(array $parts): array
    {
        $parts = array_map(static fn (int $p): int => max(1, $p), $parts);
        $divisor = array_reduce($parts, WholeParts::divisor(...), 0);
        $parts = array_map(static fn (int $p): int => intdiv($p, max(1, $divisor)), $parts);
        $sum = array_sum($parts);

        return $sum <= self::SMALL ? $parts : array_map(static fn (int $p): int => max(1, (int) round(10 * $p / $sum)), $parts);
    }
}
