<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Ladder;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\UsualDraft;
use Kalokroma\Recipe\Ladder\EdgeTints;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Scheme\EdgeTint;
use PHPUnit\Framework\TestCase;
use Tests\Core\OrdinaryShelf;
use Tests\Core\Swatches;

final class EdgeTintsTest extends TestCase
{
    /** The leading black first, then by size; what was chosen joins in, what stands alone is left as it is. */
    public function testSeveralBlacksLeanToDifferentSides(): void
    {
        $tints = EdgeTints::of([
            $this->area('boots', '#1b1a1c', 1.0),
            $this->area('cloak', '#202022', 5.0),
            $this->area('armour', '#1a1a1a', 3.0, Weight::Leading),
            $this->area('belt', '#6f4a2e', 1.0),
            $this->area('pouch', '#70502f', 0.5),
            $this->area('trousers', '#2f5a7e', 4.0),
        ], [['belt', 'pouch']]);

        self::assertSame(
            ['cool', 'warm', 'green', 'cool', 'warm', null],
            array_map(
                static fn (string $id): ?string => $tints->tint($id)?->value,
                ['armour', 'cloak', 'boots', 'belt', 'pouch', 'trousers'],
            ),
        );
        self::assertSame([1.0, 0.85, 0.75, 1.0], array_map($tints->share(...), ['armour', 'cloak', 'boots', 'belt']));
        self::assertNull(EdgeTints::of([$this->area('cloak', '#202022', 5.0)], [])->tint('cloak'), 'one black needs none');
    }

    /** Hues of the drafted edges: cold ones are blue (180° to 300° of CIELAB), warm ones between red and yellow. */
    public function testDraftedEdgesLeanAsGiven(): void
    {
        foreach (['plain', 'black-armour'] as $start) {
            $hues = [];
            foreach ([EdgeTint::Cool, EdgeTint::Warm] as $tint) {
                $plan = UsualDraft::from($start, new Brief(
                    new Area('1', 'Armour', Material::Metal, Relief::Plate, 4.0),
                    Srgb::fromHex('#1d1c1b')->toOklch(),
                    Way::Layers,
                    Swatches::reflectance('#1b1b1b'),
                    OrdinaryShelf::paints(),
                    (new LadderWish())->edged($tint, 1.0),
                ));
                $hues[$tint->value] = $plan->step('highlight')->target->hue ?? -1.0;
            }
            self::assertEqualsWithDelta(248.0, $hues['cool'], 12.0, $start);
            self::assertEqualsWithDelta(72.0, $hues['warm'], 12.0, $start);
        }
    }

    public function testAWhiteLeansInItsShade(): void
    {
        $white = Srgb::fromHex('#f4f2ec')->toOklch();
        $shade = static fn (EdgeTint $t): float => (new Ladder($white, (new LadderWish())->edged($t, 1.0)))->rung(Rung::Shade)->hue;

        self::assertEqualsWithDelta(248.0, $shade(EdgeTint::Cool), 6.0);
        self::assertEqualsWithDelta(72.0, $shade(EdgeTint::Warm), 6.0);
    }

    /** The second of two blacks is lit less. */
    public function testTheMostImportantBlackHasTheStrongestContrast(): void
    {
        $black = Srgb::fromHex('#1d1c1b')->toOklch();
        $light = static fn (float $share): float
            => (new Ladder($black, (new LadderWish())->edged(EdgeTint::Warm, $share)))->rung(Rung::Highlight)->lightness;

        self::assertEqualsWithDelta(($light(1.0) - $black->lightness) * 0.75, $light(0.75) - $black->lightness, 0.005);
    }

    /** @return array{Area, Lab} */
    private function area(string $id, string $hex, float $cm2, Weight $weight = Weight::Supporting): array
    {
        return [new Area($id, $id, Material::Cloth, Relief::Tight, $cm2, 1, $weight), Srgb::fromHex($hex)->toLab()];
    }
}
