<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** The shares of the surface that a figure's areas take, in percent. */
final class Shares
{
    /** Rounding of the entered shares that is let pass, in percent. */
    private const SLACK = 0.05;

    /**
     * @param array<string, float> $percentByArea name of the area to its share, each more than 0 and at most 100
     *
     * @throws FigureProblem when one is out of range or together they are more than the whole
     *
     * @return float what is left uncovered, in percent
     */
    public static function check(array $percentByArea): float
    {
        foreach ($percentByArea as $area => $share) {
            if (!($share > 0 && $share <= 100)) {
                throw FigureProblem::shareOutOfRange((string) $area, $share);
            }
        }
        $sum = array_sum($percentByArea);
        if ($sum > 100 + self::SLACK) {
            throw FigureProblem::sharesTooLarge($sum);
        }

        return max(0.0, 100 - $sum);
    }

    /**
     * The same shares brought to 100 together, rounded to a tenth; what rounding leaves goes to the largest.
     *
     * @param array<array-key, float> $percent each more than 0
     *
     * @return array<array-key, float>
     *
     * @throws FigureProblem
     */
    public static function normalised(array $percent): array
    {
        foreach ($percent as $area => $share) {
            if (!($share > 0)) {
                throw FigureProblem::shareOutOfRange((string) $area, $share);
            }
        }
        $sum = array_sum($percent);
        $even = array_map(static fn (float $share): float => max(0.1, round(100 * $share / $sum, 1)), $percent);
        if ($even !== []) {
            $largest = array_search(max($even), $even, true);
            $even[$largest] = round($even[$largest] + 100 - array_sum($even), 1);
        }

        return $even;
    }

    /**
     * What is left to the areas there are when one more takes its share: less of each, where the whole would be more than 100.
     *
     * @template K of array-key
     *
     * @param array<K, float> $percent
     * @param float $new percent that the new one takes, less than 100
     *
     * @return array<K, float> rounded to hundredths where they change
     */
    public static function besides(array $percent, float $new): array
    {
        $sum = array_sum($percent);

        $room = $sum + $new <= 100 ? 1.0 : (100 - $new) / $sum;

        return $room === 1.0 ? $percent : array_map(static fn (float $share): float => round($share * $room, 2), $percent);
    }

    /** Surface of an area, cm². */
    public static function surfaceCm2(float $wholeCm2, float $percent): float
    {
        return $wholeCm2 * $percent / 100;
    }
}
