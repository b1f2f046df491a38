<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Closure;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Message;

/** What is otherwise in an order that was planned again, in one sentence. */
final class OrderChange
{
    /** An end that moves by less is told as the same, minutes. */
    private const SAME = 5;
    /** From so many minutes on days are told. */
    private const DAY = 1440;
    /** Jobs that are named. */
    private const NAMED = 2;

    /**
     * @param array<string, int> $starts of the order before, minutes from now, by id of the job
     * @param int|null $end of the order before, minutes from now; null where it was planned without free hours, or not whole: then
     *     nothing is said of how much later this one ends
     * @param Closure(int): string $when a minute from now in words, as "on Sun 6 Dec at 15:40"
     *
     * @return Finding|null null where nothing is
     */
    public static function since(array $starts, ?int $end, RunningOrder $now, Openings $openings, Closure $when): ?Finding
    {
        $later = [];
        $fresh = 0;
        foreach ($now->jobs as $ordered) {
            $before = $starts[$ordered->job->id] ?? null;
            if ($before === null) {
                ++$fresh;
            } elseif ($openings->windowOf($before + $ordered->job->minutes) !== $openings->windowOf($ordered->end())) {
                $later[] = lcfirst($ordered->job->words());
            }
        }
        $gone = count($starts) + $fresh - count($now->jobs);
        $isWhole = $end !== null && $openings->windows !== null && $now->leftOver === [];
        $shift = $isWhole ? $now->end - $end : 0;
        if ($gone === 0 && $fresh === 0 && $later === [] && abs($shift) < self::SAME) {
            return null;
        }

        return new Finding('order.change', 'Changed: '.implode('; ', array_filter([
            self::otherTasks($gone, $fresh),
            $openings->windows === null || $now->jobs === [] ? '' : self::moved($later),
            match (true) {
                $now->jobs === [] => 'nothing is left to do',
                $openings->windows === null => '{work} of work left',
                $now->leftOver !== [] => 'what fits is done {when}',
                !$isWhole => 'you finish {when}',
                abs($shift) < self::SAME => 'you finish {when}, as before',
                default => 'you finish {when}, {shift} '.($shift > 0 ? 'later' : 'earlier').' than before',
            },
        ])).'.', [
            'gone' => $gone,
            'fresh' => $fresh,
            'work' => Duration::words($now->handsOn()),
            'when' => $when($now->end),
            'shift' => abs($shift) >= self::DAY
                ? Message::said('{days, plural, one {one day} other {# days}}', ['days' => (int) round(abs($shift) / self::DAY)])
                : Duration::words(abs($shift)),
            'moved' => Message::listed(array_slice($later, 0, self::NAMED)),
            'more' => max(0, count($later) - self::NAMED),
        ]);
    }

    private static function otherTasks(int $gone, int $fresh): string
    {
        return match (true) {
            $gone > 0 && $fresh > 0 => '{gone, plural, one {one task} other {# tasks}} fewer and {fresh} more',
            $gone > 0 => '{gone, plural, one {one task} other {# tasks}} fewer',
            $fresh > 0 => '{fresh, plural, one {one task} other {# tasks}} more',
            default => '',
        };
    }

    /** @param list<string> $later */
    private static function moved(array $later): string
    {
        return match (true) {
            $later === [] => '',
            count($later) === 1 => '{moved} is now in another sitting',
            count($later) <= self::NAMED => '{moved} are now in another sitting',
            default => '{moved} and {more} more are now in another sitting',
        };
    }
}
