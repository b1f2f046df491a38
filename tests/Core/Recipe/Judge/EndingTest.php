<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Judge;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Judge\Ending;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

final class EndingTest extends TestCase
{
    /** A base of the wanted colour itself ends near it; a black wash all over takes it away, and a layer of the base mends that. */
    public function testTheEndIsHeldAgainstWhatWasWantedAndTheMendIsNamed(): void
    {
        $near = self::end('#6f4a2e', Steps::step('basecoat', '#6f4a2e'));
        self::assertLessThan(Ending::FAR, $near->off);
        self::assertNull($near->finding);

        $washed = self::end('#c9b27c', Steps::step('basecoat', '#c9b27c'), Steps::step('wash-all-over', '#3a3532'));
        $plane = $washed->surface->plane->toLab();
        self::assertEqualsWithDelta(Ciede2000::difference($plane, Srgb::fromHex('#c9b27c')->toLab()), $washed->off, 0.001);
        self::assertGreaterThan(Ending::FAR, $washed->off);
        $said = (string) $washed->finding?->sentence();
        self::assertStringContainsString(sprintf('The planes end %.1f off', $washed->off), $said);
        self::assertStringContainsString('A layer of #c9b27c at the end', $said);

        $mended = self::end(
            '#c9b27c',
            Steps::step('basecoat', '#c9b27c'),
            Steps::step('wash-all-over', '#3a3532'),
            Steps::step('layer', '#c9b27c'),
        );
        self::assertLessThan($washed->off - 1.0, $mended->off, 'and it does');
        self::assertStringContainsString(sprintf('within %.1f', $mended->off), $said, 'by what it said');
    }

    public function testWhereNothingOfTheRecipeHelpsThatIsSaid(): void
    {
        $far = self::end('#c9b27c', Steps::step('basecoat', '#1e2c52'));

        self::assertStringContainsString('Nothing in this recipe comes nearer', (string) $far->finding?->sentence());
        self::assertStringContainsString('darker', $far->words);
    }

    /** Recess and ridge are held against what the last step that went there wanted; without such a step nothing is said of them. */
    public function testRecessAndRidgeAreHeldAgainstWhatTheirStepsWanted(): void
    {
        $coat = Steps::step('basecoat', '#6f4a2e');
        self::assertNull(self::end('#6f4a2e', $coat)->recess);
        self::assertNull(self::end('#6f4a2e', $coat)->ridge);

        $shade = Steps::step('shade-layer', '#3c2618');
        $shaded = self::end('#6f4a2e', $coat, $shade);
        self::assertEqualsWithDelta(
            Ciede2000::difference($shaded->surface->recess->toLab(), $shade->target?->toLab() ?? Srgb::fromHex('#000000')->toLab()),
            (float) $shaded->recess,
            0.001,
        );
        self::assertLessThan(6.0, $shaded->recess, 'a shade in its own paint comes near it');
        self::assertNull($shaded->ridge);

        $edge = self::end('#6f4a2e', $coat, $shade, Steps::step('edge-highlight', '#b08a60'));
        self::assertNotNull($edge->ridge);
        self::assertGreaterThan(
            $edge->ridge,
            self::end('#6f4a2e', $coat, $shade, Steps::step('edge-highlight', '#b08a60'), Steps::step('basecoat', '#1e2c52'))->ridge,
            'what is laid over it later counts',
        );
    }

    private static function end(string $wanted, PlannedStep ...$steps): Ending
    {
        $area = new Area('1', 'Coat', Material::Cloth, Relief::Tight, 3.0, 1, Weight::Supporting);
        $ground = Surface::uniform(Swatches::reflectance('#868686'));
        $outcomes = Simulation::run(array_values($steps), $area, $ground);
        self::assertNotSame([], $outcomes);

        return Ending::of($outcomes, $area, Srgb::fromHex($wanted)->toOklch());
    }
}
