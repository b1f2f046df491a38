<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Order\Search\Annealing;
use Kalokroma\Order\Search\OrderAnswer;
use Kalokroma\Order\Search\OrderProblem;
use Kalokroma\Order\Search\Timetable;

/** An order that stands: nobody wants all of it otherwise for a few minutes. */
final class Standing
{
    /** Minutes earlier, or brush washes fewer, for which it is changed. */
    private const WORTH_CHANGING = 10;
    private const WORTH_WASHING = 2;

    /**
     * The order before, or one close to it, where it does about as well as what was found.
     *
     * @param list<int> $known the sequence before; empty where there was none
     * @param float $effort share of the usual budget, more than 0
     *
     * @return list<int>|null null where what was found is worth it
     */
    public static function of(OrderProblem $problem, array $known, OrderAnswer $found, float $effort): ?array
    {
        if ($known === [] || self::isAsGood($problem, $known, $found)) {
            return $known ?: null;
        }
        $near = Annealing::nearby($problem, $known, $effort);

        return self::isAsGood($problem, $near, $found) ? $near : null;
    }

    /** @param list<int> $known */
    private static function isAsGood(OrderProblem $problem, array $known, OrderAnswer $found): bool
    {
        $starts = Timetable::of($problem, $known, $problem->horizon());
        if ($starts === null) {
            return false;
        }
        $last = $known[$problem->count - 1];
        $end = $starts[$last] + $problem->minutes[$last];

        return $problem->openings->windowOf($end) === $found->lastWindow
            && $end < $found->end + self::WORTH_CHANGING && $problem->changesOf($known) <= $found->changes + self::WORTH_WASHING;
    }
}
