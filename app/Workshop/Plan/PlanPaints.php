<?php

declare(strict_types=1);

namespace App\Workshop\Plan;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\RecipeRow;
use Illuminate\Support\Facades\DB;

/**
 * Which paints of the shelf each step of a plan takes, as rows: kept with every plan, so that nobody searches plans for numbers.
 *
 * @phpstan-type PlanPaint array{step: string, paint: int}
 */
final class PlanPaints
{
    private const TABLE = 'plan_paints';

    /** @param list<array<string, mixed>> $before steps of the plan that stood there */
    public static function ofArea(Company $company, RecipeRow $recipe, array $before): void
    {
        $paints = self::ofSteps($recipe->plan['steps'] ?? []);
        if ($paints !== self::ofSteps($before)) {
            self::keep($company, $recipe->area_id, $paints);
        }
    }

    /** Of its undercoat and of what is done to the whole figure. */
    public static function ofFigure(Company $company): void
    {
        $found = [];
        foreach ($company->undercoat['steps'] ?? [] as $step) {
            $found = [...$found, ...$step['paint_id'] === null ? [] : [['step' => $step['key'], 'paint' => (int) $step['paint_id']]]];
        }
        self::keep($company, null, [...$found, ...self::ofSteps(array_column($company->whole['steps'] ?? [], 'step'))]);
    }

    /** Of an area whose recipe goes. */
    public static function forget(Company $company, AreaRow $area): void
    {
        self::keep($company, $area->id, []);
    }

    /** @return list<int> paints that the other areas of this figure are painted with */
    public static function ofOthers(Company $company, AreaRow $area): array
    {
        return array_values(array_map(intval(...), DB::table(self::TABLE)
            ->where('company_id', $company->id)
            ->whereNotNull('area_id')
            ->where('area_id', '!=', $area->id)
            ->distinct()
            ->pluck('paint')
            ->all()));
    }

    /**
     * @param list<array<string, mixed>> $steps as {@see PlanMapper} writes them
     *
     * @return list<PlanPaint>
     */
    public static function ofSteps(array $steps): array
    {
        $found = [];
        foreach ($steps as $step) {
            $parts = [...$step['mix'] ?? [], ...$step['meets'] ?? [], ...isset($step['product']) ? [$step['product']] : []];
            foreach ($parts as $part) {
                if (!isset($part['described'])) {
                    $found[$step['key'].' '.$part['paint']] = ['step' => (string) $step['key'], 'paint' => (int) $part['paint']];
                }
            }
        }

        return array_values($found);
    }

    /** @param list<PlanPaint> $paints */
    private static function keep(Company $company, ?int $area, array $paints): void
    {
        $rows = DB::table(self::TABLE)->where('company_id', $company->id)->where('area_id', $area);
        $had = $rows->clone()->orderBy('id')->get(['step', 'paint'])->map(static fn (object $row): array => (array) $row)->all();
        if ($had === $paints) {
            return;
        }
        $rows->delete();
        DB::table(self::TABLE)->insert(array_map(static fn (array $its): array => [
            'company_id' => $company->id, 'area_id' => $area, ...$its,
        ], $paints));
    }
}
