<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Change;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Change\Mending;
use Kalokroma\Recipe\Change\Mishap;
use Kalokroma\Recipe\Change\Neighbour;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Simulation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Lamplighter;
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
        yield 'slip' => [Mishap::Slip, 'edge-highlight', Relief::Tight, 'now', ['tidy-up'], '/A slip of \d/'];
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
            ['undercoat-repair', 'tidy-up'],
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
