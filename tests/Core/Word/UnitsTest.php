<?php

declare(strict_types=1);

namespace Tests\Core\Word;

use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Weather;
use Kalokroma\Word\Length;
use Kalokroma\Word\Temperature;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Temperatures and lengths in the painter's units. By hand: 20 °C are 68 °F, a step of 10 °C is one of 18 °F, an inch is 25.4 mm. */
final class UnitsTest extends TestCase
{
    #[TestWith([-40.0, -40.0])]
    #[TestWith([0.0, 32.0])]
    #[TestWith([20.0, 68.0])]
    #[TestWith([37.0, 98.6])]
    public function testTemperatures(float $celsius, float $fahrenheit): void
    {
        self::assertEqualsWithDelta($fahrenheit, Temperature::Fahrenheit->of($celsius), 1e-9);
        self::assertEqualsWithDelta($celsius, Temperature::Fahrenheit->toCelsius($fahrenheit), 1e-9);
        self::assertSame($celsius, Temperature::Celsius->of($celsius));
        self::assertSame($celsius, Temperature::Celsius->toCelsius($celsius));
    }

    public function testWeatherIsSaidInThem(): void
    {
        $weather = new Weather(5.0, 40.0);

        self::assertStringContainsString('5 °C and 40 %', $weather->judge(Kind::SprayCan)['reason']);
        $said = $weather->judge(Kind::SprayCan, Temperature::Fahrenheit)['reason'];
        self::assertStringContainsString('41 °F and 40 %', $said);
        self::assertStringContainsString('below 50 °F', $said, 'the limit too');
        self::assertStringNotContainsString('°C', $said);
        self::assertStringContainsString('for every 18 °F less', Weather::rule(Kind::Airbrush, Temperature::Fahrenheit));
        self::assertSame(
            $weather->judge(Kind::SprayCan)['verdict'],
            $weather->judge(Kind::SprayCan, Temperature::Fahrenheit)['verdict'],
        );
    }

    public function testLengths(): void
    {
        self::assertSame(1.18, Length::Inches->of(30.0));
        self::assertEqualsWithDelta(25.4, Length::Inches->toMm(1.0), 1e-9);
        self::assertSame(30.0, Length::Millimetres->toMm(30.0));
    }
}
