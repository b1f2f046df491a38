<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Order\Rule\Web;
use Kalokroma\Order\Search\OrderProblem;

/** What an order was found for: its jobs with what they wait for, and when each begins. */
final readonly class Planned
{
    /** @param array<int, int> $starts minutes from now in their order, by number of the job */
    public function __construct(public Web $web, public OrderProblem $problem, public array $starts, public PriorSchedule $kept)
    {
    }

    /** Number of a job; null where there is none of that id. */
    public function number(string $id): ?int
    {
        foreach ($this->web->jobs as $i => $job) {
            if ($job->id === $id) {
                return $i;
            }
        }

        return null;
    }

    public function end(int $job): int
    {
        return $this->starts[$job] + $this->problem->minutes[$job];
    }
}
