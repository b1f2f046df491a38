<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Film\Boundary;
use PHPUnit\Framework\TestCase;

final class BoundaryTest extends TestCase
{
    public function testThereAndBackChangesNothing(): void
    {
        foreach ([0.0, 0.005, 0.2, 0.7, 1.0] as $seen) {
            foreach ([0.0, 0.055, 0.2] as $share) {
                self::assertEqualsWithDelta($seen, Boundary::outside(Boundary::inside($seen, $share), $share), 1e-12);
                if ($seen >= 0.005 && $seen < 1.0) {
                    self::assertEqualsWithDelta($seen, Boundary::fullHide(Boundary::ratio($seen, $share), $share), 1e-9);
                }
            }
        }
    }

    public function testABlackGrowsNoRatioWithoutEnd(): void
    {
        // By hand: (0.005 + 0.05) / 1.05 = 0.0523809…; (1 − 0.0523809)² / (2 · 0.0523809) = 8.5716; without a surface 99.0025.
        self::assertEqualsWithDelta(8.5716, Boundary::ratio(0.005, 0.05), 1e-4);
        self::assertEqualsWithDelta(99.0025, Boundary::ratio(0.005, 0.0), 1e-4);
    }

    public function testNothingDarkerThanBlackIsSeen(): void
    {
        self::assertSame(0.0, Boundary::outside(0.01, 0.05));
    }
}
