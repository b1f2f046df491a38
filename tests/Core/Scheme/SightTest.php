<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Kalokroma\Colour\Lab;
use Kalokroma\Scheme\SchemeProblem;
use Kalokroma\Scheme\Sight;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Node;

final class SightTest extends TestCase
{
    /** By hand: 4 mm from 0.8 m are 2 · atan(2 / 800) = 0.2865°. */
    public function testAngleOfASmallThing(): void
    {
        self::assertEqualsWithDelta(0.2865, (new Sight(0.8))->degrees(4.0), 1e-4);
        self::assertEqualsWithDelta(2 * 0.2865, (new Sight(0.4))->degrees(4.0), 1e-4);
    }

    /** The published model through the npm package d3-jnd. */
    public function testNoticeableDifferencesAgreeWithAnIndependentProgram(): void
    {
        $lines = $ours = [];
        foreach ([1.0, 0.8, 0.5] as $people) {
            foreach ([1.0, 3.0, 8.0, 20.0] as $mm) {
                $sight = new Sight(0.8);
                $lines[] = $people.' '.$sight->degrees($mm);
                $ours[] = $sight->needed($mm, $people);
            }
        }
        foreach (Node::ask(__DIR__.'/jnd.mjs', $lines) as $i => $theirs) {
            self::assertEqualsWithDelta($theirs, $ours[$i], 1e-6, $lines[$i]);
        }
        self::assertCount(12, $ours);
    }

    /** By hand at 1°: A + B = 11.66, 13.76 and 16.44, so 11.66 in lightness alone is just enough. */
    public function testRatioOfADifference(): void
    {
        $needed = [11.66, 13.76, 16.44];
        self::assertEqualsWithDelta(1.0, Sight::ratio(new Lab(50, 0, 0), new Lab(61.66, 0, 0), $needed), 1e-9);
        self::assertEqualsWithDelta(sqrt(2) / 2, Sight::ratio(new Lab(50, 0, 0), new Lab(55.83, 6.88, 0), $needed), 1e-9);
        self::assertSame(0.0, Sight::ratio(new Lab(50, 9, 9), new Lab(50, 9, 9), $needed));
    }

    /** By hand: one minute of arc is 0.2909 mm in a metre. */
    public function testBlurOfADistance(): void
    {
        self::assertEqualsWithDelta(0.2327, (new Sight(0.8))->blurMm(), 1e-4);
        self::assertEqualsWithDelta(0.5818, (new Sight(2.0))->blurMm(), 1e-4);
    }

    #[TestWith([0.1])]
    #[TestWith([6.0])]
    #[TestWith([NAN])]
    public function testDistancesThatAreNone(float $metres): void
    {
        $this->expectException(SchemeProblem::class);
        $this->expectExceptionMessage('0.2 to 5 m');
        new Sight($metres);
    }
}
