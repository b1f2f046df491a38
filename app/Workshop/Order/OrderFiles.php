<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use DomainException;
use Kalokroma\Order\OrderedJob;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Sheet;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Ranges;
use Sabre\VObject\Component\VCalendar;

/** A running order to take along: for a calendar, to read, or as data. */
final readonly class OrderFiles
{
    public const KIND = 'kalokroma.running-order';

    public function __construct(private OrderPlan $plan, private RunningOrder $order)
    {
    }

    /**
     * Sittings in iCalendar, RFC 5545. A sitting keeps its UID as long as its free hours stand, so that a second export moves and fills
     * it instead of adding another; instants are in UTC, which no calendar misreads.
     *
     * @throws DomainException where no free hours are known
     */
    public function calendar(): string
    {
        $free = $this->plan->free ?? throw new DomainException('A calendar needs days: say when you are free first.');
        $calendar = new VCalendar(['PRODID' => '-//Kalokroma//Running order//EN', 'METHOD' => 'PUBLISH']);
        $calendar->add('X-WR-CALNAME', $this->name());
        $calendar->add('X-WR-TIMEZONE', $free->zone->getName());
        foreach (Sheet::of($this->order) as $sheet) {
            $calendar->add('VEVENT', [
                'UID' => $this->plan->uid($sheet).Busy::OWN,
                'DTSTAMP' => $this->plan->now->utc(),
                'SEQUENCE' => intdiv($this->plan->now->getTimestamp(), 60),
                'DTSTART' => $this->plan->at($sheet->start())->utc(),
                'DTEND' => $this->plan->at($sheet->end())->utc(),
                'SUMMARY' => 'Painting: '.$this->name(),
                'DESCRIPTION' => implode("\n", [$this->fetch($sheet), ...$this->lines($sheet)]),
            ]);
        }

        return $calendar->serialize();
    }

    public function text(): string
    {
        $parts = [$this->name(), str_repeat('=', mb_strlen($this->name())), ''];
        foreach (Sheet::of($this->order) as $sheet) {
            $from = $this->plan->at($sheet->start());
            $head = $this->plan->free === null
                ? sprintf('Sitting %d, %s', $sheet->number, Duration::words($sheet->minutes()))
                : sprintf(
                    '%s – %s, %s',
                    $from->format('D j M Y, H:i'),
                    $this->plan->at($sheet->end())->format('H:i'),
                    Duration::words($sheet->minutes()),
                );
            array_push($parts, $head, str_repeat('-', mb_strlen($head)), $this->fetch($sheet), ...$this->lines($sheet), ...['']);
        }

        return implode("\n", $parts);
    }

    /** @return array<string, mixed> as docs/formats/running-order.schema.json says */
    public function document(): array
    {
        $told = new OrderTold($this->plan->free, $this->plan->now);
        $jobs = array_column($told->jobs($this->order), null, 'id');

        return [
            'kind' => self::KIND,
            'version' => 1,
            'name' => $this->name(),
            'made' => $this->plan->now->utc()->toIso8601ZuluString(),
            'zone' => $this->plan->free?->zone->getName(),
            ...$told->sums($this->order),
            'sitting_list' => array_map(fn (Sheet $sheet): array => [
                'number' => $sheet->number,
                'from' => $this->plan->free === null ? null : $this->plan->at($sheet->start())->format('Y-m-d\TH:iP'),
                'to' => $this->plan->free === null ? null : $this->plan->at($sheet->end())->format('Y-m-d\TH:iP'),
                'minutes' => $sheet->minutes(),
                'fetch' => array_map(static fn (Paint $p): string => $p->name, $sheet->paints()),
                'tools' => $sheet->tools(),
                'order' => array_map(static fn (OrderedJob $o): array => $jobs[$o->job->id], $sheet->jobs),
            ], Sheet::of($this->order)),
        ];
    }

    public function name(): string
    {
        return implode(' and ', array_map(static fn ($c): string => $c->name, $this->plan->planned));
    }

    private function fetch(Sheet $sheet): string
    {
        $paints = array_map(static fn (Paint $p): string => $p->name, $sheet->paints());

        return 'Fetch: '.implode(', ', [...$paints, ...$sheet->tools()]).'.';
    }

    /** @return list<string> */
    private function lines(Sheet $sheet): array
    {
        return array_map(function (OrderedJob $ordered): string {
            $job = $ordered->job;
            $load = $job->planned()->load;
            $at = $this->plan->free === null ? '+'.$ordered->start.' min' : $this->plan->at($ordered->start)->format('H:i');

            return implode(', ', array_filter([
                $at.'  '.$job->words(),
                $job->minutes.' min',
                $job->company->count === 1 ? null : 'figures '.Ranges::words($job->figures),
                $load->mix === null ? $load->words() : $load->words().' '.$load->thinWords(),
            ]));
        }, $sheet->jobs);
    }
}
