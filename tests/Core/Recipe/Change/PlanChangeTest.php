<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Change;

use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Change\AddStep;
use Kalokroma\Recipe\Change\DropStep;
use Kalokroma\Recipe\Change\LoopSteps;
use Kalokroma\Recipe\Change\MergeSteps;
use Kalokroma\Recipe\Change\MoveStep;
use Kalokroma\Recipe\Change\OverruleRule;
use Kalokroma\Recipe\Change\StepChange;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Judge\OrderRules;
use Kalokroma\Recipe\Judge\Rules;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Reasons;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\OrdinaryShelf;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

final class PlanChangeTest extends TestCase
{
    public function testANewStepGoesWhereItBelongs(): void
    {
        $plan = Steps::plan('basecoat', 'wash-all-over', 'layer', 'edge-highlight');

        self::assertSame(
            ['basecoat', 'wash-all-over', 'drybrush', 'layer', 'edge-highlight'],
            Steps::keys((new AddStep(Steps::step('drybrush')))->on($plan)),
        );
        self::assertSame(
            ['stepping-stone', 'basecoat', 'wash-all-over', 'layer', 'edge-highlight'],
            Steps::keys((new AddStep(Steps::step('stepping-stone')))->on($plan)),
        );
        self::assertSame(
            ['basecoat', 'wash-all-over', 'layer', 'edge-highlight', 'matt-varnish'],
            Steps::keys((new AddStep(Steps::step('matt-varnish')))->on($plan)),
        );
        self::assertSame(
            ['basecoat', 'wash-all-over', 'layer', 'glaze', 'edge-highlight'],
            Steps::keys((new AddStep(Steps::step('glaze'), 'layer'))->on($plan)),
        );
    }

    public function testAHardRuleIsRefusedWithItsReasonAndASoftOneIsMarked(): void
    {
        $plan = Steps::plan('basecoat', 'wash-all-over', 'layer', 'edge-highlight');
        $soft = (new MoveStep('drybrush', 4))->on((new AddStep(Steps::step('drybrush')))->on($plan));
        self::assertSame(['order.messy'], array_map(static fn ($m): string => $m->code, OrderRules::broken($soft->steps)));

        $strong = OrderRules::broken((new MoveStep('edge-highlight', 2))->on($plan)->steps);
        self::assertSame(['order.layer'], array_map(static fn ($m): string => $m->code, $strong));
        self::assertFalse($strong[0]->hard, 'edges first is a way of painting');
        self::assertStringContainsString('Edges first and thin paint on the flats later can be undone', $strong[0]->finding->sentence());

        $this->expectExceptionObject(
            new RecipeProblem(
                'That cannot be: marking comes before softener: softener works on a marking that is.',
            ),
        );
        (new MoveStep('softener', 1))->on(Steps::plan('gloss-varnish', 'marking', 'softener'));
    }

    public function testWhatWasBrokenBeforeDoesNotBlockOtherChanges(): void
    {
        $broken = Steps::plan('basecoat', 'layer', 'wash-all-over', 'edge-highlight');

        self::assertSame(['basecoat', 'layer', 'edge-highlight'], Steps::keys((new DropStep('wash-all-over'))->on($broken)));
        $blue = Mix::single(Swatches::paint('Blue', '#2f5a7e', Behaviour::Wash));
        self::assertSame(
            'Blue',
            (new StepChange('wash-all-over', $blue))->on($broken)->step('wash-all-over')?->words(),
            'another paint is no new break',
        );
        self::assertSame(
            3,
            (new StepChange('basecoat', handling: ['coats' => 3]))->on($broken)->step('basecoat')?->handling->coats,
        );
    }

    public function testDroppingTheGroundOfAnotherStepIsRefused(): void
    {
        $plan = Steps::plan('basecoat', 'gloss-varnish', 'marking', 'softener');
        $this->expectExceptionMessage('That cannot be: softener needs a marking to work on');
        (new DropStep('marking'))->on($plan);
    }

    public function testMergingAddsCoatsOrMixes(): void
    {
        $plan = new Plan(
            [
                Steps::step('basecoat', '#6f4a2e', coats: 1),
                Steps::step('further-coat', '#6f4a2e', coats: 2),
                Steps::step('layer', '#9c7d34'),
                Steps::step('layer', '#d9cca6', key: 'layer-2'),
            ],
            [],
        );
        $coats = (new MergeSteps('basecoat'))->on($plan);
        self::assertSame(['basecoat', 'layer', 'layer-2'], Steps::keys($coats));
        self::assertSame(3, $coats->step('basecoat')?->handling->coats, '1 + 2 coats of the same paint');

        self::assertSame('1 drop #9c7d34, 1 drop #d9cca6', (new MergeSteps('layer'))->on($plan)->step('layer')?->load->mix?->words());
        foreach ([['further-coat', 'lie differently'], ['layer-2', 'there is none to merge it with']] as [$key, $why]) {
            try {
                (new MergeSteps($key))->on($plan);
                self::fail($key);
            } catch (RecipeProblem $problem) {
                self::assertStringContainsString($why, $problem->getMessage());
            }
        }
    }

    public function testALoopRepeatsItsStepsAndTheirMinutes(): void
    {
        $area = new Area('1', 'Blade', Material::Metal, Relief::Texture, 4.0);
        $plan = Steps::plan('basecoat', 'wash-all-over', 'drybrush');
        $ground = Surface::uniform(Swatches::reflectance('#868686'));
        $once = Simulation::run($plan->steps, $area, $ground);
        $looped = (new LoopSteps('drybrush', 'wash-all-over', 3))->on($plan);
        $thrice = Simulation::run($looped->steps, $area, $ground);

        self::assertSame([1, 3, 3], array_map(static fn ($o): int => $o->labour->rounds, $thrice));
        $loadedOnce = 3 * ($once[2]->labour->minutes - 2.0) + 2.0;
        self::assertEqualsWithDelta($loadedOnce, $thrice[2]->labour->minutes, 1e-9);
        self::assertSame(3 * $once[1]->waiting(), $thrice[1]->waiting());
        self::assertLessThan(
            $once[2]->look->after->recess->toLab()->l,
            $thrice[2]->look->after->recess->toLab()->l,
            'three washes are darker than one',
        );
        self::assertNull((new LoopSteps('drybrush', 'drybrush', 1))->on($looped)->step('drybrush')?->scope->loop, 'one round ends it');
        self::assertSame(
            'drybrush',
            (new DropStep('wash-all-over'))->on($looped)->step('drybrush')?->scope->loop?->from,
            'the loop begins at the next step then',
        );

        $this->expectExceptionMessage('A loop goes from an earlier step to a later one');
        (new LoopSteps('basecoat', 'drybrush', 2))->on($plan);
    }

    public function testBadPlacesAndKeysAreNamed(): void
    {
        $plan = Steps::plan('basecoat', 'wash-all-over');
        foreach ([
            'This recipe has no step "glitter"' => static fn (): Plan => (new DropStep('glitter'))->on($plan),
            'There is no place 6 among 2 steps' => static fn (): Plan => (new MoveStep('basecoat', 5))->on($plan),
            'There is no place 0' => static fn (): Plan => (new MoveStep('basecoat', -1))->on($plan),
            'A recipe has at most 40 steps' => static function (): Plan {
                $full = Steps::plan(...array_fill(0, 40, 'glaze'));

                return (new AddStep(Steps::step('glaze', key: 'one-more')))->on($full);
            },
            '10 rounds make no loop' => static fn (): Plan => (new LoopSteps('wash-all-over', 'basecoat', 10))->on($plan),
        ] as $sentence => $edit) {
            try {
                $edit();
                self::fail($sentence);
            } catch (RecipeProblem $problem) {
                self::assertStringContainsString($sentence, $problem->getMessage());
            }
        }
    }

    public function testAnOverruledRuleIsRememberedAndDoesNotNag(): void
    {
        $area = new Area('1', 'Cape', Material::Cloth, Relief::Broad, 4.0);
        $plan = Steps::plan('basecoat', 'wash-all-over');
        $judge = static fn (Plan $p): array => Rules::judge(
            $p,
            Simulation::run($p->steps, $area, Surface::uniform(Swatches::reflectance('#868686'))),
            $area,
            new Equipment(true, true),
        );
        $mark = $judge($plan)[0];
        self::assertSame(['wash.smooth@wash-all-over', false], [$mark['mark']->id(), $mark['overruled']]);

        $mine = (new OverruleRule($mark['mark']->id(), true))->on($plan);
        self::assertTrue($judge($mine)[0]['overruled']);
        self::assertTrue(
            $judge((new StepChange('basecoat', handling: ['coats' => 2]))->on($mine))[0]['overruled'],
            'another change does not forget it',
        );
        self::assertFalse($judge((new OverruleRule($mark['mark']->id(), false))->on($mine))[0]['overruled']);
    }

    /** A wash is thinned 1:2, a covering paint in its place 1:6 to sink, see the tables; what the painter thinned stays so. */
    public function testASwappedPaintBringsItsOwnUsualThinning(): void
    {
        $drafted = Drafter::draft(new Brief(
            new Area('1', 'Coat', Material::Cloth, Relief::Tight, 3.0, 1, Weight::Supporting),
            Srgb::fromHex('#7a4b2a')->toOklch(),
            Way::Washes,
            Swatches::reflectance('#868686'),
            OrdinaryShelf::paints(),
        ));
        $wash = $drafted->step('wash') ?? self::fail('a wash is drafted');
        $dark = Mix::single(Swatches::paint('Dark', '#2a1a10'));
        $swapped = (new StepChange('wash', $dark))->on($drafted)->step('wash');
        self::assertSame(Defaults::THINNING['recess-shade']['ratio'], $swapped?->load->thinning->ratio());
        self::assertContains('thinning.recess-shade', array_map(static fn (Finding $f): string => $f->code, $swapped->why));

        $own = $wash->thinned(Thinning::fromRatio('1:3'), Thinner::Medium)->withMix($dark);
        self::assertSame(['1:3', Thinner::Medium], [$own->load->thinning->ratio(), $own->load->thinner]);
    }

    /** What a reason quotes has to be there: with another base the stone is told by what it was proposed for, and no number of it stays. */
    public function testAReasonNeverQuotesAMixThatHasMoved(): void
    {
        $drafted = Drafter::draft(new Brief(
            new Area('1', 'Coat', Material::Cloth, Relief::Tight, 3.0, 1, Weight::Supporting),
            Srgb::fromHex('#f0bd2a')->toOklch(),
            Way::Mixed,
            Swatches::reflectance('#1d1d1d'),
            OrdinaryShelf::paints(),
        ));
        $base = (string) $drafted->step('basecoat')?->load->words();
        $said = static fn (Plan $plan): string => implode(' ', array_map(
            static fn (Finding $f): string => $f->sentence(),
            [...$plan->findings, ...array_merge(...array_map(static fn (PlannedStep $s): array => $s->why, $plan->steps))],
        ));
        self::assertStringContainsString('of '.$base.' instead of', $said($drafted), 'the stone tells what it saves');

        $blue = Mix::single(Swatches::paint('Blue', '#2f5a7e'));
        $swapped = (new StepChange('basecoat', $blue))->on($drafted);
        self::assertStringNotContainsString('of '.$base.' instead of', $said($swapped));
        self::assertStringContainsString('Proposed when '.$base.' was still planned.', $said($swapped));
        $yours = static fn (Plan $plan, string $key): bool => str_contains(implode(' ', array_map(
            static fn (Finding $f): string => $f->sentence(),
            Reasons::of($plan->step($key) ?? self::fail($key), null, null, 1),
        )), 'your own choice');
        self::assertSame([true, false], [$yours($swapped, 'basecoat'), $yours($swapped, 'stepping-stone')]);
    }

    /** Any chain of edits either is refused and changes nothing, or leaves a plan that keeps the hard rules. */
    public function testAnyChainOfEditsKeepsTheHardRules(): void
    {
        $techniques = [
            'layer',
            'glaze',
            'wash-all-over',
            'drybrush',
            'edge-highlight',
            'matt-varnish',
            'gloss-varnish',
            'marking',
            'softener',
            'gloss-spot',
            'stepping-stone',
            'lining',
            'rim',
            'streak',
            'streak-blend',
        ];
        for ($seed = 1; $seed <= 25; ++$seed) {
            $dice = new Randomizer(new Mt19937($seed));
            $plan = Steps::plan('basecoat', 'wash-all-over', 'layer', 'edge-highlight');
            for ($i = 0; $i < 40; ++$i) {
                $keys = Steps::keys($plan);
                $key = $keys === [] ? 'none' : $keys[$dice->getInt(0, count($keys) - 1)];
                try {
                    $technique = $techniques[$dice->getInt(0, count($techniques) - 1)];
                    $plan = match ($dice->getInt(0, 3)) {
                        0 => (new AddStep(
                            Steps::step($technique, key: $plan->freeKey($technique)),
                            $dice->getInt(0, 1) === 0 ? null : $key,
                        ))->on($plan),
                        1 => (new MoveStep($key, $dice->getInt(0, count($keys))))->on($plan),
                        2 => (new DropStep($key))->on($plan),
                        default => (new MergeSteps($key))->on($plan),
                    };
                } catch (RecipeProblem $problem) {
                    self::assertNotSame('', $problem->getMessage());
                }
                self::assertSame([], array_filter(OrderRules::broken($plan->steps), static fn ($m): bool => $m->hard), 'seed '.$seed);
                self::assertSame(Steps::keys($plan), array_values(array_unique(Steps::keys($plan))));
            }
        }
    }
}
