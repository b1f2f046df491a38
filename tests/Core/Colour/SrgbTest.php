<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SrgbTest extends TestCase
{
    #[DataProvider('colours')]
    public function testThereAndBack(string $hex): void
    {
        $swatch = Srgb::fromHex($hex);

        self::assertSame(strtolower(trim($hex)), $swatch->toHex());
        self::assertSame($swatch->toHex(), Srgb::fromXyz($swatch->toXyz())->toHex());
        self::assertSame($swatch->toHex(), Srgb::fromXyz($swatch->toLab()->toXyz())->toHex());
        self::assertSame($swatch->toHex(), $swatch->toOklch()->toSrgb()->toHex());
    }

    /** @return iterable<array{string}> */
    public static function colours(): iterable
    {
        foreach (['#000000', '#ffffff', '#8A5A2B', '#010203', '#fefdfc', ' #3d4b52 ', '#ff0000', '#00ff00', '#0000ff', '#7f7f7f'] as $hex) {
            yield $hex => [$hex];
        }
    }

    #[DataProvider('badColours')]
    public function testABadColourIsRefusedWithASentence(string $given): void
    {
        $this->expectException(ColourProblem::class);
        $this->expectExceptionMessage('is not a colour: write # and six hexadecimal digits');
        Srgb::fromHex($given);
    }

    /** @return iterable<array{string}> */
    public static function badColours(): iterable
    {
        foreach (['', '#12', '8a5a2b', '#8a5a2', '#8a5a2bb', '#8a5a2g', 'brown', "#8a5a2b\n#ffffff", '#８ａ５ａ２ｂ'] as $given) {
            yield json_encode($given, JSON_THROW_ON_ERROR) => [$given];
        }
    }

    public function testALongWrongColourIsNotPrintedWhole(): void
    {
        try {
            Srgb::fromHex(str_repeat('x', 500));
            self::fail('It was taken.');
        } catch (ColourProblem $problem) {
            self::assertLessThan(150, mb_strlen($problem->getMessage()));
        }
    }

    public function testWhiteAndBlackAreTheEndsOfLightness(): void
    {
        self::assertEqualsWithDelta([100.0, 0.0, 0.0], self::lab(Srgb::fromHex('#ffffff')->toLab()), 2e-3);
        self::assertEqualsWithDelta([0.0, 0.0, 0.0], self::lab(Srgb::fromHex('#000000')->toLab()), 1e-9);
    }

    /** By hand: 128/255 = 0.50196; ((0.50196 + 0.055) / 1.055)^2.4 = 0.21586; L* = 116 · 0.21586^(1/3) − 16 = 53.585. */
    public function testMiddleGreyByHand(): void
    {
        self::assertEqualsWithDelta(53.585, Srgb::fromHex('#808080')->toLab()->l, 0.002);
    }

    public function testAColourTooVividForTheScreenKeepsHueAndLightness(): void
    {
        $wild = new Oklch(0.6, 0.4, 145.0);
        $shown = $wild->onScreen();

        self::assertFalse($wild->toSrgb()->isOnScreen());
        self::assertTrue($shown->toSrgb()->isOnScreen());
        self::assertSame(0.6, $shown->lightness);
        self::assertSame(145.0, $shown->hue);
        self::assertLessThan(0.4, $shown->chroma);
        self::assertGreaterThan(0.15, $shown->chroma);
    }

    public function testAColourTheScreenShowsStaysAsItIs(): void
    {
        $calm = Srgb::fromHex('#8a5a2b')->toOklch();

        self::assertSame($calm->chroma, $calm->onScreen()->chroma);
    }

    #[DataProvider('turns')]
    public function testHueTurnsTheShortWay(float $from, float $to, float $turn): void
    {
        self::assertEqualsWithDelta($turn, (new Oklch(0.5, 0.1, $from))->hueTurnTo($to), 1e-9);
    }

    /** @return iterable<array{float, float, float}> */
    public static function turns(): iterable
    {
        yield [10.0, 30.0, 20.0];
        yield [350.0, 10.0, 20.0];
        yield [10.0, 350.0, -20.0];
        yield [90.0, 270.0, 180.0];
        yield [200.0, 200.0, 0.0];
        yield [-10.0, 10.0, 20.0];
    }

    public function testHueOfLab(): void
    {
        self::assertEqualsWithDelta(90.0, (new Lab(50, 0, 10))->hue(), 1e-9);
        self::assertEqualsWithDelta(270.0, (new Lab(50, 0, -10))->hue(), 1e-9);
        self::assertSame([50.13, -1.0, 2.35], (new Lab(50.126, -1.0, 2.351))->rounded());
    }

    /** @return array{float, float, float} */
    private static function lab(Lab $lab): array
    {
        return [$lab->l, $lab->a, $lab->b];
    }
}
