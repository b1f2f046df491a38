<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\Company;
use App\Workshop\Derived;
use App\Workshop\Order\OrderPlan;
use App\Workshop\Studio;
use DomainException;
use Kalokroma\Order\RunningOrder;

/**
 * In which order the steps of a company are gone through at the bench. It is planned when somebody looks; whoever only ticks off goes on
 * in the one that was seen last.
 */
final class BenchOrder
{
    private const SEEN = 'bench-order-';

    /** @return list<string>|null ids of steps; null where none can be planned */
    public static function planned(Studio $studio, Company $company): ?array
    {
        try {
            $order = self::of(OrderPlan::of($studio, $company)->order(true), $company);
        } catch (DomainException) {
            $order = null;
        }
        Derived::put(self::key($company), [$order]);

        return $order;
    }

    /** @return list<string>|null the same as it was planned last */
    public static function seen(Studio $studio, Company $company): ?array
    {
        $seen = Derived::get(self::key($company));

        return is_array($seen) ? $seen[0] : self::planned($studio, $company);
    }

    /** @return list<string> ids of steps of this company, each where its first job is */
    public static function of(RunningOrder $order, Company $company): array
    {
        $found = [];
        foreach ([...$order->jobs, ...$order->leftOver] as $ordered) {
            if ($ordered->job->company->id === (string) $company->id) {
                $found[(string) $ordered->job->ref()] = true;
            }
        }

        return array_map(strval(...), array_keys($found));
    }

    private static function key(Company $company): string
    {
        return self::SEEN.$company->painter_id.'-'.$company->id;
    }
}
