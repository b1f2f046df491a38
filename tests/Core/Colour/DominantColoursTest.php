<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\DominantColours;
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made pictures whose colours are known. */
final class DominantColoursTest extends TestCase
{
    public function testFourFieldsWithNoiseAreFoundWithTheirShares(): void
    {
        $dice = new Randomizer(new Mt19937(4));
        $fields = ['#9c7d34' => 0.5, '#4a626c' => 0.3, '#efb439' => 0.15, '#1d1c1b' => 0.05];
        $pixels = [];
        foreach ($fields as $hex => $share) {
            $lab = Srgb::fromHex($hex)->toLab();
            for ($i = 0; $i < 2000 * $share; ++$i) {
                $noise = static fn (): float => ($dice->getInt(-100, 100) + $dice->getInt(-100, 100)) / 100;
                $pixels[] = [$lab->l + $noise(), $lab->a + $noise(), $lab->b + $noise()];
            }
        }
        $found = DominantColours::of($dice->shuffleArray($pixels), 8);

        self::assertCount(4, $found);
        foreach (array_keys($fields) as $i => $hex) {
            $lab = Srgb::fromHex($hex)->toLab();
            self::assertEqualsWithDelta(
                [$lab->l, $lab->a, $lab->b],
                [$found[$i]['lab']->l, $found[$i]['lab']->a, $found[$i]['lab']->b],
                0.25,
                $hex,
            );
            self::assertEqualsWithDelta($fields[$hex], $found[$i]['share'], 0.01, $hex);
        }
    }

    public function testOneColourIsOneClusterAndAFewPixelsAreNone(): void
    {
        $one = DominantColours::of(array_fill(0, 50, [50.0, 10.0, 10.0]), 5);
        self::assertCount(1, $one);
        self::assertEqualsWithDelta(1.0, $one[0]['share'], 1e-9);
        $speck = DominantColours::of([...array_fill(0, 995, [50.0, 0.0, 0.0]), ...array_fill(0, 5, [90.0, 0.0, 0.0])], 5);
        self::assertCount(1, $speck, 'half a percent is no colour of the picture');
        self::assertSame([], DominantColours::of([], 5));
    }

    public function testSamePictureSameAnswer(): void
    {
        $dice = new Randomizer(new Mt19937(5));
        $pixels = [];
        for ($i = 0; $i < 600; ++$i) {
            $pixels[] = [$dice->getInt(0, 100) * 1.0, $dice->getInt(-60, 60) * 1.0, $dice->getInt(-60, 60) * 1.0];
        }

        self::assertEquals(DominantColours::of($pixels, 6), DominantColours::of($pixels, 6));
        self::assertLessThanOrEqual(6, count(DominantColours::of($pixels, 6)));
    }
}
