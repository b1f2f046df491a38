<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use Carbon\CarbonImmutable;
use DateTimeZone;
use DomainException;
use Kalokroma\Order\Search\Openings;
use Throwable;

/**
 * When a painter is free, by the clock on the wall: the same hours every week, others on holidays and on single days. The core gets
 * them as windows in minutes, through changes to and from daylight saving.
 *
 * @phpstan-type Span array{from: string, to: string}
 * @phpstan-type FreeRow array{
 *   zone: string, from?: string, weekly?: list<array{days: list<string>, from: string, to: string}>,
 *   exceptions?: list<array{date: string, free: list<Span>}>, holidays?: array{dates: list<string>, free: list<Span>},
 * }
 */
final readonly class FreeHours
{
    /** How far ahead is looked: two years, and so many windows. */
    private const MOST_DAYS = 730;
    private const MOST_WINDOWS = 400;

    private const SECONDS = 60;

    /** A remainder between two appointments is no sitting where it is shorter, minutes. */
    private const LEAST = 15;

    /**
     * @param array<string, list<Span>> $weekly by day of the week
     * @param array<string, list<Span>> $single by date
     */
    private function __construct(
        public DateTimeZone $zone,
        private array $weekly,
        private array $single,
        private ?CarbonImmutable $from,
    ) {
    }

    /**
     * @param FreeRow $row as docs/formats/free.schema.json says
     *
     * @throws DomainException where a zone or a date is none
     */
    public static function of(array $row): self
    {
        try {
            $zone = new DateTimeZone($row['zone']);
        } catch (Throwable) {
            throw new DomainException(sprintf('At /zone: there is no time zone "%s"; write it as in "Europe/Lisbon".', $row['zone']));
        }
        $weekly = $single = [];
        foreach ($row['weekly'] ?? [] as $each) {
            foreach ($each['days'] as $day) {
                $weekly[$day][] = ['from' => $each['from'], 'to' => $each['to']];
            }
        }
        foreach ($row['holidays']['dates'] ?? [] as $i => $date) {
            $single[self::date($date, "/holidays/dates/$i")] = $row['holidays']['free'];
        }
        foreach ($row['exceptions'] ?? [] as $i => $each) {
            $single[self::date($each['date'], "/exceptions/$i/date")] = $each['free'];
        }
        $from = isset($row['from']) ? self::instant(
            self::date(substr($row['from'], 0, 10), '/from'),
            self::time(substr($row['from'], 11)),
            $zone,
        ) : null;

        return new self($zone, $weekly, $single, $from);
    }

    /** The instant from which minutes are counted. */
    public function start(CarbonImmutable $now): CarbonImmutable
    {
        return ($this->from ?? $now)->setTimezone($this->zone)->startOfMinute();
    }

    /**
     * @param list<array{int, int}> $busy seconds since 1970: what these leave is free
     *
     * @return Openings none at all where nothing is free
     */
    public function openings(CarbonImmutable $now, array $busy = []): Openings
    {
        $start = $this->start($now);
        $windows = [];
        for ($day = -1; $day < self::MOST_DAYS && count($windows) < self::MOST_WINDOWS; ++$day) {
            $date = $start->addDays($day);
            foreach ($this->on($date) as ['from' => $from, 'to' => $to]) {
                $opens = self::instant($date->format('Y-m-d'), $from, $this->zone);
                $closes = self::instant(($to > $from ? $date : $date->addDay())->format('Y-m-d'), $to, $this->zone);
                $windows[] = [self::since($start, $opens), self::since($start, $closes)];
            }
        }

        $openings = new Openings(self::joined($windows));
        if ($busy === []) {
            return $openings;
        }
        $from = $start->getTimestamp();
        $left = $openings->without(array_map(static fn (array $span): array => [
            (int) floor(($span[0] - $from) / self::SECONDS),
            (int) ceil(($span[1] - $from) / self::SECONDS),
        ], $busy), self::LEAST);

        return $left;
    }

    /**
     * How much of the free hours busy times take.
     *
     * @param list<array{int, int}> $busy seconds since 1970
     *
     * @return int minutes
     */
    public function taken(CarbonImmutable $now, array $busy): int
    {
        $from = $this->start($now)->getTimestamp();
        $taken = 0;
        foreach ($this->openings($now)->windows ?? [] as [$opens, $closes]) {
            foreach ($busy as [$begins, $ends]) {
                $first = max($opens, (int) floor(($begins - $from) / self::SECONDS));
                $last = min($closes, (int) ceil(($ends - $from) / self::SECONDS));
                $taken += max(0, $last - $first);
            }
        }

        return $taken;
    }

    /** Local time at this minute of the plan. */
    public function at(CarbonImmutable $now, int $minute): CarbonImmutable
    {
        return $this->start($now)->utc()->addMinutes($minute)->setTimezone($this->zone);
    }

    /**
     * The last minute of a day, in minutes from the start.
     *
     * @throws DomainException where it is no day, or is over
     */
    public function endOf(string $date, CarbonImmutable $now): int
    {
        if (preg_match('/^\d{4}-\d{2}-\d{2}$/D', $date) !== 1) {
            throw new DomainException(sprintf('"%s" is no day: write it as in 2026-12-14.', $date));
        }
        $end = self::since($this->start($now), self::instant(self::date($date, 'the day'), '23:59', $this->zone));

        return $end >= 0 ? $end : throw new DomainException(sprintf('%s is over when the plan begins.', $date));
    }

    /**
     * The same hours, longer on one day: the free time that ends at this minute of the plan ends so many minutes later.
     *
     * @param FreeRow $row
     *
     * @return FreeRow
     */
    public function longer(array $row, CarbonImmutable $now, int $end, int $minutes): array
    {
        $closes = $this->at($now, $end);
        foreach ([$closes, $closes->subDay()] as $date) {
            $spans = $this->on($date);
            foreach ($spans as $i => ['from' => $from, 'to' => $to]) {
                $ends = self::instant(($to > $from ? $date : $date->addDay())->format('Y-m-d'), $to, $this->zone);
                if ($ends->getTimestamp() === $closes->getTimestamp()) {
                    $spans[$i]['to'] = $closes->addMinutes($minutes)->format('H:i');
                    $day = $date->format('Y-m-d');
                    $others = array_values(array_filter($row['exceptions'] ?? [], static fn (array $e): bool => $e['date'] !== $day));

                    return ['exceptions' => [...$others, ['date' => $day, 'free' => $spans]]] + $row;
                }
            }
        }

        throw new DomainException('Those free hours are over: look at the order again.');
    }

    /** @return list<Span> */
    private function on(CarbonImmutable $date): array
    {
        return $this->single[$date->format('Y-m-d')] ?? $this->weekly[strtolower($date->format('l'))] ?? [];
    }

    /**
     * @param list<array{int, int}> $windows
     *
     * @return list<array{int, int}> in their order, joined where they overlap or touch, without what is over
     */
    private static function joined(array $windows): array
    {
        sort($windows);
        $joined = [];
        foreach ($windows as [$from, $to]) {
            $from = max(0, $from);
            $last = count($joined) - 1;
            if ($to <= $from) {
                continue;
            }
            if ($last >= 0 && $from <= $joined[$last][1]) {
                $joined[$last][1] = max($joined[$last][1], $to);
            } else {
                $joined[] = [$from, $to];
            }
        }

        return $joined;
    }

    private static function since(CarbonImmutable $start, CarbonImmutable $then): int
    {
        return intdiv($then->getTimestamp() - $start->getTimestamp(), self::SECONDS);
    }

    /** What the clock on the wall says; an hour that is skipped in spring is the moment at which it is skipped. */
    private static function instant(string $date, string $time, DateTimeZone $zone): CarbonImmutable
    {
        $then = CarbonImmutable::parse($date.' '.$time, $zone);
        if ($then->format('H:i') === $time) {
            return $then;
        }
        $near = $then->getTimestamp();
        foreach (array_slice($zone->getTransitions($near - 86_400, $near + 86_400), 1) as $change) {
            return CarbonImmutable::createFromTimestamp($change['ts'], $zone);
        }

        return $then;
    }

    /** @throws DomainException */
    private static function date(string $date, string $path): string
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $date));

        return checkdate($month, $day, $year) ? $date : throw new DomainException(sprintf('At %s: %s is no date.', $path, $date));
    }

    /** @throws DomainException */
    private static function time(string $time): string
    {
        return preg_match('/^([01]\d|2[0-3]):[0-5]\d$/D', $time) === 1 ? $time : throw new DomainException(
            sprintf('At /from: %s is no time of the day.', $time),
        );
    }
}
