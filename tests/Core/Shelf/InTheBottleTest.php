<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Film\Pigment;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\InTheBottle;
use Kalokroma\Shelf\UsualWash;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class InTheBottleTest extends TestCase
{
    public function testOnlyWashesAndStainsTooDarkForOneCoatAreAskedAbout(): void
    {
        $dark = Swatches::reflectance('#3a2416');
        self::assertTrue(InTheBottle::looksSo(Behaviour::Wash, $dark));
        self::assertTrue(InTheBottle::looksSo(Behaviour::Stain, $dark));
        self::assertFalse(InTheBottle::looksSo(Behaviour::Opaque, $dark));
        self::assertFalse(InTheBottle::looksSo(Behaviour::Ink, $dark), 'inks are as strong as that');
        self::assertFalse(InTheBottle::looksSo(Behaviour::Wash, Swatches::reflectance('#8b6a49')));
    }

    /** What is seen in the bottle tells the hue; how strong it is one knows from usual washes. */
    public function testTheBottleTellsTheHueAndNotTheStrength(): void
    {
        $bottle = Swatches::reflectance('#3a2416');
        $one = InTheBottle::overWhite(Behaviour::Wash, $bottle);

        self::assertGreaterThan($bottle->toLab()->l + 50.0, $one->toLab()->l);
        self::assertEqualsWithDelta(6.6, UsualWash::darkening($one), 1.0, 'a brown on a middle tone of its own');
        self::assertFalse(InTheBottle::looksSo(Behaviour::Wash, $one));
    }

    /** White ink over teal is white after a while, coloured ink never hides; one coat over white is about the colour entered. */
    public function testWhiteInkScattersAndColouredInkDoesNot(): void
    {
        $teal = Swatches::reflectance('#1f6266');
        $white = Pigment::ink(Swatches::reflectance('#f4f3ef'));
        $over = $teal;
        foreach (range(1, 6) as $ignored) {
            $over = $white->over($over, 1.0);
        }
        self::assertGreaterThan(80.0, $over->toLab()->l, 'clear paint would stay at the teal');
        self::assertLessThan(
            3.0,
            Ciede2000::difference($white->over(Swatches::reflectance('#ffffff'), 1.0)->toLab(), Swatches::reflectance('#f4f3ef')->toLab()),
        );

        $red = Swatches::reflectance('#c4473c');
        self::assertEquals(Pigment::transparent($red), Pigment::ink($red));
    }
}
