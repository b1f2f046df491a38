<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Order\Job\Job;
use Kalokroma\Word\Finding;

/** A job that does not fit into the free hours, and why not. */
final readonly class LeftOver
{
    public function __construct(public Job $job, public Finding $why)
    {
    }
}
