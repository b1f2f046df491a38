<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/** When the painter is free, in minutes from now. Without windows: always. */
final class Openings
{
    /** Minutes that stand for always where it has to be said: nineteen years. */
    private const ALWAYS = 10_000_000;
    private const DAY = 1440;

    /** @var list<int> free minutes before each window */
    private readonly array $before;

    /** @var list<int> last minute of each window */
    private readonly array $closes;

    /** Index of the window that was asked for last: the next question is mostly about the same. */
    private int $last = 0;

    /** @param list<array{int, int}>|null $windows first and last minute, in order, none overlapping; null for always */
    public function __construct(public readonly ?array $windows)
    {
        $before = [];
        $free = 0;
        foreach ($windows ?? [] as [$from, $to]) {
            $before[] = $free;
            $free += $to - $from;
        }
        $this->before = $before;
        $this->closes = array_column($windows ?? [], 1);
    }

    /**
     * What is left of them beside busy times.
     *
     * @param list<array{int, int}> $busy first and last minute, in order, none overlapping
     * @param int $least minutes: shorter ones are not worth while
     */
    public function without(array $busy, int $least = 1): self
    {
        $left = [];
        foreach ($this->windows ?? [[0, self::ALWAYS]] as [$from, $to]) {
            foreach ($busy as [$start, $end]) {
                if ($end <= $from || $start >= $to) {
                    continue;
                }
                if ($start - $from >= $least) {
                    $left[] = [$from, $start];
                }
                $from = max($from, $end);
            }
            if ($to - $from >= $least) {
                $left[] = [$from, $to];
            }
        }

        return new self($left);
    }

    /** The same after so many free minutes from now on; where nothing else is said, from tomorrow on. */
    public function beginningWith(int $minutes): self
    {
        $later = $this->without([[0, $minutes]])->windows;

        return new self([[0, $minutes], ...$this->windows === null ? [[max($minutes, self::DAY), self::ALWAYS]] : $later ?? []]);
    }

    /** Minutes of the longest window; null for always. */
    public function longest(): ?int
    {
        return $this->windows === null ? null : max([0, ...array_map(static fn (array $w): int => $w[1] - $w[0], $this->windows)]);
    }

    /** The same windows, each opening so many minutes later. */
    public function openingLater(int $minutes): self
    {
        return $this->windows === null
            ? $this
            : new self(array_map(static fn (array $w): array => [min($w[0] + $minutes, $w[1]), $w[1]], $this->windows));
    }

    /** What of them is before this minute. */
    public function until(int $minute): self
    {
        $left = [];
        foreach ($this->windows ?? [[0, self::ALWAYS]] as [$from, $to]) {
            if ($from < $minute) {
                $left[] = [$from, min($to, $minute)];
            }
        }

        return new self($left);
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

    /** The minute at which so much work is done, without a break but those between windows, that begins at a minute of one. */
    public function worked(int $from, int $work): int
    {
        if ($this->windows === null) {
            return $from + $work;
        }
        $count = count($this->closes);
        for ($at = $this->first($from); $at < $count; ++$at) {
            $from = max($from, $this->windows[$at][0] ?? 0);
            if ($from + $work <= $this->closes[$at]) {
                return $from + $work;
            }
            $work -= $this->closes[$at] - $from;
        }

        return PHP_INT_MAX;
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

    /** @return array{int, int}|null the window that is open at this minute, or opens next; null where none is left */
    public function at(int $minute): ?array
    {
        return $this->windows === null ? [0, PHP_INT_MAX] : $this->windows[$this->first($minute + 1)] ?? null;
    }

    /** Index of the first window that ends at this minute or later: as many as there are, where none does. */
    private function first(int $minute): int
    {
        $last = $this->last;
        if ($minute <= ($this->closes[$last] ?? PHP_INT_MAX) && ($last < 1 || ($this->closes[$last - 1] ?? 0) < $minute)) {
            return $last;
        }
        [$low, $high] = [0, count($this->closes)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->closes[$middle] < $minute) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $this->last = $low;
    }
}
