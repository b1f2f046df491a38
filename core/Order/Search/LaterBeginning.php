<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/** Sittings that begin later where their first tasks would only be followed by waiting: the same work, less time at the table. */
final class LaterBeginning
{
    /** Minutes for which it is worth while to sit down later. */
    private const WORTH = 10;

    /**
     * No task ends later than it has to for those behind it, no task leaves its window, and the last of each window stays where it is.
     *
     * @param array<int, int> $starts minutes by task, in their order, each as early as can be
     *
     * @return array<int, int> in the same order
     */
    public static function of(OrderProblem $problem, array $starts): array
    {
        $sittings = [];
        foreach ($problem->openings->windows === null ? [] : $starts as $i => $start) {
            $sittings[(int) $problem->openings->windowOf($start + $problem->minutes[$i])][] = $i;
        }
        $ready = 0;
        foreach ($sittings as $window => $tasks) {
            // Who is at the table already does not come back later.
            $isOpen = ($problem->openings->windows[$window - 1][0] ?? 0) <= 0;
            $starts = $isOpen ? $starts : self::later($problem, $starts, $tasks, $ready);
            foreach ($tasks as $i) {
                $ready = $problem->labels[$i] ?: $ready;
            }
        }

        return $starts;
    }

    /**
     * @param array<int, int> $starts
     * @param non-empty-list<int> $tasks of one window, in their order
     * @param int $ready what stands ready before the first
     *
     * @return array<int, int>
     */
    private static function later(OrderProblem $problem, array $starts, array $tasks, int $ready): array
    {
        $setups = [];
        foreach ($tasks as $i) {
            $setups[$i] = $problem->setupOf($i, $ready);
            $ready = $problem->labels[$i] ?: $ready;
        }
        $latest = $starts;
        for ($at = count($tasks) - 2; $at >= 0; --$at) {
            [$i, $next] = [$tasks[$at], $tasks[$at + 1]];
            $latest[$i] = max($starts[$i], self::latestOf($problem, $i, $latest[$next] - $setups[$next], $starts, $latest));
        }
        if ($latest[$tasks[0]] - $starts[$tasks[0]] < self::WORTH) {
            return $starts;
        }
        $ends = $latest[$tasks[0]];
        foreach ($tasks as $at => $i) {
            $from = max($starts[$i], $at === 0 ? $ends : $ends + $setups[$i]);
            foreach ($problem->waits[$i] as $before => $lag) {
                $from = max($from, ($starts[$before] ?? 0) + $problem->minutes[$before] + $lag);
            }
            $starts[$i] = $from;
            $ends = $from + $problem->minutes[$i];
        }

        return $starts;
    }

    /**
     * @param int $by minute by which it has to end for the task behind it
     * @param array<int, int> $starts
     * @param array<int, int> $latest of what comes behind it in its window, and the starts of all else
     */
    private static function latestOf(OrderProblem $problem, int $task, int $by, array $starts, array $latest): int
    {
        $by = min($by, $problem->due[$task] ?? $by);
        foreach ($problem->next[$task] as $then => $lag) {
            $by = min($by, ($latest[$then] ?? PHP_INT_MAX) - $lag);
        }
        $start = $by - $problem->minutes[$task];
        foreach ($problem->notLater[$task] as $first => $most) {
            $start = min($start, ($starts[$first] ?? 0) + $problem->minutes[$first] + $most);
        }

        return $start;
    }
}
