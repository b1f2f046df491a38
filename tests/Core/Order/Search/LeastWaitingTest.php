<?php

declare(strict_types=1);

namespace Tests\Core\Order\Search;

use Kalokroma\Order\NoOrder;
use Kalokroma\Order\Search\LaterBeginning;
use Kalokroma\Order\Search\LeastWaiting;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\Search\OrderProblem;
use Kalokroma\Order\Search\Timetable;
use Kalokroma\Order\Sequencing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LeastWaitingTest extends TestCase
{
    /**
     * A shield: base 10, wash 5, an hour of drying, layer 10, varnish 10, wiped a day later. A second one: base 10, wash 5. The first
     * evening is 0 to 100, the second 1500 to 1620.
     */
    private const SHIELDS = ['windows' => [[0, 100], [1500, 1620]], 'tasks' => [
        ['id' => 'base', 'minutes' => 10],
        ['id' => 'wash', 'minutes' => 5, 'after' => ['base'], 'dry' => 60],
        ['id' => 'layer', 'minutes' => 10, 'after' => ['wash']],
        ['id' => 'varnish', 'minutes' => 10, 'after' => ['layer'], 'dry' => 1440],
        ['id' => 'wiping', 'minutes' => 10, 'after' => ['varnish']],
        ['id' => 'other base', 'minutes' => 10],
        ['id' => 'other wash', 'minutes' => 5, 'after' => ['other base']],
    ]];

    /**
     * One shield after the other waits 15 to 75 beside an untouched shield, and 1515 to 1535 for the wiping, 95 + 1440; begun 20 minutes
     * later, the second wait is none. With the other shield in the first wait, 15 to 30, 45 minutes are left, and the end is the same.
     */
    public function testTheSecondShieldIsPaintedWhileTheFirstDries(): void
    {
        $problem = OrderCases::problem(self::SHIELDS);
        $before = [0, 1, 2, 3, 5, 6, 4];
        $starts = (array) Timetable::of($problem, $before, 1620);
        self::assertSame(60 + 20, LeastWaiting::waited($problem, $starts));
        self::assertSame(60, LeastWaiting::waited($problem, LaterBeginning::of($problem, $starts)));

        $order = LeastWaiting::order($problem, $before, [0, 1, 2, 3, 4, 5, 6]);

        self::assertSame([0, 1, 5, 6, 2, 3, 4], $order);
        $starts = (array) Timetable::of($problem, $order, 1620);
        self::assertSame([15, 25, 75, 1535], [$starts[5], $starts[6], $starts[2], $starts[4]]);
        self::assertSame(45, LeastWaiting::waited($problem, LaterBeginning::of($problem, $starts)));
    }

    /** The sitting begins at 1520 instead of 1500: base 1520, wash 1530, wiping 1535. Who is at the table already is not sent away. */
    public function testASittingBeginsLaterRatherThanWaiting(): void
    {
        $problem = OrderCases::problem(self::SHIELDS);
        $starts = (array) Timetable::of($problem, [0, 1, 2, 3, 5, 6, 4], 1620);

        $later = LaterBeginning::of($problem, $starts);

        self::assertSame([1520, 1530, 1535], [$later[5], $later[6], $later[4]]);
        self::assertSame([0, 10, 75, 85], [$later[0], $later[1], $later[2], $later[3]], 'tonight is under way');
        $always = OrderCases::problem(['tasks' => self::SHIELDS['tasks']]);
        $starts = (array) Timetable::of($always, [0, 1, 2, 3, 5, 6, 4], 4000);
        self::assertSame($starts, LaterBeginning::of($always, $starts));
    }

    /** What has to follow by some minute does so still: the other wash at most 5 minutes after its base, which ends at 1535 then. */
    public function testABondHoldsInASittingThatBeginsLater(): void
    {
        $case = self::SHIELDS;
        $case['tasks'][4]['not_later'] = ['other base' => 5];
        $problem = OrderCases::problem($case);
        $starts = (array) Timetable::of($problem, [0, 1, 2, 3, 5, 6, 4], 1620);

        $later = LaterBeginning::of($problem, $starts);

        self::assertSame($later[4], 1535);
        self::assertLessThanOrEqual(5, $later[4] - $later[5] - 10);
        self::assertGreaterThanOrEqual($later[5] + 10, $later[6]);
    }

    /** A task of 40 minutes in a wait of 30 makes the end 10 minutes later, within the quarter of an hour; one of 50 does not come. */
    public function testTheEndMovesByAQuarterOfAnHourAtMost(): void
    {
        foreach ([40 => [0, 2, 1, 3], 50 => [0, 1, 2, 3]] as $minutes => $expected) {
            $problem = OrderCases::problem(['windows' => [[0, 60], [1000, 1000 + $minutes + 5], [2000, 2200]], 'tasks' => [
                ['id' => 'base', 'minutes' => 10, 'dry' => 30],
                ['id' => 'layer', 'minutes' => 10, 'after' => ['base'], 'dry' => 2000 - 50 - 10],
                ['id' => 'other', 'minutes' => $minutes],
                ['id' => 'last', 'minutes' => 100, 'after' => ['layer']],
            ]]);

            self::assertSame($expected, LeastWaiting::order($problem, [0, 1, 2, 3], [0, 1, 2, 3]), "$minutes minutes");
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function frozen(): iterable
    {
        $cases = json_decode((string) file_get_contents(__DIR__.'/../../data/waiting.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach ($cases as $case) {
            yield $case['name'] => [$case];
        }
    }

    /**
     * The sample's companies and thirty made ones as they were planned when only the end counted: as early, none waits longer.
     *
     * @param array<string, mixed> $case
     */
    #[DataProvider('frozen')]
    public function testNobodyWaitsLongerThanWhenOnlyTheEndCounted(array $case): void
    {
        [$ended, $waited, $idle] = self::solved($case);

        self::assertLessThanOrEqual($case['end'] + LeastWaiting::AS_EARLY, $ended);
        // An order that ends otherwise is another one: how many are compared, the next test says.
        self::assertTrue($ended !== $case['end'] || $waited <= $case['waiting'], "$waited minutes");
        self::assertSame([], $idle);
    }

    public function testTogetherTheyWaitMuchLess(): void
    {
        $before = $now = $compared = 0;
        foreach (self::frozen() as [$case]) {
            [$ended, $waited] = self::solved($case);
            $compared += $ended === $case['end'] ? 1 : 0;
            if ($case['windows'] !== null) {
                $before += $case['waiting'];
                $now += $waited;
            }
        }

        self::assertGreaterThan(25, $compared);
        self::assertLessThan(0.9 * $before, $now, "$before minutes before, $now now");
    }

    /**
     * @param array<string, mixed> $case
     *
     * @return array{int, int, list<string>} end and waiting in minutes, and what is idle beside ready work
     */
    private static function solved(array $case): array
    {
        static $known = [];
        if (isset($known[$case['name']])) {
            return $known[$case['name']];
        }
        $problem = new OrderProblem(
            array_map(strval(...), array_keys($case['minutes'])),
            $case['minutes'],
            $case['waits'],
            $case['labels'],
            $case['setup'],
            $case['not_later'],
            new Openings($case['windows']),
            isTogether: true,
            release: $case['release'],
        );
        try {
            $sequence = Sequencing::of($problem, $case['ranks'], 0.1)->sequence;
        } catch (NoOrder) {
            self::fail('no order');
        }
        $starts = LaterBeginning::of($problem, (array) Timetable::of($problem, $sequence, $problem->horizon()));
        $last = (int) array_key_last($starts);

        return $known[$case['name']] = [
            $starts[$last] + $problem->minutes[$last],
            LeastWaiting::waited($problem, $starts),
            Idle::beside($problem, $starts),
        ];
    }
}
