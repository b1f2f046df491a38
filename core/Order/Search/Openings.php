<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/** When the painter is free, in minutes from now. Without windows: always. */
final readonly class Openings
{
    /** @var list<int> free minutes before each window */
    private array $before;

    /** @param list<array{int, int}>|null $windows first and last minute, in order, none overlapping; null for always */
    public function __construct(public ?array $windows)
    {
        $before = [];
        $free = 0;
        foreach ($windows ?? [] as [$from, $to]) {
            $before[] = $free;
            $free += $to - $from;
        }
        $this->before = $before;
    }

    /** Free minutes from now to then. */
    public function elapsed(int $minute): int
    {
        if ($this->windows === null) {
            return $minute;
        }
        $at = min($this->first($minute), count($this->windows) - 1);

        return $at < 0 ? 0 : $this->before[$at] + max(0, min($minute, $this->windows[$at][1]) - $this->windows[$at][0]);
    }

    /**
     * The earliest minute from `$from` on at which a task may begin so that it, and the set-up right before it, lie in one window.
     *
     * @return int|null null where no window is left for it
     */
    public function earliest(int $from, int $setup, int $minutes): ?int
    {
        if ($this->windows === null) {
            return $from;
        }
        $count = count($this->windows);
        for ($at = $this->first($from + $minutes); $at < $count; ++$at) {
            $start = max($from, $this->windows[$at][0] + $setup);
            if ($start + $minutes <= $this->windows[$at][1]) {
                return $start;
            }
        }

        return null;
    }

    /** The window, counted from 1, in which work that ends at this minute is done; null without windows. */
    public function windowOf(int $end): ?int
    {
        return $this->windows === null ? null : min(count($this->windows), $this->first($end) + 1);
    }

    /** The first minute from `$from` on that lies in a window and is not its last; null where none is left. */
    public function free(int $from): ?int
    {
        if ($this->windows === null) {
            return $from;
        }
        $at = $this->first($from + 1);

        return isset($this->windows[$at]) ? max($from, $this->windows[$at][0]) : null;
    }

    /** How long the painter stays free from this minute on. */
    public function until(int $minute): int
    {
        return $this->windows === null ? PHP_INT_MAX : ($this->windows[$this->first($minute + 1)] ?? [0, $minute])[1];
    }

    /** Index of the first window that ends at this minute or later: as many as there are, where none does. */
    private function first(int $minute): int
    {
        [$low, $high] = [0, count($this->windows ?? [])];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if (($this->windows[$middle][1] ?? 0) < $minute) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
