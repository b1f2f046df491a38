<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/**
 * What of too much work fits into the windows: always what is wanted soonest of that which can begin about now. What has to follow soon is
 * begun only where that still fits into the same window. What finds no place is left over, and whatever waits for it.
 */
final class Fitting
{
    /** Of tasks that can begin within so many minutes of each other the one that is wanted first is taken: nobody sits idle for it. */
    private const ABOUT = LeastWaiting::IDLE - 1;

    /** So many windows are tried for what needs room behind it. */
    private const WINDOWS = 8;

    private int $time = 0;

    private int $ready = 0;

    /** @var array<int, int> by open task: how many it waits for */
    private array $open;

    /** @var array<int, int> by task: minute from which it may start */
    private array $heads = [];

    /** @var array<int, int> by task that has to follow a done one soon: minute by which it begins */
    private array $soon = [];

    /** @var array<int, int> */
    private array $starts = [];

    /** @param array<int, float|int> $wanted by task: its place among the others, small first */
    private function __construct(private readonly OrderProblem $problem, private readonly array $wanted)
    {
        $this->open = array_map(count(...), $problem->waits);
        for ($i = 0; $i < $problem->count; ++$i) {
            $this->heads[$i] = $problem->release[$i] ?? 0;
        }
    }

    /**
     * @param array<int, float|int> $wanted by task: its place among the others, small first
     *
     * @return array<int, int> starts of what fits, in their order
     */
    public static function of(OrderProblem $problem, array $wanted): array
    {
        $fitting = new self($problem, $wanted);
        while ($fitting->takeNext()) {
            continue;
        }

        return $fitting->starts;
    }

    private function takeNext(): bool
    {
        $can = [];
        foreach (array_keys($this->open, 0, true) as $i) {
            $start = $this->start($i, 0);
            for ($later = 0; $start !== null && $later < self::WINDOWS && !$this->mayBegin($i, $start); ++$later) {
                // What has to follow it has no room in this window: perhaps in the next.
                $next = $this->problem->openings->windows[$this->problem->openings->windowOf($start + 1) ?? 0][0] ?? null;
                $start = $next === null ? null : $this->start($i, $next);
            }
            if ($start !== null && $later < self::WINDOWS) {
                $can[$i] = $start;
            }
        }
        if ($can === []) {
            return false;
        }
        $first = min($can) + self::ABOUT;
        $about = array_filter($can, static fn (int $start): bool => $start <= $first);
        $tasks = array_keys($about);
        usort($tasks, fn (int $a, int $b): int => [isset($this->soon[$a]) ? 0 : 1, $this->wanted[$a], $can[$a], $a]
            <=> [isset($this->soon[$b]) ? 0 : 1, $this->wanted[$b], $can[$b], $b]);
        $this->take($tasks[0], $can[$tasks[0]]);

        return true;
    }

    private function start(int $task, int $from): ?int
    {
        $setup = $this->problem->setupOf($task, $this->ready);

        return $this->problem->openings->earliest(
            max($this->time + $setup, $this->heads[$task], $from),
            $setup,
            $this->problem->minutes[$task],
        );
    }

    /** Whether all that has to follow soon still can, this task's own follower too. */
    private function mayBegin(int $task, int $start): bool
    {
        $end = $start + $this->problem->minutes[$task];
        if ($start > ($this->soon[$task] ?? PHP_INT_MAX)) {
            return false;
        }
        foreach ($this->soon as $other => $by) {
            if ($other !== $task && max($end + $this->problem->setup, $this->heads[$other]) > $by) {
                return false;
            }
            if ($other !== $task && !$this->isInOneSitting($start, $end, $other, 0)) {
                return false;
            }
        }
        foreach ($this->problem->binds[$task] ?? [] as $then) {
            if (!$this->canFollow($task, $start, $end, $then)) {
                return false;
            }
        }

        return true;
    }

    private function canFollow(int $task, int $start, int $end, int $then): bool
    {
        $between = 0;
        $wait = $this->problem->waits[$then][$task] ?? 0;
        foreach (array_keys($this->problem->notLater[$then]) as $before) {
            if ($before !== $task && !isset($this->starts[$before])) {
                $between += $this->problem->minutes[$before] + $this->problem->setup;
                $wait = max($wait, $this->problem->waits[$then][$before] ?? 0);
            }
        }
        foreach (array_keys($this->problem->waits[$then]) as $before) {
            if ($before !== $task && !isset($this->starts[$before]) && !isset($this->problem->notLater[$then][$before])) {
                return false;
            }
        }

        return $between + $wait <= $this->problem->notLater[$then][$task]
            && $this->isInOneSitting($start, $end + $between + $wait, $then, $this->problem->setup);
    }

    /** Whether a task that begins so many minutes after this one ends is done in the window in which this one is. */
    private function isInOneSitting(int $start, int $from, int $task, int $setup): bool
    {
        $windows = $this->problem->openings->windows;
        $closes = $windows === null ? PHP_INT_MAX
            : $windows[($this->problem->openings->windowOf($start + 1) ?? 1) - 1][1] ?? 0;

        return max($from, $this->heads[$task]) + $setup + $this->problem->minutes[$task] <= $closes;
    }

    private function take(int $task, int $start): void
    {
        $this->starts[$task] = $start;
        $this->time = $start + $this->problem->minutes[$task];
        $this->ready = $this->problem->labels[$task] ?: $this->ready;
        unset($this->open[$task], $this->soon[$task]);
        foreach ($this->problem->next[$task] as $i => $lag) {
            $this->heads[$i] = max($this->heads[$i], $this->time + $lag);
            --$this->open[$i];
        }
        foreach ($this->problem->binds[$task] ?? [] as $i) {
            $this->soon[$i] = min($this->soon[$i] ?? PHP_INT_MAX, $this->time + $this->problem->notLater[$i][$task]);
        }
    }
}
