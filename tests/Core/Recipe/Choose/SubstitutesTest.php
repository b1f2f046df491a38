<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\Substitute;
use Kalokroma\Recipe\Choose\Substitutes;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Predict\Amount;
use Kalokroma\Recipe\Predict\Demand;
use Kalokroma\Recipe\Predict\Need;
use Kalokroma\Recipe\Predict\Needs;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\Taken;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class SubstitutesTest extends TestCase
{
    public function testTheNearestInPlaceComesFirstAndTheMissingPaintIsNotUsed(): void
    {
        $found = $this->substitutes('Ochre', '#9c7630');

        self::assertNotSame([], $found);
        $least = min(array_map(static fn (Substitute $s): float => $s->expected(), $found));
        foreach ($found as $i => $one) {
            self::assertNotContains('Ochre', array_map(static fn (Part $p): string => $p->paint->name, $one->mix->parts));
            // What is no worse by more than 1.0 goes by simplicity; the rest by what is to be expected.
            $before = $found[max(0, $i - 1)];
            self::assertTrue(
                $one->expected() >= $before->expected() - 1e-3 || $before->expected() <= $least + 1.0,
                $one->mix->words(),
            );
        }
        self::assertLessThanOrEqual($least + 1.0, $found[0]->expected());
        self::assertLessThan(3.0, $found[0]->difference);
    }

    /** The difference is that of the looks in place, over this ground and so thinned. */
    public function testTheDifferenceIsTakenInPlace(): void
    {
        $below = Surface::uniform(Swatches::reflectance('#1c1b1a'));
        $step = $this->step('Ochre', '#9c7630');
        $one = Substitutes::of($step, $this->area(), $below, Swatches::shelf(), ['Ochre'])[0];
        $now = Simulation::step($step, $this->area(), $below)->look->after->plane->toLab();
        $then = Simulation::step($step->withMix($one->mix), $this->area(), $below)->look->after->plane->toLab();

        self::assertEqualsWithDelta(Ciede2000::difference($now, $then), $one->difference, 1e-9);
    }

    public function testWordsTellColourAndCoats(): void
    {
        $brown = $this->step('Dark brown', '#4b3524');
        $shelf = [Swatches::paint('Yellow', '#f0b42c'), Swatches::paint('Other brown', '#5a3d28')];
        $found = Substitutes::of($brown, $this->area(), Surface::uniform(Swatches::reflectance('#1c1b1a')), $shelf, ['Dark brown'], 20);
        $by = [];
        foreach ($found as $one) {
            $by[$one->mix->words()] = $one;
        }

        self::assertStringContainsString('lighter', $by['Yellow']->words);
        self::assertGreaterThan(0, $by['Yellow']->coatsMore);
        self::assertStringContainsString('more coat', $by['Yellow']->words);
        self::assertStringStartsWith('a little', $by['Other brown']->words);
    }

    public function testARoleIsKept(): void
    {
        $wash = new PlannedStep(
            StepKey::of('wash'),
            Technique::WashAllOver,
            Srgb::fromHex('#4b3524')->toOklch(),
            new Load(Mix::single($this->paint('Brown wash')), Thinning::undiluted(), Thinner::Medium),
        );
        $found = Substitutes::of(
            $wash,
            $this->area(),
            Surface::uniform(Swatches::reflectance('#9c7630')),
            Swatches::shelf(),
            ['Brown wash'],
        );

        $words = array_map(static fn (Substitute $f): string => $f->mix->words(), $found);
        self::assertSame(['Black wash', 'Dark brown'], array_slice($words, 0, 2), 'another wash, then paint of its hue, thinned');
        self::assertSame([], array_intersect(['Slate', 'Green', 'Steel'], $words));
        $thin = $wash->withMix($found[1]->mix)->load;
        self::assertSame(['1:4', Thinner::Medium], [$thin->thinning->ratio(), $thin->thinner], 'neat it would be a coat');
        $brass = new PlannedStep(
            StepKey::of('basecoat'),
            Technique::MetalCoat,
            Srgb::fromHex('#8f6f35')->toOklch(),
            new Load(Mix::single($this->paint('Brass')), Thinning::fromRatio('4:1'), Thinner::Water),
        );
        self::assertSame(
            ['Pale brass'],
            array_map(
                static fn (Substitute $f): string => $f->mix->words(),
                Substitutes::of($brass, $this->area(), Surface::uniform(Swatches::reflectance('#1c1b1a')), Swatches::shelf(), ['Brass']),
            ),
        );
    }

    public function testTheDraftedMixIsKeptBesideTheSubstitute(): void
    {
        $step = $this->step('Ochre', '#9c7630');
        $other = $step->withMix(Mix::single($this->paint('Mustard')));

        self::assertSame('Ochre', $other->load->original?->words());
        self::assertSame('Ochre', $other->withMix(Mix::single($this->paint('Bone')))->load->original?->words());
        self::assertNull($other->withMix(Mix::single($this->paint('Ochre')))->load->original);
    }

    /**
     * By hand: what a step takes is what is applied and half of it again (or two drops) on palette and brush, less the
     * thinner, by share of the mix.
     */
    public function testNeedsCountFiguresAndWaste(): void
    {
        $mix = Mix::of([new Part($this->paint('Ochre'), 3), new Part($this->paint('Bone'), 1)]);
        $step = new PlannedStep(
            StepKey::of('basecoat'),
            Technique::Basecoat,
            Srgb::fromHex('#9c7630')->toOklch(),
            new Load($mix, Thinning::fromRatio('2:1'), Thinner::Water),
            handling: new Handling(2),
        );
        $outcome = Simulation::step($step, $this->area(), Surface::uniform(Swatches::reflectance('#868686')));
        $applied = ($outcome->amount->usedMl ?? 0) * 1000 / (2 / 3);
        $needs = Needs::of([new Demand(Taken::by($outcome), 'Coat', 8)]);
        $ml = Amount::neededUl($applied, 8) * 2 / 3 / 1000;

        self::assertSame(['Ochre', 'Bone'], array_map(static fn (Need $n): string => $n->paint->name, $needs));
        self::assertEqualsWithDelta($ml * 3 / 4, $needs[0]->ml, 0.006);
        self::assertEqualsWithDelta($ml / 4, $needs[1]->ml, 0.006);
        self::assertSame((int) floor(10.0 / ($ml * 3 / 4 / 8)), $needs[0]->figures);
        self::assertSame(['Coat'], $needs[0]->uses);
        self::assertSame([], Needs::of([new Demand(Taken::by($outcome), 'Coat', 0)]));
    }

    public function testWhatIsMissingRunsOutFirst(): void
    {
        $steps = [];
        foreach ([['Plenty', 20.0], ['Scarce', 0.05], ['Gone', 0.0], ['Nobody knows', null]] as [$name, $left]) {
            $mix = Mix::single(Swatches::paint($name, '#9c7630', left: $left));
            $step = new PlannedStep(
                StepKey::of('basecoat'),
                Technique::Basecoat,
                Srgb::fromHex('#9c7630')->toOklch(),
                new Load($mix, Thinning::fromRatio('2:1'), Thinner::Water),
            );
            $steps[] = new Demand(
                Taken::by(Simulation::step($step, $this->area(), Surface::uniform(Swatches::reflectance('#868686')))),
                $name,
                3,
            );
        }
        $needs = Needs::of($steps);

        self::assertSame(['Gone', 'Scarce', 'Plenty', 'Nobody knows'], array_map(static fn (Need $n): string => $n->paint->name, $needs));
        self::assertSame([0, null], [$needs[0]->figures, $needs[3]->figures]);
        self::assertLessThan(3, $needs[1]->figures);
    }

    /** @return list<Substitute> */
    private function substitutes(string $name, string $hex): array
    {
        return Substitutes::of(
            $this->step($name, $hex),
            $this->area(),
            Surface::uniform(Swatches::reflectance('#868686')),
            Swatches::shelf(),
            [$name],
        );
    }

    private function step(string $name, string $hex): PlannedStep
    {
        return new PlannedStep(
            StepKey::of('basecoat'),
            Technique::Basecoat,
            Srgb::fromHex($hex)->toOklch(),
            new Load(Mix::single(Swatches::paint($name, $hex)), Thinning::fromRatio('2:1'), Thinner::Water),
        );
    }

    private function area(): Area
    {
        return new Area('1', 'Coat', Material::Cloth, Relief::Tight, 4.0);
    }

    private function paint(string $name): Paint
    {
        foreach (Swatches::shelf() as $paint) {
            if ($paint->name === $name) {
                return $paint;
            }
        }
        self::fail($name.' is not on the shelf');
    }
}
