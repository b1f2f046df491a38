<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Readings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\MadePaints;

final class ReadingsTest extends TestCase
{
    /** By hand: (50 + 50.4 + 49.6 + 50.2 + 49.8) / 5 = 50; the reading at 62 lies beside the field. */
    public function testAReadingBesideTheFieldIsLeftOut(): void
    {
        $labs = array_map(static fn (float $l): Lab => new Lab($l, 10, -5), [50.0, 50.4, 62.0, 49.6, 50.2, 49.8]);
        $found = Readings::of($labs);

        self::assertSame([true, true, false, true, true, true], $found->kept);
        self::assertSame(1, $found->rejected());
        self::assertEqualsWithDelta([50.0, 10.0, -5.0], [$found->mean->l, $found->mean->a, $found->mean->b], 1e-9);
        self::assertLessThan(0.3, $found->spread);
    }

    public function testNoiseOfAHalfIsKeptAndTheMeanIsNearerThanOneReading(): void
    {
        $made = new MadePaints(4);
        $true = new Lab(46, 28, 34);
        $single = $mean = 0.0;
        for ($i = 0; $i < 60; ++$i) {
            $labs = array_map(static fn (): Lab => $made->read($true, 0.5), range(1, 5));
            $found = Readings::of($labs);
            self::assertLessThanOrEqual(1, $found->rejected());
            $single += Ciede2000::difference($true, $labs[0]);
            $mean += Ciede2000::difference($true, $found->mean);
        }

        self::assertLessThan(0.65 * $single, $mean);
    }

    public function testReadingsThatDoNotAgreeAreNoAnswer(): void
    {
        $this->expectException(ColourProblem::class);
        $this->expectExceptionMessage('do not agree');
        Readings::of([new Lab(20, 0, 0), new Lab(40, 20, 0), new Lab(60, 0, 30), new Lab(80, -20, 0), new Lab(95, 0, -20)]);
    }

    public function testTwoReadingsCannotTellAWrongOne(): void
    {
        $this->expectExceptionMessage('2 readings are too few');
        Readings::of([new Lab(20, 0, 0), new Lab(20, 0, 0)]);
    }

    /** @param array{float, float, float} $lab */
    #[DataProvider('texts')]
    public function testColoursAsText(string $text, array $lab): void
    {
        $read = Lab::fromText($text);

        self::assertEqualsWithDelta($lab, [$read->l, $read->a, $read->b], 0.005);
    }

    /** @return iterable<array{string, array{float, float, float}}> */
    public static function texts(): iterable
    {
        yield ['42.6 18.2 33.0', [42.6, 18.2, 33.0]];
        yield [' 42.6, -18.2; 33 ', [42.6, -18.2, 33.0]];
        yield ['0 0 0', [0.0, 0.0, 0.0]];
        yield ['30 −4.5 2', [30.0, -4.5, 2.0]];
        yield ['#ffffff', [100.0, 0.0, 0.0]];
    }

    #[DataProvider('noTexts')]
    public function testWhatIsNoColour(string $text, string $sentence): void
    {
        $this->expectException(ColourProblem::class);
        $this->expectExceptionMessage($sentence);
        Lab::fromText($text);
    }

    /** @return iterable<array{string, string}> */
    public static function noTexts(): iterable
    {
        yield ['', 'is not a colour'];
        yield ['brown', 'is not a colour'];
        yield ['42 18', 'is not a colour'];
        yield ['#12', 'is not a colour'];
        yield ['142 18 33', 'lightness runs from 0 to 100'];
        yield ['42 180 33', 'no colour a surface can have'];
        yield ['nan 0 0', 'is not a colour'];
    }
}
