<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/**
 * How early each task may start, and how much time passes at least between its end and the end of all. Both hold for every order: they are
 * the longest chains of waiting, and no less than what all that comes before (behind) takes one painter, broken off as it may be.
 */
final readonly class HeadsAndTails
{
    /** Stands for a start behind the last window: far off, yet a number that can be added to. */
    private const NEVER = PHP_INT_MAX >> 2;

    /**
     * @param array<int, int> $heads minutes, by task
     * @param array<int, int> $tails minutes, by task
     * @param int $end minutes: no order ends earlier
     */
    private function __construct(public array $heads, public array $tails, public int $end)
    {
    }

    public static function of(OrderProblem $problem): self
    {
        $heads = self::heads($problem);
        $tails = self::tails($problem);

        return new self($heads, $tails, Preemptive::end($heads, $problem->minutes, $tails, 0, $problem->openings));
    }

    /** @return array<int, int> */
    private static function heads(OrderProblem $problem): array
    {
        $heads = $above = [];
        foreach ($problem->sorted as $i) {
            $from = max($problem->setupOf($i, 0), $problem->release[$i] ?? 0);
            $above[$i] = [];
            foreach ($problem->waits[$i] as $j => $lag) {
                $from = max($from, $heads[$j] + $problem->minutes[$j] + $lag);
                $above[$i] += $above[$j] + [$j => true];
            }
            if (count($above[$i]) > 1) {
                $chains = self::chainsTo($problem, $i, $above[$i]);
                $from = max($from, Preemptive::end(
                    array_intersect_key($heads, $above[$i]),
                    $problem->minutes,
                    $chains,
                    0,
                    $problem->openings,
                ));
            }
            $start = $from >= self::NEVER ? null : $problem->openings->earliest($from, 0, $problem->minutes[$i]);
            $heads[$i] = $start ?? self::NEVER;
        }

        return $heads;
    }

    /**
     * @param array<int, true> $among
     *
     * @return array<int, int> minutes between the end of each of them and the start of the task at least
     */
    private static function chainsTo(OrderProblem $problem, int $task, array $among): array
    {
        $to = [$task => 0];
        foreach (array_reverse($problem->sorted) as $j) {
            if (!isset($among[$j])) {
                continue;
            }
            $longest = 0;
            foreach ($problem->next[$j] as $i => $lag) {
                if (isset($to[$i])) {
                    $longest = max($longest, $lag + ($i === $task ? 0 : $problem->minutes[$i] + $to[$i]));
                }
            }
            $to[$j] = $longest;
        }
        unset($to[$task]);

        return $to;
    }

    /** @return array<int, int> */
    private static function tails(OrderProblem $problem): array
    {
        $always = new Openings(null);
        /** @var array<int, int> $tails */
        $tails = [];
        $below = [];
        foreach (array_reverse($problem->sorted) as $i) {
            $tail = 0;
            $below[$i] = [];
            foreach ($problem->next[$i] as $j => $lag) {
                $tail = max($tail, $lag + $problem->minutes[$j] + $tails[$j]);
                $below[$i] += $below[$j] + [$j => true];
            }
            if (count($below[$i]) > 1) {
                $tail = max($tail, Preemptive::end(
                    self::chainsFrom($problem, $i, $below[$i]),
                    $problem->minutes,
                    array_intersect_key($tails, $below[$i]),
                    0,
                    $always,
                ));
            }
            $tails[$i] = $tail;
        }

        return $tails;
    }

    /**
     * @param array<int, true> $among
     *
     * @return array<int, int> minutes between the end of the task and the start of each of them at least
     */
    private static function chainsFrom(OrderProblem $problem, int $task, array $among): array
    {
        $from = [];
        foreach ($problem->sorted as $j) {
            if (!isset($among[$j])) {
                continue;
            }
            $longest = 0;
            foreach ($problem->waits[$j] as $i => $lag) {
                $longest = match (true) {
                    $i === $task => max($longest, $lag),
                    isset($from[$i]) => max($longest, $from[$i] + $problem->minutes[$i] + $lag),
                    default => $longest,
                };
            }
            $from[$j] = $longest;
        }

        return $from;
    }
}
