<?php

declare(strict_types=1);

namespace Tests\Core\Order\Search;

use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\Search\OrderProblem;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Order problems for tests, in the words of their files, and their best answers by trying every sequence.
 *
 * @phpstan-type Case array{
 *   tasks: list<array{id: string, minutes: int, dry?: int, after?: list<string>, setup?: string, not_later?: array<string, int>}>,
 *   setup_minutes?: int, windows?: list<array{int, int}>, together?: bool,
 * }
 */
final class OrderCases
{
    /** @param Case $case */
    public static function problem(array $case): OrderProblem
    {
        $place = array_flip(array_column($case['tasks'], 'id'));
        $waits = $notLater = $labels = $known = [];
        foreach ($case['tasks'] as $i => $task) {
            $waits[$i] = $notLater[$i] = [];
            foreach ($task['after'] ?? [] as $id) {
                $waits[$i][$place[$id]] = $case['tasks'][$place[$id]]['dry'] ?? 0;
            }
            foreach ($task['not_later'] ?? [] as $id => $most) {
                $notLater[$i][$place[$id]] = $most;
            }
            $labels[$i] = isset($task['setup']) ? $known[$task['setup']] ??= count($known) + 1 : 0;
        }

        return new OrderProblem(
            array_column($case['tasks'], 'id'),
            array_column($case['tasks'], 'minutes'),
            $waits,
            $labels,
            $case['setup_minutes'] ?? 0,
            $notLater,
            new Openings($case['windows'] ?? null),
            $case['together'] ?? false,
        );
    }

    /** @return Case two to six tasks, seeded */
    public static function small(int $seed, bool $windows, bool $setup, int $labelled, bool $soon): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $tasks = $dries = [];
        for ($i = 0, $count = $dice->getInt(2, 6); $i < $count; ++$i) {
            $dries[] = max(0, $dice->getInt(-6, 25));
            $task = ['id' => "t$i", 'minutes' => $dice->getInt(0, 12), 'dry' => $dries[$i], 'after' => []];
            for ($j = 0; $j < $i; ++$j) {
                if ($dice->getInt(0, 99) < 30) {
                    $task['after'][] = "t$j";
                    if ($soon && $dice->getInt(0, 2) === 0) {
                        $task['not_later']["t$j"] = $dice->getInt(0, 10) + $dries[$j];
                    }
                }
            }
            if ($dice->getInt(0, 99) < $labelled) {
                $task['setup'] = 'abc'[$dice->getInt(0, 2)];
            }
            $tasks[] = $task;
        }
        $case = ['tasks' => $dice->shuffleArray($tasks)] + ($setup ? ['setup_minutes' => $dice->getInt(1, 6)] : []);
        for ($at = 0, $i = 0; $windows && $i < 12; ++$i, $at += $long) {
            $at += $dice->getInt(0, 20);
            $long = $dice->getInt(8, 30);
            $case['windows'][] = [$at, $at + $long];
        }

        return $case;
    }

    /**
     * @param Case $case
     *
     * @return array{int, int}|null the earliest end and the fewest changes of set-up with it; null where no sequence can be kept
     */
    public static function best(array $case): ?array
    {
        $best = null;
        foreach (self::sequences($case['tasks'], []) as $sequence) {
            $found = self::kept($case, $sequence);
            $best = $found === null || ($best !== null && $best <= $found) ? $best : $found;
        }

        return $best;
    }

    /**
     * @param list<array{id: string, after?: list<string>}> $tasks
     * @param list<string> $done
     *
     * @return iterable<list<string>>
     */
    private static function sequences(array $tasks, array $done): iterable
    {
        if (count($done) === count($tasks)) {
            yield $done;
        }
        foreach ($tasks as $task) {
            if (!in_array($task['id'], $done, true) && array_diff($task['after'] ?? [], $done) === []) {
                yield from self::sequences($tasks, [...$done, $task['id']]);
            }
        }
    }

    /**
     * Minute by minute: what cannot be kept is begun a minute later, over and over.
     *
     * @param Case $case
     * @param list<string> $sequence
     *
     * @return array{int, int}|null
     */
    private static function kept(array $case, array $sequence): ?array
    {
        $tasks = array_column($case['tasks'], null, 'id');
        $least = array_fill_keys($sequence, 0);
        for ($again = 0; $again < 200; ++$again) {
            $time = $changes = 0;
            $ends = [];
            $ready = null;
            $isKept = true;
            foreach ($sequence as $id) {
                $task = $tasks[$id];
                $isChange = isset($task['setup']) && $task['setup'] !== $ready;
                $setup = $isChange ? $case['setup_minutes'] ?? 0 : 0;
                $from = max($time + $setup, $least[$id]);
                foreach ($task['after'] ?? [] as $before) {
                    $from = max($from, $ends[$before] + ($tasks[$before]['dry'] ?? 0));
                }
                while (!self::isInside($case['windows'] ?? null, $from - $setup, $from + $task['minutes'])) {
                    if (++$from > 2000) {
                        return null;
                    }
                }
                $ends[$id] = $time = $from + $task['minutes'];
                $ready = $task['setup'] ?? $ready;
                $changes += $isChange ? 1 : 0;
                foreach ($task['not_later'] ?? [] as $before => $most) {
                    if (isset($ends[$before]) && $from > $ends[$before] + $most) {
                        $least[$before] = $from - $most - $tasks[$before]['minutes'];
                        $isKept = false;
                    } elseif (isset($ends[$before]) && self::isParted($case, $ends[$before], $ends[$id])) {
                        $least[$before] = $ends[$before] - $tasks[$before]['minutes'] + 1;
                        $isKept = false;
                    }
                }
            }
            if ($isKept) {
                return [$time, $changes];
            }
        }

        return null;
    }

    /**
     * Whether two ends belong into one window and have another one's beginning between them.
     *
     * @param Case $case
     */
    private static function isParted(array $case, int $first, int $then): bool
    {
        $between = static fn (array $w): bool => $first <= $w[0] && $w[0] < $then;

        return ($case['together'] ?? false) && array_filter($case['windows'] ?? [], $between) !== [];
    }

    /** @param list<array{int, int}>|null $windows */
    private static function isInside(?array $windows, int $from, int $to): bool
    {
        return $windows === null
            || array_filter($windows, static fn (array $w): bool => $from >= $w[0] && $to <= $w[1]) !== [];
    }
}
