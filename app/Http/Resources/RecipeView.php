<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\AreaRow;
use App\Workshop\RecipeDesk;
use Kalokroma\Recipe\StepOutcome;
use Kalokroma\Recipe\Way;

/** The Recipe page of one area. */
final class RecipeView
{
    /** @return array<string, mixed> expects company.areas.recipe and company.records loaded */
    public static function of(RecipeDesk $desk, AreaRow $area): array
    {
        $company = $area->company;
        $recipe = $area->recipe;
        $outcomes = $desk->outcomes($company, $area, $recipe);
        $done = [];
        foreach ($company->records as $entry) {
            if ($entry->step_key !== null && ($entry->area_id === $area->id || $entry->step_key === 'undercoat')) {
                $done[$entry->step_key] = [...($done[$entry->step_key] ?? []), ...$entry->figures];
            }
        }
        $steps = array_map(static fn (StepOutcome $o): array => [
            ...StepView::of($o),
            'done_on' => count(array_unique($done[$o->step->key] ?? [])),
        ], $outcomes);

        return [
            'company' => CompanyView::of($company),
            'area' => CompanyView::area($area, $company),
            'drafted' => $recipe !== null,
            'outdated' => $desk->outdated($area),
            'colour' => $recipe->hex ?? $area->hex,
            'way' => ($recipe->way ?? $desk->painter->way)->value,
            'way_words' => ($recipe->way ?? $desk->painter->way)->words(),
            'ways' => array_map(static fn (Way $w): array => ['id' => $w->value, 'words' => $w->words()], Way::cases()),
            'steps' => $steps,
            'left_out' => array_map(static fn (array $l): array => ['stage' => $l['stage']->value, 'reason' => $l['reason']->sentence()], $desk->plan($recipe)->leftOut ?? []),
            'totals' => self::totals($outcomes),
        ];
    }

    /**
     * @param list<StepOutcome> $outcomes
     *
     * @return array<string, mixed>
     */
    private static function totals(array $outcomes): array
    {
        $minutes = 0.0;
        $drying = $steps = 0;
        $pots = $missing = [];
        foreach ($outcomes as $outcome) {
            if ($outcome->step->omitted) {
                continue;
            }
            ++$steps;
            $minutes += $outcome->minutes;
            $drying += $outcome->waiting();
            foreach ($outcome->step->mix->parts ?? [] as ['paint' => $paint]) {
                $pots[$paint->name] = true;
                if (!$paint->isAtHand()) {
                    $missing[$paint->name] = true;
                }
            }
        }

        return [
            'steps' => $steps,
            'minutes' => (int) round($minutes),
            'dry_minutes' => $drying,
            'pots' => count($pots),
            'missing' => array_map(strval(...), array_keys($missing)),
        ];
    }
}
