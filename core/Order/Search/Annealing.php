<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/**
 * A sequence made better bit by bit: single tasks and short runs are put elsewhere, at first also where that costs a little (simulated
 * annealing: Kirkpatrick, Gelatt and Vecchi, 1983). Its chance is counted from a fixed seed, so that the same input has the same answer.
 */
final class Annealing
{
    /** Tasks whose starts are worked out again, in all. */
    private const BUDGET = 1_200_000;
    private const LONGEST_RUN = 8;
    /** Of so many moves one goes anywhere, the others beside a task with the same set-up. */
    private const JOINED = 3;
    /** Minutes that a move may cost, about, at first and at last. */
    private const WARM = 4.0;
    private const COLD = 0.25;
    /** What a change of set-up counts beside a minute of the end, where it takes no time that is missing. */
    private const CHANGE = 0.2;

    private int $chance = 20_240_607;

    /** @var list<int> */
    private array $sequence;

    /** @var array<int, int> by task */
    private array $ends = [];

    /** @var array<int, int> by task */
    private array $place = [];

    /** @var array<int, int> what stands ready behind each place */
    private array $ready = [];

    /** @var array<int, int> changes up to each place */
    private array $changes = [];

    /** @var array<int, int> minutes of work up to each place */
    private array $done = [];

    private readonly int $work;

    /** @var array<int, list<int>> tasks by their label */
    private array $alike = [];

    private int $spent = 0;

    /**
     * @param list<int> $sequence
     * @param bool $isNear whether nothing is moved that does not make it better at once
     */
    private function __construct(
        private readonly OrderProblem $problem,
        array $sequence,
        private readonly int $budget,
        private readonly bool $isNear = false,
    ) {
        $this->sequence = $sequence;
        $this->work = $problem->work();
        foreach ($problem->setup > 0 ? array_filter($problem->labels) : [] as $task => $label) {
            $this->alike[$label][] = $task;
        }
    }

    /**
     * @param list<int> $sequence that keeps the order of what waits for each other
     * @param float $effort share of the usual budget
     *
     * @return list<int> one that ends no later
     */
    public static function better(OrderProblem $problem, array $sequence, float $effort = 1.0): array
    {
        return count($sequence) < 3 || $problem->hasNotLater()
            ? $sequence
            : (new self($problem, $sequence, (int) (self::BUDGET * $effort)))->cooled();
    }

    /**
     * The same with as little put elsewhere as can be: every move makes it better.
     *
     * @param list<int> $sequence
     *
     * @return list<int>
     */
    public static function nearby(OrderProblem $problem, array $sequence, float $effort = 1.0): array
    {
        return count($sequence) < 3 || $problem->hasNotLater()
            ? $sequence
            : (new self($problem, $sequence, (int) (self::BUDGET * $effort), true))->cooled();
    }

    /** @return list<int> */
    private function cooled(): array
    {
        $cost = $this->take($this->sequence, 0) ?? INF;
        [$best, $least, $count] = [$this->sequence, $cost, $this->problem->count];
        while ($this->spent < $this->budget) {
            $heat = self::WARM * (self::COLD / self::WARM) ** ($this->spent / $this->budget);
            $length = min($count - 1, 1 + $this->below(self::LONGEST_RUN));
            $from = $this->below($count - $length + 1);
            $to = $this->below(self::JOINED) === 0 ? $this->below($count - $length + 1) : $this->beside($from, $length);
            $this->spent += 2;
            if ($from === $to || !$this->mayGo($from, $length, $to)) {
                continue;
            }
            $moved = $this->sequence;
            array_splice($moved, $to, 0, array_splice($moved, $from, $length));
            $worst = $this->isNear ? $cost - self::CHANGE / 2 : $cost - $heat * log(max(1e-9, $this->below(1_000_000) / 1_000_000));
            $now = $this->tried($moved, min($from, $to), $worst);
            if ($now !== null && $now <= $worst) {
                $cost = $this->take($moved, min($from, $to)) ?? $cost;
                if ($cost < $least) {
                    [$best, $least] = [$moved, $cost];
                }
            }
        }

        return $best;
    }

    /** A place right after, or right before, another task that needs the same set-up as the first of the run. */
    private function beside(int $from, int $length): int
    {
        $count = $this->problem->count;
        $alike = $this->alike[$this->problem->labels[$this->sequence[$from]]] ?? [];
        if (count($alike) < 2) {
            return $this->below($count - $length + 1);
        }
        $place = $this->place[$alike[$this->below(count($alike))]];
        $after = $this->below(2);

        return max(0, min($count - $length, $place < $from ? $place + $after : $place - $length + $after));
    }

    /** Whether nothing that the run waits for, or that waits for it, is passed. */
    private function mayGo(int $from, int $length, int $to): bool
    {
        for ($at = $from; $at < $from + $length; ++$at) {
            $task = $this->sequence[$at];
            foreach ($to > $from ? $this->problem->next[$task] : $this->problem->waits[$task] as $other => $lag) {
                $place = $this->place[$other];
                if ($to > $from ? $place >= $from + $length && $place < $to + $length : $place >= $to && $place < $from) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param list<int> $sequence like the one taken, up to this place
     *
     * @return float|null null where it is worse than this for certain
     */
    private function tried(array $sequence, int $from, float $worst): ?float
    {
        [$problem, $count, $new] = [$this->problem, $this->problem->count, []];
        $time = $from > 0 ? $this->ends[$this->sequence[$from - 1]] : 0;
        $ready = $from > 0 ? $this->ready[$from - 1] : 0;
        $changes = $from > 0 ? $this->changes[$from - 1] : 0;
        $isFree = $problem->openings->windows === null;
        $rest = $isFree ? $this->work - ($from > 0 ? $this->done[$from - 1] : 0) : 0;
        for ($at = $from; $at < $count; ++$at) {
            $task = $sequence[$at];
            ++$this->spent;
            $label = $problem->labels[$task];
            $setup = 0;
            if ($label > 0 && $label !== $ready) {
                $setup = $problem->setup;
                $ready = $label;
                ++$changes;
            }
            $start = max($time + $setup, $problem->release[$task] ?? 0);
            foreach ($problem->waits[$task] as $before => $lag) {
                $held = ($new[$before] ?? $this->ends[$before]) + $lag;
                if ($held > $start) {
                    $start = $held;
                }
            }
            $start = $problem->openings->earliest($start, $setup, $problem->minutes[$task]);
            if ($start === null || $start + $rest > $worst || $start + $problem->minutes[$task] > ($problem->due[$task] ?? PHP_INT_MAX)) {
                return null;
            }
            $new[$task] = $time = $start + $problem->minutes[$task];
            $rest -= $isFree ? $problem->minutes[$task] : 0;
        }

        return $time + self::CHANGE * $changes;
    }

    /** @param list<int> $sequence */
    private function take(array $sequence, int $from): ?float
    {
        $this->sequence = $sequence;
        for ($at = $from, $count = count($sequence); $at < $count; ++$at) {
            $task = $sequence[$at];
            $ready = $at > 0 ? $this->ready[$at - 1] : 0;
            $setup = $this->problem->setupOf($task, $ready);
            $isChange = $this->problem->labels[$task] > 0 && $this->problem->labels[$task] !== $ready;
            $start = max(($at > 0 ? $this->ends[$sequence[$at - 1]] : 0) + $setup, $this->problem->release[$task] ?? 0);
            foreach ($this->problem->waits[$task] as $before => $lag) {
                $start = max($start, $this->ends[$before] + $lag);
            }
            $start = $this->problem->openings->earliest($start, $setup, $this->problem->minutes[$task]);
            if ($start === null) {
                return null;
            }
            $this->place[$task] = $at;
            $this->ends[$task] = $start + $this->problem->minutes[$task];
            $this->ready[$at] = $this->problem->labels[$task] ?: $ready;
            $this->done[$at] = ($at > 0 ? $this->done[$at - 1] : 0) + $this->problem->minutes[$task];
            $this->changes[$at] = ($at > 0 ? $this->changes[$at - 1] : 0) + ($isChange ? 1 : 0);
        }

        return $this->ends[$sequence[$count - 1]] + self::CHANGE * $this->changes[$count - 1];
    }

    /** A whole number from 0 on, below this one (linear congruence of W. H. Press et al., Numerical Recipes, 1992). */
    private function below(int $most): int
    {
        $this->chance = ($this->chance * 1_664_525 + 1_013_904_223) % 4_294_967_296;

        return intdiv($this->chance * $most, 4_294_967_296);
    }
}
