<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Table;

/** Expected values: the supplementary test data of Sharma, Wu and Dalal (2005), all 34 pairs. */
final class Ciede2000Test extends TestCase
{
    /** @return iterable<string, array{Lab, Lab, float}> */
    public static function publishedPairs(): iterable
    {
        foreach (Table::read('ciede2000-pairs.csv') as $i => $row) {
            yield 'pair '.($i + 1) => [
                new Lab($row['L1'], $row['a1'], $row['b1']),
                new Lab($row['L2'], $row['a2'], $row['b2']),
                $row['delta_e_00'],
            ];
        }
    }

    public function testTheTableIsWhole(): void
    {
        self::assertCount(34, iterator_to_array(self::publishedPairs()));
    }

    #[DataProvider('publishedPairs')]
    public function testPublishedPair(Lab $one, Lab $two, float $expected): void
    {
        self::assertEqualsWithDelta($expected, Ciede2000::difference($one, $two), 1e-4);
    }

    #[DataProvider('publishedPairs')]
    public function testOrderDoesNotMatter(Lab $one, Lab $two): void
    {
        self::assertEqualsWithDelta(Ciede2000::difference($one, $two), Ciede2000::difference($two, $one), 1e-9);
    }

    public function testAColourDoesNotDifferFromItself(): void
    {
        self::assertSame(0.0, Ciede2000::difference(new Lab(41.2, 30.0, -12.5), new Lab(41.2, 30.0, -12.5)));
        self::assertSame(0.0, Ciede2000::difference(new Lab(0.0, 0.0, 0.0), new Lab(0.0, 0.0, 0.0)));
    }
}
