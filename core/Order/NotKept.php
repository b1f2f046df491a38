<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Rule\SaidOrder;
use Kalokroma\Word\Finding;

/** What recipes say of the order, and is not kept. */
final class NotKept
{
    /**
     * @param list<CompanyWork> $companies that are planned
     *
     * @return list<Finding>
     */
    public static function of(array $companies, RunningOrder $order): array
    {
        $found = [];
        foreach ($companies as $company) {
            array_push($found, ...array_merge(...array_values(SaidOrder::unclear($company)), ...[[]]));
        }
        foreach ($order->planned as $planned) {
            array_push($found, ...SaidOrder::broken($planned->web));
        }

        return $found;
    }
}
