<?php

declare(strict_types=1);

namespace Tests\App;

use App\Workshop\Order\Busy;
use App\Workshop\Order\BusyRule;
use Carbon\CarbonImmutable;
use DateTimeZone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase as PlainTestCase;

/** Rules of repetition that come, and those that would be looked for in vain. */
#[Group('days')]
final class BusyRuleTest extends PlainTestCase
{
    #[DataProvider('rules')]
    public function testOnlyWhatEverComesIsLookedFor(string $rule, bool $comes): void
    {
        self::assertSame($comes, BusyRule::comes($rule));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function rules(): iterable
    {
        foreach ([
            'FREQ=WEEKLY;BYDAY=MO,WE' => true,
            'FREQ=DAILY;COUNT=5' => true,
            'FREQ=MONTHLY;BYMONTHDAY=-1' => true,
            'FREQ=MONTHLY;BYDAY=-1FR' => true,
            'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=29' => true,
            'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=29;INTERVAL=2' => false,
            'FREQ=YEARLY;BYMONTH=2,4;BYMONTHDAY=31' => false,
            'FREQ=YEARLY;BYMONTH=2,5;BYMONTHDAY=31' => true,
            'FREQ=DAILY;BYHOUR=25' => false,
            'FREQ=DAILY;BYHOUR=' => false,
            'FREQ=DAILY;BYDAY=SU;INTERVAL=7' => false,
            'FREQ=DAILY;BYDAY=SU;INTERVAL=6' => true,
            'FREQ=YEARLY;BYWEEKNO=53' => false,
            'FREQ=DAILY;INTERVAL=0' => false,
            'FREQ=DAILY;BYMONTH=13' => false,
        ] as $rule => $comes) {
            yield $rule => [$rule, $comes];
        }
    }

    /** Mondays at 20:00 in Lisbon over the end of summer time: 19:00 and then 20:00 in UTC; 25 October 2026 is the night of the change. */
    public function testARepeatedTimeFollowsTheClockOnTheWall(): void
    {
        $text = implode("\r\n", [
            'BEGIN:VCALENDAR', 'VERSION:2.0', 'BEGIN:VEVENT', 'UID:choir', 'SUMMARY:Choir',
            'DTSTART;TZID=Europe/Lisbon:20261012T200000', 'DURATION:PT90M', 'RRULE:FREQ=WEEKLY;COUNT=4', 'END:VEVENT', 'END:VCALENDAR', '',
        ]);
        $events = Busy::read($text, CarbonImmutable::parse('2026-10-18T12:00:00Z'), new DateTimeZone('Europe/Lisbon'));
        $utc = array_map(static fn (array $span): array => [gmdate('D H:i', $span[0]), gmdate('H:i', $span[1])], $events[0]->spans);

        self::assertSame([['Mon 19:00', '20:30'], ['Mon 20:00', '21:30'], ['Mon 20:00', '21:30']], $utc);
    }

    /** Without a zone the clock of the painter is meant. */
    public function testATimeWithoutAZoneIsThePaintersOwn(): void
    {
        $text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a\r\nDTSTART:20260701T200000\r\nDTEND:20260701T210000\r\n"
            ."END:VEVENT\r\nEND:VCALENDAR\r\n";
        $read = static fn (string $zone): int => Busy::read(
            $text,
            CarbonImmutable::parse('2026-06-01T12:00:00Z'),
            new DateTimeZone($zone),
        )[0]
            ->spans[0][0];

        self::assertSame('18:00', gmdate('H:i', $read('Europe/Berlin')));
        self::assertSame('19:00', gmdate('H:i', $read('Europe/Lisbon')));
    }
}
