<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Painter;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\FigureProblem;
use Kalokroma\Figure\Shares;
use Kalokroma\Figure\Size;

/** Writes a company with its areas as a whole: all of it, or nothing. */
final class CompanyWriter
{
    /**
     * Areas are matched by id; those no longer named are removed, with their recipes (records of them stay).
     *
     * @param array{name: string, count: int, height_mm: float, surface_cm2?: float|null, notes?: string|null, areas: list<array{id?: int|null, name: string, material: string, relief: string, share: float, depth: int, weight: string, colour?: string|null}>} $given
     *
     * @throws FigureProblem|ColourProblem
     */
    public static function write(Painter $painter, ?Company $company, array $given): Company
    {
        $shares = [];
        foreach ($given['areas'] as $area) {
            $shares[$area['name']] = $area['share'];
        }
        Shares::check($shares);

        return DB::transaction(static function () use ($painter, $company, $given): Company {
            $company ??= new Company();
            $company->painter_id = $painter->id;
            $company->fill([
                'name' => $given['name'],
                'count' => $given['count'],
                'height_mm' => $given['height_mm'],
                'surface_cm2' => $given['surface_cm2'] ?? Size::surfaceCm2($given['height_mm']),
                'notes' => $given['notes'] ?? '',
            ])->save();
            $kept = $company->areas()->get()->keyBy('id');
            $company->areas()->whereNotIn('id', array_filter(array_column($given['areas'], 'id')))->delete();
            self::freeNames($kept, $given['areas']);
            foreach ($given['areas'] as $position => $area) {
                $row = $kept->get($area['id'] ?? 0) ?? new AreaRow(['company_id' => $company->id]);
                $row->painter_id = $painter->id;
                $colour = trim((string) ($area['colour'] ?? ''));
                $row->fill([
                    'position' => $position,
                    'name' => $area['name'],
                    'material' => $area['material'],
                    'relief' => $area['relief'],
                    'share' => $area['share'],
                    'depth' => $area['depth'],
                    'weight' => $area['weight'],
                    'hex' => $colour === '' ? null : Srgb::fromHex($colour)->toHex(),
                ]);
                $row->toCore($company);
                $row->save();
            }

            return $company->load('areas.recipe', 'records');
        });
    }

    /**
     * Two areas may trade names: those that get another one let go of theirs first, since a name stands once a company.
     *
     * @param Collection<int, AreaRow>                 $kept
     * @param list<array{id?: int|null, name: string}> $given
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
