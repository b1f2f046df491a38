<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Film\Constants;

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

    /** @var array<string, Mix> mixes that were looked at before, by their paints, which they keep: what they come to is computed once */
    private array $known = [];

    /** Mixes of which the spread is computed beside those that are wanted. */
    private const SPREAD_TRIED = 24;

    /**
     * Every paint as a single, best first.
     *
     * @param list<Paint> $paints
     *
     * @return list<RankedMix>
     */
    public function singles(Lab $target, array $paints): array
    {
        return RankedMix::byPredicted(array_map(static function (Paint $paint) use ($target): RankedMix {
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
            RankedMix::byPredicted(
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
        return array_slice(
            RankedMix::byExpected(
                [...$this->singles($target, $paints), ...$this->sure($target, $paints, min($mostPaints, $parts), $most, $parts)],
            ),
            0,
            $most,
        );
    }

    /**
     * What a painter chooses from: the best single paints, the best pairs and, if asked for, the best triples, by what is to be expected
     * and by what is predicted, ranked as painters choose, {@see RankedMix::asPaintersChoose()}.
     *
     * @param list<Paint> $paints
     * @param int $each how many of each kind are weighed, 1 or more
     * @param int $mostPaints 1, 2 or 3
     * @param array<array-key, true> $inUse ids of paints that stand open
     *
     * @return list<RankedMix>
     */
    public function choice(
        Lab $target,
        array $paints,
        int $each = 5,
        int $mostPaints = 2,
        int $parts = self::PARTS,
        array $inUse = [],
    ): array {
        $found = array_slice($this->singles($target, $paints), 0, $each);
        if ($mostPaints > 1) {
            $mixes = $this->sure($target, $paints, min($mostPaints, $parts), 8 * $each, $parts);
            $nearest = $this->mixes($target, $paints, min($mostPaints, $parts), 8 * $each, $parts);
            $found = [...$found, ...self::someOfEach($mixes, $each), ...self::someOfEach($nearest, $each)];
        }
        $once = [];
        foreach ($found as $ranked) {
            $once[$ranked->mix->key()] ??= $ranked;
        }

        return RankedMix::asPaintersChoose(array_values($once), $inUse);
    }

    /**
     * @param list<RankedMix> $mixes best first
     *
     * @return list<RankedMix> so many of two paints, and so many of three
     */
    private static function someOfEach(array $mixes, int $each): array
    {
        $kept = $found = [];
        foreach ($mixes as $mix) {
            $size = count($mix->mix->parts);
            $kept[$size] = ($kept[$size] ?? 0) + 1;
            if ($kept[$size] <= $each) {
                $found[] = $mix;
            }
        }

        return $found;
    }

    /**
     * Mixes by the difference to be expected, best first. The spread is computed for those that promise to be among the best.
     *
     * @param list<Paint> $paints
     * @param int $most how many are wanted, 1 or more
     * @param int $kept pairs that are looked at closely in each round of the search
     * @param int $tried mixes of which the spread is computed beside those that are wanted
     * @param Paint|null $own one of the paints, that takes part in every mix; null where none has to
     *
     * @return list<RankedMix>
     */
    public function sure(
        Lab $target,
        array $paints,
        int $mostPaints = 2,
        int $most = 10,
        int $parts = self::PARTS,
        int $kept = MixSearch::PAIRS_KEPT,
        int $tried = self::SPREAD_TRIED,
        ?Paint $own = null,
    ): array {
        usort($paints, static fn (Paint $a, Paint $b): int => $a->id <=> $b->id);
        $place = $own === null ? false : array_search($own, $paints, true);
        $search = new MixSearch($target, $paints, $parts, $kept, true, $place === false ? null : $place);
        $found = $this->asSeen($search->run($mostPaints), $target, $paints, $mostPaints, $parts);
        $promise = $least = [];
        foreach ($found as $key => $difference) {
            $own = 0.0;
            $mix = MixSearch::read($key);
            foreach ($mix as [$index, $amount]) {
                $own += $amount * $paints[$index]->source->single() / array_sum(array_column($mix, 1));
            }
            $promise[$key] = hypot($difference, hypot($own, $search->doubt($key)));
            $least[$key] = hypot($difference, hypot($own, Constants::SPREAD_LEAST));
        }
        asort($promise);
        $least = array_intersect_key($least, array_slice($promise, 0, $most + $tried, true));
        asort($least);
        $ranked = $expected = [];
        foreach ($least as $key => $bound) {
            // However sure it may be: no better than so many that are known.
            if (count($ranked) >= $most && self::rising($expected)[$most - 1] < $bound) {
                break;
            }
            $ranked[] = $mix = new RankedMix($this->read($key, $paints), $found[$key]);
            $expected[] = $mix->expected();
        }

        return array_slice(RankedMix::byExpected($ranked), 0, $most);
    }

    /**
     * @param list<float> $values
     *
     * @return list<float>
     */
    private static function rising(array $values): array
    {
        sort($values);

        return $values;
    }

    /**
     * @param list<Paint> $paints
     *
     * @return list<RankedMix>
     */
    private function mixes(Lab $target, array $paints, int $mostPaints, int $most, int $parts, int $kept = MixSearch::PAIRS_KEPT): array
    {
        usort($paints, static fn (Paint $a, Paint $b): int => $a->id <=> $b->id);
        $found = $this->asSeen((new MixSearch($target, $paints, $parts, $kept))->run($mostPaints), $target, $paints, $mostPaints, $parts);
        asort($found);
        $ranked = [];
        foreach (array_slice($found, 0, 2 * $most + 20, true) as $key => $difference) {
            $ranked[] = new RankedMix($this->read($key, $paints), $difference);
        }

        return array_slice(RankedMix::byPredicted($ranked), 0, $most);
    }

    /**
     * The search knows the paints alone: mixes like those that were seen are taken as they came out, in every measurable ratio.
     *
     * @param array<string, float> $found difference of each mix, by its key
     * @param list<Paint> $paints
     *
     * @return array<string, float>
     */
    private function asSeen(array $found, Lab $target, array $paints, int $mostPaints, int $parts): array
    {
        $places = $sets = [];
        foreach ($paints as $i => $paint) {
            $places[$paint->id] = $i;
        }
        foreach ($paints as $paint) {
            foreach ($paint->learned()->mixes ?? [] as $seen) {
                $of = array_values(array_intersect_key($places, $seen->shares));
                if (count($of) === count($seen->shares) && count($of) <= max(1, $mostPaints)) {
                    sort($of);
                    $sets[implode(' ', $of)] = $of;
                }
            }
        }
        foreach ($sets as $of) {
            foreach (count($of) === 2 ? WholeParts::ratios($parts) : [] as [$a, $b]) {
                $found[$of[0].'*'.$a.'+'.$of[1].'*'.$b] = 0.0;
            }
        }
        foreach ($sets === [] ? [] : array_keys($found) as $key) {
            if (self::hasOneOf($sets, array_column(MixSearch::read($key), 0))) {
                $found[$key] = Ciede2000::difference($this->read($key, $paints)->lab(), $target);
            }
        }

        return $found;
    }

    /**
     * @param array<string, mixed> $sets of two or three paints: their places, rising, between spaces
     * @param list<int> $mix places of the paints of a mix, two or three, rising
     */
    private static function hasOneOf(array $sets, array $mix): bool
    {
        foreach (count($mix) > 2 ? [[0, 1], [0, 2], [1, 2], [0, 1, 2]] : [[0, 1]] as $of) {
            if (isset($sets[implode(' ', array_map(static fn (int $at): int => $mix[$at], $of))])) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Paint> $paints */
    private function read(string $key, array $paints): Mix
    {
        $mixed = array_map(static fn (array $p): Part => new Part($paints[$p[0]], $p[1]), MixSearch::read($key));
        usort($mixed, static fn (Part $a, Part $b): int => $b->parts <=> $a->parts);
        $name = implode('+', array_map(static fn (Part $p): string => spl_object_id($p->paint).'*'.$p->parts, $mixed));

        return $this->known[$name] ??= Mix::of($mixed);
    }
}
