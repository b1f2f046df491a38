<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Judge\OrderRules;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;

/** What no painter can do the other way round refuses a change; what was broken before may stay so. */
final class HardRules
{
    /** @throws RecipeProblem where one is broken that was kept before */
    public static function kept(Plan $before, Plan $after): Plan
    {
        $had = self::broken($before);
        foreach (self::broken($after) as $id => $sentences) {
            if (count($sentences) > count($had[$id] ?? [])) {
                throw RecipeProblem::hardRule($sentences[0]);
            }
        }

        return $after;
    }

    /** @return array<string, non-empty-list<string>> sentences by the id of the mark */
    private static function broken(Plan $plan): array
    {
        $found = [];
        foreach (OrderRules::broken($plan->steps) as $mark) {
            if ($mark->hard) {
                $found[$mark->id()][] = $mark->finding->sentence();
            }
        }

        return $found;
    }
}
