<?php

declare(strict_types=1);

namespace Tests\Core\Order;

use Kalokroma\Order\Job\StillDrying;
use Kalokroma\Order\Job\Wet;
use Kalokroma\Order\OrderChange;
use Kalokroma\Order\OrderSlot;
use Kalokroma\Order\OrderSlots;
use Kalokroma\Order\Planner;
use Kalokroma\Order\PriorSchedule;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Search\FirstTry;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\Search\OrderSearch;
use Kalokroma\Order\Search\Timetable;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Technique\Technique;
use PHPUnit\Framework\TestCase;
use Tests\Core\Order\Search\OrderCases;

/** An order that is planned again: what is pinned stays, what is wet is waited for, what changed is told. */
final class PriorScheduleTest extends TestCase
{
    private const EVENINGS = [[0, 120], [1440, 1560], [2880, 3000], [4320, 4440]];

    public function testAPinnedJobStaysAndTheRestGoesAround(): void
    {
        $works = [Works::company(['coat' => ['basecoat', 'wash-all-over', 'layer'], 'belt' => ['basecoat', 'wash-all-over'],
            'boots' => ['basecoat']], 4)];
        $free = new Openings(self::EVENINGS);
        $before = Planner::plan($works, openings: $free);
        $belt = $this->id($before, 'belt:basecoat');
        $after = Planner::plan($works, openings: $free, kept: new PriorSchedule([$belt => 1500], $this->starts($before)));

        self::assertSame(1500, $this->starts($after)[$belt]);
        self::assertSame([$belt], $this->pinned($after));
        self::assertSame([], $after->letGo);
        PlannerTest::assertKept($after, $free);
        self::assertGreaterThan(1500, $this->starts($after)[$this->id($after, 'belt:wash-all-over')], 'what waits for it comes behind');
    }

    /** Five jobs are wanted before a wash that is pinned so early that no more than its own basecoat has time. */
    public function testWhatComesBeforeAPinnedJobIsDrawnForward(): void
    {
        $case = ['tasks' => [
            ['id' => 'a', 'minutes' => 20],
            ['id' => 'b', 'minutes' => 20],
            ['id' => 'base', 'minutes' => 10, 'dry' => 15],
            ['id' => 'wash-all-over', 'minutes' => 5, 'after' => ['base']],
        ]];
        $problem = OrderCases::problem($case)->with(3, 30, 35);

        // base 0 to 10, dry at 25; a would end at 30: it fits, and the wash begins at 30; b 35 to 55
        self::assertSame([2, 0, 3, 1], FirstTry::of($problem, [0, 10, 20, 30]));
        self::assertSame([2 => 0, 0 => 10, 3 => 30, 1 => 35], Timetable::of($problem, [2, 0, 3, 1], 100));
        self::assertSame(55, OrderSearch::solve($problem)->end);
        self::assertSame(30, OrderSearch::solve($problem)->starts[3]);
        self::assertNull(FirstTry::of(OrderCases::problem($case)->with(3, 20, 25), [0, 10, 20, 30]), 'its base is dry at 25');
        self::assertSame(55, OrderSearch::solve($problem, 1.0, [2, 0, 3, 1])->end);
    }

    /** With each task pinned in turn the search ends as early as the best of all sequences. */
    public function testPinsAreKeptAtTheBestEnd(): void
    {
        $tried = 0;
        for ($seed = 1; $seed <= 60; ++$seed) {
            $problem = OrderCases::problem(OrderCases::small($seed, $seed % 2 === 0, $seed % 3 === 0, 60, false));
            $task = $seed % $problem->count;
            $pinned = $problem->with($task, 12, 12 + $problem->minutes[$task]);
            $best = null;
            foreach ($this->sequences($problem->count) as $sequence) {
                $place = array_flip($sequence);
                foreach ($problem->waits as $i => $waits) {
                    if (array_filter(array_keys($waits), static fn (int $j): bool => $place[$j] > $place[$i]) !== []) {
                        continue 2;
                    }
                }
                $starts = Timetable::of($pinned, $sequence, 2000);
                $last = $sequence[$problem->count - 1];
                $best = $starts === null ? $best : min($best ?? PHP_INT_MAX, $starts[$last] + $problem->minutes[$last]);
            }
            if ($best === null) {
                continue;
            }
            ++$tried;
            $found = OrderSearch::solve($pinned);
            self::assertSame([12, $best, true], [$found->starts[$task], $found->end, $found->isProven], "seed $seed");
        }
        self::assertGreaterThan(20, $tried);
    }

    /** Planned again with nothing changed, an order stays as it is, also where a longer search would find a better one. */
    public function testAnOrderThatStandsIsNotTurnedRoundForAFewMinutes(): void
    {
        $works = [PlannerTest::keepers(8)];
        $free = new Openings(self::EVENINGS);
        $before = Planner::plan($works, openings: $free, effort: 0.01);
        $after = Planner::plan($works, openings: $free, effort: 0.3, kept: new PriorSchedule([], $this->starts($before)));

        self::assertLessThan(10, $before->end - Planner::plan($works, openings: $free, effort: 0.3)->end, 'it is about as good');
        self::assertSame(array_keys($this->starts($before)), array_keys($this->starts($after)));
    }

    public function testAPinThatCannotBeKeptIsLetGo(): void
    {
        $works = [Works::company(['coat' => ['basecoat', 'wash-all-over']])];
        $order = Planner::plan($works, openings: new Openings(self::EVENINGS), kept: new PriorSchedule(['c/coat:wash-all-over#1' => 5]));

        self::assertSame(['Coat: wash all over'], array_map(static fn ($job): string => $job->words(), $order->letGo));
        self::assertSame([], $this->pinned($order));
    }

    /** A coat that was laid dries for half an hour more: the other area comes first. */
    public function testWhatIsWetIsWaitedFor(): void
    {
        $left = static fn (StepRef $ref, $step, array $for): array => $step->isUndercoat() ? [] : $for;
        $areas = ['coat' => ['wash-all-over'], 'belt' => ['basecoat']];
        $wet = static fn (int $minutes): RunningOrder => Planner::plan([
            Works::company($areas, left: $left, wet: [new Wet('coat', [1], $minutes)]),
        ]);

        self::assertSame(30, $this->starts($wet(30))['c/coat:wash-all-over#1']);
        self::assertLessThan(5, $this->starts($wet(30))['c/belt:basecoat#1']);
        self::assertLessThan(10, $this->starts($wet(0))['c/coat:wash-all-over#1']);
        $whole = Planner::plan([Works::company($areas, left: $left, wet: [new Wet(null, [1], 45)])]);
        self::assertSame(45, min($this->starts($whole)));
    }

    /** The wash was laid an hour ago, and has to be wiped within forty minutes: it goes before all else. */
    public function testWhatHasToFollowIsNotForgotten(): void
    {
        $left = static fn (StepRef $ref, $step, array $for): array => $step->technique === Technique::OilWash || $step->isUndercoat()
            ? [] : $for;
        $areas = ['coat' => ['basecoat', 'wash-all-over', 'layer'], 'hull' => ['oil-wash', 'wiping']];
        $order = static fn (?int $latest): RunningOrder => Planner::plan(
            [Works::company($areas, 6, left: $left, wet: [new Wet('hull', range(1, 6), 5, Technique::Wiping, $latest)])],
        );
        $starts = $this->starts($order(40));

        self::assertGreaterThanOrEqual(5, $starts['c/hull:wiping#1']);
        self::assertLessThanOrEqual(40, $starts['c/hull:wiping#1']);
        self::assertSame([], $order(40)->letGo);
        self::assertSame(['Hull: wiping'], array_map(static fn ($job): string => $job->words(), $order(2)->letGo), 'too late already');
    }

    /** An oil wash dries for an hour and has to be wiped within two. */
    public function testWhatWasPaintedHoldsUntilItIsDry(): void
    {
        $since = static fn (int $passed, ?Technique $as): ?Wet => Wet::from(
            StillDrying::of('hull', [1, 2], 1_000_000, 60, null, $as),
            1_000_000 + 60 * $passed,
        );

        self::assertEquals(new Wet('hull', [1, 2], 50, Technique::Wiping, 110), $since(10, Technique::OilWash));
        self::assertEquals(new Wet('hull', [1, 2], 0, Technique::Wiping, 30), $since(90, Technique::OilWash));
        self::assertNull($since(121, Technique::OilWash));
        self::assertEquals(new Wet('hull', [1, 2], 50), $since(10, Technique::Basecoat));
        self::assertNull($since(60, Technique::Basecoat));
        self::assertNull($since(60, null));
    }

    public function testPlacesAreLitOrRefuseWithTheirReason(): void
    {
        $works = [Works::company(['coat' => ['basecoat', 'wash-all-over'], 'belt' => ['basecoat'], 'boots' => ['basecoat']], 4)];
        $order = Planner::plan($works, openings: new Openings(self::EVENINGS));
        $planned = $order->planned[0];
        $wash = (int) $planned->number('c/coat:wash-all-over#1');
        $places = OrderSlots::for($planned, $wash, static fn (int $minute): string => "at minute $minute");
        $refused = array_values(array_filter($places, static fn (OrderSlot $p): bool => $p->start === null));
        $lit = array_values(array_filter($places, static fn (OrderSlot $p): bool => $p->start !== null));

        self::assertNotSame([], $lit);
        foreach ($lit as $place) {
            $kept = new PriorSchedule(['c/coat:wash-all-over#1' => (int) $place->start], $this->starts($order), true);
            $moved = Planner::plan($works, openings: new Openings(self::EVENINGS), kept: $kept);
            self::assertSame($place->start, $this->starts($moved)['c/coat:wash-all-over#1']);
            self::assertSame([], $moved->letGo);
            PlannerTest::assertKept($moved, new Openings(self::EVENINGS));
        }
        self::assertContains(
            1442,
            array_map(static fn (OrderSlot $p): int => $p->at, $places),
            'the next evening stands empty, two minutes for laying out',
        );
        foreach ($refused as $place) {
            self::assertNotNull($place->why);
        }
        // with the boots pinned to the second evening, the basecoat still has the whole of the first
        $pinned = new PriorSchedule(['c/boots:basecoat#1' => 1440], $this->starts($order));
        $planned = Planner::plan($works, openings: new Openings(self::EVENINGS), kept: $pinned)->planned[0];
        $base = (int) $planned->number('c/coat:basecoat#1');
        self::assertGreaterThan(2, count(OrderSlots::for($planned, $base, static fn (int $minute): string => "at minute $minute")));
    }

    public function testAJobThatWaitsForAnotherSaysForWhich(): void
    {
        $works = [Works::company(['coat' => ['gloss-varnish', 'oil-wash', 'wiping'], 'belt' => ['basecoat']], 2, undercoat: [])];
        $free = new Openings([[0, 120], [1500, 1700], [3000, 3200]]);
        $planned = Planner::plan($works, openings: $free)->planned[0];
        $wash = (int) $planned->number('c/coat:oil-wash#1');
        $first = OrderSlots::one($planned, $wash, 0, static fn (int $minute): string => "at minute $minute");

        self::assertNull($first->start);
        self::assertMatchesRegularExpression(
            '/^Coat: gloss varnish has to come first: it dries for .*\. It begins at minute 15\d\d at the earliest\.$/',
            (string) $first->why?->sentence(),
        );
    }

    public function testWhatChangedIsToldInOneSentence(): void
    {
        $free = new Openings(self::EVENINGS);
        $works = static fn (array $areas): array => [Works::company($areas, 6)];
        $small = Planner::plan($works(['coat' => ['basecoat', 'wash-all-over'], 'belt' => ['basecoat']]), openings: $free);
        $large = Planner::plan($works(['coat' => ['basecoat', 'wash-all-over', 'layer'], 'belt' => ['basecoat']]), openings: $free);
        $when = static fn (int $minute): string => "at minute $minute";
        $told = fn (RunningOrder $before, RunningOrder $now): ?string => OrderChange::since(
            $this->starts($before),
            $before->end,
            $now,
            $free,
            $when,
        )
            ?->sentence();

        self::assertNull($told($small, $small));
        $more = (string) $told($small, $large);
        self::assertStringStartsWith('Changed: one task more; you finish at minute '.$large->end.', ', $more);
        self::assertStringEndsWith(' later than before.', (string) $told($small, $large));
        self::assertStringStartsWith('Changed: one task fewer; you finish', (string) $told($large, $small));
        self::assertStringEndsWith(
            'you finish at minute '.$large->end.'.',
            (string) OrderChange::since($this->starts($small), null, $large, $free, $when)?->sentence(),
            'an order without free hours is no measure of one with them',
        );
        $late = [...$this->starts($small), 'c/belt:basecoat#1' => 1450];
        self::assertStringEndsWith(
            'Changed: belt: basecoat is now in another sitting; you finish at minute '.$small->end.', as before.',
            (string) OrderChange::since($late, $small->end, $small, $free, $when)?->sentence(),
        );
    }

    /** @return iterable<list<int>> */
    private function sequences(int $count): iterable
    {
        if ($count === 0) {
            yield [];

            return;
        }
        foreach ($this->sequences($count - 1) as $shorter) {
            for ($at = 0; $at < $count; ++$at) {
                yield [...array_slice($shorter, 0, $at), $count - 1, ...array_slice($shorter, $at)];
            }
        }
    }

    private function id(RunningOrder $order, string $step): string
    {
        foreach ($order->jobs as $ordered) {
            if (str_contains($ordered->job->id, $step)) {
                return $ordered->job->id;
            }
        }
        self::fail("there is no $step");
    }

    /** @return array<string, int> */
    private function starts(RunningOrder $order): array
    {
        $starts = [];
        foreach ($order->jobs as $ordered) {
            $starts[$ordered->job->id] = $ordered->start;
        }

        return $starts;
    }

    /** @return list<string> */
    private function pinned(RunningOrder $order): array
    {
        $found = [];
        foreach ($order->jobs as $ordered) {
            if ($order->isPinned($ordered)) {
                $found[] = $ordered->job->id;
            }
        }

        return $found;
    }
}
