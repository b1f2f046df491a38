<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Change;

use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Change\Elsewhere;
use Kalokroma\Recipe\Change\Method;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

/** The method of one area on another, and one step in several areas. */
final class MethodTest extends TestCase
{
    /** By hand: of a red (0.5, 0.15, 30°) the highlight (0.7, 0.10, 40°); on a blue (0.4, 0.12, 250°) that is (0.6, 0.08, 260°). */
    public function testAColourKeepsItsDistance(): void
    {
        $moved = Method::moved(new Oklch(0.7, 0.10, 40.0), new Oklch(0.5, 0.15, 30.0), new Oklch(0.4, 0.12, 250.0));

        self::assertEqualsWithDelta([0.6, 0.08, 260.0], [$moved->lightness, $moved->chroma, $moved->hue], 1e-6);
        $grey = Method::moved(new Oklch(0.8, 0.0, 0.0), new Oklch(0.5, 0.0, 0.0), new Oklch(0.4, 0.1, 250.0));
        self::assertEqualsWithDelta([0.7, 250.0], [$grey->lightness, $grey->hue], 1e-6, 'from grey the hue of the new colour is taken');
        $white = Method::moved(new Oklch(0.95, 0.05, 90.0), new Oklch(0.5, 0.1, 90.0), new Oklch(0.9, 0.05, 90.0));
        self::assertLessThanOrEqual(1.0, $white->lightness);
    }

    /** A red cloak's method on a green coat: the same kinds in the same order, in greens; nothing of it turns the coat red. */
    public function testTheMethodComesInTheOtherAreasColours(): void
    {
        [$red, $green] = [Srgb::fromHex('#a82a20')->toOklch(), Srgb::fromHex('#4b5a32')->toOklch()];
        $area = new Area('a', 'Cloak', Material::Cloth, Relief::Tight, 6.0);
        $model = Drafter::draft(new Brief($area, $red, Way::Layers, $this->grey()->plane, Swatches::shelf()));
        $copied = Method::copied($model, $red, $green, $this->maker(), $area, $this->grey());
        $kinds = static fn (Plan $p): array => array_map(static fn (PlannedStep $s): array => [$s->key->value, $s->technique], $p->steps);

        self::assertSame($kinds($model), $kinds($copied));
        $base = $copied->step('basecoat')?->load->mix?->lab();
        self::assertNotNull($base);
        self::assertLessThan(35.0, $base->hueApart(Srgb::fromHex('#4b5a32')->toLab()), 'it is green');
        self::assertNotSame($model->step('basecoat')?->load->mix?->key(), $copied->step('basecoat')?->load->mix?->key());
        $same = Method::copied($model, $red, $red, $this->maker(), $area, $this->grey());
        self::assertEqualsWithDelta(
            $model->step('basecoat')?->target?->lightness,
            $same->step('basecoat')?->target?->lightness,
            1e-6,
            'on itself it changes no colour',
        );
    }

    /** Dirt, chips, rust and a black wash keep their own colours; the area's own ladder is drawn from its own colour. */
    public function testEffectsKeepTheirColours(): void
    {
        [$green, $red] = [Srgb::fromHex('#4b5a32')->toOklch(), Srgb::fromHex('#a82a20')->toOklch()];
        $black = Swatches::paint('Black stain', '#77736f', Behaviour::Stain);
        $model = new Plan([
            Steps::step('basecoat', '#4b5a32'), Steps::step('wash-all-over', $black), Steps::step('layer', '#5d6d40'),
            Steps::step('chips', '#4a3020'), Steps::step('streak', '#5a4630', key: 'grime'),
        ], []);
        $area = new Area('a', 'Hull', Material::Lacquered, Relief::Plate, 6.0);
        $copied = Method::copied($model, $green, $red, $this->maker(), $area, $this->grey());
        $mix = static fn (Plan $p, string $key): ?string => $p->step($key)?->load->mix?->key();

        foreach (['wash-all-over', 'chips', 'grime'] as $key) {
            self::assertSame($mix($model, $key), $mix($copied, $key), $key);
        }
        foreach (['basecoat', 'layer'] as $key) {
            self::assertNotSame($mix($model, $key), $mix($copied, $key), $key);
        }
    }

    public function testWhatIsForNobodyIsDropped(): void
    {
        $plan = new Plan([
            Steps::step('basecoat'),
            Steps::step('edge-highlight')->for(Who::leaders()),
            Steps::step('dot')->for(Who::only([7])),
            Steps::step('layer')->for(Who::except([1])),
        ], []);
        $keys = static fn (Plan $p): array => array_map(static fn (PlannedStep $s): string => $s->key->value, $p->steps);

        self::assertSame(['basecoat', 'layer'], $keys(Method::among($plan, 3, 0)));
        self::assertSame(['basecoat'], $keys(Method::among($plan, 1, 0)));
        self::assertSame($plan, Method::among($plan, 9, 2), 'nothing to drop');
    }

    public function testOneStepInSeveralAreas(): void
    {
        $like = Steps::step('layer', '#a82a20', '1:1', 2)->at(new Place(null, 'upper parts'));
        $there = new Plan([Steps::step('basecoat', '#20407a'), Steps::step('layer', '#3a6ea5', '2:1', key: 'other')], []);
        $alike = Elsewhere::alike($there, $like)?->step('other');

        self::assertSame(['upper parts', '1:1', 2], [
            $alike?->scope->place->part, $alike?->load->thinning->ratio(), $alike?->handling->coats,
        ]);
        self::assertSame('#3a6ea5', $alike?->load->mix?->words(), 'its paint stays');
        self::assertSame(['basecoat'], array_map(
            static fn (PlannedStep $s): string => $s->key->value,
            Elsewhere::dropped($there, $like)->steps ?? [],
        ));
        self::assertNull(Elsewhere::dropped(new Plan([Steps::step('basecoat')], []), $like), 'there is no such step');
        $added = Elsewhere::added($there, Steps::step('layer', '#7aa0c8'), $like);
        self::assertSame(['basecoat', 'other', 'layer'], array_map(static fn (PlannedStep $s): string => $s->key->value, $added->steps));
        self::assertSame('upper parts', $added->step('layer')?->scope->place->part);
    }

    private function maker(): StepMaker
    {
        return new StepMaker(new Palette(Swatches::shelf()));
    }

    private function grey(): Surface
    {
        return Surface::uniform(Swatches::reflectance('#868686'));
    }
}
