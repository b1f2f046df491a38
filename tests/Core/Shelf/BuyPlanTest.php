<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Shelf\BuyPlan;
use Kalokroma\Shelf\BuyProblem;
use Kalokroma\Shelf\ShelfProblem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class BuyPlanTest extends TestCase
{
    /** By hand: the set at 2890 is cheaper than p3 and p9 alone at 420 + 2600 = 3020, dearer than p3 alone. */
    public function testSingleOrSet(): void
    {
        $plan = static fn (array $requirements): BuyPlan => BuyPlan::cheapest(
            new BuyProblem($requirements, ['p3' => 420, 'p9' => 2600], ['s1' => ['price' => 2890, 'paints' => ['p3', 'p9']]]),
        );

        $one = $plan(['r1' => ['p3', 'p9']]);
        self::assertSame([420, true, ['p3'], []], [$one->price, $one->proven, $one->singles, $one->sets]);
        $both = $plan(['r1' => ['p3'], 'r2' => ['p9']]);
        self::assertSame([2890, true, [], ['s1']], [$both->price, $both->proven, $both->singles, $both->sets]);
    }

    public function testWhatNothingMeetsIsTold(): void
    {
        $plan = BuyPlan::cheapest(new BuyProblem(['r1' => ['p1'], 'r2' => ['p7'], 'r3' => []], ['p1' => 100], []));

        self::assertSame([100, ['p1'], ['r2', 'r3'], true], [$plan->price, $plan->singles, $plan->unmet, $plan->proven]);
    }

    public function testNothingAskedCostsNothing(): void
    {
        $plan = BuyPlan::cheapest(new BuyProblem([], ['p1' => 100], []));

        self::assertSame([0, true, [], [], 0.0], [$plan->price, $plan->proven, $plan->singles, $plan->sets, $plan->gap()]);
    }

    public function testIdsMayLookLikeNumbers(): void
    {
        $plan = BuyPlan::cheapest(
            new BuyProblem(
                ['7' => ['12', '13'], '8' => ['13']],
                ['12' => 10, '13' => 15],
                ['1' => ['price' => 14, 'paints' => ['13', '99']]],
            ),
        );

        self::assertSame([14, [], ['1']], [$plan->price, $plan->singles, $plan->sets]);
    }

    public function testANegativePrice(): void
    {
        $this->expectException(ShelfProblem::class);
        new BuyProblem([], ['p1' => -1], []);
    }

    /** The plain version: every purchase there is. */
    #[DataProvider('seeds')]
    public function testNoPurchaseIsCheaper(int $seed): void
    {
        $problem = self::made($seed, 7, 5, 9);
        $items = [];
        foreach ($problem->singles as $paint => $price) {
            $items[] = [$price, [$paint]];
        }
        foreach ($problem->sets as $set) {
            $items[] = [$set['price'], $set['paints']];
        }
        $best = INF;
        for ($chosen = 0; $chosen < 1 << count($items); ++$chosen) {
            $cost = 0;
            $have = [];
            foreach ($items as $i => [$price, $paints]) {
                if ($chosen >> $i & 1) {
                    $cost += $price;
                    $have += array_fill_keys($paints, true);
                }
            }
            if ($cost < $best && self::meets($problem, $have)) {
                $best = $cost;
            }
        }
        $plan = BuyPlan::cheapest($problem);

        self::assertSame([$best, true, $best], [$plan->price, $plan->proven, $plan->bound]);
        self::assertSame($plan->price, self::price($problem, $plan));
        self::assertTrue(self::meets($problem, self::bought($problem, $plan)));
    }

    /** @return iterable<array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 25; ++$seed) {
            yield [$seed];
        }
    }

    public function testTheSizesOfAWorkshopAreProven(): void
    {
        foreach ([[40, 40, 300], [80, 120, 600]] as [$requirements, $sets, $paints]) {
            $problem = self::made(5, $requirements, $sets, $paints);
            $plan = BuyPlan::cheapest($problem);
            self::assertTrue($plan->proven);
            self::assertTrue(self::meets($problem, self::bought($problem, $plan)));
            self::assertSame($plan->price, self::price($problem, $plan));
            self::assertEquals($plan, BuyPlan::cheapest($problem), 'the same question, the same answer');
        }
    }

    public function testWithLittleEffortTheGapIsHonest(): void
    {
        $problem = self::made(9, 60, 80, 120);
        $hasty = BuyPlan::cheapest($problem, 1);
        $whole = BuyPlan::cheapest($problem);

        self::assertTrue($whole->proven);
        self::assertTrue(self::meets($problem, self::bought($problem, $hasty)));
        self::assertLessThanOrEqual($whole->price, $hasty->bound);
        self::assertGreaterThanOrEqual($whole->price, $hasty->price);
        self::assertSame($hasty->price === $hasty->bound, $hasty->proven);
        self::assertEqualsWithDelta(($hasty->price - $hasty->bound) / $hasty->price, $hasty->gap(), 1e-12);
    }

    /** Prices found by a mixed-integer solver apart from this project. */
    #[TestWith([5, 4269])]
    #[TestWith([6, 3948])]
    public function testWhereManyPaintsMeetEachRequirement(int $seed, int $price): void
    {
        $plan = BuyPlan::cheapest(self::made($seed, 80, 120, 600, 10, 30, 300));

        self::assertSame([$price, true], [$plan->price, $plan->proven]);
    }

    private static function made(
        int $seed,
        int $requirements,
        int $sets,
        int $paints,
        int $fewest = 1,
        int $most = 5,
        ?int $flat = null,
    ): BuyProblem {
        $dice = new Randomizer(new Mt19937($seed));
        $some = static fn (int $least, int $most): array => array_values(
            array_unique(array_map(static fn (): string => 'p'.$dice->getInt(0, $paints - 1), range(1, $dice->getInt($least, $most)))),
        );
        $singles = $on = $asked = [];
        for ($i = 0; $i < $paints; ++$i) {
            $singles['p'.$i] = $flat ?? $dice->getInt(240, 520);
        }
        for ($i = 0; $i < $sets; ++$i) {
            $held = $some(2, min(14, $paints));
            $on['s'.$i] = [
                'price' => (int) (array_sum(array_map(static fn (string $p): int => $singles[$p], $held)) * $dice->getInt(20, 80) / 100),
                'paints' => $held,
            ];
        }
        for ($i = 0; $i < $requirements; ++$i) {
            $asked['r'.$i] = $some($fewest, $most);
        }

        return new BuyProblem($asked, $singles, $on);
    }

    /** @param array<string, true> $have */
    private static function meets(BuyProblem $problem, array $have): bool
    {
        foreach ($problem->requirements as $paints) {
            if (array_intersect_key(array_fill_keys($paints, true), $have) === []) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, true> */
    private static function bought(BuyProblem $problem, BuyPlan $plan): array
    {
        $have = array_fill_keys($plan->singles, true);
        foreach ($plan->sets as $set) {
            $have += array_fill_keys($problem->sets[$set]['paints'], true);
        }

        return $have;
    }

    private static function price(BuyProblem $problem, BuyPlan $plan): int
    {
        return array_sum(array_map(static fn (string $p): int => $problem->singles[$p], $plan->singles))
            + array_sum(array_map(static fn (string $s): int => $problem->sets[$s]['price'], $plan->sets));
    }
}
