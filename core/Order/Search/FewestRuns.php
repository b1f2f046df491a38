<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/**
 * How often labels have to be made ready at least, where several of them get in each other's way. For a few labels the fewest runs are
 * counted exactly, from their own tasks and what these have to be done after; leaving all other tasks out never adds a run. Labels are put
 * together in groups that share none, as long as that tells of more runs.
 */
final class FewestRuns
{
    /** Tasks of a group at most: a bit for each in a whole number. */
    private const TASKS = 62;
    private const LABELS = 7;
    /** Sets of done tasks that are looked at for one group, and in all. */
    private const STATES = 1500;
    private const STATES_IN_ALL = 60_000;

    private int $spent = 0;

    /**
     * @param array<int, list<int>> $tasks by label
     * @param array<int, array<int, true>> $above by task: all that has to be done before it
     */
    private function __construct(private readonly array $tasks, private readonly array $above)
    {
    }

    /**
     * @param array<int, int> $least by label: times it is made ready at least, as is known already
     *
     * @return list<array{list<int>, int}> groups of labels that are made ready so many times more, all of them together
     */
    public static function more(OrderProblem $problem, array $least): array
    {
        $above = $tasks = [];
        foreach ($problem->sorted as $i) {
            $above[$i] = [];
            foreach ($problem->waits[$i] as $j => $lag) {
                $above[$i] += $above[$j] + [$j => true];
            }
            if ($problem->labels[$i] > 0) {
                $tasks[$problem->labels[$i]][] = $i;
            }
        }

        return (new self($tasks, $above))->groups(array_intersect_key($least, $tasks));
    }

    /**
     * @param array<int, int> $least
     *
     * @return list<array{list<int>, int}>
     */
    private function groups(array $least): array
    {
        $groups = $known = [];
        foreach ($least as $label => $times) {
            $groups[] = ['labels' => [$label], 'runs' => $times];
        }
        do {
            [$best, $gain, $count] = [null, 0, count($groups)];
            for ($one = 0; $one < $count; ++$one) {
                for ($other = $one + 1; $other < $count; ++$other) {
                    $labels = [...$groups[$one]['labels'], ...$groups[$other]['labels']];
                    sort($labels);
                    $key = implode(' ', $labels);
                    $apart = $groups[$one]['runs'] + $groups[$other]['runs'];
                    $known[$key] ??= $this->runs($labels) ?? 0;
                    if ($known[$key] - $apart > $gain) {
                        [$best, $gain] = [[$one, $other, $labels, $known[$key]], $known[$key] - $apart];
                    }
                }
            }
            if ($best !== null) {
                unset($groups[$best[0]], $groups[$best[1]]);
                $groups = [...array_values($groups), ['labels' => $best[2], 'runs' => $best[3]]];
            }
        } while ($best !== null);
        $found = [];
        foreach ($groups as ['labels' => $labels, 'runs' => $runs]) {
            $more = $runs - array_sum(array_intersect_key($least, array_flip($labels)));
            if ($more > 0) {
                $found[] = [$labels, $more];
            }
        }

        return $found;
    }

    /**
     * The fewest runs in which all tasks of these labels can be done: whatever label is taken up, all of it that can be done is done.
     *
     * @param list<int> $labels
     *
     * @return int|null null where that is not found out
     */
    private function runs(array $labels): ?int
    {
        $tasks = array_merge(...array_map(fn (int $label): array => $this->tasks[$label], $labels), ...[[]]);
        if (count($labels) > self::LABELS || count($tasks) > self::TASKS || $this->spent > self::STATES_IN_ALL) {
            return null;
        }
        $bits = [];
        foreach ($tasks as $at => $task) {
            $bits[$task] = 1 << $at;
        }
        $before = [];
        foreach ($labels as $label) {
            foreach ($this->tasks[$label] as $task) {
                $before[$label][$bits[$task]] = array_sum(array_intersect_key($bits, $this->above[$task]));
            }
        }
        $all = array_sum($bits);
        $layer = [0 => true];
        $seen = $layer;
        for ($runs = 0; $layer !== []; ++$runs) {
            if (isset($layer[$all])) {
                return $runs;
            }
            $next = [];
            foreach ($layer as $done => $is) {
                foreach ($before as $its) {
                    $then = self::exhausted($done, $its);
                    if (!isset($seen[$then])) {
                        $seen[$then] = $next[$then] = true;
                    }
                }
            }
            $this->spent += count($next);
            if (count($seen) > self::STATES) {
                return null;
            }
            $layer = $next;
        }

        return null;
    }

    /** @param array<int, int> $tasks of one label: what has to be done before, by the bit of each */
    private static function exhausted(int $done, array $tasks): int
    {
        do {
            $before = $done;
            foreach ($tasks as $bit => $above) {
                if (($above & ~$done) === 0) {
                    $done |= $bit;
                }
            }
        } while ($done !== $before);

        return $done;
    }
}
