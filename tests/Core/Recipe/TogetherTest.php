<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;

use Kalokroma\Figure\Relief;
use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\PartLink;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\SharedPaints;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Recipe\Predict\DraftSum;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Tone;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

/** Recipes beside each other: paints they share, parts they form, drafts compared; and where on an area a step goes. */
final class TogetherTest extends TestCase
{
    public function testASharedPaintIsRecognised(): void
    {
        $bone = Swatches::paint('Bone', '#d9cca6');
        $others = ['Strap' => ['Ochre', 'Bone'], 'Sail' => ['Bone'], 'Boots' => ['Dark brown']];

        self::assertSame(
            'Bone is on the palette: also for strap and sail.',
            SharedPaints::sentence(Steps::step('drybrush', $bone), $others),
        );
        self::assertNull(SharedPaints::sentence(Steps::step('drybrush', '#2f5a7e'), $others));
        self::assertNull(SharedPaints::sentence(Steps::step('drybrush', $bone)->leftOut(), $others), 'what is left out loads nothing');
        self::assertSame(
            'Bone is on the palette: also for sail.',
            SharedPaints::sentence(Steps::step('drybrush', $bone), ['Strap' => ['Ochre']] + $others),
        );
    }

    public function testThePartsOfAFigureAreLinked(): void
    {
        $area = static fn (string $id, string $name, string $part): Area => new Area(
            $id,
            $name,
            Material::Leather,
            Relief::Plate,
            2.0,
            part: $part,
        );
        $areas = [$area('1', 'Plumage', ''), $area('2', 'Saddle', 'saddle'), $area('3', 'Girth', 'saddle'), $area('4', 'Legs', '')];
        $touching = [['1', '2'], ['2', '3'], ['1', '4']];

        self::assertNull(PartLink::of($areas[0], $areas, $touching, []));
        $loose = PartLink::of($areas[1], $areas, $touching, ['2' => Steps::plan('basecoat')]);
        self::assertNotNull($loose);
        self::assertSame(['Saddle', 'Girth'], array_map(static fn (Area $a): string => $a->name, $loose->members));
        self::assertSame(
            'Saddle is painted separately, in 2 areas. No recipe glues it on yet: do that when they and plumage are done.',
            $loose->finding()->sentence(),
        );
        $glued = PartLink::of($areas[1], $areas, $touching, ['3' => Steps::plan('basecoat', 'gluing')]);
        self::assertSame(
            'Saddle is painted separately, in 2 areas; it is glued on in the recipe of girth, once both sides are done.',
            $glued?->finding()->sentence(),
        );
        self::assertSame(
            'Saddle is painted separately, in 2 areas. No recipe glues it on yet.',
            PartLink::of($areas[2], $areas, [], [])?->finding()->sentence(),
        );
    }

    /** Coats, minutes and drying added up by hand from the outcomes. */
    public function testADraftIsSummedUpAndSetAgainstAnother(): void
    {
        $area = new Area('7', 'Coat', Material::Cloth, Relief::Tight, 5.0);
        $undercoat = Undercoating::of(
            UndercoatPlan::of(Ground::uniform(Tone::Grey, null), Kind::Brush)
                ->changed('undercoat', static fn (UndercoatStep $s): UndercoatStep => $s->coated(1)),
            5.0,
        );
        $sum = static function (PlannedStep ...$steps) use ($area, $undercoat): DraftSum {
            return DraftSum::of($undercoat, [['area' => $area, 'outcomes' => Simulation::run($steps, $area, $undercoat->surface())]]);
        };
        $base = Steps::step('basecoat', '#4b3524', coats: 2);
        $wash = Steps::step('wash-all-over', '#8b6a49');
        $one = $sum($base);
        $two = $sum($base, $wash);
        [$b, $w] = Simulation::run([$base, $wash], $area, $undercoat->surface());

        self::assertSame([2, 3], [$one->steps, $two->steps]);
        self::assertSame(1 + 2 + 1, $two->coats);
        self::assertEqualsWithDelta($undercoat->steps[0]->labour->minutes + $b->labour->minutes + $w->labour->minutes, $two->minutes, 1e-9);
        self::assertSame($undercoat->steps[0]->waiting() + 2 * 8 + 40, $two->waiting);
        self::assertSame(['#4b3524', '#8b6a49'], $two->paints);
        self::assertSame(
            sprintf(
                'Per figure it takes 1 coat more, %d min more work, 40 min more drying, 1 paint more to load.',
                round($two->minutes) - round($one->minutes),
            ),
            $two->against($one)->sentence(),
        );
        self::assertStringContainsString('1 coat fewer', $one->against($two)->sentence());
        $masked = $sum($base, Steps::step('masking'), $wash, Steps::step('unmasking'));
        self::assertSame([1, 5.0 + 2.0], [$masked->masks, $masked->maskMinutes]);
        self::assertStringContainsString('1 mask more to cut and lift again', $masked->against($two)->sentence());
        $over = $wash->overTheFigure();
        $both = DraftSum::of($undercoat, array_map(static fn (string $id): array => [
            'area' => new Area($id, $id, Material::Cloth, Relief::Tight, 5.0),
            'outcomes' => Simulation::run([$base, $over], $area, $undercoat->surface()),
        ], ['1', '2']));
        self::assertSame(1 + 2 + 1, $both->steps, 'undercoat, two basecoats, one wash over both');
        self::assertSame(1 + 4 + 1, $both->coats);
        self::assertEqualsWithDelta(
            $undercoat->steps[0]->labour->minutes + 2 * ($b->labour->minutes + $w->labour->minutes) - 2 * Defaults::LOADING_MINUTES,
            $both->minutes,
            1e-9,
            'each of both mixes is loaded once',
        );
        self::assertSame('Per figure it takes the same coats, minutes and paints.', $one->against($one)->sentence());
        self::assertSame(
            [2, $one->coats],
            [$sum($base, $wash->leftOut())->steps, $sum($base, $wash->leftOut())->coats],
            'what is left out does not count',
        );
    }

    public function testAPlaceTouchesItsShare(): void
    {
        self::assertSame([1.0, 0.0, 0.0], (new Place(Face::Recess))->coverage(Application::Glaze)->toArray());
        self::assertSame([0.5, 0.5, 0.5], (new Place(null, 'upper parts'))->coverage(Application::Glaze)->toArray());
        self::assertEqualsWithDelta([0.0, 0.16, 0.2], (new Place(null, '', '', 0.2))->coverage(Application::Layer)->toArray(), 1e-9);
        self::assertSame([0.0, 0.0, 0.1], (new Place(Face::Ridge, 'a few spots', 'from above'))->coverage(Application::Edge)->toArray());
        self::assertSame(
            'ridges only, a few spots, light from above, 20 % of it',
            (new Place(Face::Ridge, 'a few spots', 'from above', 0.2))->words(),
        );
        self::assertTrue((new Place())->isUsual());
        foreach ([[null, '', '', 0.0], [null, '', '', 1.2], [null, 'the moon', '', 1.0], [null, '', 'from nowhere', 1.0]] as $bad) {
            try {
                new Place(...$bad);
                self::fail(json_encode($bad) ?: '');
            } catch (RecipeProblem $problem) {
                self::assertNotSame('', $problem->getMessage());
            }
        }
    }

    public function testTheOtherFacesStayAsTheyAre(): void
    {
        $area = new Area('1', 'Coat', Material::Cloth, Relief::Tight, 5.0);
        $ground = Surface::uniform(Swatches::reflectance('#868686'));
        $ridge = Simulation::step(Steps::step('layer', '#d9cca6')->at(new Place(Face::Ridge)), $area, $ground);
        $all = Simulation::step(Steps::step('layer', '#d9cca6'), $area, $ground);

        self::assertSame($ground->plane->toHex(), $ridge->look->after->plane->toHex());
        self::assertSame($all->look->after->ridge->toHex(), $ridge->look->after->ridge->toHex());
        self::assertLessThan($all->labour->minutes, $ridge->labour->minutes, 'less is touched, so it takes less time');
    }
}
