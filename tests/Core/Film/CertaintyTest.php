<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Certainty;
use Kalokroma\Film\ColourSource;
use Kalokroma\Film\Pigment;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class CertaintyTest extends TestCase
{
    public function testWithoutAFilmTheGroundIsAsSureAsItWas(): void
    {
        self::assertSame(1.4, Certainty::ofFilm(self::white(), [], 0.0, Reflectance::flat(0.1), 2.0, 1.4, 0.3));
    }

    public function testAtFullHideOnlyThePaintsOwnErrorCounts(): void
    {
        self::assertEqualsWithDelta(2.0, Certainty::ofFilm(self::white(), [], 60.0, Reflectance::flat(0.1), 2.0, 9.0, 0.3), 0.05);
    }

    public function testAThinFilmIsLessSureThanAHidingOne(): void
    {
        $one = Certainty::ofFilm(self::white(), [], 1.0, Reflectance::flat(0.1), 2.0, 2.0, 0.3);

        self::assertGreaterThan(2.5, $one);
        self::assertGreaterThan(Certainty::ofFilm(self::white(), [], 4.0, Reflectance::flat(0.1), 2.0, 2.0, 0.3), $one);
    }

    public function testKnowingTheHidingBetterMakesItSurer(): void
    {
        $guessed = Certainty::ofFilm(self::white(), [], 1.0, Reflectance::flat(0.1), 2.0, 2.0, ColourSource::Typed->thickness());
        $measured = Certainty::ofFilm(self::white(), [], 1.0, Reflectance::flat(0.1), 2.0, 2.0, ColourSource::Calibrated->thickness());

        self::assertLessThan($guessed - 0.4, $measured);
    }

    /**
     * By hand: nothing of the ground shows and nothing gets thicker, so √(2² + (3 · 0)² + 0²) = 2; with half of it through, it lies
     * between.
     */
    public function testAGlazeCarriesTheErrorOfItsGround(): void
    {
        $glaze = Pigment::transparent(Swatches::reflectance('#fbf7ee'));

        self::assertEqualsWithDelta(
            5.0 * $glaze->contrast(0.2),
            Certainty::ofFilm($glaze, [], 0.2, Swatches::reflectance('#808080'), 0.0, 5.0, 0.0),
            1e-9,
        );
    }

    public function testSourcesFromWordsOfAFile(): void
    {
        self::assertSame(ColourSource::Read, ColourSource::fromText(' Read '));
        self::assertSame(ColourSource::Read, ColourSource::fromText('colour reader'));
        self::assertSame(ColourSource::Typed, ColourSource::fromText(''));
        self::assertSame(ColourSource::Typed, ColourSource::fromText('from a photograph'));
        self::assertGreaterThan(ColourSource::Calibrated->strength(), ColourSource::Typed->strength());
        self::assertGreaterThan(ColourSource::Calibrated->single(), ColourSource::Read->single());
    }

    private static function white(): Pigment
    {
        return Pigment::covering(Swatches::reflectance('#f3f1ea'));
    }
}
