<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Calibration;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Pigment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\MadePaints;
use Tests\Core\Swatches;

final class CalibrationTest extends TestCase
{
    private Reflectance $black;
    private Reflectance $white;

    protected function setUp(): void
    {
        $this->black = Reflectance::flat(0.04);
        $this->white = Reflectance::flat(0.88);
    }

    /**
     * By hand: a film with K = 0.25 and S = 0.5 per coat has a = 1.5, b = √1.25 = 1.118034, b S X = 0.559017,
     * c = b coth(0.559017) = 1.118034 / 0.507248 = 2.204117; over 0 it reflects 1 / (a + c) = 0.269970, over 1
     * (1 − a + c) / (a − 1 + c) = 1.704117 / 2.704117 = 0.630194.
     */
    public function testAFilmCalculatedByHandIsFound(): void
    {
        $found = Calibration::solve(
            Reflectance::flat(0.269970),
            Reflectance::flat(0.630194),
            Reflectance::flat(0.0),
            Reflectance::flat(1.0),
        );

        self::assertEqualsWithDelta(array_fill(0, 18, 0.25), $found->pigment->absorption, 2e-5);
        self::assertEqualsWithDelta(array_fill(0, 18, 0.5), $found->pigment->scattering, 2e-5);
        self::assertSame(0, $found->guarded);
        self::assertEqualsWithDelta(0.630194 - 0.269970, $found->contrast, 1e-4);
    }

    public function testSpectraReadWithoutErrorGiveBackWhatTheyWereMadeFrom(): void
    {
        $made = new MadePaints(3);
        for ($i = 0; $i < 40; ++$i) {
            $paint = $made->paint();
            $found = Calibration::solve($paint->over($this->black, 0.5), $paint->over($this->white, 0.5), $this->black, $this->white, 0.5);
            foreach ($paint->scattering as $band => $s) {
                $tells = $paint->over($this->white, 0.5)->bands[$band] - $paint->over($this->black, 0.5)->bands[$band] > 0.05;
                if ($tells) {
                    self::assertEqualsWithDelta($s, $found->pigment->scattering[$band], 1e-6 + 1e-4 * $s);
                    self::assertEqualsWithDelta(
                        $paint->absorption[$band],
                        $found->pigment->absorption[$band],
                        1e-6 + 1e-4 * $paint->absorption[$band],
                    );
                }
            }
        }
    }

    /** Paints that follow no formula of the model, read as colours with a noise of 0.5. */
    #[DataProvider('seeds')]
    public function testTwoAndThreeCoatsOfMadePaintsArePredicted(int $seed): void
    {
        $made = new MadePaints($seed);
        $off = [];
        for ($i = 0; $i < 60; ++$i) {
            $paint = $made->paint();
            $read = static fn (Reflectance $ground): Reflectance => Reflectance::fromLab(
                $made->read($paint->over($ground, 1.0)->toLab(), 0.5),
            );
            $found = Calibration::solve($read($this->black), $read($this->white), $this->black, $this->white)->pigment;
            foreach ([$this->black, $this->white, Reflectance::flat(0.2)] as $ground) {
                foreach ([2.0, 3.0] as $coats) {
                    $off[] = Ciede2000::difference($paint->over($ground, $coats)->toLab(), $found->over($ground, $coats)->toLab());
                }
            }
        }
        sort($off);

        self::assertLessThanOrEqual(1.0, $off[intdiv(count($off), 2)]);
        self::assertLessThanOrEqual(4.0, $off[(int) floor(0.95 * count($off))]);
    }

    /** @return iterable<array{int}> */
    public static function seeds(): iterable
    {
        yield [11];
        yield [12];
        yield [13];
    }

    public function testItIsNearerThanTheTypedInColourAlone(): void
    {
        $made = new MadePaints(21);
        $typed = $measured = [];
        for ($i = 0; $i < 40; ++$i) {
            $paint = $made->paint();
            $found = Calibration::solve(
                $paint->over($this->black, 1.0),
                $paint->over($this->white, 1.0),
                $this->black,
                $this->white,
            )->pigment;
            $true = $paint->over($this->black, 2.0)->toLab();
            $measured[] = Ciede2000::difference($true, $found->over($this->black, 2.0)->toLab());
            $typed[] = Ciede2000::difference(
                $true,
                Pigment::covering(Reflectance::fromLab($paint->fullHide()->toLab()))->over($this->black, 2.0)->toLab(),
            );
        }

        self::assertLessThan(array_sum($typed) / 5, array_sum($measured));
    }

    public function testAPaintThatHidesInOneCoatIsTakenToHideAndKeepsItsColour(): void
    {
        $brown = Swatches::reflectance('#4a3423');
        $found = Calibration::solve($brown, $brown, $this->black, $this->white);

        self::assertSame(18, $found->guarded);
        self::assertLessThan(0.05, Ciede2000::difference($brown->toLab(), $found->pigment->fullHide()->toLab()));
        self::assertLessThan(0.01, $found->pigment->contrast(1.0));
    }

    public function testAThinnedSwatchTellsOfTheUndilutedPaint(): void
    {
        $paint = (new MadePaints(8))->paint();
        $found = Calibration::solve(
            $paint->over($this->black, 1 / 3),
            $paint->over($this->white, 1 / 3),
            $this->black,
            $this->white,
            1 / 3,
        );

        self::assertEqualsWithDelta($paint->over($this->white, 1.0)->bands, $found->pigment->over($this->white, 1.0)->bands, 1e-3);
    }

    public function testTheFieldsTakenForEachOtherAreNoticed(): void
    {
        $red = Pigment::covering(Swatches::reflectance('#a82a20'));

        $this->expectException(FilmProblem::class);
        $this->expectExceptionMessage('The swatch over black was read lighter than over white');
        Calibration::solve($red->over($this->white, 0.5), $red->over($this->black, 0.5), $this->black, $this->white);
    }

    public function testAHairLighterOverBlackIsNoise(): void
    {
        $found = Calibration::solve(Reflectance::flat(0.052), Reflectance::flat(0.0515), $this->black, $this->white);

        self::assertSame(18, $found->guarded);
    }

    public function testABareCardIsNoSwatch(): void
    {
        $this->expectExceptionMessage('Both fields look like the bare card');
        Calibration::solve($this->black, $this->white, $this->black, $this->white);
    }

    public function testACardWithoutContrastTellsNothing(): void
    {
        $this->expectExceptionMessage('too alike');
        Calibration::solve(Reflectance::flat(0.3), Reflectance::flat(0.4), Reflectance::flat(0.4), Reflectance::flat(0.5));
    }

    /** Whatever is read, an answer or a sentence: never a number that is none. */
    public function testAnyReadingsGiveAFilmOrASentence(): void
    {
        $dice = new Randomizer(new Mt19937(77));
        $answers = $sentences = 0;
        for ($i = 0; $i < 150; ++$i) {
            $read = static fn (): Reflectance => Reflectance::fromLab(
                new Lab($dice->getInt(0, 100), $dice->getInt(-90, 90), $dice->getInt(-90, 90)),
            );
            try {
                $found = Calibration::solve($read(), $read(), $this->black, $this->white);
                ++$answers;
                foreach ([...$found->pigment->absorption, ...$found->pigment->scattering] as $value) {
                    self::assertTrue(is_finite($value) && $value >= 0);
                }
                foreach ($found->pigment->over($this->black, 2.0)->bands as $share) {
                    self::assertTrue($share >= 0 && $share <= 1);
                }
            } catch (FilmProblem) {
                ++$sentences;
            }
        }

        self::assertGreaterThan(20, $answers);
        self::assertGreaterThan(20, $sentences);
    }
}
