<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\AreaRow;
use App\Models\Company;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Shares;
use Kalokroma\Figure\Weight;
use Kalokroma\Recipe\Way;

final class CompanyView
{
    /** @return array<string, mixed> */
    public static function of(Company $company): array
    {
        $shares = [];
        foreach ($company->areas as $area) {
            $shares[$area->name] = $area->share;
        }
        $begun = [];
        foreach ($company->records as $entry) {
            $begun += array_fill_keys($entry->figures, true);
        }

        return [
            'id' => $company->id,
            'name' => $company->name,
            'count' => $company->count,
            'height_mm' => $company->height_mm,
            'surface_cm2' => $company->surface_cm2,
            'notes' => $company->notes,
            'uncovered' => round(Shares::check($shares), 1),
            'begun' => count($begun),
            'entries' => $company->records->count(),
            'areas' => array_values($company->areas->map(static fn (AreaRow $a): array => self::area($a, $company))->all()),
        ];
    }

    /** @return array<string, mixed> */
    public static function area(AreaRow $area, Company $company): array
    {
        return [
            'id' => $area->id,
            'name' => $area->name,
            'material' => $area->material->value,
            'relief' => $area->relief->value,
            'share' => $area->share,
            'surface_cm2' => round($company->surface_cm2 * $area->share / 100, 2),
            'depth' => $area->depth,
            'weight' => $area->weight->value,
            'colour' => $area->hex,
            'planned' => $area->recipe !== null,
            'strip' => $area->recipe->strip ?? [],
        ];
    }

    /** @return array<string, mixed> the words the forms offer */
    public static function vocabulary(): array
    {
        return [
            'materials' => array_column(Material::cases(), 'value'),
            'reliefs' => array_map(static fn (Relief $r): array => ['id' => $r->value, 'words' => $r->words()], Relief::cases()),
            'weights' => array_column(Weight::cases(), 'value'),
            'ways' => array_map(static fn (Way $w): array => ['id' => $w->value, 'words' => $w->words()], Way::cases()),
        ];
    }
}
