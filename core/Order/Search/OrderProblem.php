<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

use DomainException;

/**
 * Tasks of one painter, who does one at a time and breaks none off. Tasks are numbered from 0 in the order they were given in; times are
 * whole minutes.
 */
final readonly class OrderProblem
{
    /** Minutes by which a task that has its minute may begin later, so that what is loaded before it has room. */
    public const FIXED = 5;

    public int $count;

    /** @var list<int> tasks so that each comes behind those it waits for */
    public array $sorted;

    /** @var list<array<int, int>> by task: those that wait for it, and for how many minutes after its end */
    public array $next;

    /** @var array<int, list<int>> by task: those that start soon after it */
    public array $binds;

    /** @var array<int, int> by task that has to end by some minute itself, or has to for the sake of one behind it: that minute */
    public array $latest;

    /**
     * @param list<string> $ids
     * @param list<int> $minutes
     * @param list<array<int, int>> $waits by task: tasks that must have ended, and how many minutes ago at least
     * @param list<int> $labels by task: what has to stand ready, numbered from 1; 0 for nothing
     * @param int $setup minutes to make it ready
     * @param list<array<int, int>> $notLater by task: tasks after whose end it starts at most so many minutes later
     * @param bool $isTogether whether what has to start soon after another task has to be done in its window too
     * @param array<int, int> $release by task: the minute from which it may start, where that is not the first
     * @param array<int, int> $due by task: the minute by which it ends, where that is asked for
     *
     * @throws DomainException for a circle, and for a task that fits no window
     */
    public function __construct(
        public array $ids,
        public array $minutes,
        public array $waits,
        public array $labels,
        public int $setup,
        public array $notLater,
        public Openings $openings,
        public bool $isTogether = false,
        public array $release = [],
        public array $due = [],
    ) {
        $this->count = count($ids);
        $next = array_fill(0, $this->count, []);
        foreach ($waits as $i => $before) {
            foreach ($before as $j => $lag) {
                $next[$j][$i] = $lag;
            }
        }
        $this->next = $next;
        $binds = [];
        foreach ($notLater as $i => $firsts) {
            foreach (array_keys($firsts) as $first) {
                $binds[$first][] = $i;
            }
        }
        $this->binds = $binds;
        $this->sorted = $this->sort();
        $this->latest = $this->latest();
        foreach ($minutes as $i => $time) {
            if ($openings->earliest(0, $this->labels[$i] > 0 ? $setup : 0, $time) === null) {
                throw new DomainException(sprintf('"%s" takes %d minutes and fits into no window.', $ids[$i], $time));
            }
        }
    }

    /** Minutes to make ready what a task needs, where this stands ready. */
    public function setupOf(int $task, int $ready): int
    {
        return $this->labels[$task] > 0 && $this->labels[$task] !== $ready ? $this->setup : 0;
    }

    /**
     * How often something else is made ready.
     *
     * @param list<int> $sequence
     */
    public function changesOf(array $sequence): int
    {
        $changes = $ready = 0;
        foreach ($sequence as $task) {
            $changes += $this->labels[$task] > 0 && $this->labels[$task] !== $ready ? 1 : 0;
            $ready = $this->labels[$task] ?: $ready;
        }

        return $changes;
    }

    public function work(): int
    {
        return array_sum($this->minutes);
    }

    /** The same with a task that may start from one minute on, or whenever it may now, and ends by another. */
    public function with(int $task, ?int $release, int $due): self
    {
        return $this->between(
            $release === null ? $this->release : [$task => max($release, $this->release[$task] ?? 0)] + $this->release,
            [$task => min($due, $this->due[$task] ?? PHP_INT_MAX)] + $this->due,
        );
    }

    /** The same with a task that starts and ends whenever it may. */
    public function without(int $task): self
    {
        return $this->between(
            isset($this->due[$task]) ? array_diff_key($this->release, [$task => 0]) : $this->release,
            array_diff_key($this->due, [$task => 0]),
        );
    }

    /**
     * @param array<int, int> $release
     * @param array<int, int> $due
     */
    private function between(array $release, array $due): self
    {
        return new self(
            $this->ids,
            $this->minutes,
            $this->waits,
            $this->labels,
            $this->setup,
            $this->notLater,
            $this->openings,
            $this->isTogether,
            $release,
            $due,
        );
    }

    /** Whether a task has its minute, or hardly any room around it. */
    public function isFixed(int $task): bool
    {
        return isset($this->due[$task], $this->release[$task])
            && $this->due[$task] - $this->minutes[$task] - $this->release[$task] <= self::FIXED;
    }

    /** @return array<int, int> */
    private function latest(): array
    {
        $latest = $this->due;
        foreach ($latest === [] ? [] : array_reverse($this->sorted) as $i) {
            foreach ($this->next[$i] as $j => $lag) {
                if (isset($latest[$j])) {
                    $latest[$i] = min($latest[$i] ?? PHP_INT_MAX, $latest[$j] - $this->minutes[$j] - $lag);
                }
            }
        }

        return $latest;
    }

    /** Whether all that has to end by some minute still can, where one task ends now. */
    public function isInTime(int $task, int $end, string $done): bool
    {
        if ($end > ($this->latest[$task] ?? PHP_INT_MAX)) {
            return false;
        }
        foreach ($this->latest as $other => $by) {
            $setup = $this->labels[$task] > 0 ? $this->setupOf($other, $this->labels[$task]) : 0;
            if ($other !== $task && $done[$other] === '0' && $end + $setup + $this->minutes[$other] > $by) {
                return false;
            }
        }

        return true;
    }

    /** The minute before which the first task does not start, so that the other one follows it soon enough if it starts then. */
    public function soonest(int $first, int $then, int $start): int
    {
        $window = $this->isTogether ? $this->openings->windowOf($start + $this->minutes[$then]) : null;

        return max($start - $this->notLater[$then][$first] - $this->minutes[$first], $this->openings->windows[$window - 1][0] ?? 0);
    }

    /** Minutes within which any sequence ends that can be kept at all. */
    public function horizon(): int
    {
        $lags = array_sum(array_map(static fn (array $waits): int => max([0, ...array_values($waits)]), $this->waits));
        $windows = $this->openings->windows;

        return $windows === null ? max([0,
            ...$this->release]) + $this->work() + $lags + $this->count * $this->setup : $windows[count($windows) - 1][1] ?? 0;
    }

    public function hasNotLater(): bool
    {
        return array_filter($this->notLater) !== [];
    }

    /**
     * @return list<int>
     *
     * @throws DomainException that names the members of a circle
     */
    private function sort(): array
    {
        $open = array_map(count(...), $this->waits);
        $sorted = array_keys($open, 0, true);
        for ($at = 0; $at < count($sorted); ++$at) {
            foreach ($this->next[$sorted[$at]] as $i => $lag) {
                if (--$open[$i] === 0) {
                    $sorted[] = $i;
                }
            }
        }
        if (count($sorted) < $this->count) {
            throw new DomainException(sprintf('These wait for each other in a circle: %s.', implode(' → ', $this->circle($sorted))));
        }

        return $sorted;
    }

    /**
     * @param list<int> $sorted tasks that are in no circle
     *
     * @return list<string> the first member again at the end
     */
    private function circle(array $sorted): array
    {
        $free = array_flip($sorted);
        $at = array_values(array_diff(array_keys($this->ids), $sorted))[0];
        $seen = [];
        while (!isset($seen[$at])) {
            $seen[$at] = count($seen);
            $at = array_keys(array_diff_key($this->waits[$at], $free))[0];
        }
        $members = array_reverse(array_slice(array_keys($seen), $seen[$at]));

        return array_map(fn (int $i): string => $this->ids[$i], [...$members, $members[0]]);
    }
}
