<?php

declare(strict_types=1);

namespace App\Http\Order;

use App\Workshop\Order\OrderPlan;
use Kalokroma\Order\ColourQueue;
use Kalokroma\Order\Job\Job;
use Kalokroma\Order\OrderedJob;
use Kalokroma\Order\OrderSlot;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Ranges;

/** Where work may be put, and where a pot is wanted. */
final class MoveView
{
    /**
     * @param list<OrderSlot> $slots
     *
     * @return array<string, mixed>
     */
    public static function slots(OrderPlan $plan, string $job, array $slots): array
    {
        return ['job' => $job, 'slots' => array_map(static fn (OrderSlot $slot): array => [
            'at' => $plan->at($slot->at)->utc()->toIso8601ZuluString(),
            'before' => $slot->before,
            'after' => $slot->after,
            'when' => $plan->when($slot->start ?? $slot->at),
            'free' => $slot->start !== null,
            'why' => $slot->why?->sentence() ?? '',
        ], $slots)];
    }

    /** @return array<string, mixed> */
    public static function queue(OrderPlan $plan, ColourQueue $queue, ?int $drops): array
    {
        $next = array_map(
            static fn (OrderedJob $o): array => self::use($o->job, $plan->when($o->start)),
            $queue->next,
        );
        $later = array_map(static fn (Job $job): array => self::use($job, 'not planned here'), $queue->later);

        return [
            'paint' => $queue->paint,
            'words' => (new Finding('queue', $next === [] && $later === []
                ? 'Nothing that is left to do takes this paint: close the pot.'
                : '{count, plural, one {One more go takes} other {# more goes take}} this paint.', [
                    'count' => count($next) + count($later),
                ]))->sentence(),
            'next' => [...$next, ...$later],
            'cup' => $drops === null
                ? '' : $queue->cup($drops)?->sentence() ?? 'Nothing that is left to do is sprayed with this paint alone.',
        ];
    }

    /** @return array<string, string> */
    private static function use(Job $job, string $when): array
    {
        return [
            'what' => $job->words(),
            'company' => $job->company->name,
            'figures' => $job->company->count === 1 ? '' : 'figures '.Ranges::words($job->figures),
            'when' => $when,
            'thin' => $job->planned()->load->thinWords(),
        ];
    }
}
