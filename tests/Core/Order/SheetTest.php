<?php

declare(strict_types=1);

namespace Tests\Core\Order;

use Kalokroma\Order\LooksThen;
use Kalokroma\Order\Planner;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\Sheet;
use Kalokroma\Order\SoFar;
use Kalokroma\Order\WayOfWorking;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Word\Ranges;
use PHPUnit\Framework\TestCase;

final class SheetTest extends TestCase
{
    /** 90 minutes each evening: whatever is done is on one sheet, in its time, and the sheets end with the order. */
    public function testEachSittingIsASheet(): void
    {
        $order = Planner::plan([PlannerTest::keepers(5)], openings: self::evenings(), effort: 0.1);
        $sheets = Sheet::of($order);

        self::assertCount((int) $order->sittings(), $sheets);
        self::assertSame(count($order->jobs), array_sum(array_map(static fn (Sheet $s): int => count($s->jobs), $sheets)));
        self::assertSame($order->end, end($sheets)->end());
        self::assertSame($order->waiting(), array_sum(array_map(static fn (Sheet $s): int => $s->waiting(), $sheets)));
        foreach ($sheets as $at => $sheet) {
            self::assertSame($at + 1, $sheet->number);
            self::assertSame($sheet->waiting(), array_sum(array_map(static fn (array $gap): int => $gap[1] - $gap[0], $sheet->gaps())));
            self::assertEqualsWithDelta([0.0, 1.0], [$sheet->at($sheet->start()), $sheet->at($sheet->end())], 1e-9);
            self::assertLessThanOrEqual(90, $sheet->minutes());
        }
        self::assertContains(Level::Finished, end($sheets)->milestones($order));
        self::assertNotContains(Level::Finished, $sheets[0]->milestones($order));
    }

    /** Always free: a painter gets up where a gloss varnish cures for a day. */
    public function testWithoutHoursALongWaitPartsTwoSittings(): void
    {
        $order = Planner::plan([Works::company(['hull' => ['basecoat', 'gloss-varnish', 'oil-wash', 'wiping']])]);
        $jobs = array_map(static fn (Sheet $s): int => count($s->jobs), Sheet::of($order));

        self::assertSame([3, 1, 1], $jobs, 'undercoat, base, varnish; the wash; its wiping, an hour later');
        self::assertSame([], Sheet::of(Planner::plan([])));
    }

    /** Begun an hour ago: 20 minutes, done 40 minutes ago; 10 minutes, done 15 ago; something nobody timed, done now. */
    public function testWhatWasReallyPaintedIsDrawnByItsRealTimes(): void
    {
        $soFar = SoFar::of([[40, 20], [15, 10], [0, 0]]);

        self::assertSame(60, $soFar->minutes);
        self::assertEqualsWithDelta([[0, 20 / 60], [35 / 60, 10 / 60], [59 / 60, 1 / 60]], $soFar->spans, 1e-9);
        self::assertSame([], SoFar::of([])->spans);
        // both written down just now, 18 minutes each: the second one had no time of its own
        self::assertEqualsWithDelta([[0, 1], [17 / 18, 1 / 18]], SoFar::of([[0, 18], [0, 18]])->spans, 1e-9);
    }

    public function testPotsAreFetchedOnceEach(): void
    {
        $order = Planner::plan([Works::company(['coat' => ['basecoat', 'layer'], 'boots' => ['basecoat']], 12)], effort: 0.1);
        $sheet = Sheet::of($order)[0];

        self::assertCount(2, $sheet->paints(), 'the primer and one brown');
        self::assertSame(12, $sheet->figures());
        self::assertContains('airbrush', $sheet->tools());
    }

    /** Before anything there is nothing to see; at the end every area looks as its recipe ends. */
    public function testFiguresLookAsWhatIsDoneByThen(): void
    {
        $work = PlannerTest::keepers(3);
        $order = Planner::plan([$work], WayOfWorking::BasesFirst, effort: 0.1);
        $looks = static fn (int $minute): array => array_map(static fn ($s): string => $s->plane->toHex(), LooksThen::by(
            $work,
            $order,
            $minute,
        ));

        self::assertSame([], $looks(0));
        self::assertCount(1, array_unique($looks($order->jobs[0]->end())), 'all in the grey of the undercoat');
        $end = $looks($order->end);
        self::assertCount(5, $end);
        foreach ($work->recipes as $area => $outcomes) {
            self::assertSame(end($outcomes)->look->after->plane->toHex(), $end[$area]);
        }
    }

    public function testNumbersInARow(): void
    {
        self::assertSame('7–9 and 12', Ranges::words([7, 8, 9, 12]));
        self::assertSame('3', Ranges::words([3]));
        self::assertSame('1 and 2', Ranges::words([1, 2]));
        self::assertSame('1, 2 and 4–12', Ranges::words([1, 2, ...range(4, 12)]), 'two in a row are no span');
        self::assertSame('1–4, 6 and 9–11', Ranges::words([1, 2, 3, 4, 6, 9, 10, 11]));
        self::assertSame('', Ranges::words([]));
    }

    private static function evenings(): Openings
    {
        return new Openings(array_map(static fn (int $day): array => [$day * 1440, $day * 1440 + 90], range(0, 60)));
    }
}
