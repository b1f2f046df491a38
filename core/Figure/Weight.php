<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** How much an area matters in the whole picture. */
enum Weight: string
{
    case Leading = 'leading';
    case Supporting = 'supporting';
    case Minor = 'minor';

    /** Whether it matters less in the picture than the other. */
    public function isBelow(self $other): bool
    {
        return array_search($this, self::cases(), true) > array_search($other, self::cases(), true);
    }
}
