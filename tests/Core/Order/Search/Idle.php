<?php

declare(strict_types=1);

namespace Tests\Core\Order\Search;

use Kalokroma\Order\Search\LeastWaiting;
use Kalokroma\Order\Search\OrderProblem;
use Kalokroma\Order\Search\Timetable;

/** Looks for idle minutes beside ready work, by trying all that comes later in each wait of an order. */
final class Idle
{
    /**
     * @param array<int, int> $starts in their order
     *
     * @return list<string> what could be done in a wait of ten minutes without moving the end by more than a quarter of an hour
     */
    public static function beside(OrderProblem $problem, array $starts): array
    {
        $sequence = array_keys($starts);
        $last = (int) array_key_last($starts);
        $latest = ($starts[$last] ?? 0) + ($problem->minutes[$last] ?? 0) + LeastWaiting::AS_EARLY;
        $window = $problem->openings->windowOf($latest - LeastWaiting::AS_EARLY);
        $latest = $window === null ? $latest : min($latest, $problem->openings->windows[$window - 1][1] ?? $latest);
        $found = [];
        $gaps = LeastWaiting::gaps($problem, $starts);
        foreach ($sequence as $at => $next) {
            if ($gaps[$next] < LeastWaiting::IDLE) {
                continue;
            }
            $ends = $starts[$sequence[$at - 1]] + $problem->minutes[$sequence[$at - 1]];
            $done = array_flip(array_slice($sequence, 0, $at));
            foreach (array_slice($sequence, $at + 1) as $other) {
                if (array_diff_key($problem->waits[$other], $done) !== []) {
                    continue;
                }
                $moved = [...array_slice($sequence, 0, $at), $other, ...array_values(array_diff(array_slice($sequence, $at), [$other]))];
                $others = Timetable::of($problem, $moved, $latest);
                if ($others !== null && $others[$other] < $starts[$next] && $others[$other] >= $ends) {
                    $found[] = sprintf('"%s" could be done at %d, and nothing is from %d', $problem->ids[$other], $others[$other], $ends);
                }
            }
        }

        return $found;
    }
}
