<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/** An order of work, and how far from the best it can be at most. Times are whole minutes from now. */
final readonly class OrderAnswer
{
    /**
     * @param int $end of the last task; drying after it does not count
     * @param int|null $lastWindow that is needed, the first is 1; null where there are none
     * @param int $lowerBound no order ends earlier
     * @param bool $isProven whether none ends earlier than this one
     * @param array<int, int> $starts by task, in the order they are done in
     * @param int $changes of set-up
     */
    public function __construct(
        public int $end,
        public ?int $lastWindow,
        public int $lowerBound,
        public bool $isProven,
        public array $starts,
        public int $changes,
    ) {
    }
}
