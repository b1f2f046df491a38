<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Predict;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Change\DifferStep;
use Kalokroma\Recipe\Change\StepChange;
use Kalokroma\Recipe\Judge\Mark;
use Kalokroma\Recipe\Judge\OrderRules;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Plan\Zone;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

/** Where on its area, on which figures and in which rounds a step goes, and what lies there then. */
final class ZonesTest extends TestCase
{
    /** Upper half red, lower half blue: neither changes the other, and the area as a whole is the mean of both. */
    public function testTwoZonesLieSideBySide(): void
    {
        $red = Steps::step('basecoat', '#a02a20', coats: 6, key: 'red')->at(new Place(null, 'upper parts'));
        $blue = Steps::step('basecoat', '#20407a', coats: 6, key: 'blue')->at(new Place(null, 'lower parts'));
        [$first, $second] = $this->lay($red, $blue);

        $lab = static fn (StepOutcome $o): array => array_values((array) ($o->look->zone ?? $o->look->below)->plane->toLab());
        self::assertEqualsWithDelta(array_values((array) Swatches::reflectance('#a02a20')->toLab()), $lab($first), 1.0);
        self::assertEqualsWithDelta(array_values((array) Swatches::reflectance('#20407a')->toLab()), $lab($second), 1.0, 'no red below it');
        $mean = Swatches::reflectance('#a02a20')->blend(Swatches::reflectance('#20407a'), 0.5);
        self::assertEqualsWithDelta($mean->toLab()->l, $second->look->after->plane->toLab()->l, 0.5);
        self::assertEqualsWithDelta($first->labour->minutes, $second->labour->minutes, 0.1, 'half the area each');
        self::assertLessThan($this->lay(Steps::step('basecoat', '#a02a20', coats: 6))[0]->labour->minutes, $first->labour->minutes);
    }

    /** What goes all over lies on both, and takes the coats that the harder of them needs. */
    public function testWhatGoesAllOverLiesOnEveryZone(): void
    {
        $dark = Steps::step('basecoat', '#1c1b1a', coats: 3, key: 'dark')->at(new Place(null, 'the left'));
        $pale = Steps::step('basecoat', '#e6dfcc', coats: 6, key: 'pale')->at(new Place(null, 'the right'));
        $over = Steps::step('further-coat', '#d8b13a', key: 'over');
        $all = $this->lay($dark, $pale, $over);
        $onDark = $this->lay(Steps::step('basecoat', '#1c1b1a', coats: 3, key: 'dark'), $over);
        $onPale = $this->lay(Steps::step('basecoat', '#e6dfcc', coats: 6, key: 'pale'), $over);

        self::assertGreaterThan($onPale[1]->labour->coats, $onDark[1]->labour->coats);
        self::assertSame($onDark[1]->labour->coats, $all[2]->labour->coats);
        self::assertNull($all[2]->look->zone);
    }

    /** Two lights from two sides are two zones; from the same side the second lies on the first. */
    public function testTwoLightsFromTwoSides(): void
    {
        $light = static fn (string $from, string $hex, string $key): PlannedStep =>
            Steps::step('basecoat', $hex, coats: 6, key: $key)->at(new Place(null, 'the side of the light', $from));
        $apart = $this->lay($light('from the left', '#d8b13a', 'a'), $light('from the right', '#3a6ea5', 'b'));
        $same = $this->lay($light('from the left', '#d8b13a', 'a'), $light('from the left', '#3a6ea5', 'b'));

        self::assertEquals($apart[0]->look->zone, $this->lay($light('from the left', '#d8b13a', 'a'))[0]->look->zone);
        self::assertNotEquals($apart[1]->look->after, $same[1]->look->after);
        $away = (new Place(null, 'the side away from the light', 'from the left'))->zone();
        self::assertSame(Zone::of('right')->quarters, $away->quarters);
        self::assertFalse($away->meets(Zone::of('left')));
        self::assertTrue($away->meets(Zone::of('upper')), 'a quarter of it is up');
    }

    /** By hand: a third of the area in its lower half, 0.33 of 1, that is 0.66 of that half. */
    public function testTheLowerThird(): void
    {
        $place = new Place(null, 'the lower third');
        $dust = Steps::step('basecoat')->application();

        self::assertEqualsWithDelta(0.33, $place->coverage($dust)->plane, 1e-9);
        self::assertEqualsWithDelta(0.66, $place->within($dust)->plane, 1e-9);
    }

    public function testZonesThatDoNotMeetHaveNoOrder(): void
    {
        $layer = Steps::step('layer')->at(new Place(null, 'upper parts'));
        $base = Steps::step('basecoat')->at(new Place(null, 'lower parts'));
        $below = Steps::step('basecoat')->at(new Place(null, 'the left'));

        self::assertSame([], OrderRules::broken([$layer, $base]));
        self::assertSame(['order.base'], self::codes(OrderRules::broken([$layer, $below])), 'they share a quarter');
    }

    /** A green lens on the third figure: what the others look like does not change, and it stands on what lies below on all. */
    public function testAFigureThatDiffersIsLaidApart(): void
    {
        $plan = new Plan([Steps::step('basecoat', '#20407a', coats: 6), Steps::step('glaze', '#c0392b', key: 'lens')], []);
        $plain = $this->lay(...$plan->steps);
        $plan = (new DifferStep('lens', Who::only([3])))->on($plan);
        self::assertSame(['basecoat', 'lens', 'lens-2'], array_map(static fn (PlannedStep $s): string => $s->key->value, $plan->steps));
        self::assertSame(['all figures', 'all but figure 3', 'figure 3 only'], array_map(
            static fn (PlannedStep $s): string => $s->scope->who->words(),
            $plan->steps,
        ));
        $plan = (new StepChange('lens-2', Steps::step('glaze', '#2f7d3a')->load->mix))->on($plan);
        $now = $this->lay(...$plan->steps);

        self::assertEquals($plain[1]->look, $now[1]->look, 'the others as before');
        self::assertEquals($plain[0]->look->after, $now[2]->look->below, 'no red below the green');
        self::assertSame([], OrderRules::broken($plan->steps));
    }

    /** @param list<int> $figures */
    #[TestWith(['all', [1, 2, 3, 4, 5], 'all figures'])]
    #[TestWith(['leaders', [1, 2], 'leaders only'])]
    #[TestWith(['3', [3], 'figure 3 only'])]
    #[TestWith(['5, 3', [3, 5], 'figures 3 and 5 only'])]
    #[TestWith(['not 1,2', [3, 4, 5], 'all but figures 1 and 2'])]
    #[TestWith(['9', [], 'figure 9 only'])]
    public function testForWhom(string $said, array $figures, string $words): void
    {
        $who = Who::from($said);

        self::assertSame($figures, $who->figures(5, 2));
        self::assertSame(count($figures), $who->of(5, 2));
        self::assertSame($words, $who->words());
        self::assertTrue($who->is(Who::from($who->value())), 'kept and read again');
    }

    #[TestWith(['', 'names no figures'])]
    #[TestWith(['some', 'names no figures'])]
    #[TestWith(['0', 'names no figures'])]
    #[TestWith(['3;;x', 'names no figures'])]
    #[TestWith(['-3', 'names no figures'])]
    public function testWhatNamesNoFigures(string $said, string $why): void
    {
        $this->expectException(RecipeProblem::class);
        $this->expectExceptionMessage($why);
        Who::from($said);
    }

    public function testWhoMeetsWhom(): void
    {
        [$all, $leaders, $third, $others, $not] = array_map(Who::from(...), ['all', 'leaders', '3', '4,5', 'not 3']);

        self::assertTrue($third->meets($all) && $all->meets($third) && $third->meets($leaders));
        self::assertFalse($third->meets($others) || $third->meets($not) || $not->meets($third));
        self::assertTrue($others->meets($not) && $not->meets($others));
    }

    /**
     * Drybrush in three rounds, smaller every time. By hand: a pass catches 0.6 of the ridge, so shares of 1, 0.65 and 0.42 catch 0.6, 0.39
     * and 0.252 of it, each a film over what is there.
     */
    public function testRoundsThatGoSmaller(): void
    {
        $loop = Loop::smaller('drybrush', 3, 'bright enough');
        self::assertSame([1.0, 0.65, 0.42], $loop->shares);
        self::assertSame('3 rounds, smaller every time: bright enough', $loop->words());
        $brush = Steps::step('drybrush', '#f2efe6', '1:0', 1);
        $once = $this->lay($brush)[0];
        $thrice = $this->lay($brush->looped($loop))[0];
        $even = $this->lay($brush->looped(new Loop('drybrush', 3, 'bright enough')))[0];

        $ridge = $this->ground()->ridge;
        foreach ([0.6, 0.39, 0.252] as $caught) {
            $ridge = $ridge->blend($brush->load->mix?->pigment()->over($ridge, 1.0) ?? $ridge, $caught);
        }
        self::assertEqualsWithDelta($ridge->bands, $thrice->look->after->ridge->bands, 1e-9);
        self::assertLessThan($even->look->after->ridge->toLab()->l, $thrice->look->after->ridge->toLab()->l);
        self::assertSame($once->look->after->hexes(), $thrice->look->first?->hexes(), 'the first round is whole');
        self::assertSame([3, 'drybrush'], [$thrice->labour->rounds, $thrice->step->key->value]);
        self::assertNotNull($thrice->step->scope->loop, 'it is the step as planned, not one round of it');
        self::assertEqualsWithDelta(3 * ($once->labour->minutes - 2.0) + 2.0, $even->labour->minutes, 1e-9, 'loaded once');
        self::assertGreaterThan(1.5 * ($once->labour->minutes - 2.0) + 2.0, $thrice->labour->minutes);
        self::assertLessThan($even->labour->minutes, $thrice->labour->minutes);
        self::assertEqualsWithDelta(3 * ($once->amount->usedMl ?? 0.0), $even->amount?->usedMl, 1e-9, 'each round takes its paint');
        self::assertLessThan($even->amount?->usedMl, $thrice->amount?->usedMl);
    }

    public function testAWashInALoopIsNotToldThatOnceIsEnough(): void
    {
        $wash = Steps::step('wash-all-over', '#7a5134');
        $said = fn (PlannedStep $s): string => implode(' ', array_map(
            static fn ($f): string => $f->sentence(),
            $this->lay($s)[0]->reasons,
        ));

        self::assertStringContainsString('Once is enough', $said($wash));
        self::assertStringNotContainsString('Once is enough', $said($wash->looped(new Loop('wash-all-over', 2, 'dark enough'))));
    }

    /** @param list<float> $shares */
    #[TestWith([[0.0], '0 % of a place'])]
    #[TestWith([[1.0, 1.2], '120 % of a place'])]
    #[TestWith([[NAN], 'of a place cannot be painted'])]
    public function testSharesThatCannotBe(array $shares, string $why): void
    {
        $this->expectException(RecipeProblem::class);
        $this->expectExceptionMessage($why);
        new Loop('a', 2, '', $shares);
    }

    /** @return list<StepOutcome> */
    private function lay(PlannedStep ...$steps): array
    {
        $area = new Area('a', 'Sail', Material::Cloth, Relief::Tight, 6.0);

        return Simulation::run(array_values($steps), $area, $this->ground());
    }

    private function ground(): Surface
    {
        return Surface::uniform(Swatches::reflectance('#868686'));
    }

    /**
     * @param list<Mark> $marks
     *
     * @return list<string>
     */
    private static function codes(array $marks): array
    {
        return array_map(static fn (Mark $m): string => $m->code, $marks);
    }
}
