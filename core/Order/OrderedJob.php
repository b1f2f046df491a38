<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Order\Job\Job;
use Kalokroma\Word\Finding;

/** A job with its time, in minutes from now. */
final readonly class OrderedJob
{
    /**
     * @param int $start when the job's own minutes begin; the set-up is made right before
     * @param int $setUp minutes of set-up before it: 0 where what it needs stands ready
     * @param int|null $window in which it is done, from 1; null without windows
     * @param list<Finding> $why it comes here
     */
    public function __construct(
        public Job $job,
        public int $start,
        public int $setUp,
        public ?int $window,
        public array $why,
    ) {
    }

    public function end(): int
    {
        return $this->start + $this->job->minutes;
    }

    /** Minutes at which the next step may follow on the last of its figures. */
    public function dry(): int
    {
        return $this->end() + $this->job->drying->minutes;
    }
}
