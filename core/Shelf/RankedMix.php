<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Word\Message;

/** A mix with its predicted difference (CIEDE2000) from the colour that was wanted. */
final readonly class RankedMix
{
    public function __construct(public Mix $mix, public float $difference)
    {
    }

    /**
     * The difference to be expected on the figure (CIEDE2000): what is predicted and what it is sure of, as independent errors add up,
     * √(difference² + certainty²).
     */
    public function expected(): float
    {
        return hypot($this->difference, $this->mix->certainty());
    }

    /**
     * Why this one is offered first: what may be expected of it, and of the one that looks nearest on paper.
     */
    public function why(self $onPaper): string
    {
        $mine = $this->mix->words().($this->mix->isSingle() ? ' from the pot' : '');
        $facts = ['mine' => $mine, 'near' => $this->difference, 'expected' => $this->expected()];

        return $onPaper->mix->key() === $this->mix->key() || $onPaper->difference >= $this->difference
            ? Message::said('{mine}: {near} off on paper, expect {expected}. Nothing looks nearer on paper.', $facts)
            : Message::said('{mine}: expect {expected} off. {paper} looks nearer on paper ({apart} off), expect {paper_expected}.', [
                ...$facts,
                'paper' => $onPaper->mix->words(),
                'apart' => $onPaper->difference,
                'paper_expected' => $onPaper->expected(),
            ]);
    }

    /** Whether what is to be expected of it is no worse than of the best, as far as anybody could see on the figure. */
    public function isAsGoodAs(self $best): bool
    {
        return $this->expected() - $best->expected() <= Preference::EQUAL;
    }

    /**
     * See {@see Preference}.
     *
     * @param list<self> $ranked in any order
     * @param array<array-key, true> $inUse ids of paints that stand open: loaded before, or used on this figure
     *
     * @return list<self>
     */
    public static function asPaintersChoose(array $ranked, array $inUse = []): array
    {
        $preference = new Preference(static fn (self $r): Mix => $r->mix, static fn (self $r): float => $r->expected(), $inUse);

        return $preference->order($ranked);
    }

    /**
     * Strictly by what is to be expected; ties go to fewer paints, then fewer drops, then the ids.
     *
     * @param list<self> $mixes
     *
     * @return list<self>
     */
    public static function byExpected(array $mixes): array
    {
        return self::sorted($mixes, static fn (self $r): float => $r->expected());
    }

    /**
     * Strictly by what is predicted; ties as above.
     *
     * @param list<self> $mixes
     *
     * @return list<self>
     */
    public static function byPredicted(array $mixes): array
    {
        return self::sorted($mixes, static fn (self $r): float => $r->difference);
    }

    /**
     * @param list<self> $mixes
     * @param callable(self): float $by
     *
     * @return list<self>
     */
    private static function sorted(array $mixes, callable $by): array
    {
        $rounded = $counts = $totals = $keys = [];
        foreach ($mixes as $ranked) {
            $rounded[] = round($by($ranked), 4);
            $counts[] = count($ranked->mix->parts);
            $totals[] = $ranked->mix->totalParts();
            $keys[] = $ranked->mix->key();
        }
        array_multisort($rounded, SORT_NUMERIC, $counts, SORT_NUMERIC, $totals, SORT_NUMERIC, $keys, SORT_STRING, $mixes);

        return $mixes;
    }
}
