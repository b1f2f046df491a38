<?php

declare(strict_types=1);

namespace Tests\Core\Order\Search;

use Kalokroma\Order\Search\FewestRuns;
use Kalokroma\Order\Search\Naturally;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\Search\OrderSearch;
use Kalokroma\Order\Search\Timetable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class NaturallyTest extends TestCase
{
    /** Three tasks that are free of each other end at 30 in any order: they are done as they are named. */
    public function testWhatIsAllTheSameIsDoneAsItIsNamed(): void
    {
        $problem = OrderCases::problem(['tasks' => [
            ['id' => 'a', 'minutes' => 10], ['id' => 'b', 'minutes' => 10], ['id' => 'c', 'minutes' => 10, 'after' => ['a']],
        ]]);

        self::assertSame([0, 1, 2], Naturally::order($problem, [1, 0, 2], [0, 1, 2]));
        self::assertSame([1, 0, 2], Naturally::order($problem, [0, 1, 2], [1, 0, 2]));
        self::assertSame([0, 1, 2], Naturally::order($problem, [0, 2, 1], [0, 1, 2]), 'and c not before a');
    }

    /** Red, red, blue: one change fewer is worth more than the names, and the run of red is taken forward as a whole. */
    public function testNoChangeOfPaintIsAdded(): void
    {
        $problem = OrderCases::problem(['setup_minutes' => 2, 'tasks' => [
            ['id' => 'red', 'minutes' => 5, 'setup' => 'red'],
            ['id' => 'blue', 'minutes' => 5, 'setup' => 'blue'],
            ['id' => 'red again', 'minutes' => 5, 'setup' => 'red'],
        ]]);

        self::assertSame([0, 2, 1], Naturally::order($problem, [1, 0, 2], [0, 1, 2]));
    }

    /** On seeded problems of every mixture: as early, with as few changes, and what waits still waits. */
    #[TestWith([false, false])]
    #[TestWith([true, false])]
    #[TestWith([false, true])]
    #[TestWith([true, true])]
    public function testNothingIsLost(bool $windows, bool $setup): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $problem = OrderCases::problem(OrderCases::small($seed, $windows, $setup, 80, false));
            try {
                $answer = OrderSearch::solve($problem);
            } catch (\DomainException) {
                continue;
            }
            $sequence = Naturally::order($problem, array_keys($answer->starts), array_reverse(array_keys($problem->ids)));
            $starts = Timetable::of($problem, $sequence, $answer->end);

            self::assertNotNull($starts, "seed $seed ends later");
            $changes = $ready = 0;
            foreach ($sequence as $task) {
                $label = $problem->labels[$task];
                $changes += $label > 0 && $label !== $ready ? 1 : 0;
                $ready = $label ?: $ready;
            }
            self::assertSame($answer->changes, $changes, "seed $seed");
        }
    }

    /**
     * Red before blue on one area, blue before red on the other: with both in one go each, red would come before itself. One of them is
     * made ready twice, which no single chain tells.
     */
    public function testLabelsInEachOthersWayAreMadeReadyMoreOften(): void
    {
        $problem = OrderCases::problem(['setup_minutes' => 3, 'tasks' => [
            ['id' => 'a1', 'minutes' => 5, 'setup' => 'red'], ['id' => 'a2', 'minutes' => 5, 'setup' => 'blue', 'after' => ['a1']],
            ['id' => 'b1', 'minutes' => 5, 'setup' => 'blue'], ['id' => 'b2', 'minutes' => 5, 'setup' => 'red', 'after' => ['b1']],
        ]]);

        self::assertSame([[[1, 2], 1]], FewestRuns::more($problem, [1 => 1, 2 => 1]));
        self::assertSame([], FewestRuns::more($problem, [1 => 2, 2 => 1]), 'it is known already');
        // 20 minutes of work and three set-ups of 3.
        self::assertSame(29, OrderSearch::boundOf($problem));
        self::assertSame(29, OrderSearch::solve($problem)->end);
    }

    public function testWindowsLessBusyTimes(): void
    {
        $free = new Openings([[0, 60], [100, 160]]);

        self::assertSame([[20, 60], [100, 120], [140, 160]], $free->without([[0, 20], [120, 140]])->windows);
        self::assertSame([[100, 160]], $free->without([[0, 58]], 5)->windows, 'two minutes are not worth while');
        self::assertSame([[0, 60], [100, 130]], $free->until(130)->windows);
        self::assertSame([[2, 60], [102, 160]], $free->openingLater(2)->windows);
        self::assertSame([60, null], [$free->longest(), (new Openings(null))->longest()]);
        self::assertSame([[0, 40], [40, 60], [100, 160]], $free->beginningWith(40)->windows);
        self::assertSame([0, 40], (new Openings(null))->beginningWith(40)->windows[0] ?? null);
    }

    /** Fifty minutes from 30 on: 30 in the first window, 20 in the second. */
    public function testWorkGoesOnInTheNextWindow(): void
    {
        $free = new Openings([[0, 60], [100, 160]]);

        self::assertSame(120, $free->worked(30, 50));
        self::assertSame(60, $free->worked(30, 30));
        self::assertSame(PHP_INT_MAX, $free->worked(30, 100));
        self::assertSame(80, (new Openings(null))->worked(30, 50));
    }
}
