<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Ladder;

use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\Contrast;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\LightToward;
use Kalokroma\Recipe\Plan\ShadeToward;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Shade, base and highlight from the intended colour, by contrast and direction. */
final class LadderWishTest extends TestCase
{
    /**
     * By hand, for a colour of lightness L in the middle of the gamut: a shade keeps 1 − 0.38·f of L, a highlight climbs by
     * 0.17·f, with f = 0.65, 1 and 1.4.
     *
     * @param array{shade: float, highlight: float} $expected
     */
    #[DataProvider('contrasts')]
    public function testContrastSetsHowFarTheRungsLie(Contrast $contrast, array $expected): void
    {
        $ladder = new Ladder(new Oklch(0.5, 0.08, 60.0), new LadderWish($contrast));

        self::assertEqualsWithDelta($expected['shade'], $ladder->rung(Rung::Shade)->lightness, 0.002);
        self::assertEqualsWithDelta($expected['highlight'], $ladder->rung(Rung::Highlight)->lightness, 0.002);
    }

    /** @return iterable<string, array{Contrast, array{shade: float, highlight: float}}> */
    public static function contrasts(): iterable
    {
        yield 'soft' => [Contrast::Soft, ['shade' => 0.5 * (1 - 0.38 * 0.65), 'highlight' => 0.5 + 0.17 * 0.65]];
        yield 'clear' => [Contrast::Clear, ['shade' => 0.5 * (1 - 0.38), 'highlight' => 0.5 + 0.17]];
        yield 'strong' => [Contrast::Strong, ['shade' => 0.5 * (1 - 0.38 * 1.4), 'highlight' => 0.5 + 0.17 * 1.4]];
    }

    #[DataProvider('lights')]
    public function testHighlightsClimbTowardWhatIsWanted(string $hex, LightToward $toward, float $hue, float $within): void
    {
        $ladder = new Ladder(Srgb::fromHex($hex)->toOklch(), new LadderWish(light: $toward));
        $rung = $ladder->rung(Rung::Highlight);

        self::assertLessThan($within, abs($rung->hueTurnTo($hue)), sprintf('%s: hue %.0f', $toward->value, $rung->hue));
        self::assertGreaterThan($ladder->intended->lightness, $rung->lightness);
        self::assertStringContainsString(
            $toward === LightToward::Neighbour ? 'hue turned' : 'toward '.$toward->words().', as you like it',
            $ladder->reason(Rung::Highlight)->sentence(),
        );
    }

    /** @return iterable<array{string, LightToward, float, float}> */
    public static function lights(): iterable
    {
        yield 'green toward bone' => ['#4b5a32', LightToward::Bone, 105.0, 20.0];
        yield 'green toward a neighbour' => ['#4b5a32', LightToward::Neighbour, 108.0, 12.0];
        yield 'brown toward flesh' => ['#6f4a2e', LightToward::Flesh, 57.0, 12.0];
        yield 'blue toward white' => ['#2f5a7e', LightToward::White, 245.0, 20.0];
    }

    /**
     * On the straight way in OKLab from L 0.5, C 0.1 at 30° to bone (0.87, 0.05, 90°), the point of lightness 0.67 lies (0.67 − 0.5) /
     * (0.87 − 0.5) = 0.4595 along.
     */
    public function testTheWayTowardBoneIsStraight(): void
    {
        $rung = (new Ladder(new Oklch(0.5, 0.1, 30.0), new LadderWish(light: LightToward::Bone)))->rung(Rung::Highlight);
        $along = 0.17 / 0.37;
        $a = (1 - $along) * 0.1 * cos(deg2rad(30)) + $along * 0.05 * cos(deg2rad(90));
        $b = (1 - $along) * 0.1 * sin(deg2rad(30)) + $along * 0.05 * sin(deg2rad(90));

        self::assertEqualsWithDelta(0.67, $rung->lightness, 1e-6);
        self::assertEqualsWithDelta(hypot($a, $b), $rung->chroma, 1e-6);
        self::assertEqualsWithDelta(rad2deg(atan2($b, $a)), $rung->hue, 1e-6);
    }

    #[DataProvider('shades')]
    public function testShadowsSinkTowardWhatIsWanted(string $hex, ShadeToward $toward, float $hue, float $nearer): void
    {
        $own = Srgb::fromHex($hex)->toOklch();
        $plain = (new Ladder($own))->rung(Rung::Shade);
        $rung = (new Ladder($own, new LadderWish(shade: $toward)))->rung(Rung::Shade);

        self::assertLessThan(abs($plain->hueTurnTo($hue)) - $nearer, abs($rung->hueTurnTo($hue)));
        self::assertEqualsWithDelta($plain->lightness, $rung->lightness, 0.01);
    }

    /** @return iterable<array{string, ShadeToward, float, float}> */
    public static function shades(): iterable
    {
        yield 'brown toward cold' => ['#6f4a2e', ShadeToward::Cold, 255.0, 5.0];
        yield 'blue toward warm' => ['#2f5a7e', ShadeToward::Warm, 45.0, 5.0];
        yield 'green toward its complement' => ['#4b5a32', ShadeToward::Complement, 300.0, 5.0];
    }

    public function testRedIsNotTurnedPinkUnlessThePainterInsists(): void
    {
        $red = Srgb::fromHex('#a82a20')->toOklch();
        $asked = new Ladder($red, new LadderWish(light: LightToward::White));
        $insists = new Ladder($red, new LadderWish(light: LightToward::White, insist: true));

        self::assertTrue($asked->whiteTurnsPink());
        self::assertEquals(
            (new Ladder($red, new LadderWish(light: LightToward::Flesh)))->rung(Rung::Highlight),
            $asked->rung(Rung::Highlight),
        );
        self::assertStringContainsString(
            'toward pale flesh, since the white you asked for would turn it pink',
            $asked->reason(Rung::Highlight)->sentence(),
        );
        self::assertLessThan($asked->rung(Rung::Highlight)->chroma, $insists->rung(Rung::Highlight)->chroma);
        self::assertStringContainsString('as you insist, although it turns pink', $insists->reason(Rung::Highlight)->sentence());
        self::assertFalse((new Ladder(Srgb::fromHex('#2f5a7e')->toOklch(), new LadderWish(light: LightToward::White)))->whiteTurnsPink());
    }

    public function testReasonsFollowTheWish(): void
    {
        $said = static fn (LadderWish $wish, string $rung): string => (
            new Ladder(Srgb::fromHex('#9c7d34')->toOklch(), $wish)
        )->reason(Rung::from($rung))->sentence();

        self::assertCount(
            3,
            array_unique(array_map(static fn (Contrast $c): string => $said(new LadderWish($c), 'shade'), Contrast::cases())),
        );
        self::assertCount(
            4,
            array_unique(
                array_map(static fn (LightToward $t): string => $said(new LadderWish(light: $t), 'highlight'), LightToward::cases()),
            ),
        );
        self::assertCount(
            4,
            array_unique(array_map(static fn (ShadeToward $t): string => $said(new LadderWish(shade: $t), 'shade'), ShadeToward::cases())),
        );
    }
}
