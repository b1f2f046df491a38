<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Film\Surface;
use Kalokroma\Order\Job\CompanyWork;

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
        $isDone = static fn (?string $area, string $key): bool => !isset($open[$company->id.'/'.($area ?? CompanyWork::WHOLE).':'.$key]);
        $looks = [];
        foreach ($company->areas as $area) {
            foreach ($company->undercoat as $outcome) {
                if ($isDone(null, $outcome->step->key->value)) {
                    $looks[$area->id] = $outcome->look->after;
                }
            }
            foreach (isset($looks[$area->id]) ? $company->recipes[$area->id] ?? [] : [] as $outcome) {
                if ($outcome->step->handling->omitted) {
                    continue;
                }
                if (!$isDone($outcome->step->isOfFigure() ? null : $area->id, $outcome->step->key->value)) {
                    break;
                }
                $looks[$area->id] = $outcome->look->after;
            }
        }

        return $looks;
    }
}
