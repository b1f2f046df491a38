<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Drying;
use Kalokroma\Film\MetalLook;
use Kalokroma\Film\Sheen;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

/** Wet against dry, under varnish, and metal against the light. */
final class DryingTest extends TestCase
{
    #[DataProvider('colours')]
    public function testOpaquePaintDriesDarker(string $hex): void
    {
        $dry = Swatches::reflectance($hex);
        $wet = Drying::Darkens->wet($dry, Sheen::Matt)->toLab();
        if ($dry->toLab()->l < 15) {
            self::assertEqualsWithDelta($dry->toLab()->l, $wet->l, 0.5, 'black hardly changes');

            return;
        }

        self::assertGreaterThan($dry->toLab()->l, $wet->l);
        self::assertLessThan(5.0, $wet->l - $dry->toLab()->l, 'a little');
    }

    #[DataProvider('colours')]
    public function testWashesDryLighter(string $hex): void
    {
        $dry = Swatches::reflectance($hex);

        self::assertLessThan($dry->toLab()->l, Drying::Lightens->wet($dry, Sheen::Matt)->toLab()->l);
    }

    /** @return iterable<array{string}> */
    public static function colours(): iterable
    {
        foreach (['#8a5a2b', '#a82a20', '#2f5a7e', '#f0b42c', '#808080', '#3d4b52', '#1d1c1b', '#d9cca6'] as $hex) {
            yield $hex => [$hex];
        }
    }

    public function testStrongColoursDryDullerToo(): void
    {
        foreach (['#8a5a2b', '#a82a20', '#2f5a7e', '#4b5a32'] as $hex) {
            $dry = Swatches::reflectance($hex);
            self::assertGreaterThan($dry->toLab()->chroma(), Drying::Darkens->wet($dry, Sheen::Matt)->toLab()->chroma(), $hex);
        }
    }

    #[DataProvider('colours')]
    public function testWhatWasJudgedWetComesBackDry(string $hex): void
    {
        $dry = Swatches::reflectance($hex);
        foreach (Drying::cases() as $drying) {
            foreach (Sheen::cases() as $finish) {
                $back = $drying->dry($drying->wet($dry, $finish), $finish);
                self::assertLessThan(0.01, Ciede2000::difference($dry->toLab(), $back->toLab()), $drying->value.', '.$finish->value);
            }
        }
    }

    public function testAGlossyInkStaysAsItIs(): void
    {
        $ink = Swatches::reflectance('#3d2a60');

        self::assertEquals($ink, Drying::Steady->wet($ink, Sheen::Gloss));
    }

    /** By hand: matt paint of 0.05 has 0.04 / 0.99 = 0.040404 beneath its haze of 0.010, which is what gloss shows. */
    public function testGlossDeepensAndMattLightensDarks(): void
    {
        $paint = Reflectance::flat(0.05);

        self::assertEqualsWithDelta(0.040404, Sheen::Matt->varnished($paint, Sheen::Gloss)->bands[9], 1e-6);
        self::assertEqualsWithDelta(0.013 + 0.987 * 0.040404, Sheen::Matt->varnished($paint, Sheen::Matt)->bands[9], 1e-6);
        self::assertGreaterThan(0.0405, Sheen::Matt->varnished($paint, Sheen::Satin)->bands[9]);
        $darks = Sheen::Matt->varnished($paint, Sheen::Matt)->toLab()->l - $paint->toLab()->l;
        $lights = Sheen::Matt->varnished(Reflectance::flat(0.8), Sheen::Matt)->toLab()->l - Reflectance::flat(0.8)->toLab()->l;
        self::assertGreaterThan(10 * abs($lights), $darks);
    }

    public function testBlackAndWhiteStayWithinWhatASurfaceCanReflect(): void
    {
        foreach ([Reflectance::flat(0.0), Reflectance::flat(1.0)] as $end) {
            foreach (Sheen::cases() as $finish) {
                foreach ([
                    $finish->varnished($end, Sheen::Matt),
                    Drying::Darkens->wet($end, $finish),
                    Drying::Darkens->dry($end, $finish),
                ] as $look) {
                    foreach ($look->bands as $share) {
                        self::assertTrue($share >= 0 && $share <= 1);
                    }
                }
            }
        }
    }

    /** By hand: a share of 0.36 becomes 1 − 0.64^0.4 = 0.1635 turned away and 1 − 0.64^2.4 = 0.6574 toward the light. */
    public function testMetalIsARangeAroundItsBaseColour(): void
    {
        $look = MetalLook::of(Reflectance::flat(0.36));

        self::assertEqualsWithDelta(0.1635, $look->away->bands[4], 1e-4);
        self::assertSame(0.36, $look->base->bands[4]);
        self::assertEqualsWithDelta(0.6574, $look->toward->bands[4], 1e-3);
        $brass = MetalLook::of(Swatches::reflectance('#8f6f35'));
        self::assertEqualsWithDelta($brass->base->toLab()->hue(), $brass->toward->toLab()->hue(), 8.0);
    }
}
