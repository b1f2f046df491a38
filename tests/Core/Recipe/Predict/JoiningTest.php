<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Predict;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Predict\Joining;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Two tones that are glazed into one another. */
final class JoiningTest extends TestCase
{
    #[DataProvider('tones')]
    public function testEachWayIsCountedUntilNobodySeesTheEdge(string $dark, string $light): void
    {
        [$one, $other] = [$this->tone('Dark', $dark), $this->tone('Light', $light)];
        $ways = Joining::of($one, $other);

        self::assertEqualsCanonicalizing(Joining::FROM, array_map(static fn (Joining $j): string => $j->from, $ways));
        foreach ($ways as $way) {
            // What is left of the edge, looked at again: against the tone itself from one side, against the other glaze from both.
            $first = $way->glazes[0];
            $second = $way->glazes[1] ?? null;
            $meets = $second === null ? $first->mix->colour() : $second->after[$second->layers() - 1];
            $last = $first->after[$first->layers() - 1];
            self::assertEqualsWithDelta(Ciede2000::difference($last->toLab(), $meets->toLab()), $way->apart, 1e-9);
            self::assertSame($way->apart <= 5.0, $way->isEven());
            if ($way->isEven() && $way->from !== 'both' && $first->layers() > 1) {
                $before = $first->after[$first->layers() - 2];
                self::assertGreaterThan(5.0, Ciede2000::difference($before->toLab(), $meets->toLab()), 'not one layer more than it takes');
            }
            self::assertLessThanOrEqual(Joining::MOST_LAYERS, $first->layers());
        }
        $even = array_map(static fn (Joining $j): bool => $j->isEven(), $ways);
        $sorted = $even;
        rsort($sorted);
        self::assertSame($sorted, $even, 'even ones stand first');
    }

    /** @return iterable<string, array{string, string}> */
    public static function tones(): iterable
    {
        yield 'reds' => ['#6d1a18', '#a82a20'];
        yield 'navy and sky' => ['#25324f', '#7fa3c4'];
        yield 'olive and buff' => ['#5f5d3a', '#b9a878'];
        yield 'black and white' => ['#222222', '#eeeeee'];
    }

    public function testTheSmallerTheWayTheFewerTheLayers(): void
    {
        $layers = fn (string $light): int => Joining::of($this->tone('Dark', '#707070'), $this->tone('Light', $light))[0]->layers();

        self::assertLessThan($layers('#d8d8d8'), $layers('#8c8c8c'));
    }

    public function testOneToneIsJoinedToNothing(): void
    {
        self::assertSame([], Joining::of($this->tone('Grey', '#808080'), $this->tone('Other grey', '#868686')));
    }

    public function testTheReasonSaysWhatIsLeft(): void
    {
        foreach (Joining::of($this->tone('Black', '#222222'), $this->tone('White', '#eeeeee')) as $way) {
            $said = $way->reason()->sentence();

            self::assertStringContainsString(sprintf('%.1f is left at the edge', $way->apart), $said);
            self::assertSame(!$way->isEven(), str_contains($said, 'It still shows'), $said);
        }
    }

    private function tone(string $name, string $hex): Mix
    {
        return Mix::single(new Paint($name, $name, '', Behaviour::Opaque, Reflectance::fromSrgb(Srgb::fromHex($hex)), true, 10.0));
    }
}
