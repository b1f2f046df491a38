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
    private const BUDGET = 1_200_000;
    /** With set-ups the layers of large problems soon tell nothing more, and single moves find what they miss. */
    private const BUDGET_LARGE = 300_000;
    private const LARGE = 40;
    /** What is weighed costs more with set-ups, more where windows are looked through, and with both still more. */
    private const WITH_SETUPS = 0.75;
    private const WITH_WINDOWS = 0.8;
    private const WITH_BOTH = 0.55;
    /** Share of the usual single moves: small problems are mostly searched to their end without them. */
    private const MOVED_SMALL = 0.2;
    private const MOVED_LARGE = 3.2;
    /** What a node costs in the same measure, and a share of all tasks (as a power of two) for what it copies. */
    private const MADE = 4;
    private const COPIED = 3;
    private const BUDGET_CHANGES = 300_000;
    private const WIDTH_CHANGES = 4000;
    private const LEAST_WIDTH = 20;
    /** So many times the width of a layer are weighed with their bound. */
    private const WEIGHED = 4;

    private readonly OrderMoves $moves;

    private int $bound;

    private ?OrderNode $best = null;

    private int $spent = 0;

    /** Whether fewer changes of set-up are looked for, and not an earlier end. */
    private bool $isCounting = false;

    /** @param float $effort share of the usual budget, more than 0 */
    private function __construct(private readonly OrderProblem $problem, private readonly float $effort)
    {
        $this->moves = new OrderMoves($problem);
        $this->bound = $problem->count > 0 ? max($this->moves->bounds->end, $this->moves->boundOf($this->moves->root())) : 0;
    }

    /**
     * @param float $effort share of the usual budget, more than 0: what is asked beside another question may be looked into less deeply
     * @param list<int> $known a sequence that can be kept, where there is one: no worse is answered
     *
     * @throws DomainException where the windows end before the work does, or tasks cannot keep close enough together
     */
    public static function solve(OrderProblem $problem, float $effort = 1.0, array $known = []): OrderAnswer
    {
        $search = new self($problem, $effort);
        $search->begin($known);

        return $search->answer();
    }

    /** A minute before which no order ends. */
    public static function boundOf(OrderProblem $problem): int
    {
        return (new self($problem, 1.0))->bound;
    }

    private function answer(): OrderAnswer
    {
        if ($this->problem->count === 0) {
            return new OrderAnswer(0, null, 0, true, [], 0);
        }
        foreach (self::WIDTHS as $width) {
            while ($this->isOpen() && $this->reached($width, $this->best === null ? $this->problem->horizon() : $this->best->time - 1)) {
            }
            $this->lookInEarlierWindows($width);
            if (!$this->isOpen() || $this->isSpent() || $this->best === null && !$this->moves->isCut()) {
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

    private function lookInEarlierWindows(int $width): void
    {
        do {
            $aim = $this->best === null || $this->isSpent() ? null : $this->aim($this->best);
        } while ($aim !== null && ($this->reached($width, $aim) || $this->bound > $aim));
    }

    /** Looks for an order that ends by then; where there is none for certain, the bound rises. */
    private function reached(int $width, int $target): bool
    {
        $this->moves->begin();
        $found = $this->layers($width, $target);
        if ($found === null) {
            $this->bound = $this->moves->isCut() ? $this->bound : max($this->bound, $target + 1);

            return false;
        }
        $this->best = $found;

        return true;
    }

    /** The end of an earlier window that may still be reached: what lies behind it is left out at once; null where there is none. */
    private function aim(OrderNode $best): ?int
    {
        $openings = $this->problem->openings;
        $window = $openings->windowOf($this->bound);

        return $window === $openings->windowOf($best->time) ? null : $openings->windows[$window - 1][1] ?? null;
    }

    private function isSpent(): bool
    {
        return $this->spent > $this->budget();
    }

    /** Where the end is not proven: other sequences near the one that was found. */
    private function improve(): void
    {
        if ($this->best === null || !$this->isOpen()) {
            return;
        }
        $share = match (true) {
            $this->problem->count <= self::LARGE => self::MOVED_SMALL,
            $this->isLarge() => self::MOVED_LARGE,
            default => 1.0,
        };
        $sequence = Annealing::better($this->problem, $this->best->sequence(), $this->effort * $share);
        $starts = Timetable::of($this->problem, $sequence, $this->best->time);
        if ($starts !== null && !$this->problem->hasNotLater()) {
            $this->best = $this->node($sequence, $starts);
        }
    }

    /** @param list<int> $known */
    private function begin(array $known): void
    {
        $starts = $known === [] ? null : Timetable::of($this->problem, $known, $this->problem->horizon());
        $this->best = $starts === null ? null : $this->node($known, $starts);
    }

    /**
     * @param list<int> $sequence
     * @param array<int, int> $starts
     */
    private function node(array $sequence, array $starts): OrderNode
    {
        $node = $this->moves->root();
        foreach ($sequence as $i) {
            $node = $this->moves->placed($node, $i, $starts[$i]);
        }

        return $node;
    }

    /** Among orders that end as early: fewer changes of set-up. */
    private function countChanges(): void
    {
        if ($this->best === null || max([0, ...$this->problem->labels]) === 0) {
            return;
        }
        $this->isCounting = true;
        $this->spent = min($this->spent, $this->budget() - (int) (self::BUDGET_CHANGES * $this->effort));
        $found = $this->layers(max(self::LEAST_WIDTH, intdiv(self::WIDTH_CHANGES, $this->problem->count)), $this->best->time);
        if ($found !== null && $found->changes < $this->best->changes) {
            $this->best = $found;
        }
    }

    private function budget(): int
    {
        $hasSetups = $this->problem->setup > 0;
        $usual = self::BUDGET * match ($this->problem->openings->windows === null) {
            true => $hasSetups ? self::WITH_SETUPS : 1.0,
            false => $hasSetups ? self::WITH_BOTH : self::WITH_WINDOWS,
        };
        $usual = $this->isLarge() ? self::BUDGET_LARGE : $usual;

        return (int) ($usual * $this->effort);
    }

    private function isLarge(): bool
    {
        return $this->problem->setup > 0 && $this->problem->count > self::LARGE;
    }

    private function isOpen(): bool
    {
        return $this->best === null || $this->best->time > $this->bound;
    }

    private function layers(int $width, int $target): ?OrderNode
    {
        $layer = [$this->moves->root()];
        for ($depth = 0; $depth < $this->problem->count; ++$depth) {
            $found = [];
            foreach ($layer as $node) {
                foreach ($this->moves->after($node, $width, $target, $this->isCounting) as $child) {
                    $key = $this->key($child);
                    $found[$key] = $this->among($found[$key] ?? [], $child);
                    $this->spent += self::MADE + count($found[$key]) + ($this->problem->count >> self::COPIED);
                }
                if ($this->spent > $this->budget() && $this->best !== null) {
                    $this->moves->cut();

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

    private function key(OrderNode $node): string
    {
        if ($this->moves->isPending($node)) {
            return $node->done.' '.implode(' ', $node->sequence());
        }

        return $this->isCounting || $this->problem->setup > 0 ? $node->done.' '.$node->ready : $node->done;
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
            $node->bound = max($node->bound, $this->moves->boundOf($node));
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
            $this->moves->cut();
            $nodes = array_slice($nodes, 0, $most);
        }

        return $nodes;
    }
}
