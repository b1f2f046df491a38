<?php

declare(strict_types=1);

namespace Kalokroma\Word;

/** Spans of time as painters say them. */
final class Duration
{
    private const DAY = 1440;

    /** What is said of a night, minutes. */
    public const OVERNIGHT = 720;

    /** 168 → "2 h 48", 41 → "41 min", 720 → "overnight", 2880 → "2 days". */
    public static function words(int $minutes): string
    {
        return match (true) {
            $minutes === self::OVERNIGHT => 'overnight',
            $minutes >= 2 * self::DAY && $minutes % self::DAY === 0 => intdiv($minutes, self::DAY).' days',
            $minutes < 60 => $minutes.' min',
            $minutes % 60 === 0 => intdiv($minutes, 60).' h',
            default => sprintf('%d h %02d', intdiv($minutes, 60), $minutes % 60),
        };
    }

    /**
     * "overnight", "2 h", "1 h 30", "90 min", "90", "a day", "3 days", "half an hour" → minutes; null where it is no span of time.
     */
    public static function read(string $said): ?int
    {
        $plain = trim(mb_strtolower($said));
        $fixed = [
            'overnight' => self::OVERNIGHT, 'a night' => self::OVERNIGHT, 'a day' => self::DAY, 'an hour' => 60,
            'half an hour' => 30, 'a quarter of an hour' => 15, 'a week' => 7 * self::DAY,
        ];
        if (isset($fixed[$plain])) {
            return $fixed[$plain];
        }
        if (preg_match('/^(\d{1,3})\s*h(?:ours?)?(?:\s*(\d{1,2})(?:\s*min(?:utes?)?)?)?$/D', $plain, $m) === 1) {
            return 60 * (int) $m[1] + (int) ($m[2] ?? 0);
        }
        if (preg_match('/^(\d{1,5})(?:\s*min(?:utes?)?)?$/D', $plain, $m) === 1) {
            return (int) $m[1];
        }

        return preg_match('/^(\d{1,2})\s*(days?|weeks?)$/D', $plain, $m) === 1
            ? (int) $m[1] * self::DAY * (str_starts_with($m[2], 'w') ? 7 : 1)
            : null;
    }
}
