<?php

declare(strict_types=1);

namespace Kalokroma\Word;

/** Spans of time as painters say them. */
final class Duration
{
    /** 168 → "2 h 48", 41 → "41 min". */
    public static function words(int $minutes): string
    {
        return match (true) {
            $minutes < 60 => $minutes.' min',
            $minutes % 60 === 0 => intdiv($minutes, 60).' h',
            default => sprintf('%d h %02d', intdiv($minutes, 60), $minutes % 60),
        };
    }
}
