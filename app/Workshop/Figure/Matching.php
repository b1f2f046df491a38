<?php

declare(strict_types=1);

namespace App\Workshop\Figure;

use App\Models\Company;
use App\Models\Painter;

/** Companies that are meant to match. */
final class Matching
{
    /** @return list<Company> those that are meant to match this one, whichever of both says so, directly or by a third */
    public static function of(Painter $painter, Company $company): array
    {
        $ids = [$company->id => true];
        $links = $painter->companies()->whereNotNull('matches_id')->get(['id', 'matches_id']);
        do {
            $known = count($ids);
            foreach ($links as $link) {
                if (isset($ids[$link->id]) || isset($ids[$link->matches_id])) {
                    $ids += [$link->id => true, (int) $link->matches_id => true];
                }
            }
        } while (count($ids) > $known);
        unset($ids[$company->id]);
        if ($ids === []) {
            return [];
        }

        return array_values(
            $painter->companies()->with('areas.recipe', 'records')->whereKey(array_keys($ids))->orderBy('id')->get()->all(),
        );
    }
}
