<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

use SplPriorityQueue;

/**
 * The earliest end of tasks that may be broken off: no order of tasks that may not be is shorter. At each moment the one with the
 * longest tail is worked on (J. R. Jackson's rule, 1955, as a preemptive schedule of one machine with heads and tails).
 */
final class Preemptive
{
    /**
     * @param array<int, int> $heads minutes before which a task does not start, by task
     * @param array<int, int> $minutes
     * @param array<int, int> $tails minutes that pass at least between its end and the end of all
     * @param int $from nothing is done before
     *
     * @return int the end of all in minutes; PHP_INT_MAX where the windows do not hold them
     */
    public static function end(array $heads, array $minutes, array $tails, int $from, Openings $openings): int
    {
        asort($heads);
        $waiting = array_keys($heads);
        $isFree = $openings->windows === null;
        /** @var SplPriorityQueue<int, int> $ready */
        $ready = new SplPriorityQueue();
        $left = $minutes;
        [$at, $count, $time, $end] = [0, count($waiting), $from, $from];
        while (true) {
            while ($at < $count && $heads[$waiting[$at]] <= $time) {
                $ready->insert($waiting[$at], $tails[$waiting[$at]]);
                ++$at;
            }
            if ($ready->isEmpty()) {
                if ($at === $count) {
                    return $end;
                }
                $time = $heads[$waiting[$at]];
                continue;
            }
            /** @var int $task */
            $task = $ready->top();
            if (!$isFree && $left[$task] > 0) {
                $free = $openings->free($time);
                if ($free === null) {
                    return PHP_INT_MAX;
                }
                if ($free > $time) {
                    $time = $free;
                    continue;
                }
            }
            $stop = min($time + $left[$task], $at < $count ? $heads[$waiting[$at]] : PHP_INT_MAX, $isFree
                ? PHP_INT_MAX : $openings->until($time));
            $left[$task] -= $stop - $time;
            $time = $stop;
            if ($left[$task] === 0) {
                $ready->extract();
                $end = max($end, $time + $tails[$task]);
            }
        }
    }
}
