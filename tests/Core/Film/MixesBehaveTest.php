<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Pigment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Swatches;

/** Bottled paints mixed one to one come out as painters know them to. */
final class MixesBehaveTest extends TestCase
{
    #[DataProvider('greys')]
    public function testWhiteWithBlackAndGrey(string $other, float $least, float $most): void
    {
        foreach (['#ffffff', '#f4f4f4', '#f3f1ea'] as $white) {
            $l = self::mixed($white, $other)->l;
            self::assertGreaterThan($least, $l, $white.' with '.$other);
            self::assertLessThan($most, $l, $white.' with '.$other);
        }
    }

    /** @return iterable<string, array{string, float, float}> */
    public static function greys(): iterable
    {
        yield 'middle grey: about 75' => ['#777777', 70.0, 80.0];
        yield 'black: a middle grey' => ['#1a1a1a', 35.0, 58.0];
        yield 'the blackest' => ['#000000', 35.0, 58.0];
    }

    #[DataProvider('reds')]
    public function testRedWithWhiteGoesPinkNotOrange(string $red): void
    {
        $before = Srgb::fromHex($red)->toLab();
        $pink = self::mixed($red, '#f3f1ea');

        self::assertLessThan(0.0, self::turn($before, $pink), 'away from yellow');
        self::assertGreaterThan(20.0, $pink->chroma());
        self::assertGreaterThan($before->l + 10, $pink->l);
    }

    /** @return iterable<array{string}> */
    public static function reds(): iterable
    {
        foreach (['#a82a20', '#c0211f', '#8f1d2c', '#b5282a', '#d03020'] as $red) {
            yield [$red];
        }
    }

    public function testYellowWithBlackGoesOliveGreen(): void
    {
        foreach (['#f2c416', '#f5d20a', '#e8c83a'] as $yellow) {
            $olive = self::mixed($yellow, '#1a1a1a');
            self::assertGreaterThan(4.0, self::turn(Srgb::fromHex($yellow)->toLab(), $olive), 'toward green');
            self::assertGreaterThan(95.0, $olive->hue());
            self::assertLessThan(125.0, $olive->hue());
            self::assertGreaterThan(15.0, $olive->chroma());
            self::assertLessThan(60.0, $olive->l);
        }
    }

    public function testBrownWithBlueIsAMutedGreyNotOlive(): void
    {
        foreach ([['#6b4423', '#27408b'], ['#6f4a2e', '#2f5a7e'], ['#5a3d28', '#1f3050']] as [$brown, $blue]) {
            $grey = self::mixed($brown, $blue);
            self::assertLessThan(12.0, $grey->chroma(), $brown.' with '.$blue);
        }
    }

    public function testComplementsGoGreyBrown(): void
    {
        foreach ([['#b5282a', '#2b7a45'], ['#d9762b', '#2f5d9c'], ['#e8c83a', '#5b3a8c']] as [$one, $other]) {
            $duller = min(Srgb::fromHex($one)->toLab()->chroma(), Srgb::fromHex($other)->toLab()->chroma());
            self::assertLessThan(0.6 * $duller, self::mixed($one, $other)->chroma(), $one.' with '.$other);
        }
    }

    public function testNeighboursInHueStayNearlyAsVividAsTheDuller(): void
    {
        foreach ([['#c0211f', '#e07020'], ['#e07020', '#f2c416'], ['#2f5d9c', '#27408b'], ['#2b7a45', '#6f9a3c']] as [$one, $other]) {
            $duller = min(Srgb::fromHex($one)->toLab()->chroma(), Srgb::fromHex($other)->toLab()->chroma());
            self::assertGreaterThan(0.8 * $duller, self::mixed($one, $other)->chroma(), $one.' with '.$other);
        }
    }

    public function testAnySwatchComesBackExactly(): void
    {
        $dice = new Randomizer(new Mt19937(13));
        foreach (['#000000', '#ffffff', '#ff0000', '#0000ff', '#00ff00', '#ffff00', '#ff00ff', '#00ffff'] as $hex) {
            self::assertComesBack($hex, 0.5);
        }
        for ($i = 0; $i < 60; ++$i) {
            self::assertComesBack(Swatches::randomHex($dice), 0.2);
        }
    }

    public function testAMixWithItselfChangesNothing(): void
    {
        foreach (['#1d1c1b', '#a82a20', '#f0b42c', '#2f5a7e'] as $hex) {
            self::assertLessThan(1e-6, Ciede2000::difference(self::mixed($hex, $hex), self::paint($hex)->fullHide()->toLab()));
        }
    }

    public function testStrengthIsThatOfTheParts(): void
    {
        $vivid = self::paint('#c0211f');
        $dull = self::paint('#6b4423');
        $both = Pigment::mix([[$vivid, 1], [$dull, 1]]);

        self::assertGreaterThan($dull->strength, $vivid->strength, 'vivid paints hold more pigment');
        self::assertEqualsWithDelta(($vivid->strength + $dull->strength) / 2, $both->strength, 1e-9);
        // A mix is a paint like any other: mixed again it goes on as if all had been mixed at once.
        $again = Pigment::mix([[$both, 2], [self::paint('#f3f1ea'), 1]])->fullHide()->toLab();
        $atOnce = Pigment::mix([[$vivid, 1], [$dull, 1], [self::paint('#f3f1ea'), 1]])->fullHide()->toLab();
        self::assertLessThan(1e-6, Ciede2000::difference($again, $atOnce));
    }

    private static function assertComesBack(string $hex, float $within): void
    {
        $back = self::paint($hex)->fullHide()->toLab();
        self::assertLessThan($within, Ciede2000::difference($back, Srgb::fromHex($hex)->toLab()), $hex);
    }

    private static function mixed(string $one, string $other): Lab
    {
        return Pigment::mix([[self::paint($one), 1], [self::paint($other), 1]])->fullHide()->toLab();
    }

    private static function paint(string $hex): Pigment
    {
        return Pigment::covering(Swatches::reflectance($hex));
    }

    /** Degrees from the hue of one to the other's, −180..180: more is toward yellow for reds, toward green for yellows. */
    private static function turn(Lab $from, Lab $to): float
    {
        return fmod($to->hue() - $from->hue() + 540.0, 360.0) - 180.0;
    }
}
