<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/**
 * A sequence at once, without a search: always the task that is wanted soonest of those that may come next. What has to end by some minute
 * is kept in time: what comes before it is drawn forward, at need before all else, and what would make it late goes behind it.
 */
final class FirstTry
{
    /** @var array<int, float> by task: when it is wanted, small first */
    private readonly array $wanted;

    private string $done;

    /** @var list<int> tasks that may come next */
    private array $free;

    /** @var array<int, int> by task: minute from which it may start */
    private array $heads = [];

    /** @var array<int, int> by task that has to follow a done one soon: minute by which it begins */
    private array $soon = [];

    private int $time = 0;

    private int $ready = 0;

    /** @param array<int, float|int> $wanted by task */
    private function __construct(private readonly OrderProblem $problem, array $wanted)
    {
        foreach (array_reverse($problem->sorted) as $i) {
            foreach ($problem->next[$i] as $j => $lag) {
                if (isset($problem->latest[$j])) {
                    $wanted[$i] = min($wanted[$i], $wanted[$j]);
                }
            }
        }
        $this->wanted = array_map(floatval(...), $wanted);
        $this->done = str_repeat('0', $problem->count);
        $this->free = array_keys(array_map(count(...), $problem->waits), 0, true);
        for ($i = 0; $i < $problem->count; ++$i) {
            $this->heads[$i] = $problem->release[$i] ?? 0;
        }
    }

    /**
     * @param array<int, float|int> $wanted by task: its place among the others, small first
     *
     * @return list<int>|null null where what has to end by some minute cannot, or the windows end before the work does
     */
    public static function of(OrderProblem $problem, array $wanted): ?array
    {
        $early = array_intersect_key($problem->latest, $wanted);
        foreach ($early === [] ? [$wanted] : [$wanted, array_replace($wanted, array_fill_keys(array_keys($early), PHP_INT_MIN))] as $each) {
            $sequence = (new self($problem, $each))->sequence();
            if ($sequence !== null && Timetable::of($problem, $sequence, $problem->horizon()) !== null) {
                return $sequence;
            }
        }

        return null;
    }

    /** @return list<int>|null */
    private function sequence(): ?array
    {
        $open = array_map(count(...), $this->problem->waits);
        $sequence = [];
        while ($this->free !== []) {
            $this->sort();
            $task = $this->next(true) ?? $this->next(false);
            if ($task === null) {
                return null;
            }
            $sequence[] = $task;
            $this->take($task);
            foreach ($this->problem->next[$task] as $i => $lag) {
                $this->heads[$i] = max($this->heads[$i], $this->time + $lag);
                if (--$open[$i] === 0) {
                    $this->free[] = $i;
                }
            }
        }

        return $sequence;
    }

    /** What is wanted soonest comes first, and of that what can begin first. */
    private function sort(): void
    {
        $starts = [];
        foreach ($this->free as $i) {
            $starts[$i] = $this->start($i) ?? PHP_INT_MAX;
        }
        usort($this->free, fn (int $a, int $b): int => [$this->wanted[$a], $starts[$a], $a] <=> [$this->wanted[$b], $starts[$b], $b]);
    }

    private function take(int $task): void
    {
        $this->time = (int) $this->start($task) + $this->problem->minutes[$task];
        $this->free = array_values(array_diff($this->free, [$task]));
        $this->done[$task] = '1';
        $this->ready = $this->problem->labels[$task] ?: $this->ready;
        unset($this->soon[$task]);
        foreach ($this->problem->binds[$task] ?? [] as $i) {
            $this->soon[$i] = min($this->soon[$i] ?? PHP_INT_MAX, $this->time + $this->problem->notLater[$i][$task]);
        }
    }

    /** @param bool $isSoon whether what has to follow soon is kept in time too, as far as can be seen from here */
    private function next(bool $isSoon): ?int
    {
        foreach ($this->free as $i) {
            $start = $this->start($i);
            if ($start === null || !$this->problem->isInTime($i, $start + $this->problem->minutes[$i], $this->done)) {
                continue;
            }
            if ($this->problem->isFixed($i) && $this->hasTimeBefore($i, $start - $this->problem->setupOf($i, $this->ready))) {
                continue;
            }
            if (!$isSoon || $this->keepsSoon($i, $start + $this->problem->minutes[$i])) {
                return $i;
            }
        }

        return null;
    }

    private function start(int $task): ?int
    {
        $setup = $this->problem->setupOf($task, $this->ready);

        return $this->problem->openings->earliest(max($this->time + $setup, $this->heads[$task]), $setup, $this->problem->minutes[$task]);
    }

    private function keepsSoon(int $task, int $end): bool
    {
        foreach ($this->soon as $other => $by) {
            if ($other !== $task && $end > $by) {
                return false;
            }
        }

        return true;
    }

    /** Whether another task can be done before a pinned one begins, so that nobody waits for its minute. */
    private function hasTimeBefore(int $task, int $begin): bool
    {
        foreach ($this->free as $i) {
            $start = $i === $task ? null : $this->start($i);
            if ($start !== null && $start + $this->problem->minutes[$i] <= $begin) {
                return true;
            }
        }

        return false;
    }
}
