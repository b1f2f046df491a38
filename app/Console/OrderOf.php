<?php

declare(strict_types=1);

namespace App\Console;

use DomainException;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\Search\OrderProblem;
use Kalokroma\Order\Search\OrderSearch;

/**
 * @phpstan-type GivenTask array{
 *   id: string, minutes: int, dry?: int, after?: list<string>, setup?: string|null, not_later?: array<string, int>,
 * }
 */
final class OrderOf extends PlanningCommand
{
    protected $signature = 'kalokroma:order {problem : tasks, set-ups and windows in JSON}';

    protected $description = 'Find the order of work that ends earliest, and say how far from the best it can be';

    protected function answer(): array
    {
        $file = (string) $this->argument('problem');
        /** @var array{tasks: list<GivenTask>, setup_minutes?: int, windows?: list<array{int, int}>|null} $read */
        $read = $this->document($file, 'order.schema.json');
        try {
            $problem = self::problem($read['tasks'], $read['setup_minutes'] ?? 0, self::openings($read['windows'] ?? null));
            $found = OrderSearch::solve($problem);
        } catch (DomainException $refused) {
            throw new DomainException($file.': '.$refused->getMessage());
        }
        $starts = [];
        foreach ($found->starts as $task => $start) {
            $starts[$problem->ids[$task]] = $start;
        }

        return [
            'end' => $found->end,
            'last_window' => $found->lastWindow,
            'lower_bound' => $found->lowerBound,
            'proven' => $found->isProven,
            'starts' => (object) $starts,
        ];
    }

    /**
     * @param list<GivenTask> $tasks
     *
     * @throws DomainException that names the task at fault
     */
    private static function problem(array $tasks, int $setup, Openings $openings): OrderProblem
    {
        $place = [];
        foreach ($tasks as $i => ['id' => $id]) {
            if (isset($place[$id])) {
                throw new DomainException(sprintf('At /tasks/%d/id: "%s" is there a second time.', $i, $id));
            }
            $place[$id] = $i;
        }
        $waits = $notLater = $labels = $known = [];
        foreach ($tasks as $i => $task) {
            $waits[$i] = $notLater[$i] = [];
            foreach ($task['after'] ?? [] as $before) {
                $at = self::placeOf($before, $place, "/tasks/$i/after");
                $waits[$i][$at] = $tasks[$at]['dry'] ?? 0;
            }
            foreach ($task['not_later'] ?? [] as $before => $most) {
                $notLater[$i][self::placeOf((string) $before, $place, "/tasks/$i/not_later")] = $most;
            }
            $label = $task['setup'] ?? null;
            $labels[$i] = $label === null ? 0 : $known[$label] ??= count($known) + 1;
        }

        return new OrderProblem(array_column($tasks, 'id'), array_column($tasks, 'minutes'), $waits, $labels, $setup, $notLater, $openings);
    }

    /**
     * @param array<string, int> $place
     *
     * @throws DomainException
     */
    private static function placeOf(string $id, array $place, string $path): int
    {
        return $place[$id] ?? throw new DomainException(sprintf('At %s: there is no task "%s".', $path, $id));
    }

    /**
     * @param list<array{int, int}>|null $windows
     *
     * @throws DomainException that names the window at fault
     */
    private static function openings(?array $windows): Openings
    {
        $end = 0;
        foreach ($windows ?? [] as $i => [$from, $to]) {
            if ($from < $end || $to <= $from) {
                throw new DomainException(sprintf(
                    'At /windows/%d: windows stand in order, end after they begin and do not overlap; this one is [%d, %d].',
                    $i,
                    $from,
                    $to,
                ));
            }
            $end = $to;
        }

        return new Openings($windows);
    }
}
