<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * The smoothest reflectance that looks like a given screen colour, with flanks where pigments have theirs.
 *
 * Method: least hyperbolic tangent slope squared, S. A. Burns, "Numerical methods for smoothest reflectance
 * reconstruction", Color Research & Application 45 (2020) 8–21. With reflectance r = (tanh z + 1) / 2 the sum of
 * squared differences of neighbouring z is made smallest under the condition that r has the wanted linear sRGB;
 * Newton's method on the Lagrangian, with the step halved while it does not improve. Reflectance stays inside 0..1.
 *
 * Pigments turn from dark to light mostly about {@see self::FLANKS}: there a difference weighs less, w(λ) = e^(−Σ steepness ·
 * e^(−((λ − centre) / width)²)), so that slopes gather there. Without that, mixes of far hues come out too dull. Centres and widths
 * were fitted together with the constants of the film model and are no measurement of any paint.
 */
final class SmoothReflectance
{
    /** Linear sRGB components are moved into this range: nothing painted reflects none or all of the light. */
    private const DARKEST = 0.0001;
    private const LIGHTEST = 0.9985;

    /** Where slopes gather: centre and width in nm, steepness of a usual paint. */
    private const FLANKS = [[478.0, 21.0, 2.4], [604.0, 49.0, 1.8]];
    private const SHORTEST_NM = 380.0;
    private const LONGEST_NM = 720.0;

    /** Added to the diagonal of Newton's matrix, so that it can be solved where nothing pulls yet; the end is not touched by it. */
    private const RIDGE = 1e-7;

    private const MOST_STEPS = 60;
    private const TOLERANCE = 1e-7;

    /** A measured colour met this well (linear sRGB) counts as reached: far below what a reader can tell. */
    private const USABLE = 1e-4;

    /** @var array<string, self> by sharpness */
    private static array $ours = [];

    /** @var list<float> what a difference between a band and the next weighs */
    private readonly array $stiffness;

    /** @param list<list<float>> $weights three rows, a number for each band: reflectance to linear sRGB */
    private function __construct(private readonly array $weights, float $sharpness)
    {
        $steps = count($weights[0]) - 1;
        $stiffness = [];
        for ($i = 0; $i < $steps; ++$i) {
            $nm = self::SHORTEST_NM + (self::LONGEST_NM - self::SHORTEST_NM) * ($i + 0.5) / $steps;
            $slack = 0.0;
            foreach (self::FLANKS as [$centre, $width, $steepness]) {
                $slack += $sharpness * $steepness * exp(-((($nm - $centre) / $width) ** 2));
            }
            $stiffness[] = exp(-$slack);
        }
        $this->stiffness = $stiffness;
    }

    /**
     * @param float $sharpness how steep its flanks are, as a multiple of a usual paint's: 0 is the smoothest there is
     *
     * @return list<float> 18 shares strictly between 0 and 1
     */
    public static function of(Srgb $swatch, float $sharpness = 1.0): array
    {
        return self::ours($sharpness)->painted($swatch);
    }

    /**
     * The same for a colour that was measured, which may lie beyond the screen's gamut. Where that fails, it is approached
     * from the grey of its luminance in twenty steps, as far as a surface can reflect it.
     *
     * @return list<float> 18 shares strictly between 0 and 1
     */
    public static function ofXyz(Xyz $measured, float $sharpness = 1.0): array
    {
        $linear = Srgb::fromXyz($measured)->linear();
        $ours = self::ours($sharpness);
        [$z, , $error] = $ours->solved($linear);
        if ($error < self::USABLE) {
            return self::shares($z);
        }
        $grey = max(self::DARKEST, min(self::LIGHTEST, $measured->y));
        [$z, $lambda] = [array_fill(0, Bands::COUNT, atanh(2 * $grey - 1)), [0.0, 0.0, 0.0]];
        for ($way = 1; $way <= 20; ++$way) {
            $wanted = array_map(static fn (float $v): float => $grey + ($v - $grey) * $way / 20, $linear);
            [$further, $pull, $error] = $ours->solved($wanted, $z, $lambda);
            if ($error >= self::USABLE) {
                break;
            }
            [$z, $lambda] = [$further, $pull];
        }

        return self::shares($z);
    }

    /**
     * The same on any grid of equal bands.
     *
     * @param list<list<float>> $weights three rows, a number for each band: reflectance to linear sRGB
     *
     * @return list<float> as many shares as there are bands, strictly between 0 and 1
     */
    public static function onGrid(Srgb $swatch, array $weights): array
    {
        return (new self($weights, 1.0))->painted($swatch);
    }

    private static function ours(float $sharpness): self
    {
        return self::$ours['sharpness '.$sharpness] ??= new self(self::linearSrgbWeights(), $sharpness);
    }

    /** @return list<float> */
    private function painted(Srgb $swatch): array
    {
        $wanted = array_map(
            static fn (float $v): float => max(self::DARKEST, min(self::LIGHTEST, $v)),
            $swatch->linear(),
        );

        return self::shares($this->solved($wanted)[0]);
    }

    /**
     * @param array<int, float> $z
     *
     * @return list<float>
     */
    private static function shares(array $z): array
    {
        return array_map(static fn (float $v): float => (tanh($v) + 1) / 2, array_values($z));
    }

    /**
     * @param array<int, float> $wanted linear sRGB
     * @param array<int, float>|null $z where to start; from a flat grey without
     * @param array<int, float> $lambda
     *
     * @return array{array<int, float>, array<int, float>, float} z, its multipliers, and the largest entry of the gradient
     */
    private function solved(array $wanted, ?array $z = null, array $lambda = [0.0, 0.0, 0.0]): array
    {
        $n = count($this->weights[0]);
        $mean = max(self::DARKEST, min(self::LIGHTEST, array_sum($wanted) / 3));
        $z ??= array_fill(0, $n, atanh(2 * $mean - 1));
        [$residual, $error] = $this->residual($z, $lambda, $wanted);
        for ($step = 0; $step < self::MOST_STEPS && $error > self::TOLERANCE; ++$step) {
            $change = $this->change($z, $lambda, $residual);
            $length = 1.0;
            do {
                $triedZ = $z;
                $triedLambda = $lambda;
                for ($i = 0; $i < $n; ++$i) {
                    $triedZ[$i] -= $length * max(-3.0, min(3.0, $change[$i]));
                }
                for ($k = 0; $k < 3; ++$k) {
                    $triedLambda[$k] -= $length * $change[$n + $k];
                }
                [$triedResidual, $triedError] = $this->residual($triedZ, $triedLambda, $wanted);
                $length /= 2;
            } while ($triedError > $error && $length > 0.01);
            [$z, $lambda, $residual, $error] = [$triedZ, $triedLambda, $triedResidual, $triedError];
        }

        return [$z, $lambda, $error];
    }

    /** @return list<list<float>> three rows of 18: reflectance to linear sRGB */
    private static function linearSrgbWeights(): array
    {
        $xyz = Bands::weights();
        $weights = [];
        foreach (Srgb::fromXyzMatrix() as $m) {
            $row = [];
            for ($i = 0; $i < Bands::COUNT; ++$i) {
                $row[] = $m[0] * $xyz[0][$i] + $m[1] * $xyz[1][$i] + $m[2] * $xyz[2][$i];
            }
            $weights[] = $row;
        }

        return $weights;
    }

    /**
     * @param array<int, float> $z
     * @param array<int, float> $lambda
     * @param array<int, float> $wanted
     *
     * @return array{list<float>, float} gradient of the Lagrangian, and its largest entry
     */
    private function residual(array $z, array $lambda, array $wanted): array
    {
        $n = count($z);
        [$weights, $stiff] = [$this->weights, $this->stiffness];
        $gradient = [];
        $got = [0.0, 0.0, 0.0];
        for ($i = 0; $i < $n; ++$i) {
            $t = tanh($z[$i]);
            $slope = (1 - $t * $t) / 2;
            $pull = 0.0;
            for ($k = 0; $k < 3; ++$k) {
                $got[$k] += $weights[$k][$i] * ($t + 1) / 2;
                $pull += $weights[$k][$i] * $lambda[$k];
            }
            $curve = ($i > 0 ? $stiff[$i - 1] * ($z[$i] - $z[$i - 1]) : 0.0)
                + ($i < $n - 1 ? $stiff[$i] * ($z[$i] - $z[$i + 1]) : 0.0);
            $gradient[] = $curve + $slope * $pull;
        }
        for ($k = 0; $k < 3; ++$k) {
            $gradient[] = $got[$k] - $wanted[$k];
        }

        return [$gradient, max(array_map(abs(...), $gradient))];
    }

    /**
     * Newton's step. The matrix is tridiagonal, T, bordered by three columns B of the conditions and their transpose: with T x = g and
     * T Y = B solved in one sweep (Thomas), the multipliers' step follows from (Bᵀ Y) l = Bᵀ x − c, and that of z is x − Y l.
     *
     * @param array<int, float> $z
     * @param array<int, float> $lambda
     * @param list<float> $residual n of the gradient g, three of the conditions c
     *
     * @return list<float> change of z, then of lambda
     */
    private function change(array $z, array $lambda, array $residual): array
    {
        $n = count($z);
        [[$r, $g, $b], $stiff] = [$this->weights, $this->stiffness];
        [$l0, $l1, $l2] = $lambda;
        $columns = $borders = $upper = [];
        for ($i = 0; $i < $n; ++$i) {
            $t = tanh($z[$i]);
            $slope = (1 - $t * $t) / 2;
            $pull = $r[$i] * $l0 + $g[$i] * $l1 + $b[$i] * $l2;
            $diagonal = self::RIDGE + ($i > 0 ? $stiff[$i - 1] : 0.0) + ($i < $n - 1 ? $stiff[$i] : 0.0) - 2 * $t * $slope * $pull;
            $borders[] = $border = [$slope * $r[$i], $slope * $g[$i], $slope * $b[$i]];
            [$x, $y0, $y1, $y2] = [$residual[$i], ...$border];
            if ($i > 0) {
                $below = -$stiff[$i - 1];
                $diagonal -= $below * $upper[$i - 1];
                [$bx, $b0, $b1, $b2] = $columns[$i - 1];
                $x -= $below * $bx;
                $y0 -= $below * $b0;
                $y1 -= $below * $b1;
                $y2 -= $below * $b2;
            }
            $diagonal = abs($diagonal) < self::RIDGE ? self::RIDGE : $diagonal;
            $upper[] = $i < $n - 1 ? -$stiff[$i] / $diagonal : 0.0;
            $columns[] = [$x / $diagonal, $y0 / $diagonal, $y1 / $diagonal, $y2 / $diagonal];
        }
        for ($i = $n - 2; $i >= 0; --$i) {
            [$u, $after] = [$upper[$i], $columns[$i + 1]];
            [$x, $y0, $y1, $y2] = $columns[$i];
            $columns[$i] = [$x - $u * $after[0], $y0 - $u * $after[1], $y1 - $u * $after[2], $y2 - $u * $after[3]];
        }

        return self::joined($columns, $borders, array_slice($residual, $n));
    }

    /**
     * @param list<array{float, float, float, float}> $columns x and the three columns of Y, by row
     * @param list<array{float, float, float}> $borders B, by row
     * @param list<float> $conditions c
     *
     * @return list<float>
     */
    private static function joined(array $columns, array $borders, array $conditions): array
    {
        $small = array_fill(0, 3, [0.0, 0.0, 0.0]);
        $right = array_map(static fn (float $c): float => -$c, $conditions);
        foreach ($columns as $i => [$x, $y0, $y1, $y2]) {
            foreach ($borders[$i] as $k => $b) {
                $right[$k] += $b * $x;
                $small[$k][0] += $b * $y0;
                $small[$k][1] += $b * $y1;
                $small[$k][2] += $b * $y2;
            }
        }
        [$l0, $l1, $l2] = self::three($small, $right);
        $change = [];
        foreach ($columns as [$x, $y0, $y1, $y2]) {
            $change[] = $x - $y0 * $l0 - $y1 * $l1 - $y2 * $l2;
        }

        return [...$change, $l0, $l1, $l2];
    }

    /**
     * Three equations by Cramer's rule.
     *
     * @param array<int, array<int, float>> $a
     * @param array<int, float> $b
     *
     * @return array{float, float, float}
     */
    private static function three(array $a, array $b): array
    {
        [[$a0, $a1, $a2], [$b0, $b1, $b2], [$c0, $c1, $c2]] = $a;
        $determinant = static fn (float ...$m): float => $m[0] * ($m[4] * $m[8] - $m[5] * $m[7])
            - $m[1] * ($m[3] * $m[8] - $m[5] * $m[6]) + $m[2] * ($m[3] * $m[7] - $m[4] * $m[6]);
        $all = $determinant($a0, $a1, $a2, $b0, $b1, $b2, $c0, $c1, $c2);
        $all = $all == 0.0 ? 1e-300 : $all;

        return [
            $determinant($b[0], $a1, $a2, $b[1], $b1, $b2, $b[2], $c1, $c2) / $all,
            $determinant($a0, $b[0], $a2, $b0, $b[1], $b2, $c0, $b[2], $c2) / $all,
            $determinant($a0, $a1, $b[0], $b0, $b1, $b[1], $c0, $c1, $b[2]) / $all,
        ];
    }
}
