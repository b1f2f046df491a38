<?php

declare(strict_types=1);

namespace Tests\Core\Undercoat;

use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\PrimerCost;
use Kalokroma\Undercoat\UndercoatProblem;
use Kalokroma\Undercoat\Weather;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WeatherTest extends TestCase
{
    /** Dew points as building physics tabulates them (DIN 4108-3, table of dew point temperatures, to a tenth). */
    #[TestWith([10.0, 80.0, 6.7])]
    #[TestWith([20.0, 50.0, 9.3])]
    #[TestWith([20.0, 60.0, 12.0])]
    #[TestWith([25.0, 50.0, 13.9])]
    #[TestWith([25.0, 60.0, 16.7])]
    #[TestWith([30.0, 70.0, 23.9])]
    public function testDewPoint(float $celsius, float $humidity, float $dew): void
    {
        self::assertEqualsWithDelta($dew, (new Weather($celsius, $humidity))->dewPoint(), 0.1);
        self::assertEqualsWithDelta($celsius, (new Weather($celsius, 100.0))->dewPoint(), 1e-9, 'saturated air is at its dew point');
    }

    #[TestWith([20.0, 45.0, 'go', 'nothing speaks against it'])]
    #[TestWith([20.0, 58.0, 'wait', 'below 50 % it is safe'])]
    #[TestWith([20.0, 70.0, 'no', 'takes up water'])]
    #[TestWith([6.0, 45.0, 'no', 'orange peel'])]
    #[TestWith([31.0, 40.0, 'wait', 'dust'])]
    public function testSprayCans(float $celsius, float $humidity, string $verdict, string $reason): void
    {
        $judged = (new Weather($celsius, $humidity))->judge(Kind::SprayCan);

        self::assertSame($verdict, $judged['verdict']);
        self::assertStringContainsString($reason, $judged['reason']);
        self::assertStringContainsString(sprintf('dew point %.1f °C', (new Weather($celsius, $humidity))->dewPoint()), $judged['reason']);
    }

    public function testAirbrushAndBrushBearMore(): void
    {
        self::assertSame('go', (new Weather(20, 68))->judge(Kind::Airbrush)['verdict']);
        self::assertSame('no', (new Weather(20, 90))->judge(Kind::Airbrush)['verdict'], 'less than 3 °C above the dew point');
        self::assertSame('go', (new Weather(20, 90))->judge(Kind::Brush)['verdict']);
        self::assertSame('wait', (new Weather(3, 60))->judge(Kind::Brush)['verdict']);
    }

    /** By hand: double at 10 °C, double at 80 %; a solvent waits √2 at 10 °C and does not mind the damp. */
    public function testDrying(): void
    {
        self::assertEqualsWithDelta(1.0, (new Weather(20, 50))->drying(Kind::Airbrush), 1e-9);
        self::assertEqualsWithDelta(2.0, (new Weather(10, 50))->drying(Kind::Airbrush), 1e-9);
        self::assertEqualsWithDelta(2.0, (new Weather(20, 80))->drying(Kind::Brush), 1e-9);
        self::assertEqualsWithDelta(4.0, (new Weather(10, 80))->drying(Kind::Airbrush), 1e-9);
        self::assertEqualsWithDelta(sqrt(2), (new Weather(10, 80))->drying(Kind::SprayCan), 1e-9);
        self::assertSame(
            [20, 80, 120, 170],
            [
                (new Weather(20, 50))->wait(Kind::Airbrush),
                (new Weather(10, 80))->wait(Kind::Airbrush),
                (new Weather(20, 50))->wait(Kind::SprayCan),
                (new Weather(10, 50))->wait(Kind::SprayCan),
            ],
        );
    }

    public function testTheChecklistWarmsTheCanWithTheHandOnly(): void
    {
        $all = implode(' ', Weather::checklist(Kind::SprayCan));
        self::assertStringContainsString('never a flame, a heater or hot water', $all);
        self::assertStringContainsString('Shake two minutes', $all);
        self::assertStringContainsString('25–30 cm', $all);
        self::assertNotSame([], Weather::checklist(Kind::Brush));
    }

    #[TestWith([-40.0, 50.0, '−20 to 50'])]
    #[TestWith([20.0, 0.0, '1 to 100'])]
    #[TestWith([20.0, 140.0, '1 to 100'])]
    public function testAirThatCannotBe(float $celsius, float $humidity, string $sentence): void
    {
        $this->expectException(UndercoatProblem::class);
        $this->expectExceptionMessage($sentence);
        new Weather($celsius, $humidity);
    }

    /**
     * By hand: figures of 20 cm²; a can for 10.00 does 1,000 cm² = 50 figures, a bottle for 6.00 does 2,000 cm² = 100, and
     * 9.00 are paid once. 50 figures: 10 against 15. 51: 20 against 15, and from there on it stays the cheaper.
     */
    public function testBreakEven(): void
    {
        $can = new PrimerCost(1000, 1000.0);
        $bottle = new PrimerCost(600, 2000.0, 900);

        self::assertSame([1000, 1000, 2000], [$can->forFigures(1, 20), $can->forFigures(50, 20), $can->forFigures(51, 20)]);
        self::assertSame([1500, 1500, 2100], [$bottle->forFigures(1, 20), $bottle->forFigures(100, 20), $bottle->forFigures(101, 20)]);
        self::assertSame(51, $bottle->pays($can, 20));
        self::assertNull($can->pays($bottle, 20));
        self::assertEqualsWithDelta(20.0, $can->inTheLongRun(20), 1e-9);
        self::assertEqualsWithDelta(20.0, $can->perFigure(50, 20), 1e-9);
        $this->expectException(UndercoatProblem::class);
        new PrimerCost(0, 10);
    }
}
