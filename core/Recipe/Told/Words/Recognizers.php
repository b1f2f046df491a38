<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Line;

/** All that can be recognized in a line but the names of paints: one row each, with examples that are tried in the tests. */
final class Recognizers
{
    /** A number in figures or words: one group. */
    public const NUMBER = '(\d{1,3}(?:\.\d+)?|0,\d+|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|twenty[- ]four|twenty'
        .'|thirty|forty|fifty|'
        .'sixty|seventy|eighty|ninety|an?)';

    private const NUMBERS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10,
        'eleven' => 11, 'twelve' => 12, 'twenty' => 20, 'twenty-four' => 24, 'twenty four' => 24, 'thirty' => 30, 'forty' => 40,
            'fifty' => 50, 'sixty' => 60, 'seventy' => 70,
        'eighty' => 80, 'ninety' => 90, 'a' => 1, 'an' => 1, 'half' => 1,
    ];

    /**
     * How well each word is explained by a span of this kind, or of this kind and meaning. Starting values of our own: what can be
     * nothing else weighs most, what takes any word in weighs least.
     *
     * @var array<string, float>
     */
    private const WEIGHT = [
        'technique' => 3.0, 'face' => 3.0, 'part' => 3.0, 'light' => 3.0, 'all-over' => 2.5, 'strokes' => 2.2, 'leave' => 2.5,
        'who' => 3.0, 'level' => 3.0, 'level-mark' => 3.2, 'omitted' => 3.0, 'handling' => 3.2, 'before' => 2.5, 'other-area' => 2.0,
        'in-place-of' => 2.0, 'mention' => 1.4, 'amount' => 2.5, 'amount:number' => 1.2, 'amount:percent-it' => 2.6, 'amount:rest' => 1.5,
        'ratio' => 2.8, 'amount:double' => 3.4, 'amount:half-as-much' => 3.4,
        'thinner' => 3.0, 'any-paint' => 2.0, 'consistency' => 2.6, 'coats' => 3.0, 'loop' => 2.6, 'again' => 2.5, 'more' => 2.0,
        'wait' => 3.0, 'note' => 2.4, 'note:somewhere' => 0.6, 'note:stays' => 2.3, 'note:aside' => 2.6, 'note:manner' => 2.0,
        'then' => 8.0, 'comma' => 6.0, 'and' => 0.8, 'into' => 0.3, 'plain' => 0.9, 'leave:this' => 2.2, 'note:brush' => 3.0,
        'note:order' => 2.6,
        'note:order-until' => 3.4, 'note:turn' => 2.7, 'note:thing' => 0.4, 'note:reason' => 4.2, 'note:between' => 3.6, 'note:than' => 3.6,
            'plain:idiom' => 6.0, 'note:not-planned' => 3.4, 'note:covers' => 3.4,
        'consistency:printed' => 5.0, 'loop:exit' => 9.0, 'wait:printed' => 4.0, 'and:meeting' => 4.0, 'or' => 1.5, 'or:but' => 0.2,
            'mention:work' => 3.0, 'before:base' => 3.6, 'plain:order' => 4.0, 'note:second-coat' => 3.0, 'and:changed' => 3.0,
            'note:lining' => 3.0,
            'note:remark' => 3.0,
            'before:mix' => 3.4, 'plain:forget' => 2.0,
    ];

    /** Words that weigh nothing: they stand between the others. */
    private const PLAIN = [
        'a', 'an', 'the', 'of', 'it', 'its', 'is', 'are', 'was', 'were', 'be', 'been', 'this', 'that', 'these', 'those', 'them', 'so',
            'also', 'just',
        'only', 'quite', 'now', 'use', 'used', 'using', 'paint', 'paints', 'painted', 'painting', 'colour', 'color', 'put', 'lay',
        'apply', 'applied', 'add', 'added', 'go', 'goes', 'going', 'went', 'do', 'does', 'done', 'did', 'make', 'makes', 'made', 'i',
            'we', 'you', 'your', 'my',
        'he', 'she', 'they', 'his', 'her', 'their', 'if', 'or', 'as', 'at', 'by', 'to', 'for', 'from', 'in', 'on', 'up', 'down', 'over',
        'into', 'onto', 'through', 'with', 'and', 'then', 'please', 'all', 'every', 'each', 'here', 'there', 'step', 'mix', 'mixed',
            'mixture', 'coat', 'coats',
        'ones', 'too', 'very', 'will', 'can', 'should', 'want', 'get', 'gets', 'got', 'take', 'takes', 'have', 'has', 'had', 'give',
            'gives', 'well', 'first', 'me',
        'but', 'while', 'which', 'what', 'who', 'where', 'when', 'i\'ve', 'it\'s', 'that\'s', 'i\'d', 'let', 'some', 'kind', 'sort',
            'last', 'back', 'finally', 'sure', 'make', 'also',
            'about', 'our', 'us',
        'ok', 'okay', 'right', 'basically', 'really', 'actually', 'simply', 'whole', 'any', 'bring', 'nice', 'pure', 'good', 'rich',
            'lovely', 'plain', 'usual', 'normal', 'little', 'bit',
        'out', 'off', 'around', 'round', 'along', 'time', 'most', 'much', 'more', 'less', 'both', 'same', 'other', 'part', 'parts',
            'start', 'end', 'finish', 'place', 'set', 'try', 'always', 'usually',
    ];

    /** @var list<array{SpanKind, string, string, float}>|null */
    private static ?array $rows = null;

    /** @var array<string, true>|null */
    private static ?array $plain = null;

    /** @return list<Span> */
    public static function in(Line $line): array
    {
        $found = [];
        foreach (self::rows() as [$kind, $means, $pattern, $weight]) {
            foreach ($line->find($pattern) as [$from, $to, $groups]) {
                $found[] = new Span($from, $to, $kind, $means, $weight * self::words($line, $from, $to), array_slice($groups, 1));
            }
        }

        return $found;
    }

    public static function isPlain(string $word): bool
    {
        self::$plain ??= array_fill_keys(self::PLAIN, true);

        return isset(self::$plain[$word]) || preg_match('/^[^\p{L}\d]/u', $word) === 1;
    }

    /** A number as it was said; 0 where it is none. */
    public static function number(string $said): float
    {
        return self::NUMBERS[$said] ?? (float) str_replace(',', '.', $said);
    }

    /** @return list<array{string, string, string, list<string>}> kind, meaning, pattern, examples */
    public static function table(): array
    {
        return [
            ...PrintedWords::ROWS,
            ...PlaceWords::ROWS,
            ...AmountWords::ROWS,
            ...TimeWords::ROWS,
            ...SpeechWords::ROWS,
            ...TechniqueWords::ROWS,
        ];
    }

    /** Signs weigh as much as half a word. */
    private static function words(Line $line, int $from, int $to): float
    {
        $weight = 0.0;
        for ($i = $from; $i < $to; ++$i) {
            $weight += preg_match('/^[\p{L}\d%]/u', $line->words[$i]) === 1 ? 1.0 : 0.5;
        }

        return $weight;
    }

    /**
     * A pattern cut where it says "or": each way of saying it is looked for by itself, so that the short one does not hide the long one.
     *
     * @return list<string>
     */
    private static function alternatives(string $pattern): array
    {
        $found = [''];
        $depth = 0;
        for ($i = 0; $i < strlen($pattern); ++$i) {
            $sign = $pattern[$i];
            $isPlain = $i > 0 && $pattern[$i - 1] === '\\';
            $depth += $isPlain ? 0 : match ($sign) {
                '(', '[' => 1,
                ')', ']' => -1,
                default => 0,
            };
            if ($sign === '|' && $depth === 0 && !$isPlain) {
                $found[] = '';
            } else {
                $found[count($found) - 1] .= $sign;
            }
        }

        return $found;
    }

    /** What must or must not stand before begins with a whole word: "lemon " does not end in "on ". */
    private static function wholeWords(string $pattern): string
    {
        return (string) preg_replace_callback(
            '/\(\?<([!=])([^()]+)\)/',
            static fn (array $m): string => '(?<'.$m[1].preg_replace('/(?<![^|])(?=[a-z])/', '\\\\b', $m[2]).')',
            $pattern,
        );
    }

    /** @return list<array{SpanKind, string, string, float}> */
    private static function rows(): array
    {
        if (self::$rows !== null) {
            return self::$rows;
        }
        $rows = [];
        foreach (Technique::cases() as $technique) {
            if (!in_array($technique, [Technique::Undercoat, Technique::Waiting], true)) {
                $words = implode(' ', (new Line($technique->words()))->words);
                $rows[] = [SpanKind::Technique, $technique->value, '('.preg_quote(mb_strtolower($words), '~').')(?:s|es)?',
                    self::WEIGHT['technique']];
            }
        }
        foreach (self::table() as [$kind, $means, $pattern]) {
            $weight = self::WEIGHT[$kind.':'.$means] ?? self::WEIGHT[$kind] ?? 1.0;
            foreach (self::alternatives($pattern) as $one) {
                $rows[] = [SpanKind::from($kind), $means, str_replace('{N}', self::NUMBER, self::wholeWords($one)), $weight];
            }
        }

        return self::$rows = $rows;
    }
}
