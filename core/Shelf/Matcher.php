<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;

/**
 * Finds the paints, and the mixes in whole drops, that come nearest to a colour. Same question, same answer: ties go
 * to fewer paints, then fewer drops, then the ids.
 */
final class Matcher
{
    /** Drops that a mix is counted in, in all, unless asked otherwise. */
    public const PARTS = 6;

    /** Counted as left where nobody said, millilitres: between a bottle that runs out and a full one. */
    public const UNKNOWN_ML = 8.0;

    /**
     * Every paint as a single, best first.
     *
     * @param list<Paint> $paints
     *
     * @return list<RankedMix>
     */
    public function singles(Lab $target, array $paints): array
    {
        return self::ranked(array_map(static function (Paint $paint) use ($target): RankedMix {
            $mix = Mix::single($paint);

            return new RankedMix($mix, Ciede2000::difference($mix->lab(), $target));
        }, $paints));
    }

    /**
     * The best mixes of two paints, best first; each combination once, in lowest terms.
     *
     * @param list<Paint> $paints
     * @param int $most how many are wanted, 1 or more
     * @param int $parts most drops in all, 2 or more
     * @param int $kept pairs that are looked at closely in each round of the search
     *
     * @return list<RankedMix>
     */
    public function pairs(Lab $target, array $paints, int $most = 10, int $parts = self::PARTS, int $kept = MixSearch::PAIRS_KEPT): array
    {
        return $this->mixes($target, $paints, 2, $most, $parts, $kept);
    }

    /**
     * Singles and mixes of at most so many paints together, best first.
     *
     * @param list<Paint> $paints
     * @param int $mostPaints 1, 2 or 3
     *
     * @return list<RankedMix>
     */
    public function best(Lab $target, array $paints, int $most = 10, int $mostPaints = 2, int $parts = self::PARTS): array
    {
        return array_slice(
            self::ranked(
                [
                    ...array_slice($this->singles($target, $paints), 0, $most),
                    ...$this->mixes($target, $paints, min($mostPaints, $parts), $most, $parts),
                ],
            ),
            0,
            $most,
        );
    }

    /**
     * The same by the difference to be expected: a pot that is a little off may come before a mix that is nearer on paper.
     *
     * @param list<Paint> $paints
     * @param int $mostPaints 1, 2 or 3
     *
     * @return list<RankedMix>
     */
    public function expected(Lab $target, array $paints, int $most = 10, int $mostPaints = 2, int $parts = self::PARTS): array
    {
        $singles = $this->singles($target, $paints);
        $found = [...$singles, ...$this->mixes($target, $paints, min($mostPaints, $parts), 4 * $most, $parts)];
        $found = self::ranked($found);
        usort($found, static fn (RankedMix $a, RankedMix $b): int => $a->expected() <=> $b->expected());

        return array_slice($found, 0, $most);
    }

    /**
     * What a painter chooses from: the best single paints, the best pairs and, if asked for, the best triples, ranked
     * without splitting hairs. Unlike {@see self::best()} many mixes that are nearly the same leave room for simpler ones.
     *
     * @param list<Paint> $paints
     * @param int $each how many of each kind are weighed, 1 or more
     * @param int $mostPaints 1, 2 or 3
     *
     * @return list<RankedMix>
     */
    public function choice(Lab $target, array $paints, int $each = 5, int $mostPaints = 2, int $parts = self::PARTS): array
    {
        $found = array_slice($this->singles($target, $paints), 0, $each);
        $kept = [];
        foreach ($mostPaints > 1 ? $this->mixes($target, $paints, min($mostPaints, $parts), 8 * $each, $parts) : [] as $mix) {
            $size = count($mix->mix->parts);
            if (($kept[$size] ?? 0) < $each) {
                $kept[$size] = ($kept[$size] ?? 0) + 1;
                $found[] = $mix;
            }
        }
        if ($mostPaints > 2 && ($kept[2] ?? 0) === 0) {
            $found = [...$found, ...$this->pairs($target, $paints, $each, $parts)];
        }

        return RankedMix::withoutSplittingHairs(self::ranked($found));
    }

    /**
     * @param list<Paint> $paints
     *
     * @return list<RankedMix>
     */
    private function mixes(Lab $target, array $paints, int $mostPaints, int $most, int $parts, int $kept = MixSearch::PAIRS_KEPT): array
    {
        usort($paints, static fn (Paint $a, Paint $b): int => $a->id <=> $b->id);
        $found = (new MixSearch($target, $paints, $parts, $kept))->run($mostPaints);
        asort($found);
        $ranked = [];
        foreach (array_slice($found, 0, 2 * $most + 20, true) as $key => $difference) {
            $mixed = array_map(static fn (array $p): Part => new Part($paints[$p[0]], $p[1]), MixSearch::read($key));
            usort($mixed, static fn (Part $a, Part $b): int => $b->parts <=> $a->parts);
            $ranked[] = new RankedMix(Mix::of($mixed), $difference);
        }

        return array_slice(self::ranked($ranked), 0, $most);
    }

    /**
     * @param list<RankedMix> $mixes
     *
     * @return list<RankedMix>
     */
    private static function ranked(array $mixes): array
    {
        $rounded = $counts = $totals = $keys = [];
        foreach ($mixes as $ranked) {
            $rounded[] = round($ranked->difference, 4);
            $counts[] = count($ranked->mix->parts);
            $totals[] = $ranked->mix->totalParts();
            $keys[] = $ranked->mix->key();
        }
        array_multisort($rounded, SORT_NUMERIC, $counts, SORT_NUMERIC, $totals, SORT_NUMERIC, $keys, SORT_STRING, $mixes);

        return $mixes;
    }
}
