<?php

declare(strict_types=1);

namespace Kalokroma\Film;

/**
 * A thinning as painters say it: parts, drops, brush-loads or percent, paint or thinner first, one amount perhaps left
 * open. It is shown one way, paint first, in small whole numbers; an unknown amount stays unknown.
 */
final readonly class SaidThinning
{
    private const THINNERS = 'thinner|water|medium|retarder|solvent|spirit';

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
     * @param string|null $with what it is thinned with, where that was said
     */
    private function __construct(public ?Thinning $thinning, public string $words, public ?string $with)
    {
    }

    /**
     * @param bool $thinnerFirst how a bare ratio is meant; words in the text go before
     *
     * @throws FilmProblem
     */
    public static function read(string $said, bool $thinnerFirst = false): self
    {
        $text = trim(str_replace(',', '.', (string) preg_replace('/,(?!\d)/', ' ', mb_strtolower($said))));
        if (preg_match('/^(undiluted|straight|neat|unthinned|as it is)$/D', $text) === 1) {
            return new self(Thinning::undiluted(), 'undiluted', null);
        }
        if (preg_match('/^(?:as )?(?:thin |runny )?(?:as|like|to) (.+)$/D', $text, $m) === 1 && isset(self::LIKE[$m[1]])) {
            return new self(Thinning::fromRatio(self::LIKE[$m[1]]), self::LIKE[$m[1]], null);
        }
        $with = preg_match('/\b('.self::THINNERS.')s?\b/', $text, $m) === 1 ? $m[1] : null;
        if (preg_match('/^(?:\?|open|some|unknown|to taste)(?:\s+(?:with\s+)?(?:'.self::THINNERS.')s?)?$/D', $text) === 1) {
            return new self(null, 'open', $with);
        }
        if (preg_match('/^(\d+(?:\.\d+)?)\s*(?:%|percent)\s*(?:of\s+)?(paint|'.self::THINNERS.')$/D', $text, $m) === 1) {
            return self::percent((float) $m[1], $m[2] === 'paint', $with, $said);
        }
        if (preg_match('/^(\d+(?:\.\d+)?)\s*(?:%|percent)$/D', $text) === 1) {
            throw FilmProblem::percentOfWhat($said);
        }
        $amount = '(\d+(?:\.\d+)?|\?|some|a little|unknown)';
        $unit = '(?:\s*(?:parts?|drops?|brush-?\s?loads?|loads?))?(?:\s+of)?';
        $kind = '(?:\s+(paint|'.self::THINNERS.'))?';
        if (preg_match('/^'.$amount.$unit.$kind.'\s*(?::|\/|to|and|\+|with|\s)\s*'.$amount.$unit.$kind.'$/D', $text, $m) !== 1) {
            throw FilmProblem::notAThinning($said);
        }
        [$first, $firstKind, $second, $secondKind] = [$m[1], $m[2], $m[3], $m[4] ?? ''];
        if ($firstKind !== '' && $secondKind !== '' && ($firstKind === 'paint') === ($secondKind === 'paint')) {
            throw FilmProblem::notAThinning($said);
        }
        $swapped = match (true) {
            $firstKind !== '' => $firstKind !== 'paint',
            $secondKind !== '' => $secondKind === 'paint',
            default => $thinnerFirst,
        };
        [$paint, $thinner] = $swapped ? [$second, $first] : [$first, $second];

        return self::of(self::amount($paint), self::amount($thinner), $with, $said);
    }

    /** @throws FilmProblem */
    private static function of(?float $paint, ?float $thinner, ?string $with, string $said): self
    {
        if ($paint === null && $thinner === null) {
            throw FilmProblem::notAThinning($said);
        }
        if ($paint === null || $thinner === null) {
            $known = $paint === null
                ? self::parts((float) $thinner).($with ?? 'thinner').', paint unknown'
                : self::parts($paint).'paint, '.($with ?? 'thinner').' unknown';

            return new self(null, $known, $with);
        }
        if ($paint <= 0) {
            throw FilmProblem::notARatio($said);
        }
        if ($thinner == 0.0) {
            return new self(Thinning::undiluted(), 'undiluted', null);
        }
        [$paint, $thinner] = self::small($paint, $thinner);
        $thinning = Thinning::parts($paint, $thinner);

        return new self($thinning, $thinning->ratio(), $with);
    }

    /** @throws FilmProblem */
    private static function percent(float $percent, bool $ofPaint, ?string $with, string $said): self
    {
        $paint = $ofPaint ? $percent : 100 - $percent;
        if ($paint <= 0 || $paint > 100) {
            throw FilmProblem::notAThinning($said);
        }

        return self::of($paint, 100 - $paint, $with, $said);
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
