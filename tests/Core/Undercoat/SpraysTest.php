<?php

declare(strict_types=1);

namespace Tests\Core\Undercoat;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Facings;
use Kalokroma\Recipe\Ground\ValueSketch;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Spray;
use Kalokroma\Undercoat\Tone;
use Kalokroma\Undercoat\UndercoatProblem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

/** Undercoats of several sprays: where each lands, what it takes, and on which areas. */
final class SpraysTest extends TestCase
{
    /** By hand: the cosine between ray and surface, nothing behind; at 45° both what faces up and the near side get cos 45° = 0.707. */
    public function testASprayFromOneSideLandsOnThatSide(): void
    {
        $landed = (new Spray(45.0, 'left'))->landed(0.0);

        self::assertEqualsWithDelta(0.707, $landed['above'], 1e-3);
        self::assertEqualsWithDelta(0.707, $landed['left'], 1e-3);
        self::assertEqualsWithDelta([0.0, 0.0, 0.0, 0.0], [$landed['right'], $landed['front'], $landed['back'], $landed['below']], 1e-9);
        self::assertEqualsWithDelta(0.3 * 0.7071 + 0.5 * 0.7071 / 4, Facings::onAll($landed), 1e-4);
        $level = (new Spray(0.0, 'right'))->landed(0.0);
        self::assertEqualsWithDelta([0.0, 1.0, 0.0], [$level['above'], $level['right'], $level['left']], 1e-9);
    }

    /** A spray all round is the mean of its four sides, as far as four directions tell a whole turn. */
    public function testAllRoundLiesBetweenTheSides(): void
    {
        $round = (new Spray(35.0))->landed();
        $sided = (new Spray(35.0, 'front'))->landed();

        self::assertSame($round['left'], $round['back']);
        self::assertEqualsWithDelta($round['above'], $sided['above'], 1e-9, 'what faces up does not mind the side');
        self::assertEqualsWithDelta($round['front'], array_sum(array_intersect_key($sided, Facings::SIDES)) / 4, 0.06);
    }

    public function testSidesAreBlendedIntoOneGround(): void
    {
        $dark = Facings::uniform(Swatches::reflectance('#1c1b1a'));
        $blue = Swatches::paint('Blue', '#2f4f7a')->pigment();
        $lit = $dark->sprayed($blue, 0.0, 1.0, 0.0, 'left');

        self::assertSame('#1c1b1a', $lit->sides['right']->plane->toHex());
        self::assertLessThan(-10.0, $lit->sides['left']->plane->toLab()->b, 'the near side is blue');
        self::assertGreaterThan($lit->sides['left']->plane->toLab()->b, $lit->side->plane->toLab()->b, 'on the average a part of it');
        self::assertLessThan($dark->side->plane->toLab()->b, $lit->side->plane->toLab()->b);
    }

    public function testEachSprayIsAStepWithItsOwnAmountAndLook(): void
    {
        $plan = $this->plan();
        $steps = Undercoating::of($plan, 20.0)->steps;

        self::assertSame(['Dark', 'Ivory', 'Wine'], array_map(static fn ($s): string => $s->step->words(), $steps));
        self::assertSame(['', 'from 60° above', 'from 35° below, from the left'], array_map(
            static fn ($s): string => $s->step->scope->place->words(),
            $steps,
        ));
        self::assertEquals($steps[0]->look->after, $steps[1]->look->below, 'each stands on the one before');
        self::assertGreaterThan($steps[0]->amount?->usedMl * 0.1, $steps[1]->amount?->usedMl);
        self::assertLessThan($steps[0]->amount?->usedMl * 0.5, $steps[1]->amount?->usedMl, 'two coats all over against one from above');
        self::assertLessThan($steps[1]->amount?->usedMl, $steps[2]->amount?->usedMl, 'one side takes less than all round');
        self::assertSame([2, 1, 1], array_map(static fn ($s): int => $s->labour->coats, $steps));
        self::assertStringContainsString('What faces up gets 85 % of it', $steps[1]->reasons[0]->sentence());
        self::assertStringContainsString('the side toward it', $steps[2]->reasons[0]->sentence());
    }

    /** Whatever way was chosen for the figure: how a pot is used is its own. */
    public function testACanTakesNeitherDropsNorThinner(): void
    {
        $can = Undercoating::of($this->plan(Form::SprayCan), 20.0)->steps[1];

        self::assertNull($can->amount);
        self::assertTrue($can->step->load->thinning->isUndiluted());
        self::assertSame(120, $can->labour->dryMinutes);
    }

    /** A can stays a can, what is in a bottle never comes out of one, and without an airbrush its primer is brushed. */
    public function testAPotGoesOnAsItCan(): void
    {
        $way = static fn (Form $form, Kind $chosen): Kind => (new UndercoatStep(
            StepKey::ofUndercoat(),
            self::paint('Grey', '#868686', $form),
            Tone::Grey,
            $chosen,
        ))->kind;

        foreach (Kind::cases() as $chosen) {
            self::assertSame(Kind::SprayCan, $way(Form::SprayCan, $chosen));
        }
        self::assertSame([Kind::Airbrush, Kind::Brush, Kind::Brush], array_map(
            static fn (Kind $chosen): Kind => $way(Form::AirbrushReady, $chosen),
            [Kind::Airbrush, Kind::SprayCan, Kind::Brush],
        ));
        self::assertSame(Kind::Brush, $way(Form::Bottle, Kind::SprayCan));
        self::assertSame(Kind::SprayCan, (new UndercoatStep(StepKey::ofUndercoat(), null, Tone::Grey, Kind::SprayCan))->kind);
    }

    public function testAnAreaMayStandOnItsOwnGround(): void
    {
        $plan = $this->plan();
        $own = new UndercoatStep(StepKey::ofUndercoat(4), self::paint('Grey', '#868686'), Tone::Grey, Kind::Airbrush, areas: ['b']);
        $plan = $plan->withSteps([...$plan->steps, $own]);
        $areas = [self::area('a'), self::area('b')];
        $on = static fn (?string $area): array => Undercoating::of($plan, 20.0, $areas, $area)->steps;

        self::assertCount(3, $on('a'));
        self::assertCount(4, $on('b'));
        self::assertSame('#868686', $on('b')[3]->look->after->plane->toHex());
        self::assertEquals($on('a')[2]->look->after, $on('b')[2]->look->after);
        self::assertSame('only area b', $on(null)[3]->step->scope->place->words());
        self::assertLessThan(
            $on(null)[0]->amount?->usedMl,
            $on(null)[3]->amount?->usedMl,
            'of one area alone',
        );
        self::assertSame('Dark, then Ivory from 60° above, then Wine from 35° below, from the left', $plan->ground()->words);
        self::assertSame('Grey', $plan->groundOf('b')->words);
        self::assertSame($plan->ground()->id, $plan->groundOf('a')->id);
    }

    /** Keys are never given twice: a step that is dropped takes its key with it. */
    public function testAKeyIsNotGivenTwice(): void
    {
        $plan = $this->plan();
        $less = $plan->withSteps([$plan->steps[0], $plan->steps[2]]);
        $more = $less->withSteps([...$less->steps, new UndercoatStep(
            StepKey::kept(''),
            self::paint('Ivory', '#e6dfcc'),
            Tone::Light,
            Kind::Airbrush,
            new Spray(60.0),
        )]);

        self::assertSame(['undercoat', 'undercoat-3'], array_map(static fn ($s): string => $s->key->value, $less->steps));
        self::assertSame(['undercoat', 'undercoat-3', 'undercoat-4'], array_map(static fn ($s): string => $s->key->value, $more->steps));
        $again = $more->laidAs(Ground::uniform(Tone::Grey, self::paint('Grey', '#868686')), Kind::Airbrush);
        self::assertSame(4, $again->given);
    }

    public function testTheFirstGoesAllOver(): void
    {
        $this->expectException(UndercoatProblem::class);
        $this->expectExceptionMessage('goes over the whole figure');
        new UndercoatPlan([new UndercoatStep(
            StepKey::ofUndercoat(),
            self::paint('Ivory', '#e6dfcc'),
            Tone::Light,
            Kind::Airbrush,
            new Spray(60.0),
        )]);
    }

    /** @param array{float, string, float} $said */
    #[TestWith([[91.0, '', 1.0], '90° below to 90° above'])]
    #[TestWith([[NAN, '', 1.0], '90° below to 90° above'])]
    #[TestWith([[10.0, 'up', 1.0], 'not from "up"'])]
    #[TestWith([[10.0, '', 9.0], 'a tenth of a coat to three coats'])]
    public function testASprayThatCannotBe(array $said, string $why): void
    {
        $this->expectException(UndercoatProblem::class);
        $this->expectExceptionMessage($why);
        new Spray(...$said);
    }

    /** Dark areas are left, light ones get more passes; none ends further from its lightness than with any other number of passes. */
    public function testAValueSketchBringsEachAreaToItsLightness(): void
    {
        [$dark, $light] = [self::paint('Dark', '#1c1b1a'), self::paint('Ivory', '#f0ece2')];
        $wanted = ['a' => 12.0, 'b' => 45.0, 'c' => 88.0, 'd' => 46.0];
        $said = array_map(static fn (string $id): array => ['area' => self::area($id), 'lightness' => $wanted[$id]], array_keys($wanted));
        $plan = UndercoatPlan::of(Ground::uniform(Tone::Grey, self::paint('Grey', '#868686')), Kind::Airbrush);
        $plan = $plan->withSteps(ValueSketch::steps($plan, $dark, $light, Kind::Airbrush, $said));
        $areas = array_column($said, 'area');
        $ends = array_map(
            static fn (string $id): float => Undercoating::of($plan, 20.0, $areas, $id)->surface()->plane->toLab()->l,
            array_combine(array_keys($wanted), array_keys($wanted)),
        );

        self::assertEqualsWithDelta($dark->lab()->l, $ends['a'], 0.1, 'black stays as it is');
        self::assertEqualsWithDelta(45.0, $ends['b'], 8.0);
        self::assertGreaterThan(80.0, $ends['c']);
        self::assertSame($ends['b'], $ends['d'], 'as many passes, the same step');
        self::assertSame(['b', 'c', 'd'], $plan->steps[1]->areas);
        self::assertSame(['c'], $plan->steps[2]->areas);
    }

    private function plan(Form $form = Form::Bottle): UndercoatPlan
    {
        return UndercoatPlan::of(Ground::sketch(self::paint('Dark', '#1c1b1a', $form), [
            ['paint' => self::paint('Ivory', '#e6dfcc', $form), 'spray' => new Spray(60.0)],
            ['paint' => self::paint('Wine', '#6a2430', $form), 'spray' => new Spray(-35.0, 'left')],
        ]), Kind::Airbrush);
    }

    private static function paint(string $name, string $hex, Form $form = Form::Bottle): Paint
    {
        return new Paint($name, $name, '', Behaviour::Primer, Swatches::reflectance($hex), true, 10.0, form: $form);
    }

    private static function area(string $id): Area
    {
        return new Area($id, 'Area '.$id, Material::Cloth, Relief::Tight, 4.0);
    }
}
