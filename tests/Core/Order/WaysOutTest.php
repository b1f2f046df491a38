<?php

declare(strict_types=1);

namespace Tests\Core\Order;

use Kalokroma\Order\Planner;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\WayOut;
use Kalokroma\Order\WaysOut;
use PHPUnit\Framework\TestCase;

final class WaysOutTest extends TestCase
{
    private const DAY = 1440;

    /** The last evening that is needed, ten minutes shorter than what is done in it: a quarter of an hour more does. */
    public function testTheLastEveningALittleLonger(): void
    {
        $work = Works::company(['coat' => ['basecoat', 'wash-all-over', 'layer', 'feathered-layer']], 4);
        $windows = self::evenings(40, 30);
        $order = Planner::plan([$work], openings: new Openings($windows));
        $last = (int) $order->lastWindow();
        $windows = array_slice($windows, 0, $last);
        $windows[$last - 1][1] = $order->end - 10;
        self::assertNotSame([], Planner::plan([$work], openings: new Openings($windows))->leftOver);

        $ways = array_column(WaysOut::of($work, openings: new Openings($windows)), null, 'id');
        $longer = $ways[WayOut::LONGER] ?? self::fail('an evening can be longer');
        self::assertSame([$last, 15], [$longer->window, $longer->minutes]);
        $windows[$last - 1][1] += 15;
        self::assertSame([], Planner::plan([$work], openings: new Openings($windows))->leftOver);
        self::assertArrayHasKey(WayOut::FIELDABLE, $ways, 'the highlights are what is too much');
        self::assertSame(['coat:layer', 'coat:feathered-layer'], $ways[WayOut::FIELDABLE]->steps);
    }

    public function testWhereAllFitsNothingIsOffered(): void
    {
        self::assertSame([], WaysOut::of(Works::company(['coat' => ['basecoat']])));
        $none = WaysOut::of(Works::company(['coat' => ['basecoat']]), openings: new Openings([]));
        self::assertSame([], $none, 'hours are asked for first');
    }

    /** In evenings of an hour a wash that rests an hour is wiped in one that is longer. */
    public function testWhatFitsIntoNoEveningIsGivenALongerOne(): void
    {
        $work = Works::company(['hull' => ['basecoat', 'gloss-varnish', 'oil-wash', 'wiping']]);
        $ways = WaysOut::of($work, openings: new Openings(self::evenings(60, 30)));
        $longer = array_column($ways, null, 'id')[WayOut::LONGER] ?? self::fail('an evening can be longer');

        self::assertSame(15, $longer->minutes);
    }

    /** @return list<array{int, int}> */
    private static function evenings(int $minutes, int $count): array
    {
        return array_map(static fn (int $day): array => [$day * self::DAY, $day * self::DAY + $minutes], range(0, $count - 1));
    }
}
