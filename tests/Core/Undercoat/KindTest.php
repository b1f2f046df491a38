<?php

declare(strict_types=1);

namespace Tests\Core\Undercoat;

use Kalokroma\Shelf\Equipment;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Tone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class KindTest extends TestCase
{
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
        yield ['#5c1b1a', Tone::Coloured];
        yield ['#eef0f1', Tone::LightCold];
        yield ['#868686', Tone::Grey];
        yield ['#e6dfcc', Tone::Light];
        foreach (Tone::cases() as $tone) {
            yield $tone->value => [$tone->assumed()->toHex(), $tone];
        }
    }
}
