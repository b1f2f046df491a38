<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/**
 * Of sequences that end as early with as few changes of set-up: one that goes by the order in which a painter would name the tasks, as far
 * as that costs nothing. A task, or a run with the same set-up, is taken forward where that is all the same.
 */
final class Naturally
{
    /** Tasks that are tried for each place at most. */
    private const TRIED = 6;

    private int $end = 0;

    private int $changes = 0;

    /**
     * @param list<int> $rank by task: its place in the natural order, small first
     */
    private function __construct(private readonly OrderProblem $problem, private readonly array $rank)
    {
    }

    /**
     * @param list<int> $sequence that can be kept
     * @param list<int> $rank by task
     *
     * @return list<int>
     */
    public static function order(OrderProblem $problem, array $sequence, array $rank): array
    {
        $natural = new self($problem, $rank);
        [$natural->end, $natural->changes] = $natural->cost($sequence) ?? [0, 0];
        for ($at = 0, $count = count($sequence); $at < $count; ++$at) {
            $sequence = $natural->at($sequence, $at);
        }

        return $sequence;
    }

    /**
     * @param list<int> $sequence
     *
     * @return list<int> with the most natural task at this place
     */
    private function at(array $sequence, int $at): array
    {
        $done = array_flip(array_slice($sequence, 0, $at));
        $later = array_filter(
            array_slice($sequence, $at + 1),
            fn (int $i): bool => $this->rank[$i] < $this->rank[$sequence[$at]] && array_diff_key($this->problem->waits[$i], $done) === [],
        );
        usort($later, fn (int $a, int $b): int => $this->rank[$a] <=> $this->rank[$b]);
        foreach (array_slice($later, 0, self::TRIED) as $task) {
            foreach ($this->runs($sequence, (int) array_search($task, $sequence, true)) as [$from, $length]) {
                $moved = $sequence;
                array_splice($moved, $at, 0, array_splice($moved, $from, $length));
                if ($this->keepsOrder($moved) && $this->isAsGood($moved)) {
                    return $moved;
                }
            }
        }

        return $sequence;
    }

    /**
     * @param list<int> $sequence
     *
     * @return list<array{int, int}> where to take how many: the run with the same set-up from this place on, and the task alone
     */
    private function runs(array $sequence, int $from): array
    {
        $label = $this->problem->labels[$sequence[$from]];
        for ($to = $from + 1; $label > 0 && isset($sequence[$to]) && $this->problem->labels[$sequence[$to]] === $label; ++$to);
        $length = $label > 0 ? $to - $from : 1;

        return $length > 1 ? [[$from, $length], [$from, 1]] : [[$from, 1]];
    }

    /** @param list<int> $sequence */
    private function keepsOrder(array $sequence): bool
    {
        $place = array_flip($sequence);
        foreach ($sequence as $at => $task) {
            foreach ($this->problem->waits[$task] as $before => $lag) {
                if ($place[$before] > $at) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @param list<int> $sequence */
    private function isAsGood(array $sequence): bool
    {
        $cost = $this->cost($sequence);

        return $cost !== null && $cost[0] <= $this->end && $cost[1] <= $this->changes;
    }

    /**
     * @param list<int> $sequence
     *
     * @return array{int, int}|null its end in minutes and its changes; null where it cannot be kept
     */
    private function cost(array $sequence): ?array
    {
        $starts = Timetable::of($this->problem, $sequence, $this->end > 0 ? $this->end : $this->problem->horizon());
        if ($starts === null) {
            return null;
        }
        $last = $sequence[count($sequence) - 1] ?? null;

        return [$last === null ? 0 : $starts[$last] + $this->problem->minutes[$last], $this->problem->changesOf($sequence)];
    }
}
