<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Ladder;

use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\LightToward;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LadderTest extends TestCase
{
    /** Who lightens toward white ends in white, evenly: each of three lights goes as far up as the one before. */
    public function testTowardWhiteTheLadderEndsInWhite(): void
    {
        foreach (['#8c6239', '#2d5596', '#5b5c31'] as $hex) {
            $ladder = new Ladder(Srgb::fromHex($hex)->toOklch(), new LadderWish(light: LightToward::White));
            self::assertGreaterThan(88.0, $ladder->rung(Rung::Highlight)->toLab()->l, $hex);
            $steps = array_map(static fn (int $n): float => $ladder->light($n, 3)->lightness, [1, 2, 3]);
            $from = $ladder->intended->lightness;
            self::assertEqualsWithDelta($steps[0] - $from, $steps[2] - $steps[1], 0.03, $hex);
            self::assertGreaterThan(0.95, $steps[2], $hex);
        }
    }

    #[DataProvider('colours')]
    public function testRungsClimb(string $hex): void
    {
        $ladder = $this->ladder($hex);
        $lightness = array_map(static fn (Rung $rung): float => $ladder->rung($rung)->lightness, Rung::cases());
        $sorted = $lightness;
        sort($sorted);

        self::assertSame($sorted, $lightness);
        self::assertLessThanOrEqual(max(0.976, $lightness[2]), $lightness[4]);
        self::assertGreaterThanOrEqual(min(0.119, $lightness[2]), $lightness[0]);
        foreach (Rung::cases() as $rung) {
            self::assertTrue($ladder->rung($rung)->toSrgb()->isOnScreen(), $rung->value);
        }
    }

    /** @return iterable<array{string}> */
    public static function colours(): iterable
    {
        foreach ([
            '#9c7d34',
            '#4a626c',
            '#c08a68',
            '#4e3a2c',
            '#b4ac9a',
            '#efb439',
            '#a82a20',
            '#7b6283',
            '#c83c8c',
            '#4b5a32',
            '#101010',
            '#ffffff',
            '#000000',
            '#808080',
        ] as $hex) {
            yield $hex => [$hex];
        }
    }

    public function testTheLayerIsTheIntendedColour(): void
    {
        self::assertSame('#9c7d34', $this->ladder('#9c7d34')->rung(Rung::Intended)->toSrgb()->toHex());
    }

    /** By hand: the shade keeps 0.62 of the lightness and 0.85 of the chroma; a yellow of hue 90 turns 26° toward 55. */
    public function testShadeOfAYellowByHand(): void
    {
        $shade = (new Ladder(new Oklch(0.8, 0.1, 90.0)))->rung(Rung::Shade);

        self::assertEqualsWithDelta(0.496, $shade->lightness, 1e-9);
        self::assertEqualsWithDelta(0.085, $shade->chroma, 1e-9);
        self::assertEqualsWithDelta(64.0, $shade->hue, 1e-9);
    }

    /** By hand: a highlight climbs 0.17, or three quarters of the room up to 0.975: from 0.9 that is 0.05625. */
    public function testHighlightLeavesRoomUnderWhite(): void
    {
        self::assertEqualsWithDelta(0.67, (new Ladder(new Oklch(0.5, 0.05, 60.0)))->rung(Rung::Highlight)->lightness, 1e-9);
        self::assertEqualsWithDelta(0.95625, (new Ladder(new Oklch(0.9, 0.05, 95.0)))->rung(Rung::Highlight)->lightness, 1e-9);
    }

    public function testRedClimbsTowardOrangeAndNotTowardPink(): void
    {
        $red = Srgb::fromHex('#a82a20')->toOklch();
        $light = $this->ladder('#a82a20')->rung(Rung::Highlight);

        self::assertGreaterThan(10.0, $red->hueTurnTo($light->hue));
        self::assertGreaterThan(0.75 * $red->chroma, $light->chroma);
        self::assertStringContainsString('white would turn it pink', $this->ladder('#a82a20')->reason(Rung::Highlight)->sentence());
    }

    public function testAPaleNeutralIsShadedCool(): void
    {
        $shade = $this->ladder('#e9e8e6')->rung(Rung::Shade);

        self::assertEqualsWithDelta(240.0, $shade->hue, 1e-6);
        self::assertStringContainsString('tinted cool', $this->ladder('#e9e8e6')->reason(Rung::Shade)->sentence());
    }

    public function testTheShadeOfATintedWhiteLeansAsTheWhiteDoes(): void
    {
        $warm = new Ladder(new Oklch(0.91, 0.012, 72));
        self::assertEqualsWithDelta(72, $warm->rung(Rung::Shade)->hue, 1.0);
        self::assertStringContainsString('leaning as the colour itself does', $warm->reason(Rung::Shade)->sentence());
        self::assertStringContainsString('tinted cool', (new Ladder(new Oklch(0.91, 0.003, 72)))->reason(Rung::Shade)->sentence());
    }

    public function testADarkNeutralStaysNeutral(): void
    {
        self::assertLessThan(0.025, $this->ladder('#242424')->rung(Rung::Highlight)->chroma);
    }

    public function testTheReasonChangesWithTheColour(): void
    {
        $one = (new Ladder(new Oklch(0.5, 0.1, 60.0)))->reason(Rung::Highlight)->sentence();
        $two = (new Ladder(new Oklch(0.6, 0.1, 60.0)))->reason(Rung::Highlight)->sentence();

        self::assertStringContainsString('Clearly lighter, ', $one);
        self::assertStringContainsString('lightness 50.0 to 67.0 of 100', $one);
        self::assertStringContainsString('lightness 60.0 to 77.0 of 100', $two);
    }

    public function testTheReasonOfTheShadeTellsItsTurn(): void
    {
        self::assertSame(
            'Much darker, toward brown, since black would turn it green: lightness 80.0 to 49.6 of 100, hue turned by 26.0°.',
            (new Ladder(new Oklch(0.8, 0.1, 90.0)))->reason(Rung::Shade)->sentence(),
        );
    }

    private function ladder(string $hex): Ladder
    {
        return new Ladder(Srgb::fromHex($hex)->toOklch());
    }
}
