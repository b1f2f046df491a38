<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

/** One step in the order of an area, as the jobs it is done in. */
final readonly class ChainLink
{
    /**
     * @param list<int> $jobs numbers of the jobs
     * @param int $rest minutes that have to pass after it beside its drying, before anything above it
     */
    public function __construct(public array $jobs, public int $rest = 0)
    {
    }
}
