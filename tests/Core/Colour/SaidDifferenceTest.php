<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\DifferenceWords;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\SaidDifference;
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SaidDifferenceTest extends TestCase
{
    /** What was said is said again of the colour that was meant. */
    #[DataProvider('said')]
    public function testTheSameWordsComeBack(string $hex, string $degree, string $direction): void
    {
        $from = Srgb::fromHex($hex)->toLab();
        $meant = SaidDifference::of($from, $degree, [$direction]);

        self::assertSame($degree.' '.$direction, DifferenceWords::between($from, $meant->colour));
    }

    /** @return iterable<array{string, string, string}> */
    public static function said(): iterable
    {
        yield ['#808080', 'a little', 'lighter'];
        yield ['#808080', 'clearly', 'darker'];
        yield ['#808080', 'a little', 'yellower'];
        yield ['#6b4426', 'clearly', 'darker'];
        yield ['#6b4426', 'a little', 'redder'];
        yield ['#2f5c9e', 'a little', 'duller'];
        yield ['#2f5c9e', 'clearly', 'stronger'];
        yield ['#4c7a3f', 'a little', 'yellower'];
        yield ['#a8231f', 'clearly', 'more orange'];
        yield ['#7c7f82', 'much', 'lighter'];
    }

    /** By hand: L* 50 − 6.5 = 43.5; sure to half of what "clearly" spans, (10 − 4) / 2 = 3. */
    public function testStepsByHand(): void
    {
        $darker = SaidDifference::of(new Lab(50, 0, 0), 'clearly', ['darker']);

        self::assertEqualsWithDelta(43.5, $darker->colour->l, 1e-9);
        self::assertSame(3.0, $darker->certainty);
    }

    public function testTwoDirectionsShareTheStep(): void
    {
        $from = Srgb::fromHex('#6b4426')->toLab();
        $both = SaidDifference::of($from, 'clearly', ['darker', 'duller'])->colour;

        self::assertLessThan($from->l, $both->l);
        self::assertLessThan($from->chroma(), $both->chroma());
        self::assertEqualsWithDelta(6.5, Ciede2000::difference($from, $both), 1.5);
    }

    public function testTheSameIsSureButNotWithoutDoubt(): void
    {
        $same = SaidDifference::same(new Lab(50, 10, 10));

        self::assertSame([50.0, 1.5], [$same->colour->l, $same->certainty]);
    }

    /** @param list<string> $directions */
    #[DataProvider('unheard')]
    public function testWhatCannotBeSaid(string $degree, array $directions, string $sentence): void
    {
        $this->expectException(ColourProblem::class);
        $this->expectExceptionMessage($sentence);
        SaidDifference::of(new Lab(50, 0, 0), $degree, $directions);
    }

    /** @return iterable<array{string, list<string>, string}> */
    public static function unheard(): iterable
    {
        yield ['awfully', ['darker'], '"awfully" is no degree of a difference: say one of a little, clearly, much.'];
        yield ['much', ['sweeter'], '"sweeter" is no way a colour can differ'];
        yield ['much', [], 'Say in one direction or two'];
        yield ['much', ['darker', 'darker'], 'Say in one direction or two'];
    }
}
