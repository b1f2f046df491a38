<?php

declare(strict_types=1);

namespace App\Http\Order;

use App\Workshop\Order\BusyEvent;
use App\Workshop\Order\FreeHours;
use Carbon\CarbonImmutable;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/** What stands in a calendar that is looked at. */
final class CalendarView
{
    /**
     * @param list<BusyEvent> $events
     *
     * @return array<string, mixed>
     */
    public static function look(array $events, FreeHours $free, CarbonImmutable $now): array
    {
        $all = array_map(static fn (BusyEvent $event): array => self::event($event, $free, $now), $events);
        $cutting = count(array_filter($all, static fn (array $event): bool => $event['cuts'] !== ''));

        return [
            'words' => (new Finding('calendar.look', $all === []
                ? 'Nothing that is still to come stands in this calendar.'
                : '{count, plural, one {One event} other {# events}} still to come, {cutting} of them in your free hours.', [
                    'count' => count($all), 'cutting' => $cutting,
                ]))->sentence(),
            'events' => $all,
        ];
    }

    /** @return array<string, mixed> */
    private static function event(BusyEvent $event, FreeHours $free, CarbonImmutable $now): array
    {
        [$begins, $ends] = $event->spans[0];
        $at = static fn (int $instant): CarbonImmutable => CarbonImmutable::createFromTimestamp($instant, $free->zone);
        $more = count($event->spans) - 1;
        $minutes = $free->taken($now, $event->spans);

        return [
            'key' => $event->key,
            'name' => $event->name,
            'times' => ($event->isWholeDay
                ? $at($begins)->format('D j M').($ends > $begins + 86_400 ? ' – '.$at($ends - 1)->format('D j M') : '').', whole days'
                : $at($begins)->format('D j M, H:i').' – '.$at($ends)->format('H:i')).($more > 0 ? ", and $more more" : ''),
            'cuts' => $minutes === 0 ? '' : Duration::words($minutes).' of your free hours',
            'whole_day' => $event->isWholeDay,
        ];
    }
}
