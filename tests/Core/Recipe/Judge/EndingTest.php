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
use Kalokroma\Recipe\Plan\Place;
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
        self::assertLessThan(Ending::FAR, $washed->off, 'the base is what is held against it');
        self::assertGreaterThan(Ending::FAR, $washed->moved);
        $said = (string) $washed->finding?->sentence();
        self::assertStringContainsString('The planes are the colour, and #3a3532 takes them', $said);
        self::assertStringContainsString('into the recesses only, 1:1 with medium, or the colour again', $said);

        $mended = self::end(
            '#c9b27c',
            Steps::step('basecoat', '#c9b27c'),
            Steps::step('wash-all-over', '#3a3532'),
            Steps::step('layer', '#c9b27c'),
        );
        self::assertLessThan($washed->moved, $mended->off + $mended->moved, 'and the colour again does it');
    }

    /** Where the planes should be the colour and are not, a layer of what is in the recipe is named, where one helps. */
    public function testALayerOfTheRecipeIsNamedWhereItHelps(): void
    {
        $far = self::end('#c9b27c', Steps::step('basecoat', '#7a5a30', coats: 3), Steps::step('edge-highlight', '#c9b27c'));
        $said = (string) $far->finding?->sentence();
        self::assertStringContainsString(sprintf('The planes come to %.1f off', $far->off), $said);
        self::assertStringContainsString('A layer of #c9b27c there', $said);

        $layer = Steps::step('layer', '#c9b27c');
        $mended = self::end('#c9b27c', Steps::step('basecoat', '#7a5a30', coats: 3), $layer);
        self::assertStringContainsString(sprintf('within %.1f', $mended->off), $said, 'by what it said');
    }

    /** Weathering is no error, and no remedy paints over it; a stroke on a part is not the colour of the planes. */
    public function testWhatComesAfterTheColourIsNotHeldAgainstIt(): void
    {
        $base = Steps::step('basecoat', '#5b5c31');
        $grimy = self::end('#5b5c31', $base, Steps::step('oil-wash', '#2a2018'));
        self::assertLessThan(Ending::FAR, $grimy->off);
        self::assertNull($grimy->finding);

        $lines = Steps::step('layer', '#d8caa3')->at(new Place(null, 'a few spots'));
        self::assertLessThan(Ending::FAR, self::end('#5b5c31', $base, $lines)->off, 'hair lines are strokes');
        self::assertGreaterThan(Ending::FAR, self::end('#5b5c31', $base, Steps::step('layer', '#d8caa3'))->off);
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
