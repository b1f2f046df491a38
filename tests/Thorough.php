<?php

declare(strict_types=1);

namespace Tests;

/**
 * How many cases of a large matrix are looked at: a share that leaves none of its rows and columns out, or with KALOKROMA_TEST_ALL=1,
 * as benchmarks/thorough sets it, every one.
 */
final class Thorough
{
    /** Whether the case of this number is looked at, where one in so many is. */
    public static function takes(int $number, int $oneIn): bool
    {
        return getenv('KALOKROMA_TEST_ALL') === '1' || $number % $oneIn === 0;
    }
}
