<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Change;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Change\Mending;
use Kalokroma\Recipe\Change\Mishap;
use Kalokroma\Recipe\Change\Neighbour;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Lamplighter;
use Tests\Core\OrdinaryShelf;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

final class MendingTest extends TestCase
{
    /** @param list<string> $techniques */
    #[DataProvider('mishaps')]
    public function testEachMishapHasItsRemedy(
        Mishap $mishap,
        string $at,
        Relief $relief,
        string $when,
        array $techniques,
        string $sentence,
    ): void {
        $mending = $this->mend($mishap, $at, $relief);

        self::assertSame($when, $mending->remedy->when);
        self::assertSame($techniques, array_map(static fn ($s): string => $s->technique->value, $mending->remedy->steps));
        self::assertMatchesRegularExpression($sentence, $mending->remedy->reason->sentence());
        self::assertSame($techniques === [], $mending->minutes === 0.0);
        foreach ($mending->remedy->steps as $step) {
            self::assertTrue($step->load->mix?->isAtHand() ?? true);
            self::assertNotSame([], $step->why);
        }
    }

    /** @return iterable<string, array{Mishap, string, Relief, string, list<string>, string}> */
    public static function mishaps(): iterable
    {
        yield 'wash spilled' => [
            Mishap::SpilledWash,
            'wash-all-over',
            Relief::Tight,
            'now',
            ['tidy-up'],
            '/once dry it is \d+\.\d from the colour beside it/',
        ];
        yield 'slip' => [
            Mishap::Slip,
            'edge-highlight',
            Relief::Tight,
            'now',
            ['tidy-up', 'wash-all-over', 'layer'],
            '/Fix a slip of \d/',
        ];
        yield 'tide mark' => [Mishap::TideMark, 'wash-all-over', Relief::Tight, 'later', ['glaze'], '/cannot be drawn out again/'];
        yield 'chalky' => [Mishap::Chalky, 'edge-highlight', Relief::Tight, 'now', ['glaze'], '/jumped \d+\.\d in lightness/'];
        yield 'blotch' => [
            Mishap::Blotch,
            'wash-all-over',
            Relief::Broad,
            'now',
            ['tidy-up', 'shade-layer'],
            '/On broad, smooth folds a wash has nowhere to run/',
        ];
        yield 'lost detail' => [Mishap::LostDetail, 'layer', Relief::Tight, 'later', ['lining'], '/After \d+ coats/'];
        yield 'lifted ground' => [
            Mishap::LiftedGround,
            'layer',
            Relief::Tight,
            'now',
            ['undercoat-repair', 'tidy-up', 'wash-all-over'],
            '/Bare material shows/',
        ];
        yield 'frosted' => [
            Mishap::Frosted,
            'matt-varnish',
            Relief::Tight,
            'now',
            ['gloss-varnish', 'matt-varnish'],
            '/Frost is damp caught in matt varnish/',
        ];
    }

    public function testALaterCoatThatHidesItSavesTheRepair(): void
    {
        $area = new Area('1', 'Coat', Material::Cloth, Relief::Tight, 5.0);
        $ground = Surface::uniform(Swatches::reflectance('#868686'));
        $plan = new Plan(
            [
                Steps::step('basecoat', '#9c7d34'),
                Steps::step('wash-all-over', '#8b6a49'),
                Steps::step('airbrush-coat', '#1d1c1b', coats: 4, key: 'cover'),
            ],
            [],
        );
        $outcomes = Simulation::run($plan->steps, $area, $ground);
        $mending = Mending::of(Mishap::SpilledWash, $outcomes, 'wash-all-over', $area, $ground, new Palette(Lamplighter::shelf()));

        self::assertSame(['cover', []], [$mending->remedy->when, $mending->remedy->steps]);
        self::assertMatchesRegularExpression(
            '/Leave it: airbrush coat \(#1d1c1b\) comes over that place anyway and leaves only [01]\.\d of it/',
            $mending->remedy->reason->sentence(),
        );
    }

    public function testTheRepairBringsTheColourBack(): void
    {
        $area = new Area('1', 'Coat', Material::Cloth, Relief::Tight, 5.0);
        $ground = Surface::uniform(Swatches::reflectance('#868686'));
        $plan = $this->plan();
        $outcomes = Simulation::run($plan->steps, $area, $ground);
        $mending = Mending::of(Mishap::SpilledWash, $outcomes, 'wash-all-over', $area, $ground, new Palette(Lamplighter::shelf()));

        self::assertSame('#9c7d34', $mending->remedy->steps[0]->words(), 'nothing matches a base better than itself');
        self::assertSame($plan->steps[0]->load->thinning->ratio(), $mending->remedy->steps[0]->load->thinning->ratio());
    }

    public function testOnANeighbourItsOwnColourGoesOverIt(): void
    {
        $ground = Surface::uniform(Swatches::reflectance('#868686'));
        $strap = new Area('2', 'Strap', Material::Leather, Relief::Trim, 1.0);
        $beside = new Neighbour($strap, Simulation::run([Steps::step('basecoat', '#8b6f4a')], $strap, $ground), $ground);
        $mending = $this->mend(Mishap::SpilledWash, 'wash-all-over', Relief::Tight, $beside);

        self::assertSame('#8b6f4a', $mending->remedy->steps[0]->words());
        self::assertMatchesRegularExpression('/#4b3524 leaves strap (\d+\.\d) off/', $mending->remedy->reason->sentence());
        preg_match('/strap (\d+\.\d) off/', $mending->remedy->reason->sentence(), $said);
        $step = $this->plan()->steps[1];
        $stained = $step->load->mix?->pigment()->over($beside->look()->plane, $step->load->thinning->load())->toLab();
        self::assertNotNull($stained);
        self::assertEqualsWithDelta(Ciede2000::difference($stained, $beside->look()->plane->toLab()), (float) $said[1], 0.06);

        $other = new Neighbour($strap, Simulation::run([Steps::step('basecoat', '#4b3524')], $strap, $ground), $ground);
        self::assertNotSame(
            $mending->remedy->reason->sentence(),
            $this->mend(Mishap::SpilledWash, 'wash-all-over', Relief::Tight, $other)->remedy->reason->sentence(),
        );
    }

    /** Black armour that starts on a black ground has no basecoat: a blotch on it goes under black, never under white. */
    public function testWhereTheGroundIsTheBaseItsToneGoesOverTheSpot(): void
    {
        $plate = new Area('1', 'Plate', Material::Lacquered, Relief::Plate, 5.0);
        $ground = Surface::uniform(Swatches::reflectance('#1d1d1d'));
        $outcomes = Simulation::run([Steps::step('wash-all-over', '#77736f'), Steps::step('edge-highlight', '#4a4d50')], $plate, $ground);
        $mending = Mending::of(Mishap::Blotch, $outcomes, 'wash-all-over', $plate, $ground, new Palette(OrdinaryShelf::paints()));

        self::assertSame('Pit Black', $mending->remedy->steps[0]->words());
        self::assertStringContainsString('The ground is the basecoat here', $mending->remedy->steps[0]->why[0]->sentence());
    }

    /** A blotchy stain of bone over grey is mended in bone, and not in the grey of its ground. */
    public function testAStainIsMendedInItsOwnColour(): void
    {
        $cloak = new Area('1', 'Cloak', Material::Cloth, Relief::Broad, 5.0);
        $ground = Surface::uniform(Swatches::reflectance('#868686'));
        $stain = new PlannedStep(
            StepKey::of('basecoat'),
            Technique::Stain,
            Srgb::fromHex('#d8caa3')->toOklch(),
            Load::usual(Mix::single(Swatches::paint('Bone stain', '#d8caa3', Behaviour::Stain)), 'stain'),
        );
        $outcomes = Simulation::run([$stain], $cloak, $ground);
        $mending = Mending::of(Mishap::Blotch, $outcomes, 'basecoat', $cloak, $ground, new Palette(OrdinaryShelf::paints()));

        self::assertContains('Bone', array_map(static fn (PlannedStep $s): string => $s->words(), $mending->remedy->steps));
    }

    /** Black over yellow is dear: a stone, then yellow, its wash and its light again, in the coats that really takes. */
    public function testASlipOfBlackOnYellowCostsWhatItReallyTakes(): void
    {
        $ground = Surface::uniform(Swatches::reflectance('#f0f0ee'));
        $strap = new Area('2', 'Hood', Material::Cloth, Relief::Tight, 2.0);
        $on = static fn (string $hex): Neighbour => new Neighbour($strap, Simulation::run([
            Steps::step('basecoat', $hex, '1:1'), Steps::step('wash-all-over', '#8f6c4c'), Steps::step('edge-highlight', '#f3e160'),
        ], $strap, $ground), $ground);
        $black = Simulation::run([Steps::step('basecoat', '#1b1a1c')], $strap, $ground);
        $mend = static fn (string $hex): Mending => Mending::of(
            Mishap::Slip,
            $black,
            'basecoat',
            $strap,
            $ground,
            new Palette(OrdinaryShelf::paints()),
            $on($hex),
        );

        $yellow = $mend('#f0bd2a');
        self::assertSame(
            ['stepping-stone', 'tidy-up', 'wash-all-over', 'edge-highlight'],
            array_map(static fn (PlannedStep $s): string => $s->technique->value, $yellow->remedy->steps),
        );
        self::assertMatchesRegularExpression('/That takes \d coats\. A chip/', $yellow->remedy->reason->sentence());
        $brown = $mend('#4d3322');
        self::assertStringNotContainsString('That takes', $brown->remedy->reason->sentence());
        self::assertGreaterThan($brown->minutes + 1.0, $yellow->minutes);
    }

    public function testAnUnknownStepIsNamed(): void
    {
        $this->expectExceptionObject(RecipeProblem::noSuchStep('glitter'));
        $this->mend(Mishap::Slip, 'glitter', Relief::Tight);
    }

    private function mend(Mishap $mishap, string $at, Relief $relief, ?Neighbour $on = null): Mending
    {
        $area = new Area('1', 'Coat', Material::Cloth, $relief, 5.0);
        $ground = Surface::uniform(Swatches::reflectance('#868686'));

        return Mending::of(
            $mishap,
            Simulation::run($this->plan()->steps, $area, $ground),
            $at,
            $area,
            $ground,
            new Palette(Lamplighter::shelf()),
            $on,
        );
    }

    private function plan(): Plan
    {
        return new Plan(
            [
                Steps::step('basecoat', '#9c7d34'),
                Steps::step('wash-all-over', '#4b3524'),
                Steps::step('layer', '#a8842a'),
                Steps::step('edge-highlight', '#efece2'),
                Steps::step('matt-varnish'),
            ],
            [],
        );
    }
}
