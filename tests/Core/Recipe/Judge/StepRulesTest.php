<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Judge;

use Kalokroma\Caution\Tool;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Judge\Mark;
use Kalokroma\Recipe\Judge\Rules;
use Kalokroma\Recipe\Judge\StepRules;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

/** Each soft rule as a row: what breaks it, what it says with which numbers, and what does not break it. */
final class StepRulesTest extends TestCase
{
    /**
     * @param array{0?: Relief, 1?: string, 2?: Equipment, 3?: string, 4?: bool} $setting relief, ground, equipment, intended colour,
     *   fragile
     */
    #[DataProvider('broken')]
    public function testARuleSpeaksWithItsNumbers(string $code, PlannedStep $step, array $setting, string $sentence): void
    {
        $found = $this->marks($step, $setting);

        self::assertArrayHasKey($code, $found);
        self::assertMatchesRegularExpression($sentence, $found[$code]->finding->sentence());
        self::assertFalse($found[$code]->hard);
        self::assertNotSame('', $found[$code]->alternative);
    }

    /** @return iterable<string, array{string, PlannedStep, array<int, mixed>, string}> */
    public static function broken(): iterable
    {
        $metal = Swatches::paint('Brass', '#8f6f35', Behaviour::Metallic);
        $black = Swatches::paint('Black', '#1d1c1b');
        $mixed = Steps::step('basecoat')->withMix(Mix::of([new Part($metal, 1), new Part($black, 3)]));
        yield 'wash on broad folds' => [
            'wash.smooth',
            Steps::step('wash-all-over'),
            [Relief::Broad],
            '/On broad, smooth folds only 25 % of the surface is recess: a wash sits on the other 75 %/',
        ];
        yield 'wash on plates' => ['wash.smooth', Steps::step('wash-all-over'), [Relief::Plate], '/only 8 % .* other 92 %/'];
        yield 'drybrush on plates' => ['drybrush.smooth', Steps::step('drybrush'), [Relief::Plate], '/80 % of the surface is plane/'];
        yield 'drybrush on a thin staff' => [
            'drybrush.fragile',
            Steps::step('drybrush'),
            [Relief::Texture, '#868686', new Equipment(true, true), '#6f4a2e', true],
            '/2 passes of a drybrush push it 2 times/',
        ];
        yield 'white over red' => [
            'light.pink',
            Steps::step('edge-highlight', '#f3f1ea'),
            [Relief::Tight, '#a82a20', new Equipment(true, true), '#a82a20'],
            '/#f3f1ea is 4\d\.\d lighter than the red and keeps only \d+ % of its strength/',
        ];
        yield 'too thin' => [
            'thin.range',
            Steps::step('basecoat', thin: '1:3'),
            [],
            '/1:3 is thinner than usual \(3:1 – 1:1\): 25 % paint instead of at least 50 %/',
        ];
        yield 'too thick' => [
            'thin.range',
            Steps::step('glaze', thin: '1:1'),
            [],
            '/1:1 is thicker than usual \(1:4 – 1:12\): 50 % paint instead of at most 20 %/',
        ];
        yield 'drybrush thinned' => [
            'thin.range',
            Steps::step('drybrush', thin: '1:1'),
            [],
            '/1:1 is thinner than usual \(unthinned\): 50 % paint instead of at least 100 %/',
        ];
        yield 'glaze with water' => [
            'thin.water',
            Steps::step('glaze', thin: '1:8')->thinned(Thinning::fromRatio('1:8'), Thinner::Water),
            [],
            '/Thinned 1:8 with water only 11 % of the film is paint/',
        ];
        yield 'flakes in matt paint' => ['metal.mixed', $mixed, [], '/Only 25 % of the mix is metallic/'];
        yield 'metal with another brush' => [
            'metal.brush',
            Steps::step('metal-coat', $metal)->held(Tool::LargeBrush),
            [],
            '/Brass holds metal flakes, and a large brush carries them/',
        ];
        yield 'stain on black' => [
            'stain.dark',
            Steps::step('stain', '#7b8f55'),
            [Relief::Tight, '#1b1b1b'],
            '/Over so dark a ground \(lightness 9\.\d\) it changes the plane by only/',
        ];
        yield 'yellow over black' => [
            'coats.many',
            Steps::step('basecoat', '#f0b42c', '1:1'),
            [Relief::Tight, '#1b1b1b'],
            '/\d+ coats, \d+ minutes of work on each figure/',
        ];
        yield 'no airbrush' => [
            'needs.airbrush',
            Steps::step('airbrush-coat'),
            [Relief::Broad, '#868686', new Equipment(false, true)],
            '/Airbrush coat asks for an airbrush, and you have none/',
        ];
        yield 'no solvents' => [
            'needs.solvents',
            Steps::step('enamel-wash'),
            [Relief::Plate, '#868686', new Equipment(true, true, solvents: false)],
            '/Enamel wash needs solvents/',
        ];
    }

    /** @param array{0?: Relief, 1?: string, 2?: Equipment, 3?: string, 4?: bool} $setting */
    #[DataProvider('kept')]
    public function testARuleIsSilentWhereItIsKept(string $code, PlannedStep $step, array $setting): void
    {
        self::assertArrayNotHasKey($code, $this->marks($step, $setting));
    }

    /** @return iterable<string, array{string, PlannedStep, array<int, mixed>}> */
    public static function kept(): iterable
    {
        yield 'wash in tight folds' => ['wash.smooth', Steps::step('wash-all-over'), [Relief::Tight]];
        yield 'recess line on plates' => ['wash.smooth', Steps::step('recess-line'), [Relief::Plate]];
        yield 'drybrush on texture' => ['drybrush.smooth', Steps::step('drybrush'), [Relief::Texture]];
        yield 'orange over red' => [
            'light.pink',
            Steps::step('edge-highlight', '#d0601f'),
            [Relief::Tight, '#a82a20', new Equipment(true, true), '#a82a20'],
        ];
        yield 'flesh over red' => [
            'light.pink',
            Steps::step('edge-highlight', '#c98e6b'),
            [Relief::Tight, '#a82a20', new Equipment(true, true), '#a82a20'],
        ];
        yield 'white over blue' => [
            'light.pink',
            Steps::step('edge-highlight', '#f3f1ea'),
            [Relief::Tight, '#2f5a7e', new Equipment(true, true), '#2f5a7e'],
        ];
        yield 'a usual thinning' => ['thin.range', Steps::step('layer', thin: '1:2'), []];
        yield 'a glaze with medium' => ['thin.water', Steps::step('glaze', thin: '1:8'), []];
        yield 'stain on ivory' => ['stain.dark', Steps::step('stain', '#7b8f55'), [Relief::Tight, '#e6dfcc']];
        yield 'brown over grey' => ['coats.many', Steps::step('basecoat', '#4b3524'), []];
        yield 'solvents in stock' => ['needs.solvents', Steps::step('enamel-wash'), [Relief::Plate]];
    }

    public function testTheNumbersFollowWhatTheyAreComputedFrom(): void
    {
        $said = fn (string $code, PlannedStep $step, array $setting): string => $this->marks($step, $setting)[$code]->finding->sentence();
        foreach ([
            [
                'wash.smooth',
                [Steps::step('wash-all-over', '#8b6a49'), [Relief::Broad]],
                [Steps::step('wash-all-over', '#4b3524'), [Relief::Broad]],
            ],
            [
                'stain.dark',
                [Steps::step('stain', '#7b8f55'), [Relief::Tight, '#1b1b1b']],
                [Steps::step('stain', '#7b8f55'), [Relief::Tight, '#202020']],
            ],
            [
                'coats.many',
                [Steps::step('basecoat', '#f0b42c', '1:1'), [Relief::Tight, '#1b1b1b']],
                [Steps::step('basecoat', '#f0b42c', '1:1', 6), [Relief::Tight, '#1b1b1b']],
            ],
            [
                'light.pink',
                [Steps::step('edge-highlight', '#f3f1ea'), [Relief::Tight, '#a82a20', new Equipment(true, true), '#a82a20']],
                [Steps::step('edge-highlight', '#f3f1ea'), [Relief::Tight, '#a82a20', new Equipment(true, true), '#c23a22']],
            ],
            ['thin.range', [Steps::step('layer', thin: '1:4'), []], [Steps::step('layer', thin: '1:5'), []]],
        ] as [$code, $one, $other]) {
            self::assertNotSame($said($code, ...$one), $said($code, ...$other), $code);
        }
    }

    public function testACoveredLightSketchIsMarked(): void
    {
        $dark = Swatches::reflectance('#1b1b1b');
        $light = Swatches::reflectance('#e6dfcc');
        $sketch = new Surface($dark, $dark->blend($light, 0.5), $light);
        $codes = static function (?bool $keeps, PlannedStep ...$steps) use ($sketch): array {
            $area = new Area('1', 'Cape', Material::Cloth, Relief::Broad, 4.0, keepsSketch: $keeps);
            $outcomes = Simulation::run(array_values($steps), $area, $sketch);
            $found = Rules::judge(new Plan(array_values($steps), []), $outcomes, $area, new Equipment(true, true));

            return array_map(static fn (array $j): string => $j['mark']->code, $found);
        };
        $coat = Steps::step('basecoat', '#4b3524', coats: 3);

        self::assertContains('sketch.covered', $codes(true, $coat), 'it was said that it keeps the sketch');
        self::assertNotContains('sketch.covered', $codes(true, Steps::step('stain', '#7b8f55')));
        self::assertNotContains('sketch.covered', $codes(null, $coat), 'nobody said so, and nothing on it is transparent');
        self::assertContains('sketch.covered', $codes(null, $coat, Steps::step('glaze', '#7b8f55')), 'glazes want it');
        self::assertNotContains('sketch.covered', $codes(false, $coat, Steps::step('glaze', '#7b8f55')));
    }

    /** A stone costs loading another mix (2 min) and saves about two coats (0.7 min/cm² each): it is asked for from 1.4 cm² on. */
    public function testAStoneIsAskedForOnlyWhereItPaysAndNoneLies(): void
    {
        $codes = static function (float $cm2, PlannedStep ...$steps): array {
            $area = new Area('1', 'Hood', Material::Cloth, Relief::Tight, $cm2);
            $outcomes = Simulation::run(array_values($steps), $area, Surface::uniform(Swatches::reflectance('#1b1b1b')));
            $found = Rules::judge(new Plan(array_values($steps), []), $outcomes, $area, new Equipment(true, true));

            return array_map(static fn (array $j): string => $j['mark']->code, $found);
        };
        $yellow = Steps::step('basecoat', '#f0bd2a', '1:1', 6);

        self::assertContains('coats.many', $codes(6.0, $yellow));
        self::assertNotContains('coats.many', $codes(0.4, $yellow), 'six coats of a spot are soon done');
        self::assertNotContains('coats.many', $codes(6.0, Steps::step('stepping-stone', '#858a8c', coats: 1), $yellow), 'one lies there');
        self::assertNotContains('coats.many', $codes(6.0, Steps::step('airbrush-coat', '#f0bd2a', '1:1', 6)), 'sprayed');
    }

    public function testTheUsualRangesAreThoseOfTheCraft(): void
    {
        // paint : thinner, thick to thin, as the table of the craft has them
        foreach ([
            'basecoat' => [1 / 2, 3 / 4],
            'weak' => [1 / 3, 2 / 3],
            'metallic' => [3 / 4, 6 / 7],
            'layer' => [1 / 3, 2 / 3],
            'lining' => [1 / 3, 1 / 2],
            'glaze' => [1 / 13, 1 / 5],
            'recess-shade' => [1 / 7, 1 / 4],
            'wash' => [1 / 3, 1.0],
            'stain' => [1 / 4, 1.0],
            'airbrush' => [1 / 3, 2 / 3],
            'solvent' => [1 / 2, 2 / 3],
        ] as $use => $range) {
            self::assertEqualsWithDelta($range, Defaults::loads($use), 1e-9, $use);
        }
    }

    /**
     * @param array{0?: Relief, 1?: string, 2?: Equipment, 3?: string, 4?: bool} $setting
     *
     * @return array<string, Mark>
     */
    private function marks(PlannedStep $step, array $setting): array
    {
        $area = new Area('1', 'Staff', Material::Wood, $setting[0] ?? Relief::Tight, 4.0, fragile: $setting[4] ?? false);
        $outcome = Simulation::step($step, $area, Surface::uniform(Swatches::reflectance($setting[1] ?? '#868686')));
        $found = [];
        foreach (StepRules::broken(
            $outcome,
            $area,
            $setting[2] ?? new Equipment(true, true),
            isset($setting[3]) ? Srgb::fromHex($setting[3])->toOklch() : null,
        ) as $mark) {
            $found[$mark->code] = $mark;
        }

        return $found;
    }
}
