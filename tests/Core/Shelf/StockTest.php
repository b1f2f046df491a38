<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Movement;
use Kalokroma\Shelf\ShelfProblem;
use Kalokroma\Shelf\Stock;
use Kalokroma\Shelf\Weighing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Hand-worked cases of what is left. */
final class StockTest extends TestCase
{
    /** @param list<array{kind: Movement, ml: float}> $movements */
    #[DataProvider('ledgers')]
    public function testWhatIsLeft(array $movements, ?float $left, float $short): void
    {
        $stock = Stock::of($movements);

        self::assertSame([$left, $short], [$stock->leftMl, $stock->shortMl]);
    }

    /** @return iterable<string, array{list<array{kind: Movement, ml: float}>, float|null, float}> */
    public static function ledgers(): iterable
    {
        $row = static fn (Movement $kind, float $ml): array => ['kind' => $kind, 'ml' => $ml];
        yield 'nothing known' => [[], null, 0.0];
        yield 'used before anybody said how much there was' => [[$row(Movement::Used, -1.0)], null, 0.0];
        yield 'bought' => [[$row(Movement::Bought, 15.0)], 15.0, 0.0];
        yield '15 − 2.4 − 0.35 + 17 = 29.25' => [
            [$row(Movement::Bought, 15.0), $row(Movement::Used, -2.4), $row(Movement::Used, -0.35), $row(Movement::Bought, 17.0)],
            29.25,
            0.0,
        ];
        yield 'a count sets it, whatever came before' => [
            [$row(Movement::Bought, 15.0), $row(Movement::Used, -2.0), $row(Movement::Counted, 9.5), $row(Movement::Used, -0.5)],
            9.0,
            0.0,
        ];
        yield 'taken back' => [[$row(Movement::Counted, 5.0), $row(Movement::Used, -0.7), $row(Movement::TakenBack, 0.7)], 5.0, 0.0];
        yield '1 − 1.5: none left, half a millilitre more than there was' => [
            [$row(Movement::Counted, 1.0), $row(Movement::Used, -1.5)],
            0.0,
            0.5,
        ];
        yield 'poured away' => [[$row(Movement::Counted, 4.0), $row(Movement::PouredAway, -4.0)], 0.0, 0.0];
    }

    #[DataProvider('wrongSigns')]
    public function testAnAmountOfTheWrongSign(Movement $kind, float $ml): void
    {
        $this->expectException(ShelfProblem::class);
        Stock::of([['kind' => $kind, 'ml' => $ml]]);
    }

    /** @return iterable<array{Movement, float}> */
    public static function wrongSigns(): iterable
    {
        yield [Movement::Used, 1.0];
        yield [Movement::Bought, -1.0];
        yield [Movement::Counted, -0.1];
        yield [Movement::PouredAway, 2.0];
        yield [Movement::Counted, NAN];
        yield [Movement::Bought, INF];
    }

    /** By hand: an opaque bottle of 15 ml weighs 5 + 0.3 · 15 = 9.5 g empty; (16.5 − 9.5) / 1.25 = 5.6 ml. The median counts. */
    public function testAWeightBecomesMillilitres(): void
    {
        $found = Weighing::of([16.5, 30.0, 16.48], Behaviour::Opaque, 15.0);

        self::assertSame([16.5, 9.5, 5.6], [$found->grams, $found->tareGrams, $found->ml]);
        self::assertSame(7.0, Weighing::of([17.0], Behaviour::Thinner, 15.0, 10.0)->ml);
        self::assertLessThan(Weighing::of([20.0], Behaviour::Wash, 20.0)->ml, Weighing::of([20.0], Behaviour::Texture, 20.0)->ml);
        self::assertSame(0.0, Weighing::of([9.3], Behaviour::Opaque, 15.0)->ml, 'within the noise of an empty one');
    }

    /** @param list<float> $readings */
    #[DataProvider('impossible')]
    public function testWeightsThatCannotBe(array $readings, string $sentence): void
    {
        $this->expectException(ShelfProblem::class);
        $this->expectExceptionMessage($sentence);
        Weighing::of($readings, Behaviour::Opaque, 15.0);
    }

    /** @return iterable<array{list<float>, string}> */
    public static function impossible(): iterable
    {
        yield [[], 'gave no weight'];
        yield [[4.0], 'less than the empty bottle'];
        yield [[60.0], 'in a bottle of 15 ml'];
    }
}
