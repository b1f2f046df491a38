<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/** What may follow the tasks that are done, and when nothing that follows can end earlier. */
final class OrderMoves
{
    /** So many tasks may come next at a node, and so many more times the width. */
    private const LEAST_CHILDREN = 20;
    private const CHILDREN = 2;

    private bool $isCut = false;

    public readonly HeadsAndTails $bounds;

    private readonly UnavoidableChanges $unavoidable;

    /** @var array<int, list<int>> tasks by their label */
    private readonly array $labelled;

    /** @var list<int> tasks that have to start soon after another one */
    private readonly array $soon;

    /** Whether what would be done before a task starts may always come first. */
    private readonly bool $isPlain;

    public function __construct(private readonly OrderProblem $problem)
    {
        $this->bounds = HeadsAndTails::of($problem);
        $this->unavoidable = UnavoidableChanges::of($problem);
        $this->soon = array_keys(array_filter($problem->notLater));
        $labelled = [];
        foreach ($problem->labels as $i => $label) {
            $labelled[$label][] = $i;
        }
        $this->labelled = $labelled;
        $this->isPlain = !$problem->hasNotLater() && ($problem->setup === 0
            || ($problem->openings->windows === null && !in_array(0, $problem->labels, true)));
    }

    public function begin(): void
    {
        $this->isCut = false;
    }

    public function cut(): void
    {
        $this->isCut = true;
    }

    /** Whether anything that may follow was left out since the search began: then finding nothing proves nothing. */
    public function isCut(): bool
    {
        return $this->isCut;
    }

    public function root(): OrderNode
    {
        return new OrderNode(
            str_repeat('0', $this->problem->count),
            0,
            0,
            0,
            $this->problem->work(),
            $this->bounds->heads,
            array_map(count(...), $this->problem->waits),
        );
    }

    /** @return list<OrderNode> */
    public function after(OrderNode $node, int $width, int $target, bool $isCounting): array
    {
        $problem = $this->problem;
        $starts = $ends = [];
        foreach ($node->open as $i => $waits) {
            if ($waits > 0) {
                continue;
            }
            $setup = $problem->setupOf($i, $node->ready);
            $start = $problem->openings->earliest(max($node->heads[$i], $node->time + $setup), $setup, $problem->minutes[$i]);
            if ($start !== null) {
                $starts[$i] = $start;
                $ends[$i] = $start + $problem->minutes[$i];
            }
        }
        $found = [];
        foreach ($this->promising($starts, $width) as $i => $start) {
            if ($this->isPlain && !$isCounting && $this->isBehind($i, $start, $ends)) {
                continue;
            }
            $child = $this->child($node, $i, $start, $target);
            if ($child !== null) {
                $found[] = $child;
            }
        }

        return $found;
    }

    /**
     * Of very many that may come next, those that start first, and of these the ones with the longest way to go.
     *
     * @param array<int, int> $starts
     *
     * @return array<int, int>
     */
    private function promising(array $starts, int $width): array
    {
        $most = self::LEAST_CHILDREN + self::CHILDREN * $width;
        if (count($starts) <= $most) {
            return $starts;
        }
        $this->cut();
        uksort($starts, fn (int $a, int $b): int => [$starts[$a], -$this->bounds->tails[$a], $a] <=> [$starts[$b],
            -$this->bounds->tails[$b], $b]);

        return array_slice($starts, 0, $most, true);
    }

    /**
     * Whether another ready task is done, and what stood ready is so again, before this one starts.
     *
     * @param array<int, int> $ends
     */
    private function isBehind(int $task, int $start, array $ends): bool
    {
        foreach ($ends as $other => $end) {
            if ($other !== $task && $end + $this->problem->setupOf($task, $this->problem->labels[$other]) <= $start
                && ($end < $start || $this->problem->minutes[$task] > 0 || $other < $task)) {
                return true;
            }
        }

        return false;
    }

    private function child(OrderNode $node, int $task, int $start, int $target): ?OrderNode
    {
        $work = $node->work - $this->problem->minutes[$task];
        $end = $start + $this->problem->minutes[$task];
        if ($end + $this->bounds->tails[$task] > $target || $this->problem->openings->worked($end, $work) > $target) {
            return null;
        }
        if ($this->problem->due !== [] && !$this->problem->isInTime($task, $end, $node->done)) {
            return null;
        }
        foreach ($this->problem->notLater[$task] as $j => $most) {
            if ($node->done[$j] === '1') {
                return $this->settled($node, $task, $target);
            }
        }

        return $this->placed($node, $task, $start);
    }

    /** The same sequence, put off where this task has to start soon after another one. */
    private function settled(OrderNode $node, int $task, int $target): ?OrderNode
    {
        $sequence = [...$node->sequence(), $task];
        $starts = Timetable::of($this->problem, $sequence, $target);
        if ($starts === null) {
            return null;
        }
        $node = $this->root();
        foreach ($sequence as $i) {
            $node = $this->placed($node, $i, $starts[$i]);
        }

        return $node;
    }

    public function placed(OrderNode $node, int $task, int $start): OrderNode
    {
        $problem = $this->problem;
        $end = $start + $problem->minutes[$task];
        [$heads, $open] = [$node->heads, $node->open];
        unset($heads[$task], $open[$task]);
        foreach ($problem->next[$task] as $i => $lag) {
            --$open[$i];
            $heads[$i] = max($heads[$i], $end + $lag);
        }
        $done = $node->done;
        $done[$task] = '1';
        $ready = $problem->labels[$task] ?: $node->ready;
        $placed = new OrderNode(
            $done,
            $end,
            $ready,
            $node->changes + ($ready === $node->ready ? 0 : 1),
            $node->work - $problem->minutes[$task],
            $heads,
            $open,
            $node,
            $task,
            $start,
        );
        $placed->bound = max($node->bound, $end + $placed->work, $end + $this->bounds->tails[$task]);

        return $placed;
    }

    /** Whether a task that is left has to start soon after one that is done. */
    public function isPending(OrderNode $node): bool
    {
        foreach ($this->soon as $i) {
            foreach (isset($node->open[$i]) ? $this->problem->notLater[$i] : [] as $j => $most) {
                if ($node->done[$j] === '1') {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * No order that goes on from here ends earlier: changes of set-up that cannot be avoided are work too. What several labels
     * cost each other is looked for at the root alone, where the bound is told.
     */
    public function boundOf(OrderNode $node): int
    {
        $problem = $this->problem;
        [$heads, $minutes, $tails] = [$node->heads, $problem->minutes, $this->bounds->tails];
        $left = $problem->setup > 0 ? $this->unavoidable->left($node->open, $node->ready) : [];
        foreach ($left as $label => $changes) {
            $job = $problem->count + $label;
            [$heads[$job], $tails[$job]] = $this->changing($node, [$label]);
            $minutes[$job] = $changes * $problem->setup;
        }
        $job = 2 * $problem->count;
        foreach ($node->before === null && $left !== [] ? FewestRuns::more($problem, $left) : [] as [$labels, $more]) {
            [$heads[++$job], $tails[$job]] = $this->changing($node, $labels);
            $minutes[$job] = $more * $problem->setup;
        }

        return Preemptive::end($heads, $minutes, $tails, $node->time, $problem->openings);
    }

    /**
     * When one of these labels can be made ready for a task that is left, and what follows on that at least.
     *
     * @param list<int> $labels
     *
     * @return array{int, int} head and tail in minutes
     */
    private function changing(OrderNode $node, array $labels): array
    {
        $head = $tail = PHP_INT_MAX;
        foreach ($labels as $label) {
            foreach ($this->labelled[$label] as $i) {
                if (isset($node->heads[$i])) {
                    $head = min($head, max($node->time, $node->heads[$i] - $this->problem->setup));
                    $tail = min($tail, $this->problem->minutes[$i] + $this->bounds->tails[$i]);
                }
            }
        }

        return [$head, $tail];
    }
}
