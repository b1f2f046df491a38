<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\FigureProblem;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Shares;
use Kalokroma\Figure\Size;
use Kalokroma\Order\Job\InsideOut;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FigureTest extends TestCase
{
    #[DataProvider('goodShares')]
    public function testWhatIsLeftUncovered(float $left, float ...$shares): void
    {
        self::assertEqualsWithDelta(
            $left,
            Shares::check(array_combine(array_map(static fn (int $i): string => 'Area '.$i, array_keys($shares)), $shares)),
            1e-9,
        );
    }

    /** @return iterable<string, list<float>> */
    public static function goodShares(): iterable
    {
        yield 'whole' => [0.0, 60.0, 40.0];
        yield 'a rest' => [25.5, 60.0, 14.5];
        yield 'one area' => [0.0, 100.0];
        yield 'rounded a little over' => [0.0, 33.35, 33.35, 33.34];
    }

    /** @param array<string, float> $shares */
    #[DataProvider('badShares')]
    public function testBadShares(array $shares, string $sentence): void
    {
        $this->expectException(FigureProblem::class);
        $this->expectExceptionMessage($sentence);
        Shares::check($shares);
    }

    /** @return iterable<string, array{array<string, float>, string}> */
    public static function badShares(): iterable
    {
        yield 'over the whole' => [['Coat' => 70.0, 'Cape' => 40.5], 'The areas cover 110.5 % of the surface together'];
        yield 'none' => [['Coat' => 0.0], 'Coat covers 0 % of the surface'];
        yield 'negative' => [['Coat' => 50.0, 'Cape' => -5.0], 'Cape covers -5 % of the surface'];
        yield 'one over the whole' => [['Coat' => 101.0], 'Coat covers 101 % of the surface'];
    }

    /** By hand: 16 cm² at 30 mm; at 60 mm four times as much. */
    public function testSurfaceGrowsWithTheSquareOfTheHeight(): void
    {
        self::assertSame(16.0, Size::surfaceCm2(30));
        self::assertSame(64.0, Size::surfaceCm2(60));
        self::assertSame(1.8, Size::surfaceCm2(10));
    }

    #[DataProvider('reliefs')]
    public function testTheFacesOfEveryReliefMakeAWhole(Relief $relief): void
    {
        self::assertEqualsWithDelta(1.0, array_sum($relief->shares()->toArray()), 1e-9);
        self::assertGreaterThan(0, $relief->edgePerCm2());
        self::assertNotSame('', $relief->words());
    }

    /** @return iterable<array{Relief}> */
    public static function reliefs(): iterable
    {
        foreach (Relief::cases() as $relief) {
            yield $relief->value => [$relief];
        }
    }

    #[DataProvider('badAreas')]
    public function testBadAreas(float $surface, int $depth, string $sentence): void
    {
        $this->expectException(FigureProblem::class);
        $this->expectExceptionMessage($sentence);
        new Area('1', 'Coat', Material::Cloth, Relief::Tight, $surface, $depth);
    }

    /** @return iterable<array{float, int, string}> */
    public static function badAreas(): iterable
    {
        yield [0.0, 1, 'Coat has no surface'];
        yield [-1.0, 1, 'Coat has no surface'];
        yield [NAN, 1, 'Coat has no surface'];
        yield [1.0, 0, 'Coat has depth 0'];
        yield [1.0, 10, 'Coat has depth 10'];
    }

    public function testInnerAreasComeBeforeOuterOnesAndLargeBeforeSmall(): void
    {
        $area = static fn (string $name, float $cm2, int $depth): Area => new Area(
            $name,
            $name,
            Material::Cloth,
            Relief::Tight,
            $cm2,
            $depth,
        );
        $areas = [$area('Cape', 4.0, 5), $area('Boots', 1.0, 3), $area('Face', 0.5, 2), $area('Coat', 5.0, 3), $area('Apron', 5.0, 3)];

        self::assertSame(
            ['Face', 'Apron', 'Coat', 'Boots', 'Cape'],
            array_map(static fn (Area $a): string => $a->name, InsideOut::of($areas)),
        );
        self::assertSame('Cape', $areas[0]->name, 'what was given stays as it was');
    }
}
