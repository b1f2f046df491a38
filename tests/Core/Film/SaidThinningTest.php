<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\SaidThinning;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SaidThinningTest extends TestCase
{
    #[DataProvider('said')]
    public function testManyWaysOfSayingAreShownOneWay(string $said, string $shown, ?string $with = null, bool $thinnerFirst = false): void
    {
        $read = SaidThinning::read($said, $thinnerFirst);

        self::assertSame($shown, $read->words);
        self::assertSame($with, $read->with);
        self::assertSame(str_contains($shown, 'unknown'), $read->thinning === null);
    }

    /** @return iterable<array<int, mixed>> */
    public static function said(): iterable
    {
        yield ['2:1', '2:1'];
        yield [' 4 : 2 ', '2:1'];
        yield ['1 to 2', '1:2'];
        yield ['1 to 2', '2:1', null, true];
        yield ['2,5:1', '5:2'];
        yield ['3 drops paint, 1 drop water', '3:1', 'water'];
        yield ['1 part water to 2 parts paint', '2:1', 'water'];
        yield ['1 drop of medium and 8 drops of paint', '8:1', 'medium', true];
        yield ['2 brush-loads paint and 1 brush-load thinner', '2:1', 'thinner'];
        yield ['30 % thinner', '7:3', 'thinner'];
        yield ['70% paint', '7:3'];
        yield ['33 percent medium', '2:1', 'medium'];
        yield ['100% paint', 'undiluted'];
        yield ['1:0', 'undiluted'];
        yield ['Straight', 'undiluted'];
        yield ['2 parts paint and some water', '2 parts paint, water unknown', 'water'];
        yield ['? : 1', '1 part thinner, paint unknown'];
        yield ['97:3', '32.3:1'];
    }

    #[DataProvider('nonsense')]
    public function testWhatCannotBeReadIsSaid(string $said, string $sentence): void
    {
        $this->expectException(FilmProblem::class);
        $this->expectExceptionMessage($sentence);
        SaidThinning::read($said);
    }

    /** @return iterable<array{string, string}> */
    public static function nonsense(): iterable
    {
        yield ['30 %', 'of what'];
        yield ['', 'is not a thinning'];
        yield ['thin', 'is not a thinning'];
        yield ['-2:1', 'is not a thinning'];
        yield ['2 paint 1 paint', 'is not a thinning'];
        yield ['some : some', 'is not a thinning'];
        yield ['100 % water', 'is not a thinning'];
        yield ['0:1', '"0:1" is not a thinning: write paint and thinner as in 2:1, each up to 99, with at least some paint'];
        yield ['1:1000', 'at most 99'];
    }
}
