<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Pigment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class PigmentTest extends TestCase
{
    #[DataProvider('swatches')]
    public function testACoveringPaintHasItsOwnColourAtFullHide(string $hex): void
    {
        $swatch = Swatches::reflectance($hex);

        self::assertEqualsWithDelta($swatch->bands, Pigment::covering($swatch)->fullHide()->bands, 2e-4);
    }

    #[DataProvider('swatches')]
    public function testATransparentPaintHasItsOwnColourInOneCoatOverWhite(string $hex): void
    {
        $swatch = Swatches::reflectance($hex);

        self::assertEqualsWithDelta($swatch->bands, Pigment::transparent($swatch)->overWhite()->bands, 2e-4);
    }

    /** @return iterable<array{string}> */
    public static function swatches(): iterable
    {
        foreach (['#1d1c1b', '#8b6a49', '#a82a20', '#f0b42c', '#2f5a7e', '#f3f1ea', '#7488a0'] as $hex) {
            yield $hex => [$hex];
        }
    }

    public function testBlueAndYellowMakeGreen(): void
    {
        $mix = Pigment::mix([
            [Pigment::covering(Swatches::reflectance('#2f5a7e')), 1],
            [Pigment::covering(Swatches::reflectance('#f0c42c')), 2],
        ])->fullHide()->toLab();

        self::assertGreaterThan(110.0, $mix->hue());
        self::assertLessThan(190.0, $mix->hue());
        self::assertGreaterThan(10.0, $mix->chroma());
    }

    public function testRedAndWhiteMakeAPinkThatLiesBetween(): void
    {
        $red = Pigment::covering(Swatches::reflectance('#a82a20'));
        $white = Pigment::covering(Swatches::reflectance('#f3f1ea'));
        $pink = Pigment::mix([[$red, 1], [$white, 1]])->fullHide()->toLab();

        self::assertGreaterThan($red->fullHide()->toLab()->l, $pink->l);
        self::assertLessThan($white->fullHide()->toLab()->l, $pink->l);
    }

    public function testMixingAPaintWithItselfChangesNothing(): void
    {
        $brown = Pigment::covering(Swatches::reflectance('#6f4a2e'));

        self::assertEqualsWithDelta($brown->fullHide()->bands, Pigment::mix([[$brown, 2], [$brown, 3]])->fullHide()->bands, 1e-12);
    }

    public function testOrderAndCommonFactorsDoNotMatter(): void
    {
        $one = Pigment::covering(Swatches::reflectance('#6f4a2e'));
        $two = Pigment::covering(Swatches::reflectance('#9dbac6'));
        $mix = Pigment::mix([[$one, 1], [$two, 2]])->fullHide()->bands;

        self::assertEqualsWithDelta($mix, Pigment::mix([[$two, 2], [$one, 1]])->fullHide()->bands, 1e-12);
        self::assertEqualsWithDelta($mix, Pigment::mix([[$one, 3], [$two, 6]])->fullHide()->bands, 1e-12);
    }

    public function testMorePartsPullTheMixNearer(): void
    {
        $one = Pigment::covering(Swatches::reflectance('#1f3050'));
        $two = Pigment::covering(Swatches::reflectance('#f3f1ea'));
        $white = $two->fullHide()->toLab();
        $before = INF;
        foreach ([1, 2, 4, 8] as $parts) {
            $apart = Ciede2000::difference(Pigment::mix([[$one, 1], [$two, $parts]])->fullHide()->toLab(), $white);
            self::assertLessThan($before, $apart);
            $before = $apart;
        }
    }

    public function testAThickerFilmHidesMore(): void
    {
        $yellow = Pigment::covering(Swatches::reflectance('#f0b42c'));
        $full = $yellow->fullHide()->toLab();
        $before = INF;
        foreach ([0.0, 0.5, 1.0, 3.0, 9.0] as $thickness) {
            $apart = Ciede2000::difference($yellow->over(Reflectance::flat(0.02), $thickness)->toLab(), $full);
            self::assertLessThan($before, $apart);
            $before = $apart;
        }
    }

    public function testAnEmptyMixIsRefused(): void
    {
        $this->expectException(FilmProblem::class);
        $this->expectExceptionMessage('at least one part');
        Pigment::mix([]);
    }

    #[DataProvider('badParts')]
    public function testPartsMustBeMoreThanZero(float $parts): void
    {
        $this->expectException(FilmProblem::class);
        $this->expectExceptionMessage('more than zero');
        Pigment::mix([[Pigment::covering(Reflectance::flat(0.5)), $parts]]);
    }

    /** @return iterable<array{float}> */
    public static function badParts(): iterable
    {
        yield [0.0];
        yield [-1.0];
        yield [NAN];
    }
}
