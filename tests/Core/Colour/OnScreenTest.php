<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\OnScreen;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class OnScreenTest extends TestCase
{
    public function testWhatTheScreenCanShowIsLeftAsItIs(): void
    {
        $dice = new Randomizer(new Mt19937(12));
        for ($i = 0; $i < 60; ++$i) {
            $hex = sprintf('#%06x', $dice->getInt(0, 0xFFFFFF));
            $shown = OnScreen::of(Srgb::fromHex($hex)->toXyz());

            self::assertSame($hex, $shown->toHex());
            self::assertFalse($shown->isReduced(), $hex);
            self::assertSame(0.0, $shown->lost);
        }
    }

    #[DataProvider('beyond')]
    public function testBeyondTheScreenHueAndLightnessStayAndTheLossIsTold(float $l, float $a, float $b): void
    {
        $wanted = (new Lab($l, $a, $b))->toXyz();
        $shown = OnScreen::of($wanted);
        $before = Srgb::fromXyz($wanted)->toOklch();
        $after = $shown->colour->toOklch();

        self::assertTrue($shown->isReduced());
        self::assertGreaterThan(0.5, $shown->lost);
        self::assertEqualsWithDelta($before->lightness, $after->lightness, 0.004);
        self::assertEqualsWithDelta(0, $before->hueTurnTo($after->hue), 1.0);
        self::assertLessThan($before->chroma, $after->chroma);
    }

    /** @return iterable<string, array{float, float, float}> */
    public static function beyond(): iterable
    {
        yield 'a green no screen has' => [60, -100, 40];
        yield 'a yellow pigment' => [85, 5, 110];
        yield 'a cyan' => [60, -50, -45];
        yield 'a deep violet' => [20, 70, -100];
    }

    public function testAReflectanceTellsItToo(): void
    {
        $yellow = Reflectance::of([...array_fill(0, 7, 0.01), ...array_fill(0, 11, 0.95)]);

        self::assertTrue($yellow->onScreen()->isReduced());
        self::assertSame($yellow->onScreen()->toHex(), $yellow->toHex());
        self::assertFalse(Reflectance::flat(0.5)->onScreen()->isReduced());
    }
}
