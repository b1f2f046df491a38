<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/**
 * What a mix that was seen adds to mixes of the same paints in like shares: what no strength of its paints explains stands in it, and the
 * nearer a mix lies to it, the more holds there too.
 *
 * A mix lies near by e^−Σ(share − share seen)² / 2 WIDTH², times how evenly both are mixed (the product of the shares, 1 where all
 * are equal): a pot alone has the colour it has.
 */
final readonly class SeenMix
{
    private const WIDTH = 0.35;

    /** How far off a mix usually is that was not seen, ± CIEDE2000: against it stands how surely it was seen. */
    private const USUALLY_OFF = 2.5;

    /**
     * @param string $id of the lesson
     * @param array<array-key, float> $shares by the ids of its paints: how strongly each counts, 1 in all
     * @param float $certainty ± CIEDE2000 of what was seen, more than 0
     * @param Turn $pull what it adds to a mix that lies at it, all that was seen taken together
     */
    private function __construct(public string $id, public array $shares, public float $certainty, public Turn $pull)
    {
    }

    /**
     * @param list<Lesson> $lessons of mixes whose paints count as strongly as they are known to by now
     *
     * @return list<self> in the same order
     */
    public static function all(array $lessons): array
    {
        if ($lessons === []) {
            return [];
        }
        $seen = array_map(
            static fn (Lesson $l): self => new self($l->id, $l->mix->shares(), $l->certainty, Turn::toward($l->mix, $l->seen)),
            $lessons,
        );
        $matrix = [];
        foreach ($seen as $i => $one) {
            $matrix[] = array_map(
                static fn (self $other, int $j): float => $other->nearness($one->shares) + ($i === $j ? $one->noise() : 0.0),
                $seen,
                array_keys($seen),
            );
        }
        $pulls = [];
        for ($range = 0; $range < Turn::RANGES; ++$range) {
            $pulls[] = Linear::solve(
                $matrix,
                array_map(static fn (self $s): float => $s->pull->by[$range], $seen),
            );
        }

        return array_map(
            static fn (self $s, int $i): self => new self($s->id, $s->shares, $s->certainty, new Turn(array_column($pulls, $i))),
            $seen,
            array_keys($seen),
        );
    }

    /**
     * As it was kept.
     *
     * @param array{string, array<array-key, float|int>, float|int, list<float|int>} $kept
     */
    public static function kept(array $kept): self
    {
        return new self($kept[0], array_map(floatval(...), $kept[1]), (float) $kept[2], new Turn(array_map(floatval(...), $kept[3])));
    }

    /** @return array{string, array<array-key, float>, float, list<float>} */
    public function toKeep(): array
    {
        $rounded = static fn (float $v): float => round($v, 5);

        return [$this->id, array_map($rounded, $this->shares), $rounded($this->certainty), array_map($rounded, $this->pull->by)];
    }

    /**
     * @param array<array-key, float> $shares of a mix, by the ids of its paints
     *
     * @return float 0 (has not all of its paints) to 1
     */
    public function nearness(array $shares): float
    {
        return self::evenness($this->shares, $this->shares) * self::evenness($this->shares, $shares) * $this->likeness($shares);
    }

    /**
     * How much of the doubt about a mix it takes away, as a share of its variance: 0 to less than 1.
     *
     * @param array<array-key, float> $shares of the mix
     */
    public function tells(array $shares): float
    {
        $even = self::evenness($this->shares, $this->shares) ** 2;
        $part = array_sum(array_intersect_key($shares, $this->shares));

        return ($this->likeness($shares) * $part) ** 2 * $even / ($even + $this->noise());
    }

    private function noise(): float
    {
        return ($this->certainty / self::USUALLY_OFF) ** 2;
    }

    /** @param array<array-key, float> $shares */
    private function likeness(array $shares): float
    {
        $apart = 0.0;
        foreach ($this->shares as $id => $share) {
            if (!isset($shares[$id])) {
                return 0.0;
            }
            $apart += ($shares[$id] - $share) ** 2;
        }

        return exp(-$apart / (2 * self::WIDTH ** 2));
    }

    /**
     * @param array<array-key, float> $of paints that are looked at
     * @param array<array-key, float> $shares of a mix that has them
     */
    private static function evenness(array $of, array $shares): float
    {
        $product = 1.0;
        foreach (array_keys($of) as $id) {
            $product *= count($of) * ($shares[$id] ?? 0.0);
        }

        return $product;
    }
}
