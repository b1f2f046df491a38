<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * The sampling grid of every spectrum: 18 bands of 20 nm centred on 380, 400 … 720 nm, and the weights that turn
 * a reflectance on that grid into XYZ under D65.
 *
 * The weights integrate a reflectance that runs straight between the band centres (flat beyond the ends) over the
 * 10 nm table of {@see StandardObserver}. Each column is scaled so that a perfect white is exactly the white of sRGB.
 */
final class Bands
{
    public const COUNT = 18;

    /** @var array{list<float>, list<float>, list<float>}|null */
    private static ?array $weights = null;

    /** @return array{list<float>, list<float>, list<float>} weights of X, Y, Z, a number for each band */
    public static function weights(): array
    {
        return self::$weights ??= [
            self::column(1, Xyz::WHITE_X),
            self::column(2, Xyz::WHITE_Y),
            self::column(3, Xyz::WHITE_Z),
        ];
    }

    /** @return list<float> */
    private static function column(int $column, float $white): array
    {
        $band = array_fill(0, self::COUNT, 0.0);
        foreach (StandardObserver::ROWS as $i => $row) {
            $power = $row[$column] * $row[4];
            $left = intdiv($i, 2);
            if ($i % 2 === 0) {
                $band[$left] += $power;
            } else {
                $band[$left] += $power / 2;
                $band[min($left + 1, self::COUNT - 1)] += $power / 2;
            }
        }
        $scale = $white / array_sum($band);

        return array_values(array_map(static fn (float $w): float => $w * $scale, $band));
    }
}
