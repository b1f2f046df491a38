<?php

declare(strict_types=1);

namespace Tests\Core\Undercoat;

use Kalokroma\Film\Hiding;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Advice;
use Kalokroma\Undercoat\Demand;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Tone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class AdviceTest extends TestCase
{
    public function testYellowAndWhiteAreasWantALightGround(): void
    {
        $advice = Advice::of(Swatches::shelf(), [$this->demand('Lamp glass', '#f2c21c'), $this->demand('Sail', '#f4f2ec')]);

        self::assertSame(Tone::Light, $advice->choices[0]->tone);
        self::assertSame('Ivory primer', $advice->choices[0]->primer?->name);
        self::assertSame(Tone::Dark, $advice->choices[2]->tone);
    }

    public function testCoatsAreCountedByTheFilmModel(): void
    {
        $demand = $this->demand('Lamp glass', '#f2c21c');
        foreach (Advice::of(Swatches::shelf(), [$demand])->choices as $choice) {
            self::assertSame(Hiding::of($demand->pigment, $demand->load, $choice->colour)->planned(), $choice->coats());
        }
    }

    public function testTheReasonTellsTheNumbersItWasMadeFrom(): void
    {
        $one = Advice::of(Swatches::shelf(), [$this->demand('Lamp glass', '#f2c21c')]);
        $two = Advice::of(Swatches::shelf(), [$this->demand('Lamp glass', '#f2c21c'), $this->demand('Sail', '#f4f2ec')]);

        self::assertStringContainsString('Over Ivory primer the base coats of 1 area come to '.$one->choices[0]->coats(), $one->reason);
        self::assertStringContainsString('base coats of 2 areas come to '.$two->choices[0]->coats(), $two->reason);
        self::assertStringContainsString('over Black primer to '.$one->choices[2]->coats(), $one->reason);
        self::assertStringContainsString('more on lamp glass alone', $one->reason);
        self::assertNotSame($one->reason, $two->reason);
    }

    public function testMetalHeavyFiguresGetADarkGround(): void
    {
        $advice = Advice::of(Swatches::shelf(), [$this->demand('Plates', '#b4b8ba', 0.7, true), $this->demand('Sash', '#f2c21c', 0.3)]);

        self::assertSame(Tone::Dark, $advice->choices[0]->tone);
        self::assertStringStartsWith('70 % of the surface is metal', $advice->reason);
        $less = Advice::of(Swatches::shelf(), [$this->demand('Plates', '#b4b8ba', 0.4, true), $this->demand('Sash', '#f2c21c', 0.6)]);
        self::assertNotSame(Tone::Dark, $less->choices[0]->tone);
    }

    public function testWithoutAPrimerTheTonesThemselvesAreCompared(): void
    {
        $shelf = array_values(array_filter(Swatches::shelf(), static fn (Paint $p): bool => $p->behaviour->value !== 'primer'));
        $advice = Advice::of($shelf, [$this->demand('Coat', '#9c7630')]);

        self::assertCount(3, $advice->choices);
        self::assertNull($advice->choices[0]->primer);
    }

    public function testWithoutAreasMiddleGrey(): void
    {
        $advice = Advice::of(Swatches::shelf(), []);

        self::assertSame(Tone::Grey, $advice->choices[0]->tone);
        self::assertSame('', $advice->choices[1]->worstAgainst($advice->choices[0])['area']);
    }

    #[DataProvider('equipment')]
    public function testTheKindFollowsTheEquipment(bool $airbrush, bool $cans, Kind $kind, int $dry): void
    {
        $found = Kind::allowedBy(new Equipment($airbrush, $cans));

        self::assertSame($kind, $found);
        self::assertSame($dry, $found->dryMinutes());
        self::assertNotSame('', $found->reason());
    }

    /** @return iterable<array{bool, bool, Kind, int}> */
    public static function equipment(): iterable
    {
        yield 'both' => [true, true, Kind::Airbrush, 20];
        yield 'airbrush' => [true, false, Kind::Airbrush, 20];
        yield 'cans' => [false, true, Kind::SprayCan, 120];
        yield 'neither' => [false, false, Kind::Brush, 60];
    }

    #[DataProvider('tones')]
    public function testToneOfAPrimer(string $hex, Tone $tone): void
    {
        self::assertSame($tone, Tone::ofColour(Swatches::reflectance($hex)->toLab()));
    }

    /** @return iterable<array{string, Tone}> */
    public static function tones(): iterable
    {
        yield ['#1b1b1b', Tone::Dark];
        yield ['#5c1b1a', Tone::Dark];
        yield ['#868686', Tone::Grey];
        yield ['#e6dfcc', Tone::Light];
        foreach (Tone::cases() as $tone) {
            yield $tone->value => [$tone->assumed()->toHex(), $tone];
        }
    }

    private function demand(string $area, string $hex, float $share = 0.1, bool $metal = false): Demand
    {
        return new Demand($area, Swatches::paint($area, $hex)->pigment(), 2 / 3, $share, $metal);
    }
}
