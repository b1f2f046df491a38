<?php

declare(strict_types=1);

namespace App\Workshop\Figure;

use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\State\State;

/**
 * A figure with its areas as its form has them.
 *
 * @phpstan-import-type GivenCompany from CompanyWriter
 */
final class CompanyState
{
    /** Expects the areas loaded. */
    public static function of(Company $company): State
    {
        return self::said([
            'name' => $company->name,
            'kind' => $company->kind->value,
            'count' => $company->count,
            'leaders' => $company->leaders,
            'height_mm' => $company->height_mm,
            'surface_cm2' => $company->surface_cm2,
            'notes' => $company->notes,
            'matches_id' => $company->matches_id,
        ], array_values($company->areas->map(static fn (AreaRow $a): array => [
            'id' => $a->id,
            'name' => $a->name,
            'material' => $a->material->value,
            'relief' => $a->relief->value,
            'share' => $a->share,
            'depth' => $a->depth,
            'weight' => $a->weight->value,
            'colour' => $a->hex,
            'part' => $a->part,
            'reachable' => $a->reachable,
            'fragile' => $a->fragile,
            'notes' => $a->notes,
            'touches' => self::names($company, $a->beside ?? []),
        ])->all()));
    }

    /** @param GivenCompany $given */
    public static function wanted(Company $company, array $given): State
    {
        return self::said([
            'name' => $given['name'],
            'kind' => $given['kind'] ?? $company->kind->value,
            'count' => $given['count'],
            'leaders' => $given['leaders'] ?? $company->leaders,
            'height_mm' => $given['height_mm'],
            'surface_cm2' => $given['surface_cm2'] ?? $company->surface_cm2,
            'notes' => $given['notes'] ?? '',
            'matches_id' => $given['matches_id'] ?? null,
        ], array_map(static function (array $area) use ($company): array {
            $row = $company->areas->firstWhere('id', $area['id'] ?? null);

            return [...$area, 'touches' => $area['touches'] ?? self::names($company, $row->beside ?? [])];
        }, $given['areas']));
    }

    /**
     * @param array<string, string|int|float|null> $figure
     * @param list<array<string, mixed>> $areas
     */
    private static function said(array $figure, array $areas): State
    {
        $words = [
            'Name' => (string) $figure['name'],
            'Sort of model' => (string) $figure['kind'],
            'Figures painted alike' => (string) $figure['count'],
            'Leaders among them' => (string) $figure['leaders'],
            'Height, mm' => State::word((float) $figure['height_mm']),
            'Surface of one, cm²' => State::word((float) $figure['surface_cm2']),
            'Notes' => (string) $figure['notes'],
            'Meant to match' => $figure['matches_id'] === null ? '' : self::name((int) $figure['matches_id']),
        ];
        foreach ($areas as $area) {
            $words['Area '.$area['name']] = implode(', ', array_filter([
                $area['material'],
                $area['relief'],
                State::word((float) $area['share']).' %',
                'depth '.$area['depth'],
                $area['weight'],
                mb_strtolower((string) ($area['colour'] ?? '')),
                (string) ($area['part'] ?? ''),
                ($area['reachable'] ?? true) ? '' : 'out of reach',
                ($area['fragile'] ?? false) ? 'weak' : '',
                self::beside($area['touches']),
                (string) ($area['notes'] ?? ''),
            ], static fn (mixed $w): bool => $w !== ''));
        }

        return new State($words);
    }

    /**
     * @param list<int> $ids
     *
     * @return list<string>
     */
    private static function names(Company $company, array $ids): array
    {
        return array_values($company->areas->whereIn('id', $ids)->map(static fn (AreaRow $a): string => $a->name)->all());
    }

    /** @param list<string> $names */
    private static function beside(array $names): string
    {
        sort($names);

        return $names === [] ? '' : 'beside '.implode(' and ', $names);
    }

    private static function name(int $id): string
    {
        return (string) (Company::query()->whereKey($id)->value('name') ?? 'a figure that is gone');
    }
}
