<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlainNameTest extends TestCase
{
    #[DataProvider('colours')]
    public function testPlainWords(string $hex, string $words): void
    {
        self::assertSame($words, PlainName::of(Srgb::fromHex($hex)->toOklch()));
    }

    /** @return iterable<array{string, string}> */
    public static function colours(): iterable
    {
        yield ['#000000', 'black'];
        yield ['#ffffff', 'white'];
        yield ['#808080', 'grey'];
        yield ['#383636', 'dark grey'];
        yield ['#c2c6c4', 'light grey'];
        yield ['#6d675f', 'warm grey'];
        yield ['#3d4b52', 'dark, cool grey'];
        yield ['#efece2', 'warm off-white'];
        yield ['#ff0000', 'vivid red'];
        yield ['#0000ff', 'dark, vivid blue'];
        yield ['#ffff00', 'pale, vivid yellow'];
        yield ['#00ff00', 'pale, vivid green'];
        yield ['#4b3524', 'dark, greyish brown'];
        yield ['#964a34', 'red-brown'];
        yield ['#1f5a5e', 'dark, muted green-blue'];
        yield ['#4b5a32', 'dark, muted yellow-green'];
        yield ['#c98d9c', 'light, muted pink'];
        yield ['#c98e6b', 'light flesh'];
        yield ['#e2d8bd', 'pale, greyish cream'];
        yield ['#43395c', 'dark, muted violet'];
    }

    /** Every colour has a name, and names change only a step at a time along a hue. */
    public function testNoHueIsLeftWithoutAName(): void
    {
        $nouns = [];
        for ($hue = 0; $hue < 360; ++$hue) {
            $name = PlainName::of(new Oklch(0.6, 0.2, $hue));
            self::assertNotSame('', trim($name));
            $nouns[substr((string) strrchr(' '.$name, ' '), 1)] = true;
        }
        self::assertGreaterThan(10, count($nouns));
    }
}
