<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/** The earliest starts of tasks that are done in a given sequence. */
final class Timetable
{
    /**
     * What has to start soon after another one may ask that one to wait: the starts are put off, each as little as can be, until all hold.
     * Each round settles one such bond at least, so that without windows more rounds than tasks mean that they contradict each other.
     *
     * @param list<int> $sequence
     * @param int $latest minutes: no later end is looked for
     *
     * @return array<int, int>|null starts in minutes by task; null where the sequence does not end by then
     */
    public static function of(OrderProblem $problem, array $sequence, int $latest): ?array
    {
        $least = $starts = [];
        $place = array_flip($sequence);
        for ($rounds = $problem->openings->windows === null ? count($sequence) + 1 : PHP_INT_MAX; $rounds > 0; --$rounds) {
            $isSettled = true;
            [$time, $ready] = [0, 0];
            foreach ($sequence as $i) {
                $from = max($time + $problem->setupOf($i, $ready), $least[$i] ?? 0, $problem->release[$i] ?? 0);
                foreach ($problem->waits[$i] as $j => $lag) {
                    $from = max($from, $starts[$j] + $problem->minutes[$j] + $lag);
                }
                $start = $problem->openings->earliest($from, $problem->setupOf($i, $ready), $problem->minutes[$i]);
                if ($start === null || $start + $problem->minutes[$i] > min($latest, $problem->due[$i] ?? $latest)) {
                    return null;
                }
                $starts[$i] = $start;
                $time = $start + $problem->minutes[$i];
                $ready = $problem->labels[$i] ?: $ready;
                foreach (array_keys($problem->notLater[$i]) as $j) {
                    $needed = $problem->soonest($j, $i, $start);
                    if (isset($place[$j]) && $place[$j] < $place[$i] && $starts[$j] < $needed) {
                        $least[$j] = $needed;
                        $isSettled = false;
                    }
                }
            }
            if ($isSettled) {
                return $starts;
            }
        }

        return null;
    }
}
