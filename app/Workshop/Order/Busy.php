<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use Carbon\CarbonImmutable;
use DateTimeZone;
use DomainException;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;
use Throwable;

/**
 * When a calendar says that its owner is busy. It is read only: what stands in it is looked at, and taken event by event.
 */
final class Busy
{
    /** How far ahead is looked, days, and so many times of all events. */
    private const DAYS = 370;
    private const MOST = 3000;
    public const MOST_BYTES = 2_000_000;

    private const UNREADABLE = 'An event of this calendar repeats in a way that cannot be read: take it out, and choose the file again.';

    /** Ends the ids of sittings that were written by this application: nobody is busy by what is to be planned. */
    public const OWN = '@kalokroma.invalid';

    /**
     * @param string $bytes in iCalendar, RFC 5545
     *
     * @return list<BusyEvent> those that are still to come, in the order of their first time
     *
     * @throws DomainException where it is no calendar
     */
    public static function read(string $bytes, CarbonImmutable $now, DateTimeZone $zone): array
    {
        $from = $now->setTimezone($zone)->startOfDay();
        $events = [];
        $count = 0;
        foreach (self::expanded($bytes, $from, $zone)->select('VEVENT') as $event) {
            $start = $event instanceof VEvent ? $event->select('DTSTART')[0] ?? null : null;
            if (!$event instanceof VEvent || !$start instanceof DateTime || !self::isBusy($event)) {
                continue;
            }
            [$begins, $ends, $isWhole] = self::span($event, $start, $zone);
            if ($ends <= $now->getTimestamp() || $ends <= $begins) {
                continue;
            }
            if (++$count > self::MOST) {
                throw new DomainException(
                    sprintf('There are more than %d times in this calendar: export a smaller part of it.', self::MOST),
                );
            }
            $key = (string) ($event->UID ?? $event->SUMMARY ?? $begins);
            $events[$key] ??= new BusyEvent(
                substr(hash('sha256', $key), 0, 16),
                trim((string) ($event->SUMMARY ?? '')) ?: 'Busy',
                $isWhole,
            );
            $events[$key]->add($begins, $ends);
        }
        $found = array_values($events);
        usort($found, static fn (BusyEvent $a, BusyEvent $b): int => $a->spans[0] <=> $b->spans[0]);

        return $found;
    }

    /**
     * @param list<BusyEvent> $events
     * @param list<string> $keys of those that are taken
     *
     * @return list<array{int, int}> seconds since 1970, in their order
     */
    public static function spans(array $events, array $keys): array
    {
        $spans = [];
        foreach ($events as $event) {
            if (in_array($event->key, $keys, true)) {
                array_push($spans, ...$event->spans);
            }
        }
        sort($spans);

        return $spans;
    }

    /** @throws DomainException */
    private static function expanded(string $bytes, CarbonImmutable $from, DateTimeZone $zone): VCalendar
    {
        try {
            $calendar = @Reader::read($bytes, Reader::OPTION_FORGIVING);
        } catch (Throwable $problem) {
            $line = preg_match('/line (\d+)/', $problem->getMessage(), $found) === 1 ? ', see line '.$found[1] : '';
            throw new DomainException('This is no calendar file in iCalendar (.ics)'.$line.'.');
        }
        if (!$calendar instanceof VCalendar) {
            throw new DomainException('This is no calendar: choose a file in iCalendar (.ics).');
        }
        foreach ($calendar->select('VEVENT') as $event) {
            if ($event instanceof VEvent && $event->select('DTSTART') === []) {
                $calendar->remove($event);
            }
            foreach ($event->select('RRULE') as $rule) {
                if (!BusyRule::comes((string) $rule)) {
                    throw new DomainException(self::UNREADABLE);
                }
            }
        }
        try {
            return @$calendar->expand($from, $from->addDays(self::DAYS), $zone);
        } catch (Throwable) {
            throw new DomainException(self::UNREADABLE);
        }
    }

    private static function isBusy(VEvent $event): bool
    {
        return strtoupper((string) ($event->TRANSP ?? '')) !== 'TRANSPARENT'
            && strtoupper((string) ($event->STATUS ?? '')) !== 'CANCELLED'
            && !str_ends_with((string) ($event->UID ?? ''), self::OWN);
    }

    /** @return array{int, int, bool} seconds since 1970 of beginning and end, and whether it is about whole days */
    private static function span(VEvent $event, DateTime $start, DateTimeZone $zone): array
    {
        $isWhole = !$start->hasTime();
        $begins = CarbonImmutable::instance($start->getDateTime($zone));
        $ends = match (true) {
            isset($event->DTEND) => CarbonImmutable::instance($event->DTEND->getDateTime($zone)),
            isset($event->DURATION) => $begins->add($event->DURATION->getDateInterval()),
            default => $isWhole ? $begins->addDay() : $begins,
        };

        return [$begins->getTimestamp(), $ends->getTimestamp(), $isWhole];
    }
}
