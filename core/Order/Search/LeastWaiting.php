<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/**
 * Nobody waits while something is ready: of sequences that end about as early, one with less waiting at the table.
 *
 * Waits at the table are gone through from the first on. What could be done in them is drawn forward, alone or with what
 * has to follow it soon, where the end stays in its window and moves by a quarter of an hour at most, and where nobody waits longer for it
 * elsewhere. The search looks at the end alone, so that the first evenings of a long piece of work may hold waits that change no end.
 */
final class LeastWaiting
{
    /** Idle minutes that are worth filling. */
    public const IDLE = 10;

    /** Minutes by which the end may move: an order ends equally early within a quarter of an hour. */
    public const AS_EARLY = 15;

    /** Tasks times timetables that are tried at most. */
    private const WORK = 200_000;

    private int $spent = 0;

    /**
     * @param list<int> $rank by task: its place in the natural order, small first
     */
    private function __construct(private readonly OrderProblem $problem, private readonly array $rank)
    {
    }

    /**
     * @param list<int> $sequence that can be kept
     * @param list<int> $rank by task: its place in the natural order, small first
     *
     * @return list<int> the same tasks; the sequence as it is where no minute can be saved
     */
    public static function order(OrderProblem $problem, array $sequence, array $rank): array
    {
        $waiting = new self($problem, $rank);
        $starts = Timetable::of($problem, $sequence, $problem->horizon());
        if ($starts === null || $starts === []) {
            return $sequence;
        }
        $last = array_key_last($starts);
        $end = $starts[$last] + $problem->minutes[$last];
        $window = $problem->openings->windowOf($end);
        $closes = $window === null ? PHP_INT_MAX : $problem->openings->windows[$window - 1][1] ?? $end;
        // First what costs nothing at all: a proof of the end holds for it.
        foreach ([$end, min($closes, $end + self::AS_EARLY)] as $latest) {
            $sequence = $waiting->filled($sequence, $latest);
        }

        return $sequence;
    }

    /**
     * Minutes between two tasks of one window in which nothing is done and nothing is made ready.
     *
     * @param array<int, int> $starts in their order
     */
    public static function waited(OrderProblem $problem, array $starts): int
    {
        return array_sum(self::gaps($problem, $starts));
    }

    /**
     * Who has nothing more to do before the evening is over goes, and who has nothing to do yet comes later: only what lies between two
     * tasks of a window is waited.
     *
     * @param array<int, int> $starts in their order
     *
     * @return array<int, int> minutes waited right before each task
     */
    public static function gaps(OrderProblem $problem, array $starts): array
    {
        $gaps = [];
        $ready = $ends = 0;
        $window = -1;
        foreach ($starts as $i => $start) {
            $end = $start + $problem->minutes[$i];
            $its = $problem->openings->windowOf($end);
            $gaps[$i] = $its !== $window ? 0 : $start - $problem->setupOf($i, $ready) - $ends;
            $ready = $problem->labels[$i] ?: $ready;
            [$ends, $window] = [$end, $its];
        }

        return $gaps;
    }

    /**
     * @param list<int> $sequence
     *
     * @return list<int>
     */
    private function filled(array $sequence, int $latest): array
    {
        $starts = Timetable::of($this->problem, $sequence, $latest);
        for ($at = 1; $starts !== null && $at < count($sequence) && $this->spent < self::WORK;) {
            $isIdle = self::gaps($this->problem, $starts)[$sequence[$at]] >= self::IDLE;
            $better = $isIdle ? $this->drawnForward($sequence, $starts, $at, $latest) : null;
            if ($better === null) {
                ++$at;
            } else {
                [$sequence, $starts] = $better;
            }
        }

        return $sequence;
    }

    /**
     * The minute at which what comes before this place is done.
     *
     * @param list<int> $sequence
     * @param array<int, int> $starts
     */
    private function ends(array $sequence, array $starts, int $at): int
    {
        $before = $sequence[$at - 1] ?? null;

        return $before === null ? 0 : $starts[$before] + $this->problem->minutes[$before];
    }

    /**
     * @param list<int> $sequence
     * @param array<int, int> $starts
     *
     * @return array{list<int>, array<int, int>}|null the best sequence with something else at this place, and its starts
     */
    private function drawnForward(array $sequence, array $starts, int $at, int $latest): ?array
    {
        $most = self::waited($this->problem, LaterBeginning::of($this->problem, $starts));
        [$ends, $begins] = [$this->ends($sequence, $starts, $at), $starts[$sequence[$at]]];
        $best = $least = null;
        foreach ($this->ready($sequence, $starts, $at) as $tasks) {
            $moved = [...array_slice($sequence, 0, $at), ...$tasks, ...array_diff(array_slice($sequence, $at), $tasks)];
            $this->spent += $this->problem->count;
            $others = Timetable::of($this->problem, $moved, $latest);
            if ($others === null || $others[$tasks[0]] >= $begins || $others[$tasks[0]] < $ends) {
                continue;
            }
            $waited = self::waited($this->problem, LaterBeginning::of($this->problem, $others));
            $cost = [$waited, $this->problem->changesOf($moved), $this->rank[$tasks[0]]];
            if ($waited <= $most && ($least === null || $cost < $least)) {
                [$best, $least] = [[$moved, $others], $cost];
            }
        }

        return $best;
    }

    /**
     * What comes later and could be begun in the idle minutes before this place: alone, and with what has to follow it soon.
     *
     * @param list<int> $sequence
     * @param array<int, int> $starts
     *
     * @return list<non-empty-list<int>>
     */
    private function ready(array $sequence, array $starts, int $at): array
    {
        $done = array_flip(array_slice($sequence, 0, $at));
        $begins = $starts[$sequence[$at]];
        $found = [];
        foreach (array_slice($sequence, $at + 1) as $task) {
            $from = $this->problem->release[$task] ?? 0;
            foreach ($this->problem->waits[$task] as $before => $lag) {
                $from = max($from, isset($done[$before]) ? $starts[$before] + $this->problem->minutes[$before] + $lag : PHP_INT_MAX);
            }
            if ($from < $begins) {
                $found[] = [$task];
                $bound = $this->bound($task, $sequence, $done);
                if (count($bound) > 1) {
                    $found[] = $bound;
                }
            }
        }

        return $found;
    }

    /**
     * A task with all that has to follow it soon, and what that waits for.
     *
     * @param list<int> $sequence
     * @param array<int, int> $done
     *
     * @return non-empty-list<int> in the order in which they are
     */
    private function bound(int $task, array $sequence, array $done): array
    {
        $found = [$task => true];
        for ($open = [$task]; $open !== [];) {
            $i = array_pop($open);
            $more = array_merge($this->problem->binds[$i] ?? [], $i === $task ? [] : array_keys($this->problem->waits[$i]));
            foreach ($more as $other) {
                if (!isset($found[$other]) && !isset($done[$other])) {
                    $found[$other] = true;
                    $open[] = $other;
                }
            }
        }
        $its = array_values(array_filter($sequence, static fn (int $i): bool => isset($found[$i])));

        return $its === [] ? [$task] : $its;
    }
}
