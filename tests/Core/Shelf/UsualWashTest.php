<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\SaidColour;
use Kalokroma\Film\Application;
use Kalokroma\Film\Pigment;
use Kalokroma\Film\Surface;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\UsualWash;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What usual washes, stains and inks do, by the tables of painters: a wash on tight relief darkens the recess by 15 to 25 L*, the plane by
 * 3 to 7, the ridge by 0 to 2, a black one by about a third more, a coloured one by a fifth less.
 */
final class UsualWashTest extends TestCase
{
    /** By how much a band may be missed: the film lies 3 : 1 : 0.3 whatever the wash. */
    private const SLACK = 1.5;

    /** A film that lies only three times as thick in the recess falls short of the table there by up to so much. */
    private const RECESS_SLACK = 3.5;

    #[DataProvider('washes')]
    public function testAWashIsAsStrongAsUsual(string $wash, string $ground, float $times): void
    {
        [$below, $after] = $this->washed($wash, $ground);
        $darker = static fn (Reflectance $face): float => $below->l - $face->toLab()->l;

        self::assertGreaterThan(3 * $times - self::SLACK, $darker($after->plane));
        self::assertLessThan(7 * $times + self::SLACK, $darker($after->plane));
        self::assertGreaterThan(15 * $times - self::RECESS_SLACK, $darker($after->recess));
        self::assertLessThan(25 * $times, $darker($after->recess));
        self::assertLessThan(2 * $times + self::SLACK, $darker($after->ridge));
    }

    /** @return iterable<string, array{string, string, float}> a wash, a middle tone of its family, how strong beside a brown one */
    public static function washes(): iterable
    {
        foreach ([
            ['brown', 'ochre', 1.0],
            ['brown', 'brass', 1.0],
            ['dark brown', 'clay', 1.0],
            ['sepia', 'mustard', 1.0],
            ['black', 'grey', 1.33],
            ['black', 'steel', 1.33],
            ['green', 'moss', 0.8],
            ['blue', 'blue', 0.8],
            ['orange', 'orange', 0.8],
        ] as [$wash, $ground, $times]) {
            yield $wash.' wash on '.$ground => [$wash, $ground, $times];
        }
    }

    /** Over light grounds about half as much again, over dark ones about a third; what is black stays so. */
    public function testItDoesMoreOnLightGroundsAndLittleOnDarkOnes(): void
    {
        $plane = function (string $ground): float {
            [$below, $after] = $this->washed('brown', $ground);

            return $below->l - $after->plane->toLab()->l;
        };

        self::assertGreaterThan(1.3 * $plane('brass'), $plane('ivory'));
        self::assertLessThan(2.2 * $plane('brass'), $plane('ivory'));
        self::assertLessThan(0.5 * $plane('brass'), $plane('dark brown'));
        self::assertGreaterThan(-3.0, $plane('black'), 'what is black stays about as it is');
    }

    public function testMediumMakesItWeaker(): void
    {
        $shares = [];
        foreach ([1 / 2, 1 / 3] as $load) {
            [$below, $after] = $this->washed('brown', 'brass', $load);
            [, $neat] = $this->washed('brown', 'brass');
            $shares[] = ($below->l - $after->plane->toLab()->l) / ($below->l - $neat->plane->toLab()->l);
        }

        self::assertEqualsWithDelta(0.6, $shares[0], 0.1, '1:1 leaves about 60 %');
        self::assertEqualsWithDelta(0.4, $shares[1], 0.1, '1:2 about 40 %');
    }

    /** It is called by what the bottle looks like: over white it dries 10 to 25 L* lighter, in the recesses about like the bottle. */
    #[DataProvider('colours')]
    public function testAStainDriesLighterThanItsBottle(string $called): void
    {
        $bottle = SaidColour::read($called)?->toLab()->l ?? 0.0;
        $stain = Pigment::transparent(UsualWash::overWhite(Behaviour::Stain, self::colour($called)));
        $white = Application::Stain->pass($stain, 1.0, Surface::uniform(self::colour('white')));
        $grey = Application::Stain->pass($stain, 1.0, Surface::uniform(self::colour('grey')));
        $black = Application::Stain->pass($stain, 1.0, Surface::uniform(self::colour('black')));

        self::assertGreaterThan(10.0, $white->plane->toLab()->l - $bottle);
        self::assertLessThan(25.0, $white->plane->toLab()->l - $bottle);
        self::assertEqualsWithDelta($bottle, $white->recess->toLab()->l, 4.0);
        self::assertLessThan(self::colour('grey')->toLab()->l - 4.0, $grey->plane->toLab()->l);
        self::assertEqualsWithDelta(self::colour('black')->toLab()->l, $black->plane->toLab()->l, 5.0, 'over black nothing');
    }

    /** @return iterable<string, array{string}> */
    public static function colours(): iterable
    {
        foreach (['green', 'brown', 'red', 'blue', 'purple'] as $colour) {
            yield $colour => [$colour];
        }
    }

    /** Two coats of a stain look about like one of the ink of that name. */
    public function testAnInkIsTwiceAStain(): void
    {
        $stain = Pigment::transparent(UsualWash::overWhite(Behaviour::Stain, self::colour('green')));
        $ink = Pigment::ink(UsualWash::overWhite(Behaviour::Ink, self::colour('green')));
        $white = self::colour('white');

        self::assertEqualsWithDelta($stain->over($white, 2.0)->toLab()->l, $ink->over($white, 1.0)->toLab()->l, 3.0);
    }

    /** @return array{Lab, Surface} the ground, and what is on it after one neat coat */
    private function washed(string $wash, string $ground, float $load = 1.0): array
    {
        $pigment = Pigment::transparent(UsualWash::overWhite(Behaviour::Wash, self::colour($wash)));
        $below = self::colour($ground);

        return [$below->toLab(), Application::Wash->pass($pigment, $load, Surface::uniform($below))];
    }

    private static function colour(string $words): Reflectance
    {
        $colour = SaidColour::read($words);
        self::assertNotNull($colour, $words);

        return Reflectance::fromSrgb($colour->toSrgb());
    }
}
