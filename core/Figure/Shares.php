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
}
