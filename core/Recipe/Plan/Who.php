<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

/** For which figures of a company a step is. */
enum Who: string
{
    case All = 'all';
    case Leaders = 'leaders';

    public function words(): string
    {
        return $this === self::All ? 'all figures' : 'leaders only';
    }

    /** Whether a step is for this figure: the first of a company are its leaders. */
    public function includes(int $figure, int $leaders): bool
    {
        return $this === self::All || $figure <= $leaders;
    }

    /** @return list<int> numbers of the figures it is for, smallest first */
    public function figures(int $count, int $leaders): array
    {
        $of = $this->of($count, $leaders);

        return $of === 0 ? [] : range(1, $of);
    }

    /** How many of a company it is for. */
    public function of(int $count, int $leaders): int
    {
        return $this === self::All ? $count : min($count, $leaders);
    }
}
