<?php

declare(strict_types=1);

namespace Tests\Core\Order;

use Kalokroma\Figure\Material;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\LeftOver;
use Kalokroma\Order\OrderedJob;
use Kalokroma\Order\Planner;
use Kalokroma\Order\Price;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\WayOfWorking;
use Kalokroma\Order\Ways;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Plan\WholeStep;
use Kalokroma\Undercoat\Weather;
use Kalokroma\Word\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;

final class PlannerTest extends TestCase
{
    /** One figure, two areas side by side: while the wash on the coat dries (40 min), the boots are painted. */
    public function testWhileOneAreaDriesAnotherIsPainted(): void
    {
        $order = Planner::plan([self::two(['basecoat', 'wash-all-over', 'layer'], ['basecoat', 'layer'])]);

        self::assertTrue($order->isProven);
        $at = array_flip(Works::done($order));
        self::assertGreaterThan($at['coat:wash-all-over'], $at['boots:layer']);
        self::assertLessThan($at['coat:layer'], $at['boots:layer']);
        self::assertKept($order);
    }

    /** @return iterable<string, array{WayOfWorking, Openings}> */
    public static function waysAndHours(): iterable
    {
        $evenings = new Openings(array_map(static fn (int $day): array => [$day * 1440, $day * 1440 + 90], range(0, 60)));
        foreach (WayOfWorking::cases() as $way) {
            yield $way->value.', always free' => [$way, new Openings(null)];
            yield $way->value.', in evenings' => [$way, $evenings];
        }
    }

    #[DataProvider('waysAndHours')]
    public function testEveryWayKeepsEveryWaitAndEveryWindow(WayOfWorking $way, Openings $openings): void
    {
        $work = self::keepers(7);
        $order = Planner::plan([$work], $way, openings: $openings, effort: 0.1);

        self::assertKept($order, $openings);
        $figures = [];
        foreach ($order->jobs as $job) {
            foreach ($job->job->figures as $figure) {
                $figures[$job->job->step.' '.$job->job->go][] = $figure;
            }
        }
        foreach ($figures as $step => $done) {
            sort($done);
            self::assertSame(str_contains($step, 'edge-highlight') ? [1, 2] : range(1, 7), $done, $step.' is done once on each');
        }
        self::assertLessThanOrEqual($order->end, $order->lowerBound);
    }

    public function testFigureByFigureFinishesOneBeforeTheNextIsBegun(): void
    {
        $order = Planner::plan([self::keepers(3)], WayOfWorking::FigureByFigure, effort: 0.1);
        $last = [];
        foreach ($order->jobs as $job) {
            foreach ($job->job->figures as $figure) {
                if (count($job->job->figures) === 1) {
                    $last[] = $figure;
                }
            }
        }
        $sorted = $last;
        sort($sorted);

        self::assertSame($sorted, $last);
    }

    public function testAllBaseCoatsComeBeforeAnyWash(): void
    {
        $done = Works::done(Planner::plan([self::keepers(4)], WayOfWorking::BasesFirst, effort: 0.1));
        $bases = array_keys(array_filter($done, static fn (string $s): bool => str_contains($s, 'basecoat')));
        $washes = array_keys(array_filter($done, static fn (string $s): bool => str_contains($s, 'wash')));

        self::assertLessThan(min($washes), max($bases));
    }

    public function testColourByColourChangesPaintLeast(): void
    {
        $washes = static fn (WayOfWorking $way): int => Planner::plan([self::keepers(4)], $way, effort: 0.2)->washes();

        self::assertLessThanOrEqual($washes(WayOfWorking::Row), $washes(WayOfWorking::ColourByColour));
        self::assertLessThan($washes(WayOfWorking::FigureByFigure), $washes(WayOfWorking::ColourByColour));
    }

    /** What is loaded already costs nothing more: two areas in the same brown follow each other. */
    public function testOneLoadedColourIsUsedWhereverItOccurs(): void
    {
        $brown = Steps::step('basecoat', '#6f4a2e', coats: 1);
        $red = Steps::step('basecoat', '#a82a20', coats: 1);
        $order = Planner::plan([Works::company(['belt' => [$brown], 'coat' => [$red], 'boots' => [$brown]], 12)]);
        $done = Works::done($order);

        self::assertSame(1, abs((int) array_search('belt:basecoat', $done, true) - (int) array_search('boots:basecoat', $done, true)));
        self::assertSame(3, $order->washes(), 'primer, brown, red');
    }

    /** Free are 60 min today and 200 tomorrow; a gloss varnish cures overnight, so that nobody waits for it at the table. */
    public function testOvernightWaitsAreUsed(): void
    {
        $work = Works::company(['hull' => ['gloss-varnish', 'oil-wash', 'wiping']], undercoat: []);
        $order = Planner::plan([$work], openings: new Openings([[0, 60], [1500, 1700]]));

        self::assertSame(2, $order->sittings());
        self::assertLessThan(130, $order->waiting());
        self::assertSame(['hull:gloss-varnish', 'hull:oil-wash', 'hull:wiping'], Works::done($order));
        self::assertKept($order, new Openings([[0, 60], [1500, 1700]]));
    }

    public function testEachSittingBeginsWithLayingOut(): void
    {
        $order = Planner::plan([Works::company(['coat' => ['basecoat', 'layer']], 12)], openings: new Openings([[0, 70], [1440, 1600]]));

        foreach ($order->jobs as $i => $job) {
            if ($i === 0 || $job->window !== $order->jobs[$i - 1]->window) {
                $opens = [1 => 0, 2 => 1440][$job->window];
                self::assertContains($job->setUp, [2, 4], $job->job->words());
                self::assertSame($opens, $job->start - $job->setUp, 'two minutes for laying out, and two for loading what is new');
            }
        }
    }

    /**
     * A hull of 1,200 cm²: the wash takes 60 min, the wiping 120, and an hour lies between. One evening has 2 h 58, half a hull needs
     * 30 + 60 + 60 min in it, and is never older than two hours.
     */
    public function testALargeFigureIsWipedPanelByPanel(): void
    {
        $work = Works::company(['hull' => ['gloss-varnish', 'oil-wash', 'wiping']], more: ['hull' => ['cm2' => 1200.0]]);
        $order = Planner::plan([$work], openings: self::evenings(180));

        self::assertSame([], $order->leftOver);
        $at = self::byWords($order);
        foreach ([1, 2] as $panel) {
            $wash = $at["Hull: oil wash, panel $panel of 2"];
            $wiping = $at["Hull: wiping, panel $panel of 2"];
            self::assertSame($wash->window, $wiping->window);
            self::assertGreaterThanOrEqual(60, $wiping->start - $wash->end());
            self::assertLessThanOrEqual(120, $wiping->start - $wash->end());
        }
    }

    /** Two washes of one family lie on together, and are wiped together: 3 + 3 min, an hour, then the swab. */
    public function testTwoWashesOfOneFamilyAreWipedTogether(): void
    {
        $work = Works::company(['hull' => ['gloss-varnish', 'oil-wash', 'oil-wash', 'wiping']], more: ['hull' => ['cm2' => 60.0]]);
        $order = Planner::plan([$work]);
        $isWash = static fn (OrderedJob $j): bool => $j->job->planned()->technique->value === 'oil-wash';
        $washes = array_values(array_filter($order->jobs, $isWash));

        self::assertSame([], $order->late);
        self::assertLessThanOrEqual(4, $washes[1]->start - $washes[0]->end());
        self::assertLessThanOrEqual(120, self::byWords($order)['Hull: wiping']->start - $washes[0]->end());
    }

    /** In evenings of an hour nothing that rests an hour can be wiped: the rest is planned, and what is missing is told. */
    public function testWhatFitsIntoNoSittingIsLeftOverWithItsMinutes(): void
    {
        $work = Works::company(['hull' => ['basecoat', 'gloss-varnish', 'oil-wash', 'wiping', 'matt-varnish']]);
        $order = Planner::plan([$work], openings: self::evenings(60));

        self::assertSame(
            ['Hull: oil wash', 'Hull: wiping', 'Hull: matt varnish'],
            array_map(static fn (LeftOver $l): string => $l->job->words(), $order->leftOver),
        );
        // 4 cm²: 1 min of wash, an hour, 1 min of wiping, and 2 min of loading before each.
        self::assertSame(
            'Hull: wiping needs 1 h 02 in one sitting with hull: oil wash; your longest is 58 min.',
            $order->leftOver[1]->why->sentence(),
        );
        self::assertSame('It comes after hull: wiping, which is left over.', $order->leftOver[2]->why->sentence());
        self::assertArrayHasKey('Hull: gloss varnish', self::byWords($order));
    }

    /** A recipe that lets a day pass between wash and wiping is planned as it is, and told what that means. */
    public function testWhatComesTooLateByItsOwnRecipeIsTold(): void
    {
        $order = Planner::plan([Works::company(['hull' => ['oil-wash', 'gloss-varnish', 'wiping']])]);

        self::assertSame([], $order->leftOver);
        self::assertStringContainsString('and should come within 2 h', $order->late[0]->sentence());
    }

    public function testWithoutFreeHoursAllIsLeftOver(): void
    {
        $order = Planner::plan([self::keepers(2)], openings: new Openings([]));

        self::assertSame([], $order->jobs);
        self::assertSame('You have no free hours.', $order->leftOver[0]->why->sentence());
    }

    /** A month of evenings, all as long. */
    private static function evenings(int $minutes): Openings
    {
        return new Openings(array_map(static fn (int $day): array => [$day * 1440, $day * 1440 + $minutes], range(0, 30)));
    }

    /** @return array<string, OrderedJob> */
    private static function byWords(RunningOrder $order): array
    {
        $found = [];
        foreach ($order->jobs as $job) {
            $found[$job->job->words()] = $job;
        }

        return $found;
    }

    /** The dust of the fur would have to come between wash and wiping: what belongs to one sitting is not parted for that. */
    public function testNothingIsPutBetweenWhatBelongsTogether(): void
    {
        $work = Works::company(['hull' => ['oil-wash', 'wiping'], 'fur' => ['basecoat', 'drybrush']], 12);
        $order = Planner::plan([$work]);
        $at = [];
        foreach ($order->jobs as $job) {
            $at[$job->job->step][] = $job;
        }

        foreach ($at['c/hull:oil-wash'] as $i => $wash) {
            self::assertLessThanOrEqual(120, $at['c/hull:wiping'][$i]->start - $wash->end());
        }
    }

    /** Ninety-nine figures one by one are some 1,300 tasks: that way is not offered, and is refused in a sentence. */
    public function testWaysOfTooManyTasksAreNotOffered(): void
    {
        $many = self::keepers(99);
        self::assertNotContains(WayOfWorking::FigureByFigure, Ways::for($many));
        self::assertContains(WayOfWorking::Row, Ways::for($many));
        self::assertContains(WayOfWorking::FigureByFigure, Ways::for(self::keepers(12)));

        $this->expectExceptionMessageMatches('/^That is 1\d{3} tasks, and no more than 1200 can be planned at once/');
        Planner::plan([$many], WayOfWorking::FigureByFigure);
    }

    public function testHoursThatEndTooSoonAreTold(): void
    {
        $order = Planner::plan([self::keepers(6)], openings: new Openings([[0, 60]]));

        self::assertNotSame([], $order->jobs);
        self::assertLessThanOrEqual(60, $order->end);
        self::assertContains('Your free hours end before it.', array_map(
            static fn (LeftOver $l): string => $l->why->sentence(),
            $order->leftOver,
        ));
        self::assertFalse($order->isProven);
    }

    public function testDampAirPutsOffWhatHasToBeDry(): void
    {
        $work = Works::company(['coat' => ['basecoat', 'wash-all-over', 'layer']]);

        self::assertGreaterThan(
            Planner::plan([$work])->end + 30,
            Planner::plan([$work], air: new Weather(20.0, 80.0))->end,
            'a wash of 40 min takes 80',
        );
    }

    /** The rule makes the edge wait for the dust of the fur, which waits for its own wash: what it costs is what is saved without. */
    public function testARuleHasItsPrice(): void
    {
        $work = Works::company(['fur' => ['wash-all-over', 'drybrush'], 'coat' => ['edge-highlight', 'glaze', 'glaze']]);
        $price = Price::of('messy-first', [$work]);
        $with = Planner::plan([$work])->end;
        $without = Planner::plan([$work], wishes: new Wishes(['messy-first']))->end;

        self::assertGreaterThan(0, $with - $without);
        self::assertSame($with - $without, $price->minutes);
        self::assertStringContainsString(sprintf('Keeping it costs %d min.', $price->minutes), $price->costs->sentence());
        self::assertSame('Nothing here is bound by it.', Price::of('rim-last', [$work])->costs->sentence());
    }

    /** A rule that is relaxed goes where it costs something, and stays where it costs nothing. */
    public function testARelaxedRuleIsKeptWhereItIsFree(): void
    {
        $dear = Works::company(['fur' => ['wash-all-over', 'drybrush'], 'coat' => ['edge-highlight', 'glaze', 'glaze']]);
        $free = Works::company(['fur' => ['drybrush'], 'coat' => ['edge-highlight']]);
        $isKept = static function (CompanyWork $work): bool {
            $at = array_flip(Works::done(Planner::plan([$work], wishes: new Wishes(relaxed: ['messy-first']))));

            return $at['fur:drybrush'] < $at['coat:edge-highlight'];
        };

        self::assertTrue($isKept($free));
        self::assertFalse($isKept($dear));
    }

    public function testReasonsAreThoseOfTheMoment(): void
    {
        $why = static function (CompanyWork $work, string $step): string {
            foreach (Planner::plan([$work])->jobs as $job) {
                if ($job->job->step === 'c/'.$step) {
                    return implode(' ', array_map(static fn (Finding $f): string => $f->sentence(), $job->why));
                }
            }
            self::fail("There is no $step.");
        };
        $one = Works::company(['coat' => ['basecoat', 'wash-all-over', 'layer']]);
        $row = Works::company(['coat' => ['basecoat', 'wash-all-over', 'layer']], 12);

        self::assertSame('Follows coat: wash all over, once that is dry (40 min).', $why($one, 'coat:layer'));
        self::assertStringContainsString('the first figure is dry when the last is painted', $why($row, 'coat:wash-all-over'));
        self::assertSame('Nothing has to come before it.', $why($one, 'all:undercoat'));
        $fur = Works::company(['fur' => ['drybrush'], 'coat' => ['edge-highlight']]);
        self::assertStringContainsString('After fur: drybrush: dust, mist and puddles spoil finished edges.', $why(
            $fur,
            'coat:edge-highlight',
        ));
    }

    public function testTheSameQuestionHasTheSameAnswer(): void
    {
        $told = static fn (RunningOrder $o): array => array_map(static fn (OrderedJob $j): array => [$j->job->id, $j->start], $o->jobs);

        self::assertSame($told(Planner::plan([self::keepers(5)])), $told(Planner::plan([self::keepers(5)])));
    }

    public function testAdviceIsTheShortestWithItsReason(): void
    {
        $ways = Ways::compare(self::keepers(6));
        $best = min(array_map(static fn ($w): int => $w->atTheTable, $ways->all));
        $advised = array_values(array_filter($ways->all, static fn ($w): bool => $w->way === $ways->advised))[0];

        self::assertCount(7, $ways->all);
        self::assertLessThanOrEqual($best * 1.03, $advised->atTheTable);
        self::assertStringContainsString('at the table', $ways->why->sentence());
        self::assertCount(4, Ways::compare(self::keepers(1))->all, 'one figure has no rows');
    }

    /** Levels: fieldable first brings the milestone forward, and nothing of it is lost. */
    public function testFieldableForAllComesFirstWhereThatIsWanted(): void
    {
        $work = self::keepers(5);
        $first = Planner::plan([$work], wishes: new Wishes(fieldableFirst: true));
        $any = Planner::plan([$work]);

        self::assertLessThanOrEqual($any->allFieldable(), $first->allFieldable());
        self::assertCount(5, $first->fieldable());
        self::assertKept($first);
    }

    /** Company of keepers: five areas with a drybrush, metal, leaders' edges and a varnish over all. */
    public static function keepers(int $count): CompanyWork
    {
        $edge = Steps::step('edge-highlight', '#c9b58a', coats: 1);

        return Works::company(
            [
                'face' => ['basecoat', 'wash-all-over', 'layer'],
                'coat' => ['basecoat', 'wash-all-over', 'layer', $edge->for(Who::leaders())],
                'mail' => ['metal-coat', 'wash-all-over'],
                'fur' => [Steps::step('basecoat', '#8b7a60', coats: 1), 'wash-all-over', 'drybrush'],
                'base' => ['basecoat', 'drybrush', 'rim'],
            ],
            $count,
            [
                'face' => ['depth' => 1, 'cm2' => 0.8], 'coat' => ['depth' => 3], 'mail' => ['depth' => 2, 'material' => Material::Metal],
                'fur' => ['depth' => 4, 'cm2' => 2.0], 'base' => ['depth' => 8],
            ],
            [['face', 'coat'], ['coat', 'mail'], ['coat', 'fur'], ['coat', 'base'], ['face', 'fur']],
            [new WholeStep(Steps::step('matt-varnish', null))],
            min(2, $count),
        );
    }

    /**
     * @param list<string> $coat
     * @param list<string> $boots
     */
    private static function two(array $coat, array $boots): CompanyWork
    {
        return Works::company(['coat' => $coat, 'boots' => $boots], touching: [['coat', 'x'], ['boots', 'y']]);
    }

    /** By a second look at the plan, without the search: nothing overlaps, dries too little, or leaves its window. */
    public static function assertKept(RunningOrder $order, Openings $openings = new Openings(null)): void
    {
        $end = 0;
        foreach ($order->jobs as $i => $ordered) {
            self::assertGreaterThanOrEqual($end, $ordered->start - $ordered->setUp, $ordered->job->words().' begins after the one'
                .' before');
            $end = $ordered->end();
            foreach ($openings->windows === null ? [] : [$openings->windows[$ordered->window - 1]] as [$from, $to]) {
                self::assertGreaterThanOrEqual($from, $ordered->start - $ordered->setUp);
                self::assertLessThanOrEqual($to, $end);
            }
            foreach (array_slice($order->jobs, 0, $i) as $before) {
                $isBelow = $before->job->area?->id === $ordered->job->area?->id && $before->job->shares($ordered->job);
                $wait = $isBelow ? $before->job->waitFor($ordered->job) : 0;
                self::assertGreaterThanOrEqual($before->end() + $wait, $ordered->start, $ordered->job->words().' is laid on what is dry');
            }
        }
        self::assertSame($end, $order->end);
    }
}
