<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * Several readings of one spot made into one: readings that lie apart from the rest (a reader held beside the field, a
 * hand that moved) are rejected, the others averaged.
 *
 * The middle of the series is its medoid, the reading nearest to all others. Rejected is what lies further from it than
 * three times the median distance and further than a reader's noise explains.
 */
final readonly class Readings
{
    /** Fewer readings that agree than this are no answer. */
    public const LEAST = 3;

    /** Distance (CIEDE2000) that a noise of 0.5 explains. */
    private const NOISE = 2.0;
    private const MEDIANS = 3.0;

    /**
     * @param list<Lab> $all
     * @param list<bool> $kept
     * @param float $spread mean CIEDE2000 of the kept readings from their mean
     */
    private function __construct(public array $all, public array $kept, public Lab $mean, public float $spread)
    {
    }

    /**
     * @param list<Lab> $readings
     *
     * @throws ColourProblem when too few agree
     */
    public static function of(array $readings): self
    {
        if (count($readings) < self::LEAST) {
            throw ColourProblem::tooFewReadings(count($readings), self::LEAST);
        }
        $from = self::fromMedoid($readings);
        $sorted = $from;
        sort($sorted);
        $limit = max(self::NOISE, self::MEDIANS * $sorted[intdiv(count($sorted), 2)]);
        $kept = array_map(static fn (float $d): bool => $d <= $limit, $from);
        $good = array_values(array_filter($readings, static fn (Lab $r, int $i): bool => $kept[$i], ARRAY_FILTER_USE_BOTH));
        if (count($good) < self::LEAST || $sorted[intdiv(count($sorted), 2)] > 2 * self::NOISE) {
            throw ColourProblem::readingsDisagree(count($readings));
        }
        $n = count($good);
        $mean = new Lab(
            array_sum(array_map(static fn (Lab $r): float => $r->l, $good)) / $n,
            array_sum(array_map(static fn (Lab $r): float => $r->a, $good)) / $n,
            array_sum(array_map(static fn (Lab $r): float => $r->b, $good)) / $n,
        );

        return new self(
            $readings,
            $kept,
            $mean,
            array_sum(array_map(static fn (Lab $r): float => Ciede2000::difference($r, $mean), $good)) / $n,
        );
    }

    public function rejected(): int
    {
        return count(array_filter($this->kept, static fn (bool $kept): bool => !$kept));
    }

    /**
     * @param list<Lab> $readings
     *
     * @return list<float> distance of each from the medoid
     */
    private static function fromMedoid(array $readings): array
    {
        $best = [];
        $least = INF;
        foreach ($readings as $middle) {
            $from = array_map(static fn (Lab $r): float => Ciede2000::difference($middle, $r), $readings);
            if (array_sum($from) < $least) {
                [$least, $best] = [array_sum($from), $from];
            }
        }

        return $best;
    }
}
