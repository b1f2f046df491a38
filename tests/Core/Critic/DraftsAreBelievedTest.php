<?php

declare(strict_types=1);

namespace Tests\Core\Critic;

use Kalokroma\Recipe\Draft\UsualDraft;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Drafts of a part of the matrix, held against what a painter would object to: {@see Critic}. */
final class DraftsAreBelievedTest extends TestCase
{
    /** Of so many drafts one is looked at. */
    private const ONE_IN = 20;

    /** Share of drafts from shelves made by chance that such a shelf may force a fault on. */
    private const FORCED = 0.06;

    #[DataProvider('ordinary')]
    public function testNothingIsObjectedToOnAnOrdinaryShelf(string $shelf): void
    {
        [$faults, $count] = self::faults([$shelf]);

        self::assertGreaterThan(150, $count);
        self::assertSame([], $faults);
    }

    /** @return iterable<string, array{string}> */
    public static function ordinary(): iterable
    {
        foreach (Matrix::ORDINARY as $shelf) {
            yield $shelf => [$shelf];
        }
    }

    public function testAShelfMadeByChanceForcesFewFaults(): void
    {
        [$faults, $count] = self::faults(['chance 24', 'chance 60']);

        self::assertGreaterThan(300, $count);
        self::assertLessThan(self::FORCED * $count, count($faults), implode("\n", $faults));
    }

    /** The critic is worth something only if it sees what is wrong: each rule on a recipe that breaks it. */
    #[DataProvider('spoilt')]
    public function testTheCriticSees(string $rule, Painted $painted): void
    {
        $rules = array_map(static fn (Fault $f): string => $f->rule, Critic::faults($painted));

        self::assertContains($rule, $rules, implode(' ', $rules));
    }

    /** @return iterable<string, array{string, Painted}> */
    public static function spoilt(): iterable
    {
        yield from Spoilt::recipes();
    }

    /**
     * @param list<string> $shelves
     *
     * @return array{list<string>, int} faults in words, and how many drafts were looked at
     */
    private static function faults(array $shelves): array
    {
        $faults = [];
        $count = 0;
        foreach (Matrix::briefs(self::ONE_IN, 1, $shelves) as [$shelf, $ground, $brief, $level]) {
            $painted = new Painted(
                $brief->area,
                $brief->intended,
                $brief->way,
                $level,
                $brief->surface(),
                $brief->shelf,
                UsualDraft::of($brief),
            );
            ++$count;
            foreach (Critic::faults($painted) as $fault) {
                $faults[] = implode(', ', [
                    $shelf, $ground, $brief->way->value, $level->value, $brief->area->name, $fault->rule, $fault->what,
                ]);
            }
        }

        return [$faults, $count];
    }
}
