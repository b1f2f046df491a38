<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Order\Job\Job;
use Kalokroma\Order\Rule\Web;

/** What stays of an order when it is planned again: jobs that the painter has put somewhere, and when each was to begin. */
final readonly class PriorSchedule
{
    /**
     * @param array<string, int> $pins minute from now at which a job begins, by its id: it stays there
     * @param array<string, int> $starts when jobs were to begin in the order before, minutes from now, by id
     * @param bool $isFirstTry whether the order is answered at once, close to the one before, instead of searched for
     * @param ScheduleMemory|null $memory of what was searched for before
     * @param int $from minute since 1970 from which minutes are counted
     */
    public function __construct(
        public array $pins = [],
        public array $starts = [],
        public bool $isFirstTry = false,
        public ?ScheduleMemory $memory = null,
        public int $from = 0,
    ) {
    }

    /**
     * The same with fewer pins.
     *
     * @param array<string, int> $pins
     */
    public function pinned(array $pins): self
    {
        return new self($pins, $this->starts, $this->isFirstTry, $this->memory, $this->from);
    }

    /**
     * When each job is wanted: as it was before, or right behind what it waits for where it is new.
     *
     * @return array<int, float> minutes from now, by number of the job
     */
    public function wanted(Web $web): array
    {
        $wanted = array_map(fn (Job $job): float => (float) ($this->pins[$job->id] ?? $this->starts[$job->id] ?? 0), $web->jobs);
        $fresh = array_filter($web->jobs, fn (Job $job): bool => !isset($this->pins[$job->id]) && !isset($this->starts[$job->id]));
        for ($again = count($fresh); $again > 0; --$again) {
            $isSettled = true;
            foreach (array_keys($fresh) as $i) {
                $latest = max([0.0, ...array_map(static fn (int $first): float => $wanted[$first] + 0.01, array_keys($web->of($i)))]);
                $isSettled = $isSettled && $latest === $wanted[$i];
                $wanted[$i] = $latest;
            }
            if ($isSettled) {
                break;
            }
        }

        return $wanted;
    }
}
