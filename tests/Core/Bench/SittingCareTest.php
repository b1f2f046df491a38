<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Kalokroma\Bench\AirbrushCare;
use Kalokroma\Bench\Rest;
use Kalokroma\Bench\RowDrying;
use Kalokroma\Bench\RowPasses;
use Kalokroma\Order\Job\StillDrying;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;

/** Instants as tables, in minutes after the sitting began; the core has them in seconds since 1970. */
final class SittingCareTest extends TestCase
{
    private const START = 1_795_000_000;

    /** @return iterable<string, array{list<array{int, int}>, int|null, int, int|null, bool}> done and how long, told, now, since, due */
    public static function rests(): iterable
    {
        yield 'just begun' => [[], null, 10, 0, false];
        yield 'a minute before' => [[[20, 20], [40, 20]], null, 49, 0, false];
        yield 'fifty minutes' => [[[20, 20], [40, 20]], null, 50, 0, true];
        yield 'told once' => [[[20, 20], [40, 20]], 50, 60, 0, false];
        yield 'still told' => [[[20, 20], [40, 20], [80, 40]], 50, 85, 0, false];
        yield 'a pause of ten minutes begins anew' => [[[20, 20], [40, 10]], null, 65, 30, false];
        yield 'and is told again fifty minutes after it' => [[[20, 20], [40, 10], [75, 35]], 20, 80, 30, true];
        yield 'nine minutes are none' => [[[20, 20], [39, 10]], null, 55, 0, true];
        yield 'nobody timed it' => [[[5, 0], [14, 0], [23, 0], [32, 0], [41, 0]], null, 50, 0, true];
        yield 'got up and forgot the page' => [[[20, 20]], null, 110, null, false];
        yield 'what was done before the sitting does not count' => [[[-30, 20]], null, 49, 0, false];
        yield 'a second device, whose entry came late' => [[[40, 20], [20, 20]], null, 50, 0, true];
    }

    /** @param list<array{int, int}> $done */
    #[DataProvider('rests')]
    public function testARestIsDueOnceAfterFiftyMinutes(array $done, ?int $told, int $now, ?int $since, bool $isDue): void
    {
        $rest = Rest::of(self::START, self::instants($done), $told === null ? null : self::at($told), self::at($now));

        self::assertSame($since === null ? null : self::at($since), $rest->since);
        self::assertSame($isDue, $rest->isDue());
        self::assertSame($since === null ? null : self::at($since + 50), $rest->due());
    }

    public function testWithoutASittingItBeginsWithWhatWasDoneFirst(): void
    {
        $rest = Rest::of(null, self::instants([[40, 20], [25, 15]]), null, self::at(60));

        self::assertSame([self::at(10), self::at(60), true], [$rest->since, $rest->due(), $rest->isDue()]);
        self::assertFalse(Rest::of(null, [], null, self::at(60))->isDue());
    }

    /** @return iterable<string, array{list<array{int, int}>, int|null, int|null, int|null}> sprayed, cleaned, in the hand since, due */
    public static function sprays(): iterable
    {
        yield 'nothing sprayed' => [[], null, null, null];
        yield 'in the hand now' => [[], null, 4, 19];
        yield 'ten minutes of it, done' => [[[14, 10]], null, null, 19];
        yield 'two goes: the first counts' => [[[14, 10], [30, 10]], null, 30, 19];
        yield 'cleaned after both' => [[[14, 10], [30, 10]], 31, null, null];
        yield 'cleaned in between' => [[[14, 10], [30, 10]], 16, null, 35];
        yield 'cleaned in the middle of a go' => [[[30, 20]], 20, null, 35];
        yield 'cleaned, and in the hand again' => [[[14, 10]], 20, 22, 37];
        yield 'cleaned while it is in the hand' => [[], 30, 10, 45];
    }

    /** @param list<array{int, int}> $sprayed */
    #[DataProvider('sprays')]
    public function testTheAirbrushIsCleanedEveryQuarterOfAnHour(array $sprayed, ?int $cleaned, ?int $since, ?int $due): void
    {
        $said = AirbrushCare::due(
            self::instants($sprayed),
            $cleaned === null ? null : self::at($cleaned),
            $since === null ? null : self::at($since),
        );

        self::assertSame($due === null ? null : self::at($due), $said);
    }

    /** @return iterable<string, array{int, list<int>, array<int, int>, int, list<int>, bool}> passes, open, had, number, figures, last */
    public static function rows(): iterable
    {
        yield 'nothing done' => [3, [1, 2, 3], [], 1, [1, 2, 3], false];
        yield 'the first on two of them' => [3, [1, 2, 3], [1 => 1, 2 => 1], 1, [3], false];
        yield 'all have the first' => [3, [3, 1, 2], [1 => 1, 2 => 1, 3 => 1], 2, [1, 2, 3], false];
        yield 'one is ahead' => [3, [1, 2], [1 => 2, 2 => 1], 2, [2], false];
        yield 'the last' => [2, [4, 5], [4 => 1, 5 => 1], 2, [4, 5], true];
        yield 'one coat only' => [1, [4, 5], [], 1, [4, 5], true];
        yield 'fewer planned than were done' => [1, [4], [4 => 2], 1, [4], true];
        yield 'done on all' => [2, [], [1 => 1], 1, [], false];
    }

    /**
     * @param list<int> $open
     * @param array<int, int> $had
     * @param list<int> $figures
     */
    #[DataProvider('rows')]
    public function testARowIsGoneAlongPassByPass(int $of, array $open, array $had, int $number, array $figures, bool $isLast): void
    {
        $passes = RowPasses::of($of, $open, $had);

        self::assertSame([$number, $figures, $isLast], [$passes->number, $passes->figures, $passes->isLast()]);
        self::assertEqualsWithDelta(1.0, $passes->share() * $of, 1e-9);
    }

    public function testCoatsAreGoneAlongOneByOneAndThoseOfAnUndercoatAtOnce(): void
    {
        $panels = RowPasses::of(1, [1], [1 => 1], 2);
        self::assertSame([2, 2, [1], 0.5, true], [$panels->number, $panels->of, $panels->figures, $panels->share(), $panels->isLast()]);
        self::assertSame(3, RowPasses::goes(Steps::outcome(Steps::step('basecoat', coats: 3))));
        self::assertSame(1, RowPasses::goes(Steps::outcome(Steps::step('undercoat', coats: 2))));
        self::assertSame(1, RowPasses::goes(Steps::outcome(Steps::step('drybrush', coats: 2))), 'no wait between its passes');
        self::assertSame(1, RowPasses::goes(Steps::outcome(Steps::step('wiping'))));
    }

    /** Three ticked off within ten minutes are one row; the same coat two hours later, or on a figure that has it, is another one. */
    public function testWhatWasTickedOffAlongARowDriesAsOne(): void
    {
        $wet = static fn (int $at, array $figures, int $minutes = 8): StillDrying
            => StillDrying::of('coat', $figures, self::at($at), $minutes, null, null);
        $rows = RowDrying::of([
            ['coat', $wet(5, [2])], ['wash', $wet(1, [1], 40)], ['coat', $wet(0, [1])], ['coat', $wet(9, [3])],
            ['coat', $wet(9, [1])], ['coat', $wet(120, [4])],
        ]);

        self::assertSame([[1, 2, 3], [1], [1], [4]], array_map(static fn (RowDrying $r): array => $r->figures, $rows));
        self::assertSame([2, 0, 3], $rows[0]->of, 'by the places they were given in, in the order they were done in');
        self::assertSame([self::at(0), self::at(8), self::at(17)], [$rows[0]->since, $rows[0]->first, $rows[0]->until]);
        self::assertSame([self::at(41), self::at(41)], [$rows[2]->first, $rows[2]->until]);
        self::assertSame([], RowDrying::of([]));
    }

    private static function at(int $minute): int
    {
        return self::START + 60 * $minute;
    }

    /**
     * @param list<array{int, int}> $done
     *
     * @return list<array{int, int}>
     */
    private static function instants(array $done): array
    {
        return array_map(static fn (array $d): array => [self::at($d[0]), $d[1]], $done);
    }
}
