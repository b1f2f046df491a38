<?php

declare(strict_types=1);

namespace Tests\Core\Order;

use Kalokroma\Order\Deadline;
use Kalokroma\Order\Evenings;
use Kalokroma\Order\Job\Goal;
use Kalokroma\Order\OnTheTable;
use Kalokroma\Order\OrderedJob;
use Kalokroma\Order\Planner;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Recipe\Technique\Level;
use PHPUnit\Framework\TestCase;

/** What can stand on the table by a day, and several companies that share the evenings. */
final class DeadlineTest extends TestCase
{
    public function testEverythingIsDoneWhereThereIsTime(): void
    {
        $table = Deadline::of(PlannerTest::keepers(6), 100_000);

        self::assertTrue($table->isAll);
        self::assertSame('Everything that is planned is done by then.', $table->finding()->sentence());
        self::assertNull($table->leaving());
    }

    /** With less time there is never more on the table, and what is promised is done in time. */
    public function testLessTimeLeadsToLess(): void
    {
        $work = PlannerTest::keepers(6);
        $full = Planner::plan([$work])->end;
        $before = PHP_INT_MAX;
        foreach ([1.2, 0.95, 0.8, 0.6, 0.4, 0.2, 0.02] as $share) {
            $by = (int) ($share * $full);
            $table = Deadline::of($work, $by);
            $worth = self::worth($table);

            self::assertLessThanOrEqual($before, $worth, "at $share");
            self::assertLessThanOrEqual($by, $table->order->end ?? 0);
            self::assertSame($table->isAll, $table->more === 0);
            $before = $worth;
        }
        self::assertSame(0, $before, 'nobody paints a figure in a minute');
    }

    public function testItSaysHowManyFiguresGetHowFar(): void
    {
        $work = PlannerTest::keepers(6);
        $full = Planner::plan([$work])->end;

        self::assertMatchesRegularExpression(
            '/^\d figures? (is|are) finished by then, the rest fieldable\. Everything takes [\dh min]+ more\.$/',
            Deadline::of($work, (int) (0.97 * $full))->finding()->sentence(),
        );
        self::assertMatchesRegularExpression(
            '/^\d figures? (is|are) fieldable by then, the rest not begun\./',
            Deadline::of($work, (int) (0.7 * $full))->finding()->sentence(),
        );
        self::assertStringStartsWith('Not one figure is fieldable by then', Deadline::of($work, 5)->finding()->sentence());
    }

    /** What it names can be left out: without it, everything else is done by then. */
    public function testWhatIsLeftOutIsEnough(): void
    {
        $work = PlannerTest::keepers(6);
        $by = (int) (0.93 * Planner::plan([$work])->end);
        $table = Deadline::of($work, $by);
        self::assertNotSame([], $table->leaveOut);
        $goal = (new Goal(Level::Showpiece))->without(...array_column($table->leaveOut, 'step'));

        self::assertLessThanOrEqual($by, Planner::plan([$work->upTo($goal)])->end);
        self::assertStringContainsString('in all, and the rest of the plan is done by then.', (string) $table->leaving()?->sentence());
        foreach ($table->leaveOut as $step) {
            self::assertStringNotContainsString('basecoat', $step['words'], 'nothing that makes a figure fieldable is left out');
        }
    }

    /** Missing are free minutes, not days: of 30 min each evening, what is over the last one before the day counts. */
    public function testHoursThatAreMissingAreFreeHours(): void
    {
        $evenings = new Openings(array_map(static fn (int $day): array => [$day * 1440, $day * 1440 + 60], range(0, 99)));
        $work = PlannerTest::keepers(3);
        $end = Planner::plan([$work], openings: $evenings)->end;
        $table = Deadline::of($work, 60, openings: $evenings);

        self::assertEqualsWithDelta($evenings->elapsed($end) - 60, $table->more, 30);
    }

    public function testTheFirstCompanyHasItsEveningsToItself(): void
    {
        $openings = new Openings(array_map(static fn (int $day): array => [$day * 1440, $day * 1440 + 90], range(0, 60)));
        $first = Works::company(['coat' => ['basecoat', 'wash-all-over', 'layer']], 2, id: 'a');
        $second = Works::company(['hull' => ['basecoat', 'wash-all-over', 'drybrush']], id: 'b', priority: 2);
        $alone = Planner::plan([$first], openings: $openings);
        $both = Evenings::share([$second, $first], openings: $openings);
        $starts = static fn (RunningOrder $order): array => array_values(array_map(
            static fn (OrderedJob $j): array => [$j->job->id, $j->start],
            array_filter($order->jobs, static fn (OrderedJob $j): bool => $j->job->company->id === 'a'),
        ));

        self::assertSame($starts($alone), $starts($both));
        PlannerTest::assertKept($both, $openings);
    }

    /** While the wash on the first company dries, the second is painted: both are done earlier than one after the other. */
    public function testTheSecondCompanyUsesWhatTheFirstLeaves(): void
    {
        $first = Works::company(['coat' => ['basecoat', 'wash-all-over', 'layer', 'wash-all-over', 'layer']], id: 'a');
        $second = Works::company(['hull' => ['basecoat', 'layer', 'layer']], id: 'b', priority: 2);
        $both = Evenings::share([$first, $second]);

        self::assertLessThan(Planner::plan([$first])->end + Planner::plan([$second])->end, $both->end);
        PlannerTest::assertKept($both);
    }

    public function testCompaniesOfOnePriorityArePlannedAsOne(): void
    {
        $first = Works::company(['coat' => ['basecoat', 'layer']], id: 'a');
        $second = Works::company(['hull' => ['basecoat', 'layer']], id: 'b');
        $both = Evenings::share([$first, $second]);

        self::assertTrue($both->isProven);
        PlannerTest::assertKept($both);
        self::assertSame([], Evenings::share([])->jobs);
    }

    /** Figures finished count two, fieldable ones count one. */
    private static function worth(OnTheTable $table): int
    {
        $goal = $table->goal;
        if ($table->isAll) {
            return 12;
        }
        if ($goal === null) {
            return 0;
        }

        return match ($goal->all) {
            Level::Fieldable => 6 - count($goal->none) + count($goal->further),
            default => 12,
        };
    }
}
