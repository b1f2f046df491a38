<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Technique;

use Kalokroma\Caution\Tool;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Predict\Effort;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

/** The whole vocabulary of steps, with the usual figures of the craft. */
final class VocabularyTest extends TestCase
{
    public function testEverythingAPainterDoesHasAStep(): void
    {
        $needed = [
            'undercoat-repair',
            'stepping-stone',
            'basecoat',
            'further-coat',
            'block-in',
            'lining',
            'wash-all-over',
            'recess-line',
            'pin-wash',
            'stain',
            'layer',
            'feathered-layer',
            'glaze',
            'filter',
            'wet-blend',
            'stipple',
            'drybrush',
            'edge-highlight',
            'dot',
            'freehand',
            'metal-coat',
            'painted-metal',
            'effect-paint',
            'chipping-fluid',
            'chipping-top-coat',
            'chipping-opening',
            'gloss-varnish',
            'satin-varnish',
            'matt-varnish',
            'gloss-spot',
            'marking',
            'softener',
            'enamel-wash',
            'oil-wash',
            'wiping',
            'streak',
            'streak-blend',
            'pigment-powder',
            'texture-paste',
            'grit',
            'tuft',
            'rim',
            'gluing',
            'waiting',
        ];

        self::assertSame([], array_diff($needed, array_map(static fn (Technique $t): string => $t->value, Technique::cases())));
    }

    /** Minutes at 20 °C and 50 % humidity, the defaults of the craft. */
    #[DataProvider('drying')]
    public function testDryingHasTheUsualMinutes(string $technique, int $minutes, ?int $latest): void
    {
        self::assertSame([$minutes, $latest], [Technique::from($technique)->facts()->dry, Technique::from($technique)->facts()->latest]);
    }

    /** @return iterable<array{string, int, int|null}> */
    public static function drying(): iterable
    {
        yield ['undercoat', 20, null];
        yield ['basecoat', 8, null];
        yield ['layer', 8, null];
        yield ['wash-all-over', 40, null];
        yield ['stain', 40, null];
        yield ['glaze', 5, null];
        yield ['texture-paste', 180, null];
        yield ['gloss-varnish', 1440, null];
        yield ['matt-varnish', 60, null];
        yield ['marking', 30, null];
        yield ['softener', 15, null];
        yield ['enamel-wash', 60, 120];
        yield ['oil-wash', 60, 120];
        yield ['wiping', 1440, null];
        yield ['streak', 10, 60];
        yield ['wet-blend', 8, 5];
        yield ['gluing', 5, null];
    }

    /** Minutes by hand from the starting values: per cm² and pass, per cm of edge, for each; 2 for loading a mix. */
    #[DataProvider('efforts')]
    public function testMinutesAreThoseOfTheCraft(string $technique, Relief $relief, float $cm2, int $coats, float $minutes): void
    {
        self::assertEqualsWithDelta(
            $minutes,
            Effort::minutes(Technique::from($technique), new Area('1', 'A', Material::Cloth, $relief, $cm2), $coats),
            1e-9,
        );
    }

    /** @return iterable<string, array{string, Relief, float, int, float}> */
    public static function efforts(): iterable
    {
        yield 'basecoat, two coats of 5 cm²: 5·1.0 + 5·0.7 + 2' => ['basecoat', Relief::Tight, 5.0, 2, 10.5];
        yield 'wash of 5 cm²: 5·0.4 + 2' => ['wash-all-over', Relief::Tight, 5.0, 1, 4.0];
        yield 'stain of 5 cm²: 5·0.6 + 2' => ['stain', Relief::Tight, 5.0, 1, 5.0];
        yield 'layer on tight: 5·(0.4·0.8 + 0.25)·1.5 + 2' => ['layer', Relief::Tight, 5.0, 1, 5 * (0.4 * 0.8 + 0.25) * 1.5 + 2];
        yield 'drybrush of texture, two passes: 5·(0.3·0.15 + 0.3·0.6)·0.5·2 + 2' => [
            'drybrush',
            Relief::Texture,
            5.0,
            2,
            5 * (0.3 * 0.15 + 0.3 * 0.6) * 0.5 * 2 + 2,
        ];
        yield 'glaze of 5 cm², four layers: 5·0.7·4 + 2' => ['glaze', Relief::Broad, 5.0, 4, 16.0];
        yield 'edges of a plate: 5·1.2 cm·0.6 + 2' => ['edge-highlight', Relief::Plate, 5.0, 1, 5.6];
        yield 'lines of folds: 5·0.6 cm·0.6 + 2' => ['recess-line', Relief::Tight, 5.0, 1, 3.8];
        yield 'a dot: 2 + 2' => ['dot', Relief::Orb, 0.3, 1, 4.0];
    }

    public function testEachRowIsWhole(): void
    {
        foreach (Technique::cases() as $technique) {
            $facts = $technique->facts();
            self::assertNotSame('', $facts->words);
            self::assertNotSame('', $facts->where);
            self::assertGreaterThanOrEqual(0, $facts->dry);
            self::assertContains($facts->effort[0], ['cm2', 'edge', 'each', 'once'], $technique->value);
            self::assertStringNotContainsString('-', $facts->toolFor(2.0)->words(), $technique->value.': a tool in words');
            self::assertTrue($facts->lies === null || $facts->takes !== [], $technique->value.': a film is made of paint');
        }
    }

    public function testWhatAStageUsuallyMeansStandsInThatStage(): void
    {
        foreach (Stage::cases() as $stage) {
            self::assertSame($stage, $stage->usually()->facts()->stage);
        }
    }

    /** A brush for a large surface is not smaller than one for a small surface. */
    public function testTheBrushFollowsTheSurface(): void
    {
        $tools = static fn (Technique $t): array => array_map($t->facts()->toolFor(...), [0.5, 2.0, 5.0]);

        self::assertSame([Tool::SmallBrush, Tool::MiddleBrush, Tool::LargeBrush], $tools(Technique::Basecoat));
        self::assertSame([Tool::DetailBrush, Tool::SmallBrush, Tool::SmallBrush], $tools(Technique::Layer));
        self::assertSame([Tool::Drybrush, Tool::Drybrush, Tool::Drybrush], $tools(Technique::Drybrush));
    }

    public function testLevelsFollowOneAnother(): void
    {
        self::assertSame([true, true, true], array_map(static fn (Level $l): bool => Level::Fieldable->isWithin($l), Level::cases()));
        self::assertSame([false, false, true], array_map(static fn (Level $l): bool => Level::Showpiece->isWithin($l), Level::cases()));
        self::assertSame(Level::Fieldable, Technique::WashAllOver->facts()->level);
        self::assertSame(Level::Finished, Technique::EdgeHighlight->facts()->level);
    }

    public function testOpeningChipsShowsWhatLiesUnderTheTopCoat(): void
    {
        $area = new Area('1', 'Hull', Material::Wood, Relief::Plate, 5.0);
        $steps = [
            Steps::step('basecoat', '#7c3a22', coats: 3),
            Steps::step('chipping-fluid', '#808080'),
            Steps::step('chipping-top-coat', '#3d4b52', coats: 3),
            Steps::step('chipping-opening'),
        ];
        $after = array_map(
            static fn ($o): Surface => $o->look->after,
            Simulation::run($steps, $area, Surface::uniform(Swatches::reflectance('#868686'))),
        );
        $red = static fn (Surface $s): float => $s->ridge->toLab()->a;

        self::assertGreaterThan($red($after[2]) + 3, $red($after[3]), 'rust shows on the ridges');
        self::assertLessThan($red($after[1]), $red($after[3]), 'but not everywhere');
        self::assertSame($after[2]->recess->toHex(), $after[3]->recess->toHex());
    }

    public function testWipingTakesAnEnamelWashOffThePlanesAndLeavesTheLines(): void
    {
        $area = new Area('1', 'Hull', Material::Wood, Relief::Plate, 5.0);
        $steps = [Steps::step('basecoat', '#9aa09e', coats: 3), Steps::step('enamel-wash', '#3a2f24'), Steps::step('wiping')];
        [$clean, $dirty, $wiped] = array_map(
            static fn ($o): Surface => $o->look->after,
            Simulation::run($steps, $area, Surface::uniform(Swatches::reflectance('#868686'))),
        );

        self::assertGreaterThan($dirty->plane->toLab()->l + 5, $wiped->plane->toLab()->l);
        self::assertLessThan($clean->recess->toLab()->l - 5, $wiped->recess->toLab()->l);
    }
}
