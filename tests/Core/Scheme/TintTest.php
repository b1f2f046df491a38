<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Kalokroma\Colour\Harmony;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Scheme\Beside;
use Kalokroma\Scheme\EdgeTint;
use Kalokroma\Scheme\Tint;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TintTest extends TestCase
{
    #[TestWith(['#efece2', 'white'])]
    #[TestWith(['#1d1c1b', 'black'])]
    #[TestWith(['#808080', null])]
    #[TestWith(['#f0b42c', null])]
    #[TestWith(['#1f3050', null])]
    public function testWhatIsWhiteAndWhatIsBlack(string $hex, ?string $kind): void
    {
        self::assertSame($kind, Tint::kind(Srgb::fromHex($hex)->toOklch()));
    }

    public function testAWarmWhiteLeansToBrownAndACoolOneToBlue(): void
    {
        foreach (['white', 'black'] as $kind) {
            $warm = Tint::of($kind, EdgeTint::Warm, 2, 1)->tones;
            $cool = Tint::of($kind, EdgeTint::Cool, 2, 1)->tones;
            $strong = $kind === 'white' ? 'shade' : 'highlight';
            self::assertTrue(Harmony::isWarm($warm[$strong]->hue));
            self::assertFalse(Harmony::isWarm($cool[$strong]->hue));
            self::assertLessThan($warm['base']->lightness, $warm['shade']->lightness);
            self::assertGreaterThan($warm['base']->lightness, $warm['highlight']->lightness);
            self::assertSame($kind, Tint::kind($warm['base']), 'the base still is one');
        }
    }

    public function testATintThatReadsAsAColourIsWarnedOf(): void
    {
        self::assertNull(Tint::of('white', EdgeTint::Warm, 2, 1)->warning);
        $strong = Tint::of('white', EdgeTint::Warm, 4, 1);
        self::assertStringContainsString('The shade is so strong that it reads as', (string) $strong->warning);
        self::assertStringContainsString('The highlight is so strong', (string) Tint::of('black', EdgeTint::Cool, 4, 0)->warning);
        self::assertGreaterThan(
            Tint::of('white', EdgeTint::Warm, 1, 0)->tones['base']->lightness,
            Tint::of('white', EdgeTint::Warm, 1, 2)->tones['base']->lightness,
        );
    }

    /** What brings more is tried, not assumed: near white only the shade is left, in the dark the highlight does it. */
    public function testWhereTheHighlightCannotDoMoreTheShadeIsNamed(): void
    {
        $colour = static fn (string $hex): Oklch => Srgb::fromHex($hex)->toOklch();
        $white = Beside::of('Beard', $colour('#f6f4ec'), $colour('#9a9a92'), 'Face', $colour('#c0b8a8'));
        self::assertStringContainsString('To brighten the highlight of beard, deepen its shade instead', (string) $white->remark);
        self::assertStringContainsString(
            sprintf('that brings %.1f, a lighter highlight only %.1f', $white->gains['shade'], $white->gains['highlight']),
            (string) $white->remark,
        );

        self::assertNull(Beside::of('Cape', $colour('#7f95a0'), $colour('#1a2c36'), null, null)->remark);
        $spent = Beside::of('Sail', $colour('#fdfcf8'), $colour('#b9b4a8'), null, null);
        self::assertStringContainsString('a lighter highlight nothing more', (string) $spent->remark);
    }

    public function testTheNeighbourIsNamedWhereItDoesMore(): void
    {
        $colour = static fn (string $hex): Oklch => Srgb::fromHex($hex)->toOklch();
        $found = Beside::of('Beard', $colour('#f5f3ee'), $colour('#0c0c0c'), 'Face', $colour('#8a6a50'));

        self::assertStringContainsString('deepen face instead', (string) $found->remark);
        self::assertGreaterThan($found->gains['shade'], $found->gains['neighbour']);
    }
}
