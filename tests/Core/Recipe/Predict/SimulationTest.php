<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Predict;

use Kalokroma\Caution\Tool;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\Alternatives;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Tone;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class SimulationTest extends TestCase
{
    public function testCoatsAreCountedUntilTheColourHides(): void
    {
        $outcome = $this->lay($this->basecoat('#f0b42c', '1:1'));

        self::assertSame($outcome->labour->computed, $outcome->labour->coats);
        self::assertGreaterThan(4, $outcome->labour->coats);
        self::assertStringContainsString('After coat '.$outcome->labour->coats.' the plane is within', $this->reason($outcome, 'coats.'));
    }

    public function testTheReasonForTheCoatsChangesWithTheThinning(): void
    {
        $thick = $this->lay($this->basecoat('#f0b42c', '1:0'));
        $thin = $this->lay($this->basecoat('#f0b42c', '1:2'));

        self::assertLessThan($thin->labour->coats, $thick->labour->coats);
        self::assertNotSame($this->reason($thick, 'coats.'), $this->reason($thin, 'coats.'));
    }

    public function testTheReasonForTheCoatsChangesWithTheGround(): void
    {
        $dark = $this->lay($this->basecoat('#d9cca6'), '#1b1b1b');
        $light = $this->lay($this->basecoat('#d9cca6'), '#e6dfcc');

        self::assertGreaterThan($light->labour->coats, $dark->labour->coats);
        self::assertNotSame($this->reason($dark, 'coats.'), $this->reason($light, 'coats.'));
    }

    public function testAPaintTooThinToHideSaysSoInsteadOfACount(): void
    {
        $outcome = $this->lay($this->basecoat('#f0b42c', '1:12'));

        self::assertNull($outcome->labour->computed);
        self::assertSame(12, $outcome->labour->coats);
        self::assertStringContainsString('Even after 12 coats', $this->reason($outcome, 'coats.'));
    }

    public function testThePainterOverrulesTheCoats(): void
    {
        $step = $this->basecoat('#f0b42c', '1:1');
        $own = $this->lay($step->withCoats(2));

        self::assertSame(2, $own->labour->coats);
        self::assertStringContainsString('You plan 2 coats instead of '.$own->labour->computed, $this->reason($own, 'coats.overruled'));
        self::assertSame($own->labour->computed, $this->lay($step->withCoats(2)->withCoats(0))->labour->coats, 'and hands them back');
        self::assertNotEquals($this->lay($step)->look->after->hexes(), $own->look->after->hexes());
    }

    #[DataProvider('badCoats')]
    public function testCoatsOutOfRange(int $coats): void
    {
        $this->expectException(RecipeProblem::class);
        $this->expectExceptionMessage($coats.' coats cannot be planned');
        $this->basecoat('#f0b42c')->withCoats($coats);
    }

    /** @return iterable<array{int}> */
    public static function badCoats(): iterable
    {
        yield [-1];
        yield [21];
    }

    public function testAnOmittedStepLeavesTheSurface(): void
    {
        $outcome = $this->lay($this->basecoat('#f0b42c')->leftOut());

        self::assertEquals($outcome->look->below, $outcome->look->after);
        self::assertNull($outcome->amount);
    }

    public function testOmittingAStepShowsInTheNext(): void
    {
        $steps = [$this->basecoat('#1f3050'), $this->step('layer', Technique::Layer, '#2f5a7e')];
        $area = $this->area();
        $with = Simulation::run($steps, $area, $this->ground());
        $without = Simulation::run([$steps[0]->leftOut(), $steps[1]], $area, $this->ground());

        self::assertNotSame($with[1]->look->after->recess->bands, $without[1]->look->after->recess->bands);
        self::assertSame($this->ground()->recess->bands, $without[1]->look->after->recess->bands);
    }

    public function testASwappedMixLosesTheOldReasonAndSaysWhoseChoiceItIs(): void
    {
        $step = $this->basecoat(
            '#9c7630',
            '2:1',
            [new Finding('mix.single', 'Ochre is 0.4 apart.', [], Reason::Mix), new Finding('technique.basecoat', 'An even coat.')],
        );
        $swapped = $this->lay($step->withMix(Mix::single(Swatches::paint('Blue', '#2f5a7e'))));
        $sentences = array_map(static fn (Finding $f): string => $f->sentence(), $swapped->reasons);

        self::assertNotContains('Ochre is 0.4 apart.', $sentences);
        self::assertContains('An even coat.', $sentences);
        self::assertStringContainsString(
            'Your own choice, Blue, is '.number_format((float) $swapped->look->difference, 1),
            implode(' ', $sentences),
        );
    }

    public function testThePaintersOwnThinningStandsBesideTheProposedOne(): void
    {
        $drafted = new Finding(
            'thinning.basecoat',
            'Thinned {ratio} (usual {range}): {why}.',
            ['ratio' => '2:1', 'range' => '3:1 – 1:1', 'why' => 'like milk'],
            Reason::Thinning,
        );
        $step = $this->basecoat('#9c7630', '2:1', [$drafted]);

        self::assertSame('Thinned 2:1 (usual 3:1 – 1:1): like milk.', $this->reason($this->lay($step), 'thinning.'));
        self::assertSame(
            'You thin it 1:8; 2:1 was proposed (usual 3:1 – 1:1): like milk.',
            $this->reason($this->lay($step->thinned(Thinning::fromRatio('1:8'))), 'thinning.'),
        );
        self::assertSame(
            'You thin it not at all; 2:1 was proposed (usual 3:1 – 1:1): like milk.',
            $this->reason($this->lay($step->thinned(Thinning::undiluted())), 'thinning.'),
        );
    }

    public function testTakingTheSameMixAgainKeepsItsReason(): void
    {
        $step = $this->basecoat('#9c7630', '2:1', [new Finding('mix.single', 'Ochre is 0.4 apart.', [], Reason::Mix)]);

        self::assertSame($step->why, $step->withMix($step->load->mix)->why);
    }

    /** By hand: 60 % a pass; 1 − 0.4² = 84 % is the first to reach 80 %. */
    public function testDrybrushPasses(): void
    {
        $outcome = $this->lay($this->step('drybrush', Technique::Drybrush, '#d9cca6'));

        self::assertSame(2, $outcome->labour->coats);
        self::assertSame(
            'A pass catches 60 % of what is still bare on the ridges: 2 passes reach 84 %.',
            $this->reason($outcome, 'coats.'),
        );
    }

    /**
     * Over what a wash took, the own colour is brushed until the planes are it too. By hand: each pass catches 15 % of the plane, so three
     * leave 0.85³ = 61 % of a step that two leave 72 % of.
     */
    public function testTheOwnColourIsBroughtBackByDrybrush(): void
    {
        $own = $this->step('drybrush', Technique::Drybrush, '#d0c7a9', '1:0');
        $washed = $this->lay($own, '#beb496');
        $hardly = $this->lay($own, '#cac1a3');
        $other = $this->lay($own, '#6f6754');

        self::assertSame([3, 2, 2], [$washed->labour->coats, $hardly->labour->coats, $other->labour->coats]);
        self::assertStringStartsWith(
            'The raised parts are caught after 2 passes; after 3 the flat parts, which were 4.9 off this colour',
            $this->reason($washed, 'coats.'),
        );
        self::assertStringStartsWith('A pass catches 60 %', $this->reason($hardly, 'coats.'));
        self::assertStringStartsWith('A pass catches 60 %', $this->reason($other, 'coats.'));
    }

    #[DataProvider('tools')]
    public function testToolFollowsTechniqueAndSurface(Technique $technique, float $cm2, Tool $tool): void
    {
        self::assertSame($tool, $technique->tool($cm2));
    }

    /** @return iterable<array{Technique, float, Tool}> */
    public static function tools(): iterable
    {
        yield [Technique::Basecoat, 5.4, Tool::LargeBrush];
        yield [Technique::Basecoat, 1.0, Tool::MiddleBrush];
        yield [Technique::Basecoat, 0.3, Tool::SmallBrush];
        yield [Technique::MetalCoat, 5.4, Tool::MetalBrush];
        yield [Technique::Layer, 0.3, Tool::DetailBrush];
        yield [Technique::Drybrush, 5.4, Tool::Drybrush];
        yield [Technique::Dot, 0.3, Tool::DetailBrush];
    }

    public function testWhatIsTouchedIsASumOverTheFaces(): void
    {
        self::assertEqualsWithDelta(1.0, Technique::Basecoat->touched(Relief::Tight), 1e-9);
        self::assertEqualsWithDelta(0.8 * 0.40 + 0.25, Technique::Layer->touched(Relief::Tight), 1e-9);
        self::assertEqualsWithDelta(0.9 * 0.12, Technique::EdgeHighlight->touched(Relief::Plate), 1e-9);
    }

    public function testAlternativesRankTheShelfForAStep(): void
    {
        $step = $this->basecoat('#9c7d34');
        $found = Alternatives::of($step, new Palette(Swatches::shelf()), $this->ground());

        self::assertSame('Ochre', $found->singles[0]->mix->words());
        self::assertNotSame([], $found->pairs);
        self::assertTrue($found->singles[0]->isAsGoodAs($found->best() ?? $found->singles[0]), 'the pot is 2.2 off, and sure');
        self::assertLessThan(
            $found->singles[0]->difference,
            min(array_map(static fn (RankedMix $r): float => $r->difference, $found->pairs)),
            'though some are on paper',
        );
        self::assertSame($found->pairs[0]->mix->colour()->toHex(), $found->look($found->pairs[0])->toHex(), 'its own dry colour');
    }

    public function testAlternativesOfAWashAreTransparent(): void
    {
        $step = new PlannedStep(
            StepKey::of('wash'),
            Technique::WashAllOver,
            Srgb::fromHex('#4b3524')->toOklch(),
            new Load(Mix::single(Swatches::paint('Brown wash', '#8b6a49', Behaviour::Wash)), Thinning::undiluted(), Thinner::Medium),
        );
        $found = Alternatives::of($step, new Palette(Swatches::shelf()), Surface::uniform(Swatches::reflectance('#9c7630')));

        self::assertSame([], $found->pairs);
        self::assertSame(['Brown wash', 'Black wash'], array_map(static fn (RankedMix $r): string => $r->mix->words(), $found->singles));
        self::assertSame(
            Simulation::look($step->withMix($found->singles[1]->mix), $found->below)->recess->toHex(),
            $found->look($found->singles[1])->toHex(),
            'what it leaves in the recess',
        );
    }

    public function testAStainUsedForTheWashLiesAsAStainDoes(): void
    {
        $amber = Swatches::paint('Amber', '#e0a34a', Behaviour::Stain);
        $step = new PlannedStep(
            StepKey::of('wash'),
            Technique::WashAllOver,
            Srgb::fromHex('#4b3524')->toOklch(),
            new Load(Mix::single($amber), Thinning::undiluted(), Thinner::Medium),
        );
        $below = Surface::uniform(Swatches::reflectance('#d9cca6'));
        $look = Simulation::step($step, $this->area(), $below)->look->after;

        self::assertEqualsWithDelta($amber->pigment()->over($below->recess, 2.0)->bands, $look->recess->bands, 1e-12);
        self::assertEqualsWithDelta($amber->pigment()->over($below->ridge, 0.4)->bands, $look->ridge->bands, 1e-12);
    }

    public function testAlternativesOfAMetalCoatAreMetallic(): void
    {
        $step = new PlannedStep(
            StepKey::of('basecoat'),
            Technique::MetalCoat,
            Srgb::fromHex('#c2a050')->toOklch(),
            new Load(Mix::single(Swatches::paint('Brass', '#8f6f35', Behaviour::Metallic)), Thinning::fromRatio('4:1'), Thinner::Water),
        );
        $found = Alternatives::of($step, new Palette(Swatches::shelf()), $this->ground());

        self::assertSame(['Pale brass', 'Brass'], array_map(static fn (RankedMix $r): string => $r->mix->words(), $found->singles));
    }

    public function testAnAlternativeTellsHowManyCoatsMoreItTakes(): void
    {
        $step = $this->basecoat('#4b3524');
        $palette = new Palette(Swatches::shelf());
        $yellow = new RankedMix(Mix::single(Swatches::paint('Yellow', '#f0b42c')), 40.0);
        $more = Alternatives::of($step, $palette, $this->ground())->coatsMore($yellow, $this->area());
        $own = $step->withCoats(7);
        $same = Alternatives::of($own, $palette, $this->ground())->coatsMore(new RankedMix($own->load->mix, 0.0), $this->area());

        self::assertGreaterThan(2, $more);
        self::assertSame(0, $same, 'the painter\'s own number of coats does not count');
    }

    public function testTheUndercoatIsAStepLikeTheOthers(): void
    {
        $grey = Swatches::paint('Grey primer', '#868686', Behaviour::Primer);
        $plan = UndercoatPlan::of(Ground::uniform(Tone::Grey, $grey), Kind::Airbrush, 'Grey costs least.');
        $outcome = Undercoating::of($plan, 18.0)->steps[0];

        self::assertSame('#868686', $outcome->look->after->plane->toHex());
        self::assertSame(20, $outcome->labour->dryMinutes);
        self::assertSame(2, $outcome->labour->coats);
        self::assertSame(Tool::Airbrush, $outcome->labour->tool);
        self::assertSame('Grey costs least.', $outcome->reasons[0]->sentence());
        self::assertStringContainsString('particle mask', implode(' ', $outcome->cautions));
    }

    /** Two steps: the second stands on the first, and what lies on an area is told apart from them. */
    public function testAnUndercoatMayHaveSeveralSteps(): void
    {
        $tone = static fn (string $hex): Paint => Swatches::paint($hex, $hex, Behaviour::Primer);
        $laid = Undercoating::of(new UndercoatPlan([
            new UndercoatStep(StepKey::ofUndercoat(), $tone('#1c1c1c'), Tone::Dark, Kind::Airbrush),
            new UndercoatStep(StepKey::ofUndercoat(2), $tone('#e0e0e0'), Tone::Light, Kind::Airbrush, coats: 1),
        ], 'Dark, then light.'), 18.0);
        $base = $this->step('basecoat', Technique::Basecoat, '#6f4a2e');
        $all = [...$laid->steps, ...Simulation::run([$base], $this->area(), $laid->surface(), $laid->certainty())];

        self::assertSame(['undercoat', 'undercoat-2'], array_map(static fn ($o): string => $o->step->key->value, $laid->steps));
        self::assertSame('#1c1c1c', $laid->steps[1]->look->below->plane->toHex());
        self::assertSame('#e0e0e0', $laid->surface()->plane->toHex());
        self::assertSame([2, 1], array_map(static fn ($o): int => $o->labour->coats, $laid->steps));
        self::assertNotContains('Dark, then light.', array_map(static fn ($f): string => $f->sentence(), $laid->steps[1]->reasons));
        self::assertSame($laid->steps, Undercoated::below($all)->steps);
        self::assertSame(['basecoat'], array_map(static fn ($o): string => $o->step->key->value, Undercoated::above($all)));
    }

    public function testASprayCanIsNotMeasuredInDropsNorThinned(): void
    {
        $plan = UndercoatPlan::of(Ground::uniform(Tone::Dark, null), Kind::SprayCan)
            ->changed('undercoat', static fn (UndercoatStep $s): UndercoatStep => $s->coated(3)->thinned(Thinning::fromRatio('1:1')));
        $outcome = Undercoating::of($plan, 18.0)->steps[0];

        self::assertNull($outcome->amount);
        self::assertTrue($outcome->step->load->thinning->isUndiluted());
        self::assertSame('any dark primer', $outcome->step->load->mix->words());
        self::assertFalse($outcome->step->load->mix->isAtHand());
        self::assertSame(3, $outcome->labour->coats);
        self::assertStringContainsString('organic vapours', implode(' ', $outcome->cautions));
    }

    public function testAFindingPrintsItsFacts(): void
    {
        $finding = new Finding('x', 'after {coats} coats {apart} is left, {nothing}', ['coats' => 2, 'apart' => 1.25, 'nothing' => -0.01]);

        self::assertSame('After 2 coats 1.3 is left, 0.0', $finding->sentence());
    }

    /** @param list<Finding> $why */
    private function basecoat(string $hex, string $thin = '2:1', array $why = []): PlannedStep
    {
        return $this->step('basecoat', Technique::Basecoat, $hex, $thin, $why);
    }

    /** @param list<Finding> $why */
    private function step(string $key, Technique $technique, string $hex, string $thin = '1:1', array $why = []): PlannedStep
    {
        return new PlannedStep(
            StepKey::of($key),
            $technique,
            Srgb::fromHex($hex)->toOklch(),
            new Load(Mix::single(Swatches::paint('Paint '.$hex, $hex)), Thinning::fromRatio($thin), Thinner::Water),
            why: $why,
            stage: Stage::from($key),
        );
    }

    private function lay(PlannedStep $step, string $ground = '#868686'): StepOutcome
    {
        return Simulation::step($step, $this->area(), Surface::uniform(Swatches::reflectance($ground)));
    }

    private function reason(StepOutcome $outcome, string $code): string
    {
        $found = array_filter($outcome->reasons, static fn (Finding $f): bool => str_starts_with($f->code, $code));
        self::assertNotSame([], $found);

        return array_values($found)[0]->sentence();
    }

    private function area(): Area
    {
        return new Area('1', 'Coat', Material::Cloth, Relief::Tight, 4.0);
    }

    private function ground(): Surface
    {
        return Surface::uniform(Swatches::reflectance('#868686'));
    }
}
