<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/** A small system of linear equations. */
final class Linear
{
    /**
     * Gauss elimination with partial pivoting.
     *
     * @param list<list<float>> $a square, not singular
     * @param list<float> $b
     *
     * @return list<float>
     */
    public static function solve(array $a, array $b): array
    {
        $n = count($b);
        for ($c = 0; $c < $n; ++$c) {
            $pivot = $c;
            for ($r = $c + 1; $r < $n; ++$r) {
                $pivot = abs($a[$r][$c]) > abs($a[$pivot][$c]) ? $r : $pivot;
            }
            [$a[$c], $a[$pivot], $b[$c], $b[$pivot]] = [$a[$pivot], $a[$c], $b[$pivot], $b[$c]];
            for ($r = $c + 1; $r < $n; ++$r) {
                $factor = $a[$r][$c] / $a[$c][$c];
                for ($k = $c; $k < $n; ++$k) {
                    $a[$r][$k] -= $factor * $a[$c][$k];
                }
                $b[$r] -= $factor * $b[$c];
            }
        }
        $x = array_fill(0, $n, 0.0);
        for ($r = $n - 1; $r >= 0; --$r) {
            $sum = $b[$r];
            for ($k = $r + 1; $k < $n; ++$k) {
                $sum -= $a[$r][$k] * $x[$k];
            }
            $x[$r] = $sum / $a[$r][$r];
        }

        return array_values($x);
    }
}
