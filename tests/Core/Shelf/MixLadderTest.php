<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\MixLadder;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\ShelfProblem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class MixLadderTest extends TestCase
{
    public function testTheExampleGoesFromADarkBlueToALightYellow(): void
    {
        $paint = Swatches::paint(...);
        $navy = $paint('Navy', '#1f2f52');
        $night = $paint('Night', '#10182c');
        $sky = $paint('Sky', '#7aa6d8');
        $bone = $paint('Bone', '#e6dcb4');
        $ochre = $paint('Ochre', '#b88a24');
        $wash = $paint('Yellow wash', '#f2e6a0', Behaviour::Wash);

        self::assertSame([$navy, $bone], MixLadder::example([$sky, $night, $navy, $wash, $ochre, $bone]), 'the lightest dark blue');
        $moss = $paint('Moss', '#5c6b3a');
        self::assertSame([$moss, $sky], MixLadder::example([$sky, $moss, $wash]), 'else the darkest and the lightest');
        self::assertNull(MixLadder::example([$navy, $wash]), 'a wash does not cover');
    }

    /** The plain version: every way to choose the steps. */
    #[DataProvider('pairs')]
    public function testNoOtherRatiosAreMoreEven(string $from, string $to, int $count, int $drops): void
    {
        [$a, $b] = [Swatches::paint('A', $from), Swatches::paint('B', $to)];
        $mixes = [Mix::single($a)];
        foreach (self::shares($drops) as [$p, $q]) {
            $mixes[] = Mix::of([new Part($a, $p), new Part($b, $q)]);
        }
        $mixes[] = Mix::single($b);
        $least = INF;
        foreach (self::choices(range(1, count($mixes) - 2), $count - 2) as $chosen) {
            $path = array_map(static fn (int $i): Mix => $mixes[$i], [0, ...$chosen, count($mixes) - 1]);
            $least = min($least, self::spread(self::steps($path)));
        }

        $ladder = MixLadder::between($a, $b, $count, $drops);
        self::assertCount($count, $ladder->steps);
        self::assertEqualsWithDelta(self::steps($ladder->steps), $ladder->differences, 1e-9);
        self::assertEqualsWithDelta($least, self::spread($ladder->differences), 1e-6);
    }

    /** @return iterable<array{string, string, int, int}> */
    public static function pairs(): iterable
    {
        yield ['#1d1c1b', '#f3f1ea', 4, 8];
        yield ['#a82a20', '#f0b42c', 5, 7];
        yield ['#1f3050', '#d9cca6', 5, 8];
        yield ['#4b5a32', '#d9cca6', 3, 12];
        yield ['#6f4a2e', '#7a5134', 4, 6];
    }

    public function testItIsMoreEvenThanEqualDrops(): void
    {
        [$black, $white] = [Swatches::paint('Black', '#1d1c1b'), Swatches::paint('White', '#f3f1ea')];
        $equal = [Mix::single($black)];
        foreach ([[3, 1], [1, 1], [1, 3]] as [$p, $q]) {
            $equal[] = Mix::of([new Part($black, $p), new Part($white, $q)]);
        }
        $equal[] = Mix::single($white);
        $ladder = MixLadder::between($black, $white, 5);

        self::assertLessThan(1.3, $ladder->unevenness());
        // Half as uneven again as the ladder, as 2.0 is to 1.3.
        self::assertGreaterThan(2.0 / 1.3 * $ladder->unevenness(), max(self::steps($equal)) / min(self::steps($equal)));
    }

    public function testTheOtherWayRoundIsTheSameLadder(): void
    {
        [$a, $b] = [Swatches::paint('A', '#2f5a7e'), Swatches::paint('B', '#d0601f')];
        $shares = static fn (MixLadder $l): array => array_map(static fn (Mix $m): string => $m->key(), $l->steps);

        self::assertSame($shares(MixLadder::between($a, $b, 5)), array_reverse($shares(MixLadder::between($b, $a, 5))));
    }

    /** @param array{Paint, Paint, int, int} $asked */
    #[DataProvider('impossible')]
    public function testImpossibleLadders(array $asked, string $sentence): void
    {
        $this->expectException(ShelfProblem::class);
        $this->expectExceptionMessage($sentence);
        MixLadder::between(...$asked);
    }

    /** @return iterable<array{array{Paint, Paint, int, int}, string}> */
    public static function impossible(): iterable
    {
        [$a, $b] = [Swatches::paint('A', '#2f5a7e'), Swatches::paint('B', '#d0601f')];
        yield 'one paint' => [[$a, $a, 5, 12], 'is in the mix twice'];
        yield 'no step between' => [[$a, $b, 2, 12], '3 to'];
        yield 'more steps than ratios' => [[$a, $b, 9, 3], '3 to 5'];
    }

    /** @return list<array{int, int}> by rising share of the second */
    private static function shares(int $drops): array
    {
        $found = [];
        for ($p = 1; $p < $drops; ++$p) {
            for ($q = 1; $p + $q <= $drops; ++$q) {
                $found[(string) ($q / ($p + $q))] ??= [$p, $q];
            }
        }
        ksort($found, SORT_NUMERIC);

        return array_values($found);
    }

    /**
     * @param list<int> $of
     *
     * @return iterable<list<int>> rising choices of so many
     */
    private static function choices(array $of, int $many): iterable
    {
        if ($many === 0) {
            yield [];

            return;
        }
        foreach ($of as $at => $first) {
            foreach (self::choices(array_slice($of, $at + 1), $many - 1) as $rest) {
                yield [$first, ...$rest];
            }
        }
    }

    /**
     * @param list<Mix> $path
     *
     * @return list<float>
     */
    private static function steps(array $path): array
    {
        static $kept = [];
        $steps = [];
        foreach (array_slice($path, 1) as $i => $mix) {
            $key = $path[$i]->colour()->toHex().$mix->colour()->toHex().spl_object_id($path[$i]).'-'.spl_object_id($mix);
            $steps[] = $kept[$key] ??= Ciede2000::difference($path[$i]->lab(), $mix->lab());
        }

        return $steps;
    }

    /** @param list<float> $steps */
    private static function spread(array $steps): float
    {
        $mean = array_sum($steps) / count($steps);

        return array_sum(array_map(static fn (float $d): float => ($d - $mean) ** 2, $steps));
    }
}
