<?php

declare(strict_types=1);

namespace App\Http\Figures;

use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Figure\AreaTones;
use App\Workshop\Figure\CompanyState;
use App\Workshop\Figure\PlateState;
use App\Workshop\Figure\StockPlate;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Draft;
use Kalokroma\Figure\FigureKind;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Patchwork;
use Kalokroma\Figure\Question;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Remarks;
use Kalokroma\Figure\Shares;
use Kalokroma\Figure\Survey;
use Kalokroma\Figure\Template;
use Kalokroma\Figure\Weight;
use Kalokroma\Recipe\Judge\Ending;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Undercoat\School;
use Kalokroma\Word\Length;

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
            'kind' => $company->kind->value,
            'count' => $company->count,
            'leaders' => $company->leaders,
            'height_mm' => $company->height_mm,
            'height_in' => Length::Inches->of($company->height_mm),
            'surface_cm2' => $company->surface_cm2,
            'notes' => $company->notes,
            'matches_id' => $company->matches_id,
            'uncovered' => round(Shares::check($shares), 1),
            'begun' => count($begun),
            'entries' => $company->records->count(),
            'areas' => array_values($company->areas->map(static fn (AreaRow $a): array => self::area($a, $company))->all()),
        ];
    }

    /** @return array<string, mixed> with all that helps to look it over */
    public static function whole(Company $company, Equipment $equipment): array
    {
        $shares = [];
        foreach ($company->areas as $area) {
            $shares['a'.$area->id] = $area->share;
        }
        $touching = $company->touching();
        $core = array_values($company->areas->map(static fn (AreaRow $a): Area => $a->toCore($company))->all());
        $patchwork = Patchwork::of($shares, array_map(static fn (array $p): array => ['a'.$p[0], 'a'.$p[1]], $touching));

        return self::of($company) + [
            'version' => CompanyState::of($company)->version(),
            'fields' => array_map(
                static fn (string $id, array $f): array => ['area' => (int) substr($id, 1)] + array_map(
                    static fn (float $v): float => round($v, 4),
                    $f,
                ),
                array_keys($patchwork->fields),
                $patchwork->fields,
            ),
            'parted' => array_map(static fn (array $p): array => [(int) substr($p[0], 1), (int) substr($p[1], 1)], $patchwork->parted),
            'remarks' => array_map(
                static fn (array $r): array => ['area' => (int) $r['area']] + $r,
                Remarks::of($core, $touching, $equipment),
            ),
            'survey' => self::survey($company),
            'plate' => self::plate($company),
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
            'surface_cm2' => round(Shares::surfaceCm2($company->surface_cm2, $area->share), 2),
            'depth' => $area->depth,
            'weight' => $area->weight->value,
            'colour' => $area->hex,
            'touches' => $area->beside ?? [],
            'part' => $area->part,
            'reachable' => $area->reachable,
            'fragile' => $area->fragile,
            'notes' => $area->notes,
            'planned' => $area->recipe !== null,
            'version' => $area->recipe->version ?? 0,
            'strip' => $area->recipe->strip ?? [],
            'off' => self::off($area),
            'tones' => AreaTones::of($area),
        ];
    }

    /** How far the planes of its recipe end from the colour that is wanted, where that is too far; null else. */
    private static function off(AreaRow $area): ?float
    {
        $off = $area->recipe->off ?? null;

        return $off !== null && $off > Ending::FAR ? round($off, 1) : null;
    }

    /** @return array<string, mixed> the words the forms offer */
    public static function vocabulary(): array
    {
        return [
            'materials' => array_column(Material::cases(), 'value'),
            'reliefs' => array_map(static fn (Relief $r): array => ['id' => $r->value, 'words' => $r->words()], Relief::cases()),
            'weights' => array_column(Weight::cases(), 'value'),
            'ways' => array_map(static fn (Way $w): array => ['id' => $w->value, 'words' => $w->words()], Way::cases()),
            'schools' => array_map(static fn (School $s): array => ['id' => $s->value, 'words' => $s->words()], School::cases()),
            'kinds' => array_map(static fn (FigureKind $k): array => [
                'id' => $k->value,
                'words' => $k->words(),
                'surface_at_30_mm' => $k->surfaceAt30mm(),
                'template' => array_map(self::draft(...), Template::of($k)),
            ], FigureKind::cases()),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function survey(Company $company): array
    {
        $names = array_values($company->areas->map(static fn (AreaRow $a): string => $a->name)->all());

        return array_map(static fn (Question $q): array => [
            'id' => $q->id,
            'ask' => $q->ask,
            'why' => $q->why,
            'found' => $q->answeredBy($names),
            'no' => ($company->survey[$q->id] ?? '') === 'no',
            'area' => self::draft($q->area),
            'added' => $q->added,
        ], Survey::of($company->kind));
    }

    /** @return array<string, mixed> */
    private static function draft(Draft $draft): array
    {
        return [
            'name' => $draft->name,
            'material' => $draft->material->value,
            'relief' => $draft->relief->value,
            'share' => $draft->share,
            'depth' => $draft->depth,
            'weight' => $draft->weight->value,
            'touches' => $draft->touches,
            'reachable' => $draft->reachable,
            'fragile' => $draft->fragile,
        ];
    }

    /** @return array<string, mixed>|null the painter's own drawing, or the one that comes with this sort of model */
    private static function plate(Company $company): ?array
    {
        if ($company->plate === null) {
            $stock = StockPlate::of($company);

            return $stock === null ? null : ['version' => '', 'picture' => null, 'own' => false] + $stock;
        }

        return [
            'version' => PlateState::of($company, $company->plate)->version(),
            'width' => $company->plate->width,
            'height' => $company->plate->height,
            'picture' => $company->plate->picture === null ? null : sprintf(
                '/api/companies/%d/plate/picture?%d',
                $company->id,
                $company->plate->updated_at?->getTimestamp() ?? 0,
            ),
            'shapes' => $company->plate->shapes,
            'beside' => [],
            'own' => true,
        ];
    }
}
