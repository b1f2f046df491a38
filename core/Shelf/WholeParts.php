<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/** Whole-drop shares of two and of three paints, in lowest terms. */
final class WholeParts
{
    /**
     * Ratios of two whole numbers of at most so many drops in all, lowest terms, by rising share of the second.
     *
     * @return list<array{int, int, float}> parts, parts, logarithm of second over first
     */
    public static function ratios(int $parts): array
    {
        $found = [];
        for ($a = 1; $a < $parts; ++$a) {
            for ($b = 1; $a + $b <= $parts; ++$b) {
                if (self::coprime($a, $b)) {
                    $found[] = [$a, $b, log($b / $a)];
                }
            }
        }
        usort($found, static fn (array $p, array $q): int => $p[2] <=> $q[2]);

        return $found;
    }

    /** @return list<array{int, int, int}> parts of three paints of at most so many drops in all, lowest terms */
    public static function threes(int $parts): array
    {
        $found = [];
        for ($a = 1; $a < $parts; ++$a) {
            for ($b = 1; $a + $b < $parts; ++$b) {
                for ($c = 1; $a + $b + $c <= $parts; ++$c) {
                    if (self::coprime($a, $b) || self::coprime($b, $c) || self::coprime($a, $c)) {
                        $found[] = [$a, $b, $c];
                    }
                }
            }
        }

        return $found;
    }

    /** The greatest whole number that divides both. */
    public static function divisor(int $a, int $b): int
    {
        while ($b !== 0) {
            [$a, $b] = [$b, $a % $b];
        }

        return $a;
    }

    private static function coprime(int $a, int $b): bool
    {
        return self::divisor($a, $b) === 1;
    }
}
