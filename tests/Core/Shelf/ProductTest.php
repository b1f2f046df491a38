<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Caution\Tool;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Application;
use Kalokroma\Film\Sheen;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Draft\StepWish;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepWords;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Purpose;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

/** In what a paint comes, what a medium is for, and what that means for a step. */
final class ProductTest extends TestCase
{
    #[TestWith(['Wet Slate', Behaviour::Opaque, Form::Bottle])]
    #[TestWith(['Black Ground spray can', Behaviour::Primer, Form::SprayCan])]
    #[TestWith(['Scan Blue', Behaviour::Opaque, Form::Bottle])]
    #[TestWith(['Fog Grey Air', Behaviour::Opaque, Form::AirbrushReady])]
    #[TestWith(['Airbrush thinner', Behaviour::Thinner, Form::Bottle])]
    #[TestWith(['Old Brass pen', Behaviour::Metallic, Form::Pen])]
    #[TestWith(['Dry Mud', Behaviour::Pigment, Form::Powder])]
    #[TestWith(['Heron transfers', Behaviour::Effect, Form::Sheet])]
    public function testTheFormIsGuessedFromTheName(string $name, Behaviour $behaviour, Form $form): void
    {
        self::assertSame($form, Form::guess($name, $behaviour));
    }

    #[TestWith(['Glaze Medium', Behaviour::Medium, Purpose::Glazing])]
    #[TestWith(['Chipping fluid', Behaviour::Effect, Purpose::Chipping])]
    #[TestWith(['Marking softener', Behaviour::Effect, Purpose::Softening])]
    #[TestWith(['Setting fluid', Behaviour::Effect, Purpose::Setting])]
    #[TestWith(['Enamel thinner', Behaviour::Thinner, Purpose::Solvent])]
    #[TestWith(['Powder fixer', Behaviour::Medium, Purpose::Fixing])]
    #[TestWith(['Sunset Red', Behaviour::Opaque, Purpose::Anything])]
    #[TestWith(['Chip Brown', Behaviour::Opaque, Purpose::Anything])]
    public function testThePurposeIsGuessedFromTheName(string $name, Behaviour $behaviour, Purpose $purpose): void
    {
        self::assertSame($purpose, Purpose::guess($name, $behaviour));
    }

    #[TestWith(['Ultra matt varnish', Sheen::Matt])]
    #[TestWith(['Satin', Sheen::Satin])]
    #[TestWith(['Gloss Varnish', Sheen::Gloss])]
    #[TestWith(['Varnish', null])]
    public function testTheFinishOfAVarnish(string $name, ?Sheen $sheen): void
    {
        self::assertSame($sheen, Sheen::guess($name));
    }

    /** A can asks for no brush, no thinner and no drops, and dries as a can does. */
    public function testACanIsSprayedAsItComes(): void
    {
        $can = self::paint('Old Brass can', Behaviour::Metallic, '#8f6f35', Form::SprayCan);
        $bottle = self::paint('Old Brass', Behaviour::Metallic, '#8f6f35');
        $step = static fn (Paint $p): PlannedStep => new PlannedStep(
            StepKey::of('metal'),
            Technique::MetalCoat,
            null,
            Load::usual(Mix::single($p), 'metallic'),
        );
        $outcome = Simulation::step($step($can), self::area(), self::grey());
        $brushed = Simulation::step($step($bottle), self::area(), self::grey());

        self::assertSame([Tool::SprayCan, Tool::MetalBrush], [$outcome->labour->tool, $brushed->labour->tool]);
        self::assertNull($outcome->amount);
        self::assertNotNull($brushed->amount);
        self::assertTrue($outcome->step->load->thinning->isUndiluted());
        self::assertFalse($brushed->step->load->thinning->isUndiluted());
        self::assertSame([120, 8], [$outcome->labour->dryMinutes, $brushed->labour->dryMinutes]);
        self::assertLessThan($brushed->labour->minutes, $outcome->labour->minutes);
        self::assertSame([Application::Spray, Application::Coat], [$outcome->step->application(), $brushed->step->application()]);
        self::assertStringContainsString('short passes', StepWords::of($outcome)->load.$outcome->step->where());
        self::assertStringContainsString('organic vapours', implode(' ', $outcome->cautions));
        $this->expectException(RecipeProblem::class);
        $this->expectExceptionMessage('used as it comes');
        $step($can)->thinned(Thinning::fromRatio('1:1'));
    }

    public function testWhatComesInACanIsNotMixedInDrops(): void
    {
        self::assertFalse(self::paint('Red can', Behaviour::Opaque, '#a82a20', Form::SprayCan)->isMixable());
        self::assertFalse(self::paint('Red pen', Behaviour::Opaque, '#a82a20', Form::Pen)->isMixable());
        self::assertTrue(self::paint('Red', Behaviour::Opaque, '#a82a20', Form::AirbrushReady)->isMixable());
        $changed = Steps::step('basecoat')->withMix(Mix::single(self::paint('Red can', Behaviour::Opaque, '#a82a20', Form::SprayCan)));
        self::assertTrue($changed->load->thinning->isUndiluted(), 'changed to a can it is not thinned any more');
    }

    /** Matt varnishing proposes the matt varnish, whatever stands first on the shelf. */
    public function testAVarnishIsChosenByItsFinish(): void
    {
        $shelf = [
            new Paint('a', 'Gloss Varnish', '', Behaviour::Varnish, null),
            new Paint('b', 'Sealing coat', '', Behaviour::Varnish, null, sheen: Sheen::Gloss),
            new Paint('c', 'Matt Varnish', '', Behaviour::Varnish, null, sheen: Sheen::Gloss),
        ];
        $made = static fn (Technique $t, Paint ...$of): ?Mix => (new StepMaker(new Palette(array_values($of))))
            ->make(StepKey::of('v'), new StepWish($t, null), self::grey())->load->mix;

        self::assertSame('c', $made(Technique::MattVarnish, ...$shelf)?->first()->id, 'the name counts before what was ticked');
        self::assertSame('a', $made(Technique::GlossVarnish, ...$shelf)?->first()->id);
        self::assertTrue($made(Technique::MattVarnish, $shelf[0])?->first()->isDescribed(), 'gloss is no matt varnish');
    }

    public function testAGlazeNamesTheMediumItTakes(): void
    {
        $glaze = new StepWish(Technique::Glaze, Oklch::fromLab(Swatches::reflectance('#6a2430')->toLab()));
        $red = self::paint('Red', Behaviour::Opaque, '#a82a20');
        $medium = new Paint('m', 'Slow Glazing Medium', '', Behaviour::Medium, null);
        $made = static fn (Paint ...$of): Load => (new StepMaker(new Palette(array_values($of))))
            ->make(StepKey::of('g'), $glaze, self::grey())->load;

        self::assertSame('medium', $made($red)->thinnerWords(), 'any medium where none stands there');
        self::assertSame('Slow Glazing Medium', $made($red, $medium)->thinnerWords());
        $fixer = new Paint('f', 'Powder fixer', '', Behaviour::Medium, null);
        self::assertSame('medium', $made($red, $fixer)->thinnerWords(), 'a fixer is no medium for glazes');
        self::assertSame('water', $made($red, $medium)->thinnedWith(Thinner::Water)->thinnerWords());
    }

    private static function paint(string $name, Behaviour $behaviour, string $hex, Form $form = Form::Bottle): Paint
    {
        return new Paint($name, $name, '', $behaviour, Swatches::reflectance($hex), form: $form);
    }

    private static function area(): Area
    {
        return new Area('a', 'Lamp', Material::Metal, Relief::Orb, 6.0);
    }

    private static function grey(): Surface
    {
        return Surface::uniform(Swatches::reflectance('#868686'));
    }
}
