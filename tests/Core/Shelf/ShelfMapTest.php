<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Srgb;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\FromOneSet;
use Kalokroma\Shelf\ShelfMap;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class ShelfMapTest extends TestCase
{
    public function testEmptyRegionsAreFarFromEveryPaintAndFromEachOther(): void
    {
        $shelf = Swatches::shelf();
        $gaps = ShelfMap::gaps($shelf);

        self::assertNotSame([], $gaps);
        foreach ($gaps as $i => $gap) {
            $lab = $gap['at']->toLab();
            $nearest = INF;
            foreach ($shelf as $paint) {
                if ($paint->colour !== null && ($paint->behaviour->isMixable() || $paint->behaviour === Behaviour::Metallic)) {
                    $nearest = min($nearest, Ciede2000::difference($paint->colour->toLab(), $lab));
                }
            }
            self::assertEqualsWithDelta($nearest, $gap['away'], 1e-9);
            self::assertGreaterThanOrEqual(ShelfMap::EMPTY_FROM, $gap['away']);
            foreach (array_slice($gaps, $i + 1) as $other) {
                self::assertGreaterThan(10, Ciede2000::difference($lab, $other['at']->toLab()));
                self::assertGreaterThanOrEqual($other['away'], $gap['away']);
            }
        }
    }

    public function testAPaintThatFillsARegionClosesIt(): void
    {
        $shelf = Swatches::shelf();
        $emptiest = ShelfMap::gaps($shelf)[0];
        $filled = ShelfMap::gaps([...$shelf, Swatches::paint('New', $emptiest['at']->toSrgb()->toHex())]);

        self::assertNotContains($emptiest['words'], array_column($filled, 'words'));
    }

    public function testAnEmptyShelfHasNoMap(): void
    {
        self::assertSame([], ShelfMap::gaps([]));
        self::assertSame([], ShelfMap::doubles([]));
    }

    public function testNearDoublesAreOfOneBehaviour(): void
    {
        $shelf = [
            Swatches::paint('A', '#8a5a2b'),
            Swatches::paint('B', '#8b5b2b'),
            Swatches::paint('C', '#8a5a2b', Behaviour::Wash),
            Swatches::paint('D', '#2f5a7e'),
        ];
        $pairs = array_map(static fn (array $p): string => $p['one']->name.$p['other']->name, ShelfMap::doubles($shelf));

        self::assertCount(1, $pairs);
        self::assertContains($pairs[0], ['AB', 'BA']);
    }

    /** The plain version: every pair. */
    public function testDoublesOf150PaintsAreThoseThatComparingAllFinds(): void
    {
        $shelf = Swatches::randomShelf(31, 150);
        $plain = 0;
        foreach ($shelf as $i => $one) {
            foreach (array_slice($shelf, $i + 1) as $other) {
                $plain += $one->colour !== null && $other->colour !== null && Ciede2000::difference(
                    $one->colour->toLab(),
                    $other->colour->toLab(),
                ) < 4.0 ? 1 : 0;
            }
        }

        self::assertGreaterThan(0, $plain);
        self::assertCount($plain, ShelfMap::doubles($shelf, 4.0));
    }

    public function testASetIsJudgedByWhatItsPaintsReach(): void
    {
        $wanted = [
            ['name' => 'Coat', 'colour' => Srgb::fromHex('#a8842a')->toLab(), 'share' => 3.0],
            ['name' => 'Lamp', 'colour' => Srgb::fromHex('#2f5a7e')->toLab(), 'share' => 1.0],
        ];
        $earths = FromOneSet::of([Swatches::paint('Mustard', '#a8842a'), Swatches::paint('Bone', '#d9cca6')], $wanted);

        self::assertSame(['Lamp'], $earths->missed);
        self::assertLessThan(0.01, $earths->colours[0]['nearest']?->difference);
        self::assertEqualsWithDelta(($earths->colours[1]['nearest']->difference ?? 0) / 4, $earths->apart, 1e-4);
        $nothing = FromOneSet::of([Swatches::paint('Wash', '#8b6a49', Behaviour::Wash)], $wanted);
        self::assertSame([['Coat', 'Lamp'], INF], [$nothing->missed, $nothing->apart]);
    }
}
