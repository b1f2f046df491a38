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
use Kalokroma\Recipe\Change\Editing;
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

        $strong = OrderRules::broken(Editing::move($plan, 'edge-highlight', 2)->steps);
        self::assertSame(['order.layer'], array_map(static fn ($m): string => $m->code, $strong));
        self::assertFalse($strong[0]->hard, 'edges first is a way of painting');
        self::assertStringContainsString('Edges first and thin paint on the flats later can be undone', $strong[0]->finding->sentence());

        $this->expectExceptionObject(
            new RecipeProblem(
                'That cannot be: marking comes before softener: softener works on a marking that is.',
            ),
        );
        Editing::move(Steps::plan('gloss-varnish', 'marking', 'softener'), 'softener', 1);
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
        $this->expectExceptionMessage('That cannot be: softener needs a marking to work on');
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
        $loadedOnce = 3 * ($once[2]->labour->minutes - 2.0) + 2.0;
        self::assertEqualsWithDelta($loadedOnce, $thrice[2]->labour->minutes, 1e-9);
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
        $swapped = Editing::change($drafted, 'wash', static fn (PlannedStep $s): PlannedStep => $s->withMix($dark))->step('wash');
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
        $swapped = Editing::change($drafted, 'basecoat', static fn (PlannedStep $s): PlannedStep => $s->withMix($blue));
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
