<?php

declare(strict_types=1);

namespace App\Workshop\Figure;

use App\Formats\Picture\Photograph;
use App\Formats\Plate\PlateSvg;
use App\Models\AreaRow;
use App\Models\Company;
use App\Models\PlateRow;
use DomainException;

/** Brings a drawing or a photograph of a figure in, and keeps which of its shapes shows which area. */
final class PlateDesk
{
    private const PHOTO_SIDE = 1200;
    private const MOST_OUTLINES = 200;
    private const TONES = ['recess', 'plane', 'ridge', 'ink'];

    /** Shapes are given to areas where their names agree. @return string what stayed behind, in a sentence */
    public static function drawing(Company $company, string $svg): string
    {
        $read = PlateSvg::read($svg);
        $shapes = [];
        foreach ($read->shapes as $shape) {
            $shapes[] = [
                'd' => $shape['d'],
                'even' => $shape['even'],
                'turn' => trim(
                    sprintf(
                        '%s %s',
                        $read->x === 0.0 && $read->y === 0.0 ? '' : sprintf('translate(%g %g)', -$read->x, -$read->y),
                        $shape['turn'],
                    ),
                ),
                'name' => $shape['name'],
                'area' => self::named($company, $shape['name'])?->id,
                'tone' => $shape['tone'],
            ];
        }
        self::keep($company, $read->width, $read->height, $shapes, null);

        return $read->leftOut();
    }

    public static function photograph(Company $company, string $bytes): void
    {
        $photo = Photograph::read($bytes, self::PHOTO_SIDE);
        self::keep($company, $photo->width, $photo->height, [], $photo->grey());
    }

    /**
     * @param list<array{shape: int, area: int|null, tone: string}> $given shapes that are given to areas
     * @param list<array{area: int, tone: string, points: list<array{float, float}>}> $outlines traced ones that are added
     * @param list<int> $removed shapes that are taken away
     * @param string|null $seen the version it was done on; null for the newest
     */
    public static function assign(Company $company, array $given, array $outlines, array $removed, ?string $seen = null): void
    {
        $plate = $company->plate ?? throw new DomainException(sprintf('%s has no drawing yet.', $company->name));
        $shapes = $plate->shapes;
        foreach ($given as ['shape' => $i, 'area' => $area, 'tone' => $tone]) {
            if (!isset($shapes[$i])) {
                throw new DomainException(sprintf('The drawing has no shape %d: it has %d.', $i + 1, count($shapes)));
            }
            $shapes[$i]['area'] = $area === null ? null : self::own($company, $area)->id;
            $shapes[$i]['tone'] = self::tone($tone);
        }
        foreach ($outlines as ['area' => $area, 'tone' => $tone, 'points' => $points]) {
            if (count($points) < 3 || count($points) > 400) {
                throw new DomainException(sprintf('An outline has 3 to 400 points, not %d.', count($points)));
            }
            $row = self::own($company, $area);
            $at = array_map(
                static fn (array $p): string => sprintf(
                    '%.1F %.1F',
                    max(0.0, min($plate->width, $p[0])),
                    max(0.0, min($plate->height, $p[1])),
                ),
                $points,
            );
            $shapes[] = [
                'd' => 'M'.implode('L', $at).'Z',
                'even' => false,
                'turn' => '',
                'name' => $row->name,
                'area' => $row->id,
                'tone' => self::tone($tone),
            ];
        }
        foreach ($removed as $i) {
            unset($shapes[$i]);
        }
        if (count($shapes) > self::MOST_OUTLINES + 600) {
            throw new DomainException(sprintf('A drawing has at most %d outlines.', self::MOST_OUTLINES + 600));
        }
        $shapes = array_values($shapes);
        PlateState::of($company, $plate)->check('The drawing', $seen, PlateState::said($company, $plate, $shapes));
        $plate->update(['shapes' => $shapes]);
    }

    /** @param list<array{d: string, even: bool, turn: string, name: string, area: int|null, tone: string}> $shapes */
    private static function keep(Company $company, float $width, float $height, array $shapes, ?string $picture): void
    {
        PlateRow::query()->updateOrCreate(['company_id' => $company->id], [
            'painter_id' => $company->painter_id,
            'width' => $width,
            'height' => $height,
            'shapes' => $shapes,
            'picture' => $picture,
        ]);
        $company->unsetRelation('plate');
    }

    private static function own(Company $company, int $id): AreaRow
    {
        return $company->areas->firstWhere('id', $id) ?? throw new DomainException(sprintf('%s has no such area.', $company->name));
    }

    private static function tone(string $tone): string
    {
        return in_array($tone, self::TONES, true)
            ? $tone : throw new DomainException('A shape shows recess, plane or ridge, or it is ink.');
    }

    private static function named(Company $company, string $name): ?AreaRow
    {
        $plain = static fn (string $text): string => (string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($text));

        return $name === '' ? null : $company->areas->first(static fn (AreaRow $a): bool => $plain($a->name) === $plain($name));
    }
}
