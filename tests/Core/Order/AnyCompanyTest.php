<?php

declare(strict_types=1);

namespace Tests\Core\Order;

use Kalokroma\Order\Planner;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Order\Search\Idle;

/** There is always an order: a hundred of the companies of `benchmarks/order-any`. */
final class AnyCompanyTest extends TestCase
{
    /** @return iterable<string, array{int}> the first seed of ten */
    public static function tens(): iterable
    {
        foreach (range(0, 90, 10) as $first) {
            yield "from $first" => [$first];
        }
    }

    #[DataProvider('tens')]
    public function testEveryCompanyHasAnOrderThatKeepsTheHardRules(int $first): void
    {
        foreach (range($first, $first + 9) as $seed) {
            [$work, $openings] = MadeCompanies::of($seed);
            $order = Planner::plan([$work], openings: $openings, effort: 0.05);

            self::assertSame([], MadeCompanies::broken($order, $openings), "seed $seed");
            foreach ($order->late === [] ? $order->planned : [] as $planned) {
                self::assertSame([], Idle::beside($planned->problem, $planned->starts), "seed $seed: nobody waits beside ready work");
            }
            self::assertTrue($openings->windows !== null || $order->leftOver === [], "seed $seed: always free");
        }
    }
}
