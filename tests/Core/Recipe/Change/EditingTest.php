<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Change;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Change\Editing;
use Kalokroma\Recipe\Judge\OrderRules;
use Kalokroma\Recipe\Judge\Rules;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Mix;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

final class EditingTest extends TestCase
{
    public function testANewStepGoesWhereItBelongs(): void
    {
        $plan = Steps::plan('basecoat', 'wash-all-over', 'layer', 'edge-highlight');

        self::assertSame(
            ['basecoat', 'wash-all-over', 'drybrush', 'layer', 'edge-highlight'],
            Steps::keys(Editing::add($plan, Steps::step('drybrush'), null)),
        );
        self::assertSame(
            ['stepping-stone', 'basecoat', 'wash-all-over', 'layer', 'edge-highlight'],
            Steps::keys(Editing::add($plan, Steps::step('stepping-stone'), null)),
        );
        self::assertSame(
            ['basecoat', 'wash-all-over', 'layer', 'edge-highlight', 'matt-varnish'],
            Steps::keys(Editing::add($plan, Steps::step('matt-varnish'), null)),
        );
        self::assertSame(
            ['basecoat', 'wash-all-over', 'layer', 'glaze', 'edge-highlight'],
            Steps::keys(Editing::add($plan, Steps::step('glaze'), 'layer')),
        );
    }

    public function testAHardRuleIsRefusedWithItsReasonAndASoftOneIsMarked(): void
    {
        $plan = Steps::plan('basecoat', 'wash-all-over', 'layer', 'edge-highlight');
        $soft = Editing::move(Editing::add($plan, Steps::step('drybrush'), null), 'drybrush', 4);
        self::assertSame(['order.messy'], array_map(static fn ($m): string => $m->code, OrderRules::broken($soft->steps)));

        $this->expectExceptionObject(
            new RecipeProblem(
                'That cannot be: wash all over (#6f4a2e) comes before layer (#6f4a2e): a shade over it would run down '
                    .'and dull what is light.',
            ),
        );
        Editing::move($plan, 'wash-all-over', 2);
    }

    public function testWhatWasBrokenBeforeDoesNotBlockOtherChanges(): void
    {
        $broken = Steps::plan('basecoat', 'layer', 'wash-all-over', 'edge-highlight');

        self::assertSame(['basecoat', 'layer', 'edge-highlight'], Steps::keys(Editing::drop($broken, 'wash-all-over')));
        $blue = Mix::single(Swatches::paint('Blue', '#2f5a7e', Behaviour::Wash));
        self::assertSame(
            'Blue',
            Editing::change(
                $broken,
                'wash-all-over',
                static fn (PlannedStep $s): PlannedStep => $s->withMix($blue),
            )->step('wash-all-over')?->words(),
            'another paint is no new break',
        );
        self::assertSame(
            3,
            Editing::change(
                $broken,
                'basecoat',
                static fn (PlannedStep $s): PlannedStep => $s->withCoats(3),
            )->step('basecoat')?->handling->coats,
        );
    }

    public function testDroppingTheGroundOfAnotherStepIsRefused(): void
    {
        $plan = Steps::plan('basecoat', 'gloss-varnish', 'marking', 'softener');
        $this->expectExceptionMessage('That cannot be: softener needs a marking to lie on');
        Editing::drop($plan, 'marking');
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
        $coats = Editing::merge($plan, 'basecoat');
        self::assertSame(['basecoat', 'layer', 'layer-2'], Steps::keys($coats));
        self::assertSame(3, $coats->step('basecoat')?->handling->coats, '1 + 2 coats of the same paint');

        self::assertSame('1 drop #9c7d34, 1 drop #d9cca6', Editing::merge($plan, 'layer')->step('layer')?->load->mix?->words());
        foreach ([['further-coat', 'lie differently'], ['layer-2', 'there is none to merge it with']] as [$key, $why]) {
            try {
                Editing::merge($plan, $key);
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
        $looped = Editing::loop($plan, 'drybrush', 'wash-all-over', 3);
        $thrice = Simulation::run($looped->steps, $area, $ground);

        self::assertSame([1, 3, 3], array_map(static fn ($o): int => $o->labour->rounds, $thrice));
        self::assertEqualsWithDelta(3 * $once[2]->labour->minutes, $thrice[2]->labour->minutes, 1e-9);
        self::assertSame(3 * $once[1]->waiting(), $thrice[1]->waiting());
        self::assertLessThan(
            $once[2]->look->after->recess->toLab()->l,
            $thrice[2]->look->after->recess->toLab()->l,
            'three washes are darker than one',
        );
        self::assertNull(Editing::loop($looped, 'drybrush', 'drybrush', 1)->step('drybrush')?->scope->loop, 'one round ends it');
        self::assertSame(
            'drybrush',
            Editing::drop($looped, 'wash-all-over')->step('drybrush')?->scope->loop?->from,
            'the loop begins at the next step then',
        );

        $this->expectExceptionMessage('A loop goes from an earlier step to a later one');
        Editing::loop($plan, 'basecoat', 'drybrush', 2);
    }

    public function testBadPlacesAndKeysAreNamed(): void
    {
        $plan = Steps::plan('basecoat', 'wash-all-over');
        foreach ([
            'This recipe has no step "glitter"' => static fn (): Plan => Editing::drop($plan, 'glitter'),
            'There is no place 6 among 2 steps' => static fn (): Plan => Editing::move($plan, 'basecoat', 5),
            'There is no place 0' => static fn (): Plan => Editing::move($plan, 'basecoat', -1),
            'A recipe has at most 40 steps' => static function (): Plan {
                $full = Steps::plan(...array_fill(0, 40, 'glaze'));

                return Editing::add($full, Steps::step('glaze', key: 'one-more'), null);
            },
            '10 rounds make no loop' => static fn (): Plan => Editing::loop($plan, 'wash-all-over', 'basecoat', 10),
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

        $mine = Editing::overrule($plan, $mark['mark']->id(), true);
        self::assertTrue($judge($mine)[0]['overruled']);
        self::assertTrue(
            $judge(Editing::change($mine, 'basecoat', static fn (PlannedStep $s): PlannedStep => $s->withCoats(2)))[0]['overruled'],
            'another change does not forget it',
        );
        self::assertFalse($judge(Editing::overrule($mine, $mark['mark']->id(), false))[0]['overruled']);
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
                        0 => Editing::add(
                            $plan,
                            Steps::step($technique, key: $plan->freeKey($technique)),
                            $dice->getInt(0, 1) === 0 ? null : $key,
                        ),
                        1 => Editing::move($plan, $key, $dice->getInt(0, count($keys))),
                        2 => Editing::drop($plan, $key),
                        default => Editing::merge($plan, $key),
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
