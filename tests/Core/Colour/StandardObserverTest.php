<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Bands;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\StandardObserver;
use Kalokroma\Colour\Xyz;
use PHPUnit\Framework\TestCase;
use Tests\Core\Table;

final class StandardObserverTest extends TestCase
{
    public function testEveryRowIsThePublishedOne(): void
    {
        $published = array_map(array_values(...), Table::read('cie1931-2deg-d65-10nm.csv'));

        self::assertCount(36, $published);
        self::assertEquals($published, StandardObserver::ROWS);
    }

    public function testAPerfectWhiteIsExactlyTheWhiteOfTheScreen(): void
    {
        $white = Reflectance::flat(1.0)->toXyz();

        self::assertEqualsWithDelta(Xyz::WHITE_X, $white->x, 1e-12);
        self::assertEqualsWithDelta(Xyz::WHITE_Y, $white->y, 1e-12);
        self::assertEqualsWithDelta(Xyz::WHITE_Z, $white->z, 1e-12);
        self::assertSame('#ffffff', Reflectance::flat(1.0)->toHex());
    }

    public function testAGreyReflectanceIsGreyOfThatLuminance(): void
    {
        $grey = Reflectance::flat(0.25);

        self::assertEqualsWithDelta(0.25, $grey->toXyz()->y, 1e-6);
        self::assertEqualsWithDelta(0.0, $grey->toLab()->chroma(), 1e-4);
    }

    /** The luminance of a band, by hand: trapezoids over the 10 nm table, e.g. for 560 nm half of 550, all of 560, half of 570. */
    public function testABandGathersItsNeighbours(): void
    {
        $rows = array_column(StandardObserver::ROWS, null, 0);
        $byHand = 0.5 * $rows[550][2] * $rows[550][4] + $rows[560][2] * $rows[560][4] + 0.5 * $rows[570][2] * $rows[570][4];
        $whole = array_sum(array_map(static fn (array $r): float => $r[2] * $r[4], StandardObserver::ROWS));

        self::assertEqualsWithDelta($byHand / $whole, Bands::weights()[1][9] / Xyz::WHITE_Y, 1e-9);
    }

    public function testEighteenBands(): void
    {
        foreach (Bands::weights() as $column) {
            self::assertCount(Bands::COUNT, $column);
        }
    }
}
