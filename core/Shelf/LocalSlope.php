<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Boundary;

/**
 * How a colour changes with the K/S of its bands, near one colour and as seen from a target: what {@see MixSearch} makes
 * its vectors from.
 */
final readonly class LocalSlope
{
    /**
     * @param list<float> $ratio K/S of the colour the slope is taken at, by band
     * @param list<array{float, float, float}> $slopes change of lightness, chroma and hue with K/S, by band
     * @param array{float, float, float} $offset of that colour from the target
     */
    private function __construct(private array $ratio, private array $slopes, private array $offset)
    {
    }

    public static function of(Lab $target, Reflectance $at): self
    {
        $here = $at->toLab();
        $axes = self::axes($target, $here);
        $ratio = $slopes = [];
        foreach ($at->bands as $i => $r) {
            $q = Boundary::ratio($r);
            $step = 0.02 * $q + 1e-5;
            $bands = $at->bands;
            $bands[$i] = Boundary::fullHide($q + $step);
            $there = Reflectance::of(array_values($bands))->toLab();
            $ratio[] = $q;
            $slopes[] = self::along($axes, ($there->l - $here->l) / $step, ($there->a - $here->a) / $step, ($there->b - $here->b) / $step);
        }

        return new self($ratio, $slopes, self::along($axes, $here->l - $target->l, $here->a - $target->a, $here->b - $target->b));
    }

    /**
     * The pull of each paint on lightness, chroma and hue, in the units in which CIEDE2000 counts them, per unit of its body.
     *
     * @param list<list<float>> $absorption of each paint by band
     * @param list<list<float>> $scattering of each paint by band
     * @param list<float> $body mean scattering of each paint
     *
     * @return array{list<float>, list<float>, list<float>}
     */
    public function pulls(array $absorption, array $scattering, array $body): array
    {
        $x = $y = $z = [];
        foreach ($absorption as $p => $k) {
            $s = $scattering[$p];
            [$vx, $vy, $vz] = [0.0, 0.0, 0.0];
            foreach ($this->ratio as $i => $q) {
                $off = $k[$i] - $q * $s[$i];
                [$sx, $sy, $sz] = $this->slopes[$i];
                $vx += $sx * $off;
                $vy += $sy * $off;
                $vz += $sz * $off;
            }
            $x[] = $vx / $body[$p] + $this->offset[0];
            $y[] = $vy / $body[$p] + $this->offset[1];
            $z[] = $vz / $body[$p] + $this->offset[2];
        }

        return [$x, $y, $z];
    }

    /**
     * The weighting of CIEDE2000 midway to the target: S_L, S_C and S_H without its rotation term (Sharma, Wu and Dalal
     * 2005, equations 15 to 17), chroma and hue taken along the target's hue.
     *
     * @return array{float, float, float, float, float} weight of lightness, cosine and sine of the hue, weights of chroma and hue
     */
    private static function axes(Lab $target, Lab $here): array
    {
        $chroma = ($here->chroma() + $target->chroma()) / 2;
        $hue = deg2rad($target->chroma() > 1 ? $target->hue() : $here->hue());
        $light = (($here->l + $target->l) / 2 - 50) ** 2;
        $turn = 1 - 0.17 * cos($hue - M_PI / 6) + 0.24 * cos(2 * $hue)
            + 0.32 * cos(3 * $hue + deg2rad(6)) - 0.20 * cos(4 * $hue - deg2rad(63));

        return [
            1 / (1 + 0.015 * $light / sqrt(20 + $light)),
            cos($hue),
            sin($hue),
            1 / (1 + 0.045 * $chroma),
            1 / (1 + 0.015 * $chroma * $turn),
        ];
    }

    /**
     * @param array{float, float, float, float, float} $axes
     *
     * @return array{float, float, float}
     */
    private static function along(array $axes, float $l, float $a, float $b): array
    {
        [$lightness, $cos, $sin, $chroma, $hue] = $axes;

        return [$l * $lightness, ($a * $cos + $b * $sin) * $chroma, ($b * $cos - $a * $sin) * $hue];
    }
}
