<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Shelf\Matcher;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\RankedMix;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Swatches;

final class MatcherTest extends TestCase
{
    private const RATIOS = [[1, 1], [1, 2], [2, 1], [1, 3], [3, 1], [1, 4], [4, 1], [1, 5], [5, 1], [2, 3], [3, 2]];

    /** The plain version: every pair in every ratio through the whole model. */
    #[DataProvider('targets')]
    public function testFindsWhatTryingEverythingFinds(int $seed, string $target): void
    {
        $wanted = Srgb::fromHex($target)->toLab();
        $shelf = Swatches::randomShelf($seed, 22);
        $best = INF;
        foreach ($shelf as $i => $one) {
            foreach (array_slice($shelf, $i + 1) as $two) {
                foreach (self::RATIOS as [$a, $b]) {
                    $best = min($best, Ciede2000::difference(Mix::of([new Part($one, $a), new Part($two, $b)])->lab(), $wanted));
                }
            }
        }

        self::assertEqualsWithDelta($best, (new Matcher())->pairs($wanted, $shelf, 1)[0]->difference, 0.05);
    }

    /** @return iterable<string, array{int, string}> */
    public static function targets(): iterable
    {
        $dice = new Randomizer(new Mt19937(99));
        for ($i = 0; $i < 12; ++$i) {
            $hex = Swatches::randomHex($dice);
            yield "shelf $i, $hex" => [$i, $hex];
        }
        foreach (['#000000', '#ffffff', '#ff0000', '#0000ff', '#00ff00', '#808080'] as $hex) {
            yield "hard, $hex" => [3, $hex];
        }
    }

    public function testAPaintOfTheColourItselfComesFirst(): void
    {
        $best = (new Matcher())->best(Srgb::fromHex('#4b5a32')->toLab(), $this->shelf());

        self::assertSame('Green', $best[0]->mix->words());
        self::assertLessThan(0.01, $best[0]->difference);
    }

    public function testRanksBestFirst(): void
    {
        foreach (['singles', 'pairs', 'best'] as $which) {
            $differences = array_map(
                static fn (RankedMix $r): float => round($r->difference, 4),
                (new Matcher())->{$which}(Srgb::fromHex('#8b6f4a')->toLab(), $this->shelf()),
            );
            $sorted = $differences;
            sort($sorted);
            self::assertSame($sorted, $differences, $which);
        }
    }

    public function testEachCombinationOnceInLowestTermsWithinSixDrops(): void
    {
        $pairs = (new Matcher())->pairs(Srgb::fromHex('#8b6f4a')->toLab(), $this->shelf(), 400);
        $keys = array_map(static fn (RankedMix $r): string => $r->mix->key(), $pairs);

        self::assertSame(array_unique($keys), $keys);
        foreach ($pairs as $pair) {
            self::assertLessThanOrEqual(6, $pair->mix->totalParts());
            self::assertGreaterThanOrEqual($pair->mix->parts[1]->parts, $pair->mix->parts[0]->parts);
        }
    }

    public function testTheSameQuestionHasTheSameAnswer(): void
    {
        $ask = static fn (array $shelf): array => array_map(
            static fn (RankedMix $r): string => $r->mix->key(),
            (new Matcher())->pairs(Srgb::fromHex('#c08a68')->toLab(), array_values($shelf), 6),
        );

        self::assertSame($ask($this->shelf()), $ask($this->shelf()));
        self::assertSame($ask($this->shelf()), $ask(array_reverse($this->shelf())), 'whatever the order of the shelf');
    }

    public function testAShelfOfNoneAndOfOne(): void
    {
        $wanted = new Lab(50, 10, 10);

        self::assertSame([], (new Matcher())->best($wanted, []));
        self::assertSame([], (new Matcher())->pairs($wanted, [Swatches::paint('Only', '#808080')]));
        self::assertCount(1, (new Matcher())->best($wanted, [Swatches::paint('Only', '#808080')]));
    }

    public function testTwinsOnTheShelfDoNotBreakIt(): void
    {
        $shelf = [Swatches::paint('A', '#808080'), Swatches::paint('B', '#808080'), Swatches::paint('C', '#808080')];

        foreach ((new Matcher())->pairs(Srgb::fromHex('#808080')->toLab(), $shelf, 50) as $pair) {
            self::assertLessThan(0.01, $pair->difference);
        }
    }

    public function testWhatCannotBeToldApartCountsAsEqual(): void
    {
        $mix = Mix::single(Swatches::paint('Ochre', '#9c7630'));

        // By hand, a typed pot being sure to ±2: √(1.0² + 2²) = 2.236; √(2.5² + 2²) = 3.202; √(2.6² + 2²) = 3.280.
        self::assertEqualsWithDelta(2.236, (new RankedMix($mix, 1.0))->expected(), 1e-3);
        self::assertTrue((new RankedMix($mix, 2.5))->isAsGoodAs(new RankedMix($mix, 1.0)));
        self::assertFalse((new RankedMix($mix, 2.6))->isAsGoodAs(new RankedMix($mix, 1.0)));
    }

    /** @return list<Paint> */
    private function shelf(): array
    {
        return array_slice(Swatches::shelf(), 0, 18);
    }
}
