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
        $now = $waiting = [];
        foreach ($heads as $task => $head) {
            if ($head <= $from) {
                $now[$task] = $tails[$task];
            } else {
                $waiting[$task] = $head;
            }
        }
        asort($waiting);
        arsort($now);

        return self::done(array_keys($now), $waiting, $minutes, $tails, $from, $openings);
    }

    /**
     * @param list<int> $now tasks that may begin at once, the one with the longest tail first
     * @param array<int, int> $waiting heads of the others, the earliest first
     * @param array<int, int> $left minutes, by task
     * @param array<int, int> $tails
     */
    private static function done(array $now, array $waiting, array $left, array $tails, int $time, Openings $openings): int
    {
        $end = $time;
        $later = array_keys($waiting);
        [$at, $place, $next] = [0, 0, reset($waiting)];
        [$opens, $closes] = [0, $openings->windows === null ? PHP_INT_MAX : 0];
        /** @var SplPriorityQueue<int, int> $ready gives tasks */
        $ready = new SplPriorityQueue();
        while (true) {
            for (; $next !== false && $next <= $time; $next = $waiting[$later[++$at] ?? -1] ?? false) {
                $ready->insert($later[$at], $tails[$later[$at]]);
            }
            /** @var int|null $queued */
            $queued = $ready->isEmpty() ? null : $ready->top();
            $task = $now[$place] ?? null;
            $isQueued = $queued !== null && ($task === null || $tails[$queued] > $tails[$task]);
            $task = $isQueued ? $queued : $task;
            if ($task === null) {
                if ($next === false) {
                    return $end;
                }
                $time = $next;
                continue;
            }
            if ($left[$task] > 0) {
                if ($time >= $closes) {
                    [$opens, $closes] = $openings->at($time) ?? [0, 0];
                    if ($closes === 0) {
                        return PHP_INT_MAX;
                    }
                }
                if ($opens > $time) {
                    $time = $opens;
                    continue;
                }
                $stop = min($time + $left[$task], $closes, $next === false ? PHP_INT_MAX : $next);
                $left[$task] -= $stop - $time;
                $time = $stop;
            }
            if ($left[$task] === 0) {
                $end = max($end, $time + $tails[$task]);
                $isQueued ? $ready->extract() : ++$place;
            }
        }
    }
}
