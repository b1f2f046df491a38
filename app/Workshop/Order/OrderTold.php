<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use Carbon\CarbonImmutable;
use Kalokroma\Order\LeftOver;
use Kalokroma\Order\OrderedJob;
use Kalokroma\Order\Rule\OrderTie;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\WayCompared;
use Kalokroma\Order\Ways;
use Kalokroma\Word\Finding;

/** A running order as plain data, with times by the painter's clock where free hours are known. */
final readonly class OrderTold
{
    public function __construct(private ?FreeHours $free, private CarbonImmutable $now)
    {
    }

    /** @return array<string, mixed> what it comes to */
    public function sums(RunningOrder $order): array
    {
        return [
            'end' => $order->end,
            'end_at' => $this->at($order->end),
            'sittings' => $order->sittings(),
            'last_window' => $order->lastWindow(),
            'hands_on_minutes' => $order->handsOn(),
            'waiting_minutes' => $order->waiting(),
            'brush_washes' => $order->washes(),
            'first_fieldable' => $order->firstFieldable(),
            'first_fieldable_at' => $this->at($order->firstFieldable()),
            'all_fieldable' => $order->allFieldable(),
            'all_fieldable_at' => $this->at($order->allFieldable()),
            'lower_bound' => $order->lowerBound,
            'proven' => $order->isProven,
        ];
    }

    /** @return list<array<string, mixed>> */
    public function jobs(RunningOrder $order): array
    {
        return array_map($this->job(...), $order->jobs);
    }

    /** @return list<array{task: string, minutes: int, why: string}> what does not fit into the free hours, in its order */
    public static function leftOver(RunningOrder $order): array
    {
        return array_map(static fn (LeftOver $left): array => [
            'task' => $left->job->words(),
            'minutes' => $left->job->minutes,
            'why' => $left->why->sentence(),
        ], $order->leftOver);
    }

    /** @return list<array{task: string, minutes: int, why: string}> the same, all goes of one step as one */
    public static function leftSteps(RunningOrder $order): array
    {
        return array_map(static fn (array $step): array => [
            'task' => $step['job']->stepWords(),
            'minutes' => $step['minutes'],
            'why' => $step['why']->sentence(),
        ], $order->leftSteps());
    }

    /** @return list<array<string, mixed>> */
    public function ways(Ways $ways): array
    {
        return array_map(fn (WayCompared $each): array => [
            'way' => $each->way->value,
            'words' => $each->words(),
            ...$each->order === null ? [] : $this->sums($each->order),
        ], $ways->all);
    }

    /** @return list<string> where rules contradict each other, each once */
    public static function setAside(RunningOrder $order): array
    {
        return array_values(array_unique(array_map(
            static fn (OrderTie $tie): string => $tie->rule->words ?? '',
            $order->setAside,
        )));
    }

    /** @return array<string, mixed> */
    private function job(OrderedJob $ordered): array
    {
        $job = $ordered->job;
        $step = $job->planned();

        return [
            'id' => $job->id,
            'start' => $ordered->start,
            'at' => $this->at($ordered->start),
            'minutes' => $job->minutes,
            'set_up_minutes' => $ordered->setUp,
            'sitting' => $ordered->window,
            'company' => $job->company->name,
            'area' => $job->area?->name,
            'what' => $job->words(),
            'paint' => $step->load->words(),
            'thin' => $step->load->mix === null ? null : $step->load->thinWords(),
            'tool' => $job->outcome->labour->tool->words(),
            'figures' => $job->figures,
            'level' => $job->level()->value,
            'dries_minutes' => $job->drying->minutes,
            'drying' => $job->drying->why->sentence(),
            'why' => array_map(static fn (Finding $f): string => $f->sentence(), $ordered->why),
        ];
    }

    private function at(?int $minute): ?string
    {
        return $minute === null ? null : $this->free?->at($this->now, $minute)->format('Y-m-d\TH:iP');
    }
}
