<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Harmony;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class HarmonyTest extends TestCase
{
    /** @param list<float> $hues by hand, round the circle from 80° */
    #[TestWith([Harmony::Complement, [80.0, 260.0]])]
    #[TestWith([Harmony::NearComplement, [80.0, 230.0, 290.0]])]
    #[TestWith([Harmony::Triad, [80.0, 200.0, 320.0]])]
    #[TestWith([Harmony::Analogous, [80.0, 110.0, 50.0]])]
    #[TestWith([Harmony::WarmCold, [80.0, 245.0]])]
    #[TestWith([Harmony::Spot, [80.0, 100.0, 260.0]])]
    public function testHuesThatGoWithAnOchre(Harmony $harmony, array $hues): void
    {
        self::assertEqualsWithDelta($hues, $harmony->hues(80.0), 1e-9);
        self::assertNotSame('', $harmony->words());
    }

    public function testHuesStayOnTheCircleAndAColdOneGetsAWarmOne(): void
    {
        self::assertEqualsWithDelta([350.0, 20.0, 320.0], Harmony::Analogous->hues(350.0), 1e-9);
        self::assertEqualsWithDelta([10.0, 40.0, 340.0], Harmony::Analogous->hues(10.0), 1e-9);
        self::assertEqualsWithDelta([250.0, 65.0], Harmony::WarmCold->hues(250.0), 1e-9);
        self::assertSame([true, true, false, false], array_map(Harmony::isWarm(...), [30.0, 150.0, 160.0, 260.0]));
    }
}
