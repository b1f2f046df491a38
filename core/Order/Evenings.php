<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use DomainException;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Undercoat\Weather;

/**
 * Several companies share the free hours by priority: the first has them as if it were alone, the others what it leaves, also while its
 * paint dries. Companies of one priority are planned as one.
 */
final class Evenings
{
    /** What is worth beginning something else in, minutes. */
    private const WORTH_WHILE = 5;
    /** Paint that was put aside for other work is loaded again, minutes. */
    private const LOADED_AGAIN = 2;

    /**
     * @param list<CompanyWork> $companies
     * @param array<int, WayOfWorking> $ways by priority; in one row where none is said
     *
     * @throws DomainException as {@see Planner::plan()}
     */
    public static function share(
        array $companies,
        array $ways = [],
        Wishes $wishes = new Wishes(),
        Openings $openings = new Openings(null),
        ?Weather $air = null,
        float $effort = 1.0,
        PriorSchedule $kept = new PriorSchedule(),
    ): RunningOrder {
        $by = [];
        foreach ($companies as $company) {
            $by[$company->priority][] = $company;
        }
        ksort($by);
        $orders = [];
        $left = $openings;
        foreach ($by as $priority => $its) {
            $orders[] = $order = Planner::plan($its, $ways[$priority] ?? WayOfWorking::Row, $wishes, $left, $air, $effort, $kept);
            $left = $left->without(self::busy($order), self::WORTH_WHILE);
        }

        return count($orders) > 1
            ? self::together($orders, $openings)
            : $orders[0] ?? Planner::plan([], WayOfWorking::Row, $wishes, $openings);
    }

    /** @return list<array{int, int}> */
    private static function busy(RunningOrder $order): array
    {
        $busy = [];
        $end = null;
        foreach ($order->jobs as $job) {
            $from = $job->start - ($job->start - $job->setUp === $end ? $job->setUp : max($job->setUp, self::LOADED_AGAIN));
            if ($busy !== [] && $from <= $busy[count($busy) - 1][1]) {
                $busy[count($busy) - 1][1] = $job->end();
            } else {
                $busy[] = [max(0, $from), $job->end()];
            }
            $end = $job->end();
        }

        return $busy;
    }

    /** @param non-empty-list<RunningOrder> $orders */
    private static function together(array $orders, Openings $openings): RunningOrder
    {
        $all = $ties = $aside = [];
        foreach ($orders as $order) {
            foreach ($order->jobs as $job) {
                $all[] = new OrderedJob($job->job, $job->start, $job->setUp, $openings->windowOf($job->end()), $job->why);
            }
            foreach ($order->ties as $code => $times) {
                $ties[$code] = ($ties[$code] ?? 0) + $times;
            }
            $aside = [...$aside, ...$order->setAside];
        }
        usort($all, static fn (OrderedJob $a, OrderedJob $b): int => $a->start <=> $b->start);

        return new RunningOrder(
            $all,
            max(array_map(static fn (RunningOrder $o): int => $o->end, $orders)),
            max(array_map(static fn (RunningOrder $o): int => $o->lowerBound, $orders)),
            false,
            $aside,
            $ties,
            array_merge(...array_map(static fn (RunningOrder $o): array => $o->planned, $orders)),
            array_merge(...array_map(static fn (RunningOrder $o): array => $o->letGo, $orders)),
            array_merge(...array_map(static fn (RunningOrder $o): array => $o->leftOver, $orders)),
            array_merge(...array_map(static fn (RunningOrder $o): array => $o->late, $orders)),
            array_filter($orders, static fn (RunningOrder $o): bool => $o->isTry) !== [],
        );
    }
}
