<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

use DomainException;

/**
 * The order that ends earliest, and of those one with few changes of set-up.
 *
 * Layer by layer, from sets of done tasks to sets with one more: of nodes that have done the same, those that another one is no worse than
 * go, and so do those whose bound lies behind the end that is aimed at. Each layer keeps so many as its width allows. Where nothing was cut
 * for the width and nothing was found, no order ends by the time that was aimed at. Budgets are counted in work, not read from a clock, so
 * that the same input has the same answer.
 */
final class OrderSearch
{
    private const WIDTHS = [5, 20, 100, 500, 2500, 12500];
    /** Nodes weighed with their bound, times the tasks that are left: what a search may cost in all, and at the end for fewer changes. */
    private const BUDGET = 2_000_000;
    /** What a node costs in the same measure, and a share of all tasks (as a power of two) for what it copies. */
    private const MADE = 4;
    private const COPIED = 3;
    /** So many tasks may come next at a node, and so many more times the width. */
    private const LEAST_CHILDREN = 20;
    private const CHILDREN = 2;
    private const BUDGET_CHANGES = 300_000;
    private const WIDTH_CHANGES = 4000;
    private const LEAST_WIDTH = 20;
    /** So many times the width of a layer are weighed with their bound. */
    private const WEIGHED = 4;

    private readonly HeadsAndTails $bounds;

    private readonly UnavoidableChanges $unavoidable;

    /** @var array<int, list<int>> tasks by their label */
    private readonly array $labelled;

    private int $bound;

    private ?OrderNode $best = null;

    private int $spent = 0;

    private bool $isCut = false;

    /** Whether fewer changes of set-up are looked for, and not an earlier end. */
    private bool $isCounting = false;

    /** @var list<int> tasks that have to start soon after another one */
    private readonly array $soon;

    /** Whether what would be done before a task starts may always come first. */
    private readonly bool $isPlain;

    private function __construct(private readonly OrderProblem $problem)
    {
        $this->bounds = HeadsAndTails::of($problem);
        $this->unavoidable = UnavoidableChanges::of($problem);
        $labelled = [];
        foreach ($problem->labels as $i => $label) {
            $labelled[$label][] = $i;
        }
        $this->labelled = $labelled;
        $this->bound = $problem->count > 0 ? max($this->bounds->end, $this->boundOf($this->root())) : 0;
        $this->soon = array_keys(array_filter($problem->notLater));
        $this->isPlain = !$problem->hasNotLater() && ($problem->setup === 0
            || ($problem->openings->windows === null && !in_array(0, $problem->labels, true)));
    }

    /** @throws DomainException where the windows end before the work does, or tasks cannot keep close enough together */
    public static function solve(OrderProblem $problem): OrderAnswer
    {
        $search = new self($problem);

        return $search->answer();
    }

    private function answer(): OrderAnswer
    {
        if ($this->problem->count === 0) {
            return new OrderAnswer(0, null, 0, true, [], 0);
        }
        foreach (self::WIDTHS as $width) {
            while ($this->isOpen()) {
                $this->isCut = false;
                $found = $this->layers($width, $this->best === null ? $this->problem->horizon() : $this->best->time - 1);
                if ($found === null) {
                    break;
                }
                $this->best = $found;
            }
            if (!$this->isCut && $this->best !== null) {
                $this->bound = $this->best->time;
            }
            if (!$this->isOpen() || $this->spent > self::BUDGET || (!$this->isCut && $this->best === null)) {
                break;
            }
        }
        $this->improve();
        $this->countChanges();
        $best = $this->best ?? throw new DomainException('No order was found that ends within the windows and keeps every "not later".');

        return new OrderAnswer(
            $best->time,
            $this->problem->openings->windowOf($best->time),
            min($this->bound, $best->time),
            $this->bound >= $best->time,
            $best->starts(),
            $best->changes,
        );
    }

    /** Where the end is not proven: other sequences near the one that was found. */
    private function improve(): void
    {
        if ($this->best === null || !$this->isOpen()) {
            return;
        }
        $sequence = Annealing::better($this->problem, $this->best->sequence());
        $starts = Timetable::of($this->problem, $sequence, $this->best->time);
        if ($starts !== null && !$this->problem->hasNotLater()) {
            $node = $this->root();
            foreach ($sequence as $i) {
                $node = $this->placed($node, $i, $starts[$i]);
            }
            $this->best = $node;
        }
    }

    /** Among orders that end as early: fewer changes of set-up. */
    private function countChanges(): void
    {
        if ($this->best === null || max([0, ...$this->problem->labels]) === 0) {
            return;
        }
        $this->isCounting = true;
        $this->spent = min($this->spent, self::BUDGET - self::BUDGET_CHANGES);
        $found = $this->layers(max(self::LEAST_WIDTH, intdiv(self::WIDTH_CHANGES, $this->problem->count)), $this->best->time);
        if ($found !== null && $found->changes < $this->best->changes) {
            $this->best = $found;
        }
    }

    private function isOpen(): bool
    {
        return $this->best === null || $this->best->time > $this->bound;
    }

    private function layers(int $width, int $target): ?OrderNode
    {
        $layer = [$this->root()];
        for ($depth = 0; $depth < $this->problem->count; ++$depth) {
            $found = [];
            foreach ($layer as $node) {
                foreach ($this->children($node, $width, $target) as $child) {
                    $key = $this->key($child);
                    $found[$key] = $this->among($found[$key] ?? [], $child);
                    $this->spent += self::MADE + count($found[$key]) + ($this->problem->count >> self::COPIED);
                }
                if ($this->spent > self::BUDGET && $this->best !== null) {
                    $this->isCut = true;

                    return null;
                }
            }
            $layer = $this->kept($found, $width, $target);
            if ($layer === []) {
                return null;
            }
        }

        return $layer[0];
    }

    private function root(): OrderNode
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
    private function children(OrderNode $node, int $width, int $target): array
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
            if ($this->isPlain && !$this->isCounting && $this->isBehind($i, $start, $ends)) {
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
        $this->isCut = true;
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
        if ($start + $this->problem->minutes[$task] + max($work, $this->bounds->tails[$task]) > $target) {
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

    private function placed(OrderNode $node, int $task, int $start): OrderNode
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

    private function key(OrderNode $node): string
    {
        if ($this->isPending($node)) {
            return $node->done.' '.implode(' ', $node->sequence());
        }

        return $this->isCounting || $this->problem->setup > 0 ? $node->done.' '.$node->ready : $node->done;
    }

    /** Whether a task that is left has to start soon after one that is done. */
    private function isPending(OrderNode $node): bool
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
     * @param list<OrderNode> $others that have done the same
     *
     * @return list<OrderNode>
     */
    private function among(array $others, OrderNode $node): array
    {
        foreach ($others as $other) {
            if ($other->isNoWorseThan($node, $this->isCounting)) {
                return $others;
            }
        }
        $kept = array_values(array_filter($others, fn (OrderNode $other): bool => !$node->isNoWorseThan($other, $this->isCounting)));
        $kept[] = $node;

        return $kept;
    }

    /**
     * @param array<string, list<OrderNode>> $found
     *
     * @return list<OrderNode> the best ones first
     */
    private function kept(array $found, int $width, int $target): array
    {
        $nodes = array_merge(...array_values($found), ...[[]]);
        if (count($nodes) > self::WEIGHED * $width) {
            $nodes = $this->ranked($nodes, self::WEIGHED * $width);
        }
        foreach ($nodes as $at => $node) {
            $this->spent += count($node->open) + 1;
            $node->bound = max($node->bound, $this->boundOf($node));
            if ($node->bound > $target) {
                unset($nodes[$at]);
            }
        }

        return $this->ranked(array_values($nodes), $width);
    }

    /**
     * @param list<OrderNode> $nodes
     *
     * @return list<OrderNode>
     */
    private function ranked(array $nodes, int $most): array
    {
        $keys = [];
        foreach ($nodes as $node) {
            $used = $this->problem->openings->elapsed($node->time) + $node->work;
            $keys[] = ($this->isCounting ? $node->changes * 1_000_000 : 0) + $node->bound + $used / 1_000_000;
        }
        array_multisort($keys, SORT_ASC, SORT_NUMERIC, array_keys($nodes), $nodes);
        if (count($nodes) > $most) {
            $this->isCut = true;
            $nodes = array_slice($nodes, 0, $most);
        }

        return $nodes;
    }

    /** No order that goes on from here ends earlier: changes of set-up that cannot be avoided are work too. */
    private function boundOf(OrderNode $node): int
    {
        $problem = $this->problem;
        [$heads, $minutes, $tails] = [$node->heads, $problem->minutes, $this->bounds->tails];
        foreach ($problem->setup > 0 ? $this->unavoidable->left($node->open, $node->ready) : [] as $label => $changes) {
            $job = $problem->count + $label;
            $heads[$job] = $tails[$job] = PHP_INT_MAX;
            $minutes[$job] = $changes * $problem->setup;
            foreach ($this->labelled[$label] as $i) {
                if (isset($node->heads[$i])) {
                    $heads[$job] = min($heads[$job], max($node->time, $node->heads[$i] - $problem->setup));
                    $tails[$job] = min($tails[$job], $problem->minutes[$i] + $this->bounds->tails[$i]);
                }
            }
        }

        return Preemptive::end($heads, $minutes, $tails, $node->time, $problem->openings);
    }
}
