<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/** Tasks that are done, in one sequence, and what that leaves. */
final class OrderNode
{
    /** @var int minutes: no order that goes on from here ends earlier */
    public int $bound = 0;

    /**
     * @param string $done a character for each task, 1 where it is done
     * @param int $time minutes: the end of the last one
     * @param int $ready label of what stands ready
     * @param int $changes of set-up so far
     * @param int $work minutes of tasks that are left
     * @param array<int, int> $heads of the tasks that are left
     * @param array<int, int> $open how many tasks each of those left still waits for
     */
    public function __construct(
        public readonly string $done,
        public readonly int $time,
        public readonly int $ready,
        public readonly int $changes,
        public readonly int $work,
        public readonly array $heads,
        public readonly array $open,
        public readonly ?self $before = null,
        public readonly int $task = -1,
        public readonly int $start = 0,
    ) {
    }

    /** @return list<int> */
    public function sequence(): array
    {
        $found = [];
        for ($node = $this; $node->before !== null; $node = $node->before) {
            $found[] = $node->task;
        }

        return array_reverse($found);
    }

    /** @return array<int, int> starts in minutes, by task */
    public function starts(): array
    {
        $found = [];
        for ($node = $this; $node->before !== null; $node = $node->before) {
            $found[$node->task] = $node->start;
        }

        return array_reverse($found, true);
    }

    /**
     * Whether whatever may follow the other one may follow this one, no later. Both have done the same and have the same ready.
     *
     * @param bool $isCounting whether a change of set-up more is worse
     */
    public function isNoWorseThan(self $other, bool $isCounting): bool
    {
        if ($this->time > $other->time || ($isCounting && $this->changes > $other->changes)) {
            return false;
        }
        foreach ($this->heads as $task => $head) {
            if ($head > $other->time && $head > $other->heads[$task]) {
                return false;
            }
        }

        return true;
    }
}
