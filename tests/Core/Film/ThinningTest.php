<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Thinning;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ThinningTest extends TestCase
{
    /** By hand: load = paint / (paint + thinner). */
    #[DataProvider('ratios')]
    public function testLoad(string $ratio, float $load, string $shown): void
    {
        $thinning = Thinning::fromRatio($ratio);

        self::assertEqualsWithDelta($load, $thinning->load(), 1e-12);
        self::assertSame($shown, $thinning->ratio());
    }

    /** @return iterable<array{string, float, string}> */
    public static function ratios(): iterable
    {
        yield ['1:0', 1.0, '1:0'];
        yield ['1:1', 0.5, '1:1'];
        yield ['2:1', 2 / 3, '2:1'];
        yield [' 3 : 2 ', 0.6, '3:2'];
        yield ['1:8', 1 / 9, '1:8'];
        yield ['1.5:1', 0.6, '1.5:1'];
    }

    #[DataProvider('notRatios')]
    public function testWhatIsNotARatio(string $given): void
    {
        $this->expectException(FilmProblem::class);
        $this->expectExceptionMessage('is not a thinning: write paint and thinner as in 2:1');
        Thinning::fromRatio($given);
    }

    /** @return iterable<array{string}> */
    public static function notRatios(): iterable
    {
        foreach (['', '2', '2:', ':1', '0:1', '-1:2', '1:-2', 'milk', '100:1', '1:1:1', '1/1', '1:1 2:2'] as $given) {
            yield json_encode($given, JSON_THROW_ON_ERROR) => [$given];
        }
    }

    public function testPartsAreGuardedToo(): void
    {
        $this->expectException(FilmProblem::class);
        Thinning::parts(0, 1);
    }

    public function testEqualIsWhatLeavesTheSamePigment(): void
    {
        self::assertTrue(Thinning::fromRatio('2:1')->equals(Thinning::parts(4, 2)));
        self::assertFalse(Thinning::fromRatio('2:1')->equals(Thinning::fromRatio('1:2')));
        self::assertTrue(Thinning::undiluted()->isUndiluted());
    }
}
