<?php

declare(strict_types=1);

namespace Tests\Core\Order\Job;

use Kalokroma\Order\Job\InRow;
use PHPUnit\Framework\TestCase;

final class InRowTest extends TestCase
{
    /** A wash of 40 min on twelve figures of 3 min each, then layers of 2 min each: 40 − 11 · 2 = 18 are left to wait. */
    public function testTheWaitIsWhatTheRowDoesNotDryByItself(): void
    {
        $row = range(1, 12);

        self::assertSame(18, InRow::wait(40, 3.0, 2.0, $row, $row));
        self::assertSame(18, InRow::wait(40, 2.0, 3.0, $row, $row), 'the quicker of both steps counts: the last figure is next to wait');
        self::assertSame(40, InRow::wait(40, 3.0, 2.0, [1], [1]), 'one figure waits for all of it');
        self::assertSame(0, InRow::wait(8, 3.0, 2.0, $row, $row), 'the first is dry when the last is done: 8 − 22 is nothing to wait');
        self::assertSame(8, InRow::wait(8, 0.1, 0.0, [1, 2], [1, 2]), 'not a minute is rounded away');
    }

    /**
     * Every figure by itself: figure i ends at (i + 1) · a of the first step and begins at i · b of the next, which starts a wait after
     * the first has ended. The least wait at which all are dry is searched for minute by minute.
     */
    public function testNoFigureIsPaintedWetAndNoMinuteIsWasted(): void
    {
        foreach ([[40, 3.0, 2.0, 12], [20, 0.5, 4.0, 7], [60, 6.0, 6.0, 5], [8, 1.0, 1.0, 12], [30, 2.5, 1.5, 3]] as [$dry, $a, $b, $n]) {
            $isDry = static function (int $wait) use ($dry, $a, $b, $n): bool {
                for ($i = 0; $i < $n; ++$i) {
                    if ($n * $a + $wait + $i * $b - ($i + 1) * $a < $dry - 1e-9) {
                        return false;
                    }
                }

                return true;
            };
            for ($wait = 0; !$isDry($wait); ++$wait);

            self::assertSame($wait, InRow::wait($dry, $a, $b, range(1, $n), range(1, $n)), "$dry $a $b $n");
        }
    }

    /** Six figures at 3 min, then all twelve at 2 min, the six first: figure 6 ends last and is fifth in turn, 40 − 5 · 2 = 30. */
    public function testGroupsThatDifferWaitForTheFiguresTheyShare(): void
    {
        self::assertSame(30, InRow::wait(40, 3.0, 2.0, range(1, 6), range(1, 12)));
        self::assertSame(0, InRow::wait(40, 3.0, 2.0, [1, 2], [3, 4]), 'nothing is shared');
    }

    /** A wash rests 60 to 120 min; six figures of 4 min, wiped in 10 min each: the sixth comes 50 min later, so 120 − 50 = 70. */
    public function testNoFigureComesTooLate(): void
    {
        self::assertSame(70, InRow::latest(120, 4.0, 10.0, 6));
        self::assertSame(120, InRow::latest(120, 4.0, 10.0, 1));
    }

    /** With n figures the wait is 60 − (n − 1) · 4, and at most 120 − (n − 1) · 10: both hold up to n = 11, where 20 ≤ 20. */
    public function testARowIsNoLongerThanCanBeWipedInTime(): void
    {
        self::assertSame(11, InRow::most(60, 120, 4.0, 10.0, 40));
        self::assertSame(5, InRow::most(60, 120, 4.0, 10.0, 5));
        self::assertSame(1, InRow::most(60, 60, 4.0, 90.0, 12), 'one figure is always possible');
    }
}
