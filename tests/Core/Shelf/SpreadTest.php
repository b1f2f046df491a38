<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\ColourSource;
use Kalokroma\Film\Pigment;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\RankedMix;
use PHPUnit\Framework\TestCase;
use Tests\Core\MadePaints;
use Tests\Core\Swatches;

/** What a colour leaves open of a paint, and how far predictions spread for it. */
final class SpreadTest extends TestCase
{
    public function testLikePaintsMixSurelyAndFarOnesDoNot(): void
    {
        $browns = self::mix(['#6f4a2e', 1], ['#7a5134', 1]);
        $green = self::mix(['#f0c42c', 1], ['#1f3050', 1]);

        self::assertSame(0.0, Mix::single(Swatches::paint('Brown', '#6f4a2e'))->spread(), 'a pot has the colour it has');
        self::assertSame(1.5, $browns->spread());
        self::assertGreaterThan(6.0, $green->spread());
        self::assertLessThan(15.0, $green->spread());
    }

    /** By hand: √(1.5² + 2²) = 2.5 for typed pots, √(1.5² + 1²) = 1.803 for read ones. */
    public function testThePotsOwnDoubtIsJoinedWithTheSpread(): void
    {
        $of = static fn (ColourSource $source): Mix => Mix::of(array_map(
            static fn (string $hex): Part => new Part(self::known($hex, $source), 1),
            ['#6f4a2e', '#7a5134'],
        ));

        self::assertEqualsWithDelta(2.5, $of(ColourSource::Typed)->certainty(), 1e-9);
        self::assertEqualsWithDelta(sqrt(1.5 ** 2 + 1), $of(ColourSource::Read)->certainty(), 1e-9);
    }

    public function testATestSwatchNarrowsTheSpread(): void
    {
        $measured = static function (string $hex): Paint {
            $pigment = Pigment::covering(Swatches::reflectance($hex));
            $as = Pigment::measured($pigment->absorption, $pigment->scattering, $pigment->surface);

            return new Paint($hex, $hex, '', Behaviour::Opaque, null, measured: $as);
        };
        $known = Mix::of([new Part($measured('#f0c42c'), 1), new Part($measured('#1f3050'), 1)]);

        self::assertLessThan(self::mix(['#f0c42c', 1], ['#1f3050', 1])->spread() / 2, $known->spread());
    }

    public function testAThinFilmIsLessSureAndTypedCoatsAreARange(): void
    {
        $yellow = Mix::single(Swatches::paint('Yellow', '#f0c42c'));
        $dark = Swatches::reflectance('#1c1b1a');
        $range = $yellow->coatsBetween($dark, 0.5);

        self::assertGreaterThan($yellow->certaintyOver($dark, 6.0, 2.0) + 1.0, $yellow->certaintyOver($dark, 1.0, 2.0));
        self::assertSame($range->fewest.' to '.$range->most.' coats', $range->words());
        self::assertSame('1 coat', Mix::single(Swatches::paint('Brown', '#5a3d28'))->coatsBetween($dark, 1.0)->words());
        self::assertSame('more than 2 coats', $yellow->coatsBetween($dark, 0.5, max: 2)->words());
        self::assertStringEndsWith(
            ' to more than '.$range->fewest.' coats',
            $yellow->coatsBetween($dark, 0.5, max: (int) $range->fewest)->words(),
        );
    }

    /**
     * Paints made outside the model's own formulas, typed with an error of their own: what is printed holds of most, and
     * where it is small the error is small.
     */
    public function testWhatIsPrintedHoldsOfMadePaints(): void
    {
        $made = new MadePaints(41);
        $within = [0, 0];
        $errors = [];
        for ($i = 0; $i < 160; ++$i) {
            [$one, $other] = [$made->bottled(), $made->bottled()];
            $typed = static fn (Pigment $p, string $name): Paint =>
                new Paint($name, $name, '', Behaviour::Opaque, Reflectance::fromLab($made->read($p->fullHide()->toLab(), 1.2)));
            $mix = Mix::of([new Part($typed($one, 'a'), 1 + $i % 3), new Part($typed($other, 'b'), 1)]);
            $off = Ciede2000::difference($mix->lab(), Pigment::mix([[$one, 1 + $i % 3], [$other, 1]])->fullHide()->toLab());
            ++$within[$off <= $mix->certainty() ? 0 : 1];
            $errors[] = [$mix->certainty(), $off];
        }
        sort($errors);
        $median = static function (array $of): float {
            $all = array_column($of, 1);
            sort($all);

            return $all[intdiv(count($all), 2)];
        };

        self::assertGreaterThan(0.68 * 160, $within[0]);
        self::assertLessThan(0.97 * 160, $within[0], 'and is not too wide to tell anything');
        self::assertLessThan($median(array_slice($errors, -40)) / 2, $median(array_slice($errors, 0, 40)));
    }

    /** A pot 3 off ±2 beats a mix of two far hues 0.4 off: by hand √(3² + 2²) = 3.606, and the mix is sure to no more than ±6. */
    public function testAPotBeatsAFarFetchedMix(): void
    {
        $pot = new RankedMix(Mix::single(Swatches::paint('Saddle Brown', '#6f4a2e')), 3.0);
        $mix = new RankedMix(self::mix(['#f0c42c', 1], ['#1f3050', 1]), 0.4);

        self::assertEqualsWithDelta(3.606, $pot->expected(), 1e-3);
        self::assertSame([$pot, $mix], RankedMix::asPaintersChoose([$mix, $pot]));
        self::assertSame([$mix, $pot], RankedMix::byPredicted([$pot, $mix]));
        self::assertMatchesRegularExpression(
            '/^Saddle Brown from the pot: expect 3\.6 off\. 1 drop #f0c42c, 1 drop #1f3050 looks nearer on paper '
                .'\(0\.4 off\), expect \d+\.\d\.$/',
            $pot->why($mix),
        );
        self::assertSame('Saddle Brown from the pot: 3.0 off on paper, expect 3.6. Nothing looks nearer on paper.', $pot->why($pot));
    }

    public function testAmongEqualsOneFamilyAndWhatIsOpenComeFirst(): void
    {
        $pots = array_map(
            static fn (string $hex): Paint => Swatches::paint($hex, $hex),
            ['#7a5134', '#8b6f4a', '#6f4a2e', '#2f7a5e'],
        );
        $of = static fn (int $a, int $b, float $off): RankedMix => new RankedMix(
            Mix::of([new Part($pots[$a], 1), new Part($pots[$b], 1)]),
            $off,
        );
        [$far, $kin, $open] = [$of(0, 3, 0.0), $of(0, 1, 3.0), $of(1, 2, 3.0)];
        $equal = static fn (RankedMix $r, float $expected): RankedMix =>
            new RankedMix($r->mix, sqrt($expected ** 2 - $r->mix->certainty() ** 2));
        $all = array_map(static fn (RankedMix $r): RankedMix => $equal($r, 12.0), [$far, $kin, $open]);

        $order = static fn (array $inUse): array => array_map(
            static fn (RankedMix $r): string => $r->mix->key(),
            RankedMix::asPaintersChoose($all, $inUse),
        );
        self::assertTrue($far->mix->joinsFarHues());
        self::assertFalse($kin->mix->joinsFarHues());
        self::assertSame([$kin->mix->key(), $open->mix->key(), $far->mix->key()], $order(['#7a5134' => true, '#8b6f4a' => true]));
        self::assertSame([$open->mix->key(), $kin->mix->key(), $far->mix->key()], $order(['#6f4a2e' => true, '#8b6f4a' => true]));
    }

    /** @param array{string, int} ...$parts */
    private static function mix(array ...$parts): Mix
    {
        return Mix::of(array_values(array_map(static fn (array $p): Part => new Part(Swatches::paint($p[0], $p[0]), $p[1]), $parts)));
    }

    private static function known(string $hex, ColourSource $source): Paint
    {
        return new Paint($hex, $hex, '', Behaviour::Opaque, Swatches::reflectance($hex), source: $source);
    }
}
