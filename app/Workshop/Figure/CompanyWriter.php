<?php

declare(strict_types=1);

namespace App\Workshop\Figure;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\FigureRow;
use App\Models\Painter;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\FigureKind;
use Kalokroma\Figure\FigureProblem;
use Kalokroma\Figure\Shares;
use Kalokroma\Figure\Size;

/**
 * Writes a company with its areas as a whole: all of it, or nothing.
 *
 * @phpstan-type GivenArea array{
 *   id?: int|null, name: string, material: string, relief: string, share: float, depth: int, weight: string,
 *   colour?: string|null, touches?: list<string>|null, alike?: list<string>|null, tinted?: list<string>|null,
 *   lined?: list<string>|null,
 *   part?: string, reachable?: bool, fragile?: bool, notes?: string,
 * }
 * @phpstan-type GivenCompany array{
 *   name: string, count: int, leaders?: int|null, height_mm: float, surface_cm2?: float|null, notes?: string|null,
 *   kind?: string|null, matches_id?: int|null, normalise?: bool, areas: list<GivenArea>,
 * }
 */
final class CompanyWriter
{
    /**
     * Areas are matched by id; those no longer named are removed, with their recipes (records of them stay).
     *
     * @param GivenCompany $given touches are names of areas; without them the neighbours stay as they are
     *
     * @throws FigureProblem|ColourProblem
     */
    public static function write(Painter $painter, ?Company $company, array $given): Company
    {
        $shares = [];
        foreach ($given['areas'] as $area) {
            $shares[$area['name']] = $area['share'];
        }
        if ($given['normalise'] ?? false) {
            $shares = Shares::normalised($shares);
        }
        Shares::check($shares);

        return DB::transaction(static function () use ($painter, $company, $given, $shares): Company {
            $company ??= new Company();
            $company->painter_id = $painter->id;
            $kind = FigureKind::from($given['kind'] ?? $company->kind->value ?? FigureKind::Foot->value);
            $company->fill([
                'name' => $given['name'],
                'kind' => $kind,
                'count' => $given['count'],
                'leaders' => min($given['count'], $given['leaders'] ?? $company->leaders ?? 0),
                'height_mm' => $given['height_mm'],
                'surface_cm2' => $given['surface_cm2'] ?? Size::surfaceCm2($given['height_mm'], $kind),
                'notes' => $given['notes'] ?? '',
                'matches_id' => ($given['matches_id'] ?? null) === $company->id ? null : $given['matches_id'] ?? null,
            ])->save();
            $kept = $company->areas()->get()->keyBy('id');
            $company->areas()->whereNotIn('id', array_filter(array_column($given['areas'], 'id')))->delete();
            self::freeNames($kept, $given['areas']);
            $rows = [];
            foreach ($given['areas'] as $position => $area) {
                $row = $kept->get($area['id'] ?? 0) ?? new AreaRow(['company_id' => $company->id]);
                $row->painter_id = $painter->id;
                $rows[] = self::area($row, $company, $position, $area, $shares[$area['name']]);
            }
            self::neighbours($rows, $given['areas']);
            FigureRow::ensure($company);

            return $company->load('areas.recipe', 'records', 'plate');
        });
    }

    /** @param GivenArea $area */
    private static function area(AreaRow $row, Company $company, int $position, array $area, float $share): AreaRow
    {
        $colour = trim((string) ($area['colour'] ?? ''));
        $hex = $colour === '' ? null : Srgb::fromHex($colour)->toHex();
        $row->fill([
            'position' => $position,
            'name' => $area['name'],
            'material' => $area['material'],
            'relief' => $area['relief'],
            'share' => $share,
            'depth' => $area['depth'],
            'weight' => $area['weight'],
            'part' => $area['part'] ?? $row->part ?? '',
            'reachable' => $area['reachable'] ?? $row->reachable ?? true,
            'fragile' => $area['fragile'] ?? $row->fragile ?? false,
            'notes' => $area['notes'] ?? $row->notes ?? '',
        ]);
        if (!$row->exists || $row->hex !== $hex) {
            $row->fill(['hex' => $hex, 'mix' => null, 'fixed' => $hex !== null && ($row->fixed ?? false)]);
        }
        $row->toCore($company);
        $row->save();

        return $row;
    }

    /**
     * Who lies beside whom holds for both, whichever of the two said it.
     *
     * @param list<AreaRow> $rows
     * @param list<GivenArea> $given
     */
    private static function neighbours(array $rows, array $given): void
    {
        self::related($rows, $given, 'touches', 'beside');
        foreach (['alike', 'tinted', 'lined'] as $kind) {
            self::related($rows, $given, $kind, $kind);
        }
    }

    /**
     * @param list<AreaRow> $rows
     * @param list<GivenArea> $given
     * @param 'touches'|'alike'|'tinted'|'lined' $said names of other areas, as they are given
     * @param 'beside'|'alike'|'tinted'|'lined' $kept ids of them, as they are kept
     */
    private static function related(array $rows, array $given, string $said, string $kept): void
    {
        if (array_filter($given, static fn (array $a): bool => isset($a[$said])) === []) {
            return;
        }
        $byName = $found = [];
        foreach ($rows as $row) {
            $byName[mb_strtolower($row->name)] = $row->id;
        }
        foreach ($given as $i => $area) {
            foreach ($area[$said] ?? [] as $name) {
                $other = $byName[mb_strtolower($name)] ?? null;
                if ($other !== null && $other !== $rows[$i]->id) {
                    $found[$rows[$i]->id][$other] = true;
                    $found[$other][$rows[$i]->id] = true;
                }
            }
        }
        foreach ($rows as $row) {
            $row->update([$kept => array_keys($found[$row->id] ?? [])]);
        }
    }

    /**
     * Two areas may trade names: those that get another one let go of theirs first, since a name stands once a company.
     *
     * @param Collection<int, AreaRow> $kept
     * @param list<GivenArea> $given
     */
    private static function freeNames(Collection $kept, array $given): void
    {
        foreach ($given as $area) {
            $row = $kept->get($area['id'] ?? 0);
            if ($row !== null && $row->name !== $area['name']) {
                $row->update(['name' => "\t".$row->id]);
            }
        }
    }
}
