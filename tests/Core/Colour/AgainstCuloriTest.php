<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Node;

/** The same colours through an independent program, the npm package culori. */
final class AgainstCuloriTest extends TestCase
{
    public function testLabOklchAndDifferenceAgree(): void
    {
        $dice = new Randomizer(new Mt19937(17));
        $colours = ['#000000', '#ffffff', '#ff0000', '#00ff00', '#0000ff', '#010101', '#8a5a2b'];
        for ($i = 0; $i < 200; ++$i) {
            $colours[] = sprintf('#%06x', $dice->getInt(0, 0xFFFFFF));
        }
        $theirs = Node::ask(__DIR__.'/culori.mjs', $colours);

        self::assertCount(count($colours), $theirs);
        $before = null;
        foreach ($colours as $i => $hex) {
            [$l, $a, $b, $lightness, $chroma, $hue, $difference] = $theirs[$i];
            $swatch = Srgb::fromHex($hex);
            $lab = $swatch->toLab();
            $oklch = $swatch->toOklch();
            self::assertEqualsWithDelta([$l, $a, $b], [$lab->l, $lab->a, $lab->b], 0.02, $hex);
            self::assertEqualsWithDelta([$lightness, $chroma], [$oklch->lightness, $oklch->chroma], 2e-4, $hex);
            if ($chroma > 0.005) {
                self::assertEqualsWithDelta(0.0, $oklch->hueTurnTo($hue), 0.5, $hex);
            }
            if ($before !== null) {
                self::assertEqualsWithDelta($difference, Ciede2000::difference($before, $lab), 0.03, $hex);
            }
            $before = $lab;
        }
    }
}
