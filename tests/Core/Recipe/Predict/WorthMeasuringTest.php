<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Predict;

use Kalokroma\Film\ColourSource;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Predict\Doubted;
use Kalokroma\Recipe\Predict\WorthMeasuring;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

final class WorthMeasuringTest extends TestCase
{
    /**
     * By hand: a grey of L* 50 that may be 6 lighter or 6 darker. Between 44 and 56 CIEDE2000 weighs lightness as 1 (its mean is 50), so
     * the two stand 12 apart, and half of that is 6.
     */
    public function testAPaintAloneMovesItsAreaByItsDoubt(): void
    {
        [$grey] = self::worth([['Coat', 10.0, [[self::paint('Grey', '#777777'), 1]]]]);

        self::assertSame(['Grey', 1, 'Coat'], [$grey->paint->name, $grey->areas, $grey->where]);
        self::assertEqualsWithDelta(6.0, $grey->most, 0.1);
        self::assertSame(6.0, $grey->doubt);
    }

    public function testWhatIsKnownBetterMovesLess(): void
    {
        $typed = self::worth([['Coat', 10.0, [[self::paint('Grey', '#777777', ColourSource::Typed), 1]]]]);
        $read = self::worth([['Coat', 10.0, [[self::paint('Grey', '#777777', ColourSource::Read), 1]]]]);

        self::assertEqualsWithDelta(2.0, $typed[0]->most, 0.1);
        self::assertSame([], $read, 'good to ±1: nothing to measure');
    }

    public function testTheLargerPartOfAMixIsWorthMore(): void
    {
        $worth = self::worth([['Coat', 10.0, [[self::paint('Brown', '#6a5a44'), 4], [self::paint('Bone', '#777060'), 1]]]]);

        self::assertSame(['Brown', 'Bone'], self::names($worth));
        self::assertLessThan(6.0, $worth[0]->most);
    }

    /** The same doubt on more surface is worth more, whichever area came first. */
    public function testAreasCountByTheirSurface(): void
    {
        $areas = static fn (float $coat, float $belt): array => [
            ['Coat', $coat, [[self::paint('Grey', '#777777'), 1]]], ['Belt', $belt, [[self::paint('Brown', '#6a5a44'), 1]]],
        ];

        self::assertSame(['Grey', 'Brown'], self::names(self::worth($areas(10.0, 1.0))));
        self::assertSame(['Brown', 'Grey'], self::names(self::worth($areas(1.0, 10.0))));
    }

    public function testPaintThatIsGoneOrCannotBeReadIsNotAskedFor(): void
    {
        $gone = Swatches::paint('Gone', '#777777', Behaviour::Opaque, false);
        $brass = new Paint('b', 'Brass', '', Behaviour::Metallic, Swatches::reflectance('#8f6f35'), source: ColourSource::Guessed);

        self::assertSame([], self::worth([['Coat', 10.0, [[$gone, 1]]], ['Lamp', 10.0, [[$brass, 1]]]]));
    }

    public function testAtMostFiveAreNamed(): void
    {
        $areas = array_map(static fn (int $i): array => ['Area '.$i, 1.0 + $i, [[self::paint('Paint '.$i, '#777777'), 1]]], range(1, 8));

        self::assertSame(['Paint 8', 'Paint 7', 'Paint 6', 'Paint 5', 'Paint 4'], self::names(self::worth($areas)));
    }

    /**
     * @param list<array{string, float, list<array{Paint, int}>}> $areas name, surface, mix
     *
     * @return list<Doubted>
     */
    private static function worth(array $areas): array
    {
        return WorthMeasuring::of(array_map(static fn (array $a): array => [
            'where' => $a[0],
            'surface' => $a[1],
            'plan' => new Plan([
                Steps::step('basecoat')->withMix(Mix::of(array_map(static fn (array $p): Part => new Part(...$p), $a[2]))),
            ], []),
        ], $areas));
    }

    /**
     * @param list<Doubted> $worth
     *
     * @return list<string>
     */
    private static function names(array $worth): array
    {
        return array_map(static fn (Doubted $d): string => $d->paint->name, $worth);
    }

    private static function paint(string $name, string $hex, ColourSource $source = ColourSource::Guessed): Paint
    {
        return new Paint($name, $name, '', Behaviour::Opaque, Swatches::reflectance($hex), source: $source);
    }
}
