<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use InvalidArgumentException;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Family;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Swatches;

final class ReflectanceTest extends TestCase
{
    public function testFiveHundredColoursComeBack(): void
    {
        $dice = new Randomizer(new Mt19937(500));
        $off = [];
        for ($i = 0; $i < 500; ++$i) {
            $swatch = Srgb::fromHex(sprintf('#%06x', $dice->getInt(1, 0xFFFFFF)));
            $off[] = Ciede2000::difference($swatch->toLab(), Reflectance::fromSrgb($swatch)->toLab());
        }
        sort($off);

        self::assertLessThanOrEqual(0.01, $off[250]);
        self::assertLessThanOrEqual(0.3, $off[499]);
    }

    #[DataProvider('hardColours')]
    public function testHardColoursStayBetweenNoneAndAllOfTheLight(string $hex): void
    {
        foreach (Swatches::reflectance($hex)->bands as $share) {
            self::assertGreaterThan(0.0, $share);
            self::assertLessThan(1.0, $share);
        }
    }

    /** @return iterable<array{string}> */
    public static function hardColours(): iterable
    {
        foreach (['#ffffff', '#000000', '#ff0000', '#00ff00', '#0000ff', '#ffff00', '#00ffff', '#ff00ff', '#010000', '#000005'] as $hex) {
            yield $hex => [$hex];
        }
    }

    public function testAGreyIsFlat(): void
    {
        $bands = Swatches::reflectance('#808080')->bands;

        self::assertLessThan(0.004, max($bands) - min($bands));
    }

    public function testItIsSmooth(): void
    {
        foreach (['#8a5a2b', '#2f5a7e', '#f0b42c', '#4b5a32'] as $hex) {
            $bands = Swatches::reflectance($hex)->bands;
            for ($i = 1; $i < count($bands); ++$i) {
                self::assertLessThan(0.25, abs($bands[$i] - $bands[$i - 1]), $hex);
            }
        }
    }

    public function testTheSameSwatchGivesTheSameSpectrum(): void
    {
        self::assertSame(Swatches::reflectance('#8a5a2b')->bands, Swatches::reflectance('#8a5a2b')->bands);
    }

    public function testWrongNumberOfBands(): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('18 bands, not 3');
        Reflectance::of([0.1, 0.2, 0.3]);
    }

    #[DataProvider('notShares')]
    public function testAShareOutsideOfItsRange(float $share): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('must lie between 0 and 1');
        Reflectance::of([$share, ...array_fill(0, 17, 0.5)]);
    }

    /** @return iterable<array{float}> */
    public static function notShares(): iterable
    {
        yield 'negative' => [-0.01];
        yield 'more than all' => [1.01];
        yield 'not a number' => [NAN];
    }

    /** By hand: three tenths of the way from 0.2 to 0.8 is 0.2 + 0.6 · 0.3 = 0.38. */
    public function testABlendIsTheAverageByArea(): void
    {
        $blend = Reflectance::flat(0.2)->blend(Reflectance::flat(0.8), 0.3);

        self::assertEqualsWithDelta(array_fill(0, 18, 0.38), $blend->bands, 1e-12);
        self::assertEquals(Reflectance::flat(0.2), Reflectance::flat(0.2)->blend(Reflectance::flat(0.8), 0.0));
    }

    #[DataProvider('families')]
    public function testFamilies(string $hex, Family $family): void
    {
        self::assertSame($family, Family::of(Srgb::fromHex($hex)->toOklch()));
    }

    /** @return iterable<array{string, Family}> */
    public static function families(): iterable
    {
        yield ['#808080', Family::Greys];
        yield ['#1d1c1b', Family::Greys];
        yield ['#f3f1ea', Family::Greys];
        yield ['#a82a20', Family::Reds];
        yield ['#6f4a2e', Family::Browns];
        yield ['#d0601f', Family::Browns];
        yield ['#f0b42c', Family::Yellows];
        yield ['#d9cca6', Family::Yellows];
        yield ['#7f9a4a', Family::Greens];
        yield ['#5fa08c', Family::BlueGreens];
        yield ['#2f5a7e', Family::Blues];
        yield ['#7b6283', Family::Violets];
        yield ['#c83c8c', Family::Pinks];
    }

    public function testFamiliesStandInTheOrderOfTheHueCircle(): void
    {
        self::assertSame(range(0, 8), array_map(static fn (Family $f): int => $f->place(), Family::cases()));
    }
}
