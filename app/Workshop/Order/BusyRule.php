<?php

declare(strict_types=1);

namespace App\Workshop\Order;

/** Rules of repetition, RFC 5545, 3.3.10: whether one ever comes, so that nobody looks for its next day for ever. */
final class BusyRule
{
    private const DAYS = [1 => 31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
    private const LEAP_DAY = 29;
    private const WEEK = 7;
    /** Ways to say it that hardly any calendar writes, and that may name a day that never comes. */
    private const SELDOM = ['BYWEEKNO' => 0, 'BYYEARDAY' => 0];
    /** Least and most of what a rule names. */
    private const BETWEEN = ['BYHOUR' => [0, 23], 'BYMINUTE' => [0, 59], 'BYSECOND' => [0, 60], 'BYMONTH' => [1, 12], 'INTERVAL' => [1,
        999]];

    /** @param string $rule as in "FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=29" */
    public static function comes(string $rule): bool
    {
        $parts = [];
        foreach (explode(';', strtoupper($rule)) as $part) {
            [$name, $values] = [...explode('=', $part, 2), ''];
            $parts[trim($name)] = $values;
        }
        $every = self::numbers($parts['INTERVAL'] ?? '')[0] ?? 1;
        $isOneWeekday = ($parts['FREQ'] ?? '') === 'DAILY' && isset($parts['BYDAY']) && $every % self::WEEK === 0;
        if ($isOneWeekday || array_intersect_key($parts, self::SELDOM) !== [] || in_array('', array_map(trim(...), $parts), true)) {
            return false;
        }
        foreach (self::BETWEEN as $name => [$least, $most]) {
            foreach (self::numbers($parts[$name] ?? '') as $number) {
                if ($number < $least || $number > $most) {
                    return false;
                }
            }
        }
        $days = array_map(abs(...), self::numbers($parts['BYMONTHDAY'] ?? ''));

        return $days === [] || self::hasDay(
            min($days),
            self::numbers($parts['BYMONTH'] ?? '') ?: array_keys(self::DAYS),
            $every > 1,
        );
    }

    /** @param list<int> $months */
    private static function hasDay(int $day, array $months, bool $isSeldom): bool
    {
        foreach ($months as $month) {
            if ($day >= 1 && $day <= self::DAYS[$month] && !($isSeldom && $month === 2 && $day === self::LEAP_DAY)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<int> */
    private static function numbers(string $values): array
    {
        return $values === '' ? [] : array_map(intval(...), explode(',', $values));
    }
}
