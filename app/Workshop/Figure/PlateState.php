<?php

declare(strict_types=1);

namespace App\Workshop\Figure;

use App\Models\Company;
use App\Models\PlateRow;
use App\Workshop\State\State;

/**
 * The drawing of a figure as its form has it.
 *
 * @phpstan-type Shape array{d: string, even: bool, turn: string, name: string, area: int|null, tone: string}
 */
final class PlateState
{
    /** Expects the areas loaded. */
    public static function of(Company $company, ?PlateRow $plate): State
    {
        return $plate === null ? new State(['Drawing' => 'none']) : self::said($company, $plate, $plate->shapes);
    }

    /**
     * The same with other shapes.
     *
     * @param list<Shape> $shapes
     */
    public static function said(Company $company, PlateRow $plate, array $shapes): State
    {
        $words = ['Drawing' => sprintf(
            '%g × %g%s, %d shapes',
            $plate->width,
            $plate->height,
            $plate->picture === null ? '' : ', a photograph',
            count($shapes),
        )];
        foreach ($shapes as $i => $shape) {
            $area = $company->areas->firstWhere('id', $shape['area'])->name ?? 'no area';
            $words['Shape '.($i + 1).($shape['name'] === '' ? '' : ', '.$shape['name'])] = $area.', '.$shape['tone'];
        }

        return new State($words, sha1(json_encode([$shapes, sha1($plate->picture ?? '')], JSON_THROW_ON_ERROR)));
    }

    /** What a file that was not looked at yet would make of it. */
    public static function another(string $words): State
    {
        return new State(['Drawing' => $words]);
    }
}
