<?php

declare(strict_types=1);

namespace Tests\Core\Order\Search;

use DomainException;
use Kalokroma\Order\Search\Annealing;
use Kalokroma\Order\Search\HeadsAndTails;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\Search\OrderAnswer;
use Kalokroma\Order\Search\OrderProblem;
use Kalokroma\Order\Search\OrderSearch;
use Kalokroma\Order\Search\Preemptive;
use Kalokroma\Order\Search\Timetable;
use Kalokroma\Order\Search\UnavoidableChanges;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** @phpstan-import-type Case from OrderCases */
final class OrderSearchTest extends TestCase
{
    /** Problems whose best ends two independent solvers have proven. */
    #[DataProvider('published')]
    public function testReachesAndProvesAKnownOptimum(string $file): void
    {
        /** @var Case $case */
        $case = json_decode((string) file_get_contents($file), true, 16, JSON_THROW_ON_ERROR);
        /** @var array{optimum?: int, optimum_end?: int, optimum_last_window?: int} $best */
        $best = $case;
        $problem = OrderCases::problem($case);
        $found = OrderSearch::solve($problem);

        self::assertSame($best['optimum'] ?? $best['optimum_end'] ?? null, $found->end);
        self::assertSame($best['optimum_last_window'] ?? null, $found->lastWindow);
        self::assertTrue($found->isProven);
        self::assertSame($found->end, $found->lowerBound);
        $this->assertKept($problem, $found);
    }

    /** @return iterable<string, array{string}> */
    public static function published(): iterable
    {
        foreach (glob(__DIR__.'/../../data/order/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    /** Every sequence of two to six tasks tried, in each mixture of what a problem may hold. */
    #[DataProvider('mixtures')]
    public function testIsTheBestOfAllSequences(bool $windows, bool $setup, int $labelled, bool $soon): void
    {
        $solved = 0;
        for ($seed = 1; $seed <= 40; ++$seed) {
            $case = ['together' => $soon && $seed % 2 === 0] + OrderCases::small($seed, $windows, $setup, $labelled, $soon);
            $best = OrderCases::best($case);
            $told = json_encode($case, JSON_THROW_ON_ERROR);
            try {
                $problem = OrderCases::problem($case);
                $found = OrderSearch::solve($problem);
            } catch (DomainException) {
                self::assertNull($best, $told);
                continue;
            }
            ++$solved;
            self::assertSame($best, [$found->end, $found->changes], $told);
            self::assertTrue($found->isProven, $told);
            self::assertLessThanOrEqual($found->end, HeadsAndTails::of($problem)->end, 'a bound lies never above the best: '.$told);
            $this->assertKept($problem, $found);
        }
        self::assertGreaterThan(20, $solved);
    }

    /** @return iterable<string, array{bool, bool, int, bool}> */
    public static function mixtures(): iterable
    {
        foreach ([false, true] as $windows) {
            foreach ([false, true] as $setup) {
                foreach ([0, 60, 100] as $labelled) {
                    foreach ([false, true] as $soon) {
                        $name = ($windows ? 'windows, ' : '').($setup ? 'set-ups, ' : '').($soon
                            ? 'not later, ' : '')."$labelled % labelled";
                        yield $name => [$windows, $setup, $labelled, $soon];
                    }
                }
            }
        }
    }

    public function testDryingIsFilledWithOtherWork(): void
    {
        $case = ['tasks' => [
            ['id' => 'prime', 'minutes' => 10, 'dry' => 30],
            ['id' => 'coat', 'minutes' => 15, 'dry' => 0, 'after' => ['prime']],
            ['id' => 'base rim', 'minutes' => 20],
        ]];

        // prime 0 to 10, base rim 10 to 30, drying until 40, coat 40 to 55; with less drying only the work remains: 45
        self::assertSame(55, OrderSearch::solve(OrderCases::problem($case))->end);
        $case['tasks'][0]['dry'] = 12;
        self::assertSame(45, OrderSearch::solve(OrderCases::problem($case))->end);
    }

    /** Free from 0 to 30 and from 40 to 90: a wash at 20 could be wiped at 40, but not in the same sitting. */
    public function testWhatBelongsToOneSittingIsNotParted(): void
    {
        $case = ['windows' => [[0, 30], [40, 90]], 'tasks' => [
            ['id' => 'wash', 'minutes' => 10, 'dry' => 5],
            ['id' => 'wipe', 'minutes' => 20, 'after' => ['wash'], 'not_later' => ['wash' => 60]],
        ]];

        self::assertSame([0 => 0, 1 => 40], OrderSearch::solve(OrderCases::problem($case))->starts);
        // wash 40 to 50, dry at 55, wiped until 75
        $together = OrderSearch::solve(OrderCases::problem(['together' => true] + $case));
        self::assertSame([0 => 40, 1 => 55], $together->starts);
        self::assertSame(75, $together->end);
    }

    /** A wash that must be wiped 5 to 8 minutes after it was laid, and a pin that holds the figure until minute 40. */
    public function testAnEarlierTaskIsPutOffSoThatALaterOneIsNotTooLate(): void
    {
        $case = ['tasks' => [
            ['id' => 'glue', 'minutes' => 10, 'dry' => 30],
            ['id' => 'wash', 'minutes' => 4, 'dry' => 5],
            ['id' => 'wipe', 'minutes' => 6, 'after' => ['wash', 'glue'], 'not_later' => ['wash' => 8]],
        ]];
        $problem = OrderCases::problem($case);

        // glue ends at 10 and holds at 40; wipe at 40 means that wash ends at 32 at the earliest: it starts at 28
        self::assertSame([0 => 0, 1 => 28, 2 => 40], Timetable::of($problem, [0, 1, 2], 100));
        self::assertNull(Timetable::of($problem, [0, 1, 2], 45));
        self::assertSame(46, OrderSearch::solve($problem)->end);
    }

    /** J. Carlier's kind of example, worked by hand: heads 0, 2, 4; minutes 5, 3, 2; tails 1, 9, 7. */
    public function testThePreemptiveBoundByHand(): void
    {
        // a 0 to 2; b 2 to 5, its tail until 14; c 5 to 7, until 14; a 7 to 10, until 11
        self::assertSame(14, Preemptive::end([0, 2, 4], [5, 3, 2], [1, 9, 7], 0, new Openings(null)));
        // free from 0 to 3 and from 10: a 0 to 2; b 2 to 3 and 10 to 12, until 21; c 12 to 14, until 21; a 14 to 17
        self::assertSame(21, Preemptive::end([0, 2, 4], [5, 3, 2], [1, 9, 7], 0, new Openings([[0, 3], [10, 30]])));
        self::assertSame(PHP_INT_MAX, Preemptive::end([0, 2, 4], [5, 3, 2], [1, 9, 7], 0, new Openings([[0, 3]])));
    }

    /** Red, then grey, then red again on one area, whatever is done in between: red is made ready twice, grey once. */
    public function testChangesThatCannotBeAvoided(): void
    {
        $problem = OrderCases::problem(['setup_minutes' => 3, 'tasks' => [
            ['id' => 'coat', 'minutes' => 5, 'setup' => 'red'],
            ['id' => 'buckle', 'minutes' => 5, 'setup' => 'grey', 'after' => ['coat']],
            ['id' => 'edge', 'minutes' => 5, 'setup' => 'red', 'after' => ['buckle']],
            ['id' => 'boots', 'minutes' => 5, 'setup' => 'grey'],
        ]]);
        $changes = UnavoidableChanges::of($problem);

        self::assertSame([1 => 2, 2 => 1], $changes->left([0, 1, 1, 0], 0));
        self::assertSame([1 => 1, 2 => 1], $changes->left([0, 1, 1, 0], 1), 'red stands ready');
        self::assertSame([1 => 1], $changes->left([1 => 0, 2 => 1, 3 => 0], 2), 'behind the coat, with grey ready');
        // 4 × 5 minutes and 3 changes of 3
        self::assertSame(29, OrderSearch::solve($problem)->end);
    }

    public function testALongSequenceIsMadeNoWorse(): void
    {
        $tasks = [];
        foreach (range(0, 39) as $i) {
            $tasks[] = ['id' => "t$i", 'minutes' => 4 + $i % 5, 'dry' => 10 + $i % 7, 'after' => $i < 4 ? [] : ['t'.($i - 4)],
                'setup' => 'abcde'[$i % 5]];
        }
        $problem = OrderCases::problem(['tasks' => $tasks, 'setup_minutes' => 3]);
        $better = Annealing::better($problem, range(0, 39));
        $end = static fn (array $sequence): int => max(array_map(
            static fn (int $task, int $start): int => $start + $problem->minutes[$task],
            array_keys((array) Timetable::of($problem, $sequence, 10_000)),
            (array) Timetable::of($problem, $sequence, 10_000),
        ));

        self::assertSame(range(0, 39), array_values(array_unique([...array_intersect(range(0, 39), $better)])));
        self::assertLessThan($end(range(0, 39)), $end($better));
        self::assertSame($better, Annealing::better($problem, range(0, 39)), 'the same chance each time');
        self::assertGreaterThanOrEqual(OrderSearch::solve($problem)->lowerBound, $end($better));
    }

    public function testWindowsAreSearchedWithTheSetUpInside(): void
    {
        $openings = new Openings([[0, 10], [20, 25], [40, 60]]);

        self::assertSame(7, $openings->earliest(7, 3, 3));
        self::assertSame(22, $openings->earliest(8, 2, 3), 'the set-up begins at 20');
        self::assertSame(43, $openings->earliest(8, 3, 4), 'seven minutes do not fit between 20 and 25');
        self::assertNull($openings->earliest(50, 0, 11));
        self::assertSame(
            [5, 10, 10, 12, 15, 15, 25, 35, 35],
            array_map($openings->elapsed(...), [5, 10, 15, 22, 25, 40, 50, 60, 90]),
            'free minutes',
        );
        self::assertSame([1, 2, 3], [$openings->windowOf(10), $openings->windowOf(21), $openings->windowOf(41)]);
    }

    public function testACircleIsToldByItsMembers(): void
    {
        $this->expectExceptionMessage('These wait for each other in a circle: c → b → c.');
        OrderCases::problem(['tasks' => [
            ['id' => 'a', 'minutes' => 1],
            ['id' => 'b', 'minutes' => 1, 'after' => ['a', 'c']],
            ['id' => 'c', 'minutes' => 1, 'after' => ['b']],
            ['id' => 'd', 'minutes' => 1, 'after' => ['c']],
        ]]);
    }

    public function testTheSameQuestionHasTheSameAnswer(): void
    {
        $case = OrderCases::small(7, true, true, 100, false);

        self::assertEquals(OrderSearch::solve(OrderCases::problem($case)), OrderSearch::solve(OrderCases::problem($case)));
    }

    /** All that a problem asks holds for the starts that were found. */
    private function assertKept(OrderProblem $problem, OrderAnswer $found): void
    {
        self::assertCount($problem->count, $found->starts);
        [$time, $ready] = [0, 0];
        foreach ($found->starts as $i => $start) {
            $setup = $problem->setupOf($i, $ready);
            self::assertGreaterThanOrEqual($time + $setup, $start);
            foreach ($problem->waits[$i] as $j => $lag) {
                self::assertGreaterThanOrEqual($found->starts[$j] + $problem->minutes[$j] + $lag, $start);
            }
            foreach ($problem->notLater[$i] as $j => $most) {
                self::assertLessThanOrEqual($found->starts[$j] + $problem->minutes[$j] + $most, $start);
            }
            self::assertSame($start, $problem->openings->earliest($start, $setup, $problem->minutes[$i]), 'inside a window');
            $time = $start + $problem->minutes[$i];
            $ready = $problem->labels[$i] ?: $ready;
        }
        self::assertSame($found->end, $time);
    }
}
