<?php

declare(strict_types=1);

namespace App\Workshop\Figure;

use App\Formats\Plate\PlateSvg;
use App\Models\Company;
use Kalokroma\Figure\Places;

/**
 * The drawing that a figure has before its painter brings one: that of its sort of model, its areas where their names belong, own areas
 * without a place as fields beside it.
 *
 * @phpstan-type Beside array{area: int, x: float, y: float, width: float, height: float}
 */
final class StockPlate
{
    /** Fields beside the drawing, in units of the drawing. */
    private const FIELD = [96.0, 44.0];
    private const GAP = [16.0, 26.0];

    /** @var array<string, PlateSvg> by kind, read once for a process */
    private static array $read = [];

    /** @return array{width: float, height: float, shapes: list<array<string, mixed>>,
        beside: list<Beside>}|null null where it shows another */
    public static function of(Company $company): ?array
    {
        $shares = $ids = [];
        foreach ($company->areas as $area) {
            $shares[$area->name] = $area->share;
            $ids[$area->name] = $area->id;
        }
        $places = Places::of($company->kind, $shares);
        if (!$places->isDrawn()) {
            return null;
        }
        $drawing = self::$read[$company->kind->value] ??= PlateSvg::read(
            (string) file_get_contents(database_path('plates/'.$company->kind->value.'.svg')),
        );
        $shapes = [];
        foreach ($drawing->shapes as $shape) {
            $name = $places->areaAt($shape['name']);
            if ($name !== null) {
                $shapes[] = [...$shape, 'area' => $name === false ? null : $ids[$name]];
            }
        }
        $beside = self::beside($drawing, array_map(static fn (string $name): int => $ids[$name], $places->beside));
        $right = array_map(static fn (array $f): float => $f['x'] + $f['width'], $beside);

        return [
            'width' => max([$drawing->width, ...$right]),
            'height' => $drawing->height,
            'shapes' => $shapes,
            'beside' => $beside,
        ];
    }

    /**
     * @param list<int> $areas ids
     *
     * @return list<Beside> in columns at the right of the drawing
     */
    private static function beside(PlateSvg $drawing, array $areas): array
    {
        [$width, $height] = self::FIELD;
        $rows = max(1, (int) floor($drawing->height / ($height + self::GAP[1])));
        $fields = [];
        foreach ($areas as $i => $area) {
            $fields[] = [
                'area' => $area,
                'x' => $drawing->width + self::GAP[0] + intdiv($i, $rows) * ($width + self::GAP[0]),
                'y' => ($i % $rows) * ($height + self::GAP[1]),
                'width' => $width,
                'height' => $height,
            ];
        }

        return $fields;
    }
}
