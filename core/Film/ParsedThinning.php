<?php

declare(strict_types=1);

namespace Kalokroma\Film;

/**
 * A thinning as painters say it: parts, drops, brush-loads or percent, paint or thinner first, one amount perhaps left
 * open, with water, a kind of thinner or a pot of it. It is shown one way, paint first, in small whole numbers; an unknown amount stays
 * unknown. Whatever is printed of a thinning is read back as the same.
 */
final readonly class ParsedThinning
{
    /** Stands in the text for a pot that is named. */
    private const POT = "\u{1}";

    /** What it should run like: milk is the usual basecoat (2:1), the others lie around it; starting values of our own. */
    private const LIKE = [
        'double cream' => '4:1',
        'cream' => '3:1',
        'milk' => '2:1',
        'skimmed milk' => '1:1',
        'thin milk' => '1:1',
        'ink' => '1:3',
        'tea' => '1:6',
        'tinted water' => '1:8',
        'coloured water' => '1:8',
    ];

    /** Shares this near to a ratio of small whole numbers are told as that ratio. */
    private const NEAR = 0.006;
    private const SMALL = 12;

    /**
     * @param Thinning|null $thinning null where an amount was left open
     * @param string $words as it is shown: "2:1", "undiluted", "3 parts paint, thinner unknown"
     * @param Thinner|null $with what it is thinned with, where that was said
     * @param string|null $pot the pot it is thinned with, as it was listed, where one was named
     */
    private function __construct(
        public ?Thinning $thinning,
        public string $words,
        public ?Thinner $with = null,
        public ?string $pot = null,
    ) {
    }

    /**
     * @param bool $thinnerFirst how a bare ratio is meant; words in the text go before
     * @param array<string, Thinner> $pots mediums, thinners and solvents that may be meant, by name
     *
     * @throws FilmProblem
     */
    public static function read(string $said, bool $thinnerFirst = false, array $pots = []): self
    {
        $text = trim(str_replace(',', '.', (string) preg_replace('/,(?!\d)/', ' ', mb_strtolower($said))));
        [$text, $pot] = self::potIn((string) preg_replace('/\s+/', ' ', $text), $pots);
        $thinner = '(?:'.Thinner::pattern().'|'.self::POT.')s?';
        $kind = preg_match('/\b('.Thinner::pattern().')s?\b/', $text, $m) === 1 ? Thinner::said($m[1]) : null;
        $with = $pot === null ? $kind : $pots[$pot];
        $found = self::undiluted($text) ?? self::like($text, $thinner)
            ?? self::open($text, $thinner)
            ?? self::percent($text, $thinner, $said)
            ?? self::ratio($text, $thinner, $thinnerFirst, $said);

        return new self($found[0], self::shown($found, $with, $pot), $with, $pot);
    }

    /**
     * The longest pot that is named, taken out of the text.
     *
     * @param array<string, Thinner> $pots
     *
     * @return array{string, string|null}
     */
    private static function potIn(string $text, array $pots): array
    {
        $names = array_map(strval(...), array_keys($pots));
        usort($names, static fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));
        foreach ($names as $name) {
            $count = 0;
            $without = preg_replace('/(?<![\p{L}\d])'.preg_quote(mb_strtolower($name), '/').'(?![\p{L}\d])/u', self::POT, $text, 1, $count);
            if ($count === 1 && is_string($without)) {
                return [$without, $name];
            }
        }

        return [$text, null];
    }

    /** @return array{Thinning|null, float|null, float|null}|null */
    private static function undiluted(string $text): ?array
    {
        $neat = '/^(?:undiluted|not thinned|straight(?: from the (?:pot|bottle|can))?|neat|unthinned|as it (?:is|comes))$/D';

        return preg_match($neat, $text) === 1 ? [Thinning::undiluted(), 1.0, 0.0] : null;
    }

    /** @return array{Thinning|null, float|null, float|null}|null */
    private static function like(string $text, string $thinner): ?array
    {
        $text = (string) preg_replace('/ (?:with|in) '.$thinner.'$/D', '', $text);
        if (preg_match('/^(?:as )?(?:thin |runny )?(?:as|like|to) (.+)$/D', $text, $m) !== 1 || !isset(self::LIKE[$m[1]])) {
            return null;
        }
        $thinning = Thinning::fromRatio(self::LIKE[$m[1]]);

        return [$thinning, $thinning->paint, $thinning->thinner];
    }

    /** @return array{Thinning|null, float|null, float|null}|null */
    private static function open(string $text, string $thinner): ?array
    {
        if (preg_match('/^(?:\?|open|some|unknown|to taste)(?: (?:with )?'.$thinner.')?$/D', $text) === 1
            || preg_match('/^(?:open|thinning not said;?) usually .+$/D', $text) === 1) {
            return [null, null, null];
        }
        $part = '(\d+(?:\.\d+)?) parts? ';
        if (preg_match('/^'.$part.'paint '.$thinner.' unknown$/D', $text, $m) === 1) {
            return [null, (float) $m[1], null];
        }

        return preg_match('/^'.$part.$thinner.' paint unknown$/D', $text, $m) === 1 ? [null, null, (float) $m[1]] : null;
    }

    /**
     * @return array{Thinning|null, float|null, float|null}|null
     *
     * @throws FilmProblem
     */
    private static function percent(string $text, string $thinner, string $said): ?array
    {
        $percent = '(\d+(?:\.\d+)?)\s*(?:%|percent)';
        if (preg_match('/^'.$percent.'$/D', $text) === 1) {
            throw FilmProblem::percentOfWhat($said);
        }
        if (preg_match('/^'.$percent.'\s*(?:of )?(paint|'.$thinner.')$/D', $text, $m) !== 1) {
            return null;
        }
        $paint = $m[2] === 'paint' ? (float) $m[1] : 100 - (float) $m[1];
        if ($paint <= 0 || $paint > 100) {
            throw FilmProblem::notAThinning($said);
        }

        return self::of($paint, 100 - $paint, $said);
    }

    /**
     * @return array{Thinning|null, float|null, float|null}
     *
     * @throws FilmProblem
     */
    private static function ratio(string $text, string $thinner, bool $thinnerFirst, string $said): array
    {
        $amount = '(\d+(?:\.\d+)?|\?|some|a little|unknown)';
        $unit = '(?:\s*(?:parts?|drops?|brush-?\s?loads?|loads?))?(?:\s+of)?';
        $kind = '(?:\s+(?:(?:with|in|of)\s+)?(paint|'.$thinner.'))?';
        if (preg_match('/^'.$amount.$unit.$kind.'\s*(?::|\/|to|and|\+|with|\s)\s*'.$amount.$unit.$kind.'$/D', $text, $m) !== 1) {
            throw FilmProblem::notAThinning($said);
        }
        [$first, $firstKind, $second, $secondKind] = [$m[1], $m[2], $m[3], $m[4] ?? ''];
        if ($firstKind !== '' && $secondKind !== '' && ($firstKind === 'paint') === ($secondKind === 'paint')) {
            throw FilmProblem::notAThinning($said);
        }
        // What is added by a "with" at the end says what both amounts are of, not which of them: the usual order holds.
        $isTail = $firstKind === '' && preg_match('/ (?:with|in) '.$thinner.'$/D', $text) === 1;
        $swapped = match (true) {
            $isTail => $thinnerFirst,
            $firstKind !== '' => $firstKind !== 'paint',
            $secondKind !== '' => $secondKind === 'paint',
            default => $thinnerFirst,
        };
        [$paint, $by] = $swapped ? [$second, $first] : [$first, $second];

        return self::of(self::amount($paint), self::amount($by), $said);
    }

    /**
     * @return array{Thinning|null, float|null, float|null} the thinning, parts of paint, parts of thinner
     *
     * @throws FilmProblem
     */
    private static function of(?float $paint, ?float $thinner, string $said): array
    {
        if ($paint === null && $thinner === null) {
            throw FilmProblem::notAThinning($said);
        }
        if ($paint === null || $thinner === null) {
            return [null, $paint, $thinner];
        }
        if ($paint <= 0) {
            throw FilmProblem::notARatio($said);
        }
        if ($thinner == 0.0) {
            return [Thinning::undiluted(), 1.0, 0.0];
        }
        [$paint, $thinner] = self::small($paint, $thinner);

        return [Thinning::parts($paint, $thinner), $paint, $thinner];
    }

    /** @param array{Thinning|null, float|null, float|null} $found */
    private static function shown(array $found, ?Thinner $with, ?string $pot): string
    {
        [$thinning, $paint, $thinner] = $found;
        $by = $pot ?? $with->value ?? 'thinner';

        return match (true) {
            $thinning !== null => $thinning->isUndiluted() ? 'undiluted' : $thinning->ratio(),
            $thinner !== null => self::parts($thinner).$by.', paint unknown',
            $paint !== null => self::parts($paint).'paint, '.$by.' unknown',
            default => 'open',
        };
    }

    private static function amount(string $text): ?float
    {
        return is_numeric($text) ? (float) $text : null;
    }

    private static function parts(float $amount): string
    {
        return rtrim(rtrim(number_format($amount, 2, '.', ''), '0'), '.').($amount == 1.0 ? ' part ' : ' parts ');
    }

    /**
     * The nearest ratio of small whole numbers, if it is near; else the amounts in lowest terms of a tenth.
     *
     * @return array{float, float}
     */
    private static function small(float $paint, float $thinner): array
    {
        $share = $paint / ($paint + $thinner);
        $best = null;
        for ($sum = 2; $sum <= 2 * self::SMALL; ++$sum) {
            for ($a = max(1, $sum - self::SMALL); $a < $sum && $a <= self::SMALL; ++$a) {
                if (abs($a / $sum - $share) <= self::NEAR) {
                    $best ??= [(float) $a, (float) ($sum - $a)];
                }
            }
        }
        if ($best !== null) {
            return $best;
        }

        return $paint >= $thinner ? [round($paint / $thinner, 1), 1.0] : [1.0, round($thinner / $paint, 1)];
    }
}
