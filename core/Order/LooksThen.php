<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Film\Surface;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Recipe\Plan\StepRef;

/** How a figure looks once some of the order is done: what is left over from before, and what was laid by then. */
final class LooksThen
{
    /**
     * @param RunningOrder $order that the company is part of
     *
     * @return array<array-key, Surface> by id of the area, for those that anything was laid on
     */
    public static function by(CompanyWork $company, RunningOrder $order, int $minute): array
    {
        $open = [];
        foreach ($order->jobs as $job) {
            if ($job->end() > $minute && $job->job->company->id === $company->id) {
                $open[$job->job->step] = true;
            }
        }
        $isDone = static fn (StepRef $ref): bool => !isset($open[$company->id.'/'.$ref]);
        $looks = [];
        foreach ($company->areas as $area) {
            foreach ($company->undercoat as $outcome) {
                if ($isDone(StepRef::ofFigure($outcome->step->key))) {
                    $looks[$area->id] = $outcome->look->after;
                }
            }
            foreach (isset($looks[$area->id]) ? $company->recipes[$area->id] ?? [] : [] as $outcome) {
                if ($outcome->step->handling->omitted) {
                    continue;
                }
                if (!$isDone(StepRef::among($area->id, $outcome->step))) {
                    break;
                }
                $looks[$area->id] = $outcome->look->after;
            }
        }

        return $looks;
    }
}
