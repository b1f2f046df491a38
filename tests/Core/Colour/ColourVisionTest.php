<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourVision;
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Node;

final class ColourVisionTest extends TestCase
{
    /** The published matrices, through the npm package culori on linear components. */
    public function testTheMatricesAgreeWithCulori(): void
    {
        $dice = new Randomizer(new Mt19937(9));
        $lines = $seen = [];
        foreach (ColourVision::cases() as $vision) {
            for ($i = 0; $i < 60; ++$i) {
                $colour = Srgb::fromHex(sprintf('#%06x', $dice->getInt(0, 0xFFFFFF)));
                $lines[] = $vision->value.' '.implode(' ', $colour->linear());
                $seen[] = $vision->seen($colour)->linear();
            }
        }
        foreach (Node::ask(__DIR__.'/vision.mjs', $lines) as $i => $theirs) {
            $cut = array_map(static fn (float $v): float => max(0.0, min(1.0, $v)), $theirs);
            self::assertEqualsWithDelta($cut, $seen[$i], 1e-6, $lines[$i]);
        }
        self::assertCount(180, $seen);
    }

    public function testGreysStayGreyAndRedAndGreenDrawTogether(): void
    {
        foreach (ColourVision::cases() as $vision) {
            self::assertEqualsWithDelta(
                Srgb::fromHex('#808080')->linear(),
                $vision->seen(Srgb::fromHex('#808080'))->linear(),
                0.002,
                $vision->value,
            );
            self::assertNotSame('', $vision->words());
        }
        $apart = static fn (?ColourVision $v): float => Ciede2000::difference(
            ($v === null ? Srgb::fromHex('#a04030') : $v->seen(Srgb::fromHex('#a04030')))->toLab(),
            ($v === null ? Srgb::fromHex('#5d6a2c') : $v->seen(Srgb::fromHex('#5d6a2c')))->toLab(),
        );
        self::assertLessThan(0.6 * $apart(null), $apart(ColourVision::Deuteranopia));
        self::assertGreaterThan($apart(ColourVision::Deuteranopia), $apart(ColourVision::Tritanopia));
    }
}
