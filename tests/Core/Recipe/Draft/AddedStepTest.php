<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Draft;

use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Alternatives;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Draft\AddedStep;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\RankedMix;
use PHPUnit\Framework\TestCase;
use Tests\Core\OrdinaryShelf;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

/** An added step aims at what it is for, not at the colour of the area alike. */
final class AddedStepTest extends TestCase
{
    public function testARepairOfTheUndercoatTakesItsTone(): void
    {
        self::assertSame('Black Primer', self::added(Technique::UndercoatRepair, ground: '#1d1d1d')->load->words());
        self::assertSame('White Primer', self::added(Technique::UndercoatRepair, ground: '#f0f0ee')->load->words());
    }

    /** A can and a bottle of one tone seldom match: the whole face is brushed over, not only the gap. */
    public function testACanAndABottleOfOneNameAreUnified(): void
    {
        $black = Swatches::reflectance('#1f1f1f');
        $can = new Paint('can', 'Black Primer', 'Spray', Behaviour::Primer, $black, true, 300.0, form: Form::SprayCan);
        $gap = self::added(Technique::UndercoatRepair, ground: '#1d1d1d');
        $face = self::added(Technique::UndercoatRepair, ground: '#1d1d1d', shelf: [...OrdinaryShelf::paints(), $can]);
        $said = static fn (PlannedStep $s): string => implode(' ', array_map(static fn ($f): string => $f->sentence(), $s->why));

        self::assertStringContainsString('seldom match', $said($face));
        self::assertStringNotContainsString('seldom match', $said($gap));
    }

    public function testAStoneLiesBetweenGroundAndColour(): void
    {
        $stone = self::added(Technique::SteppingStone, '#f0bd2a', '#1d1d1d')->target;
        self::assertNotNull($stone);
        [$ground, $own] = [Srgb::fromHex('#1d1d1d')->toOklch(), Srgb::fromHex('#f0bd2a')->toOklch()];

        self::assertEqualsWithDelta(($ground->lightness + $own->lightness) / 2, $stone->lightness, 0.01);
    }

    /** Only a blue wash in stock: it lines brown all the same, and says that it is not near. */
    public function testARecessLineTakesAWashThatIsOwned(): void
    {
        self::assertSame(Behaviour::Wash, self::added(Technique::RecessLine)->load->mix?->first()->behaviour);
        $bare = array_values(array_filter(
            OrdinaryShelf::paints(),
            static fn (Paint $p): bool => !$p->behaviour->isTransparent() || $p->name === 'Blue Wash',
        ));
        $blue = self::added(Technique::RecessLine, '#7a4b2a', shelf: $bare);
        self::assertSame('Blue Wash', $blue->load->words());
        self::assertStringContainsString('No wash on your shelf comes near', implode(' ', array_map(
            static fn ($f): string => $f->sentence(),
            $blue->why,
        )));
    }

    public function testALineIsDarkerThanTheShadeAndAFreehandStandsOut(): void
    {
        $line = self::added(Technique::Lining, '#7a4b2a')->target;
        self::assertLessThan(0.3, $line?->lightness);
        foreach (['#232327', '#efece2'] as $hex) {
            $below = Srgb::fromHex($hex)->toOklch();
            $free = self::added(Technique::Freehand, $hex)->target;
            self::assertNotNull($free);
            self::assertGreaterThan(0.3, abs($free->lightness - $below->lightness), 'on '.$hex);
        }
        $asked = self::added(Technique::Freehand, '#232327', asked: '#b3221e');
        self::assertSame('Bright Red', $asked->load->words(), 'or the colour that is named for it');
    }

    public function testEffectPaintOffersTheEffectPaintsOwned(): void
    {
        $shelf = [
            ...OrdinaryShelf::paints(),
            Swatches::paint('Verdigris', '#7fb5a0', Behaviour::Effect),
            Swatches::paint('Blood', '#5c0f12', Behaviour::Effect),
        ];
        $made = self::added(Technique::EffectPaint, shelf: $shelf);
        self::assertSame(Behaviour::Effect, $made->load->mix?->first()->behaviour);
        $offered = Alternatives::of($made, new Palette($shelf), Surface::uniform(Swatches::reflectance('#868686')))->singles;
        self::assertSame(['Blood', 'Verdigris'], array_map(static fn (RankedMix $r): string => $r->mix->words(), $offered));
    }

    /** @param list<Paint>|null $shelf */
    private static function added(
        Technique $technique,
        string $hex = '#7a4b2a',
        string $ground = '#868686',
        ?string $asked = null,
        ?array $shelf = null,
    ): PlannedStep {
        $below = Surface::uniform(Swatches::reflectance($hex));
        $plan = new Plan([Steps::step('basecoat', $hex)], []);
        $added = new AddedStep(
            new Palette($shelf ?? OrdinaryShelf::paints()),
            $plan,
            new Ladder(Srgb::fromHex($hex)->toOklch()),
            Surface::uniform(Swatches::reflectance($ground)),
        );

        return $added->make($technique, $below, $asked === null ? null : Srgb::fromHex($asked)->toOklch(), false);
    }
}
