<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Change;

use Kalokroma\Film\Face;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Change\Following;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

/** "As that one, except …" */
final class FollowingTest extends TestCase
{
    /** @param callable(PlannedStep): PlannedStep $change */
    #[DataProvider('changes')]
    public function testADifferenceIsListedInWords(callable $change, string $words): void
    {
        $model = Steps::plan('basecoat', 'layer');
        $own = $model->withSteps([$model->steps[0], $change($model->steps[1])]);

        self::assertSame([['key' => 'layer', 'words' => 'layer #6f4a2e: '.$words]], Following::differences($model, $own));
    }

    /** @return iterable<string, array{callable(PlannedStep): PlannedStep, string}> */
    public static function changes(): iterable
    {
        yield 'paint' => [
            static fn (PlannedStep $s): PlannedStep => $s->withMix(Mix::single(Swatches::paint('Ochre', '#9c7630'))),
            'Ochre instead of #6f4a2e',
        ];
        yield 'thinning' => [static fn (PlannedStep $s): PlannedStep => $s->thinned(Thinning::fromRatio('1:2')), 'thinned 1:2'];
        yield 'undiluted' => [static fn (PlannedStep $s): PlannedStep => $s->thinned(Thinning::undiluted()), 'undiluted'];
        yield 'coats' => [static fn (PlannedStep $s): PlannedStep => $s->withCoats(3), '3 coats'];
        yield 'left out' => [static fn (PlannedStep $s): PlannedStep => $s->leftOut(), 'left out'];
        yield 'place' => [static fn (PlannedStep $s): PlannedStep => $s->at(new Place(Face::Ridge)), 'ridges only'];
        yield 'leaders' => [static fn (PlannedStep $s): PlannedStep => $s->for(Who::leaders()), 'leaders only'];
        yield 'level' => [static fn (PlannedStep $s): PlannedStep => $s->upTo(Level::Showpiece), 'showpiece'];
        yield 'loop' => [static fn (PlannedStep $s): PlannedStep => $s->looped(new Loop('layer', 3, 'until it does')), '3 rounds'];
        yield 'wait' => [
            static fn (PlannedStep $s): PlannedStep => $s->withHandling($s->handling->with(['wait' => 720, 'sloppy' => true])),
            'may be sloppy: it is covered later, then wait overnight',
        ];
        yield 'medium' => [
            static fn (PlannedStep $s): PlannedStep => $s->withLoad(
                $s->load->thinnedWith(Thinner::Medium)->by(Paint::described('Slow Medium', Behaviour::Medium, null)),
            ),
            'thinned with Slow Medium',
        ];
        yield 'open' => [
            static fn (PlannedStep $s): PlannedStep => $s->thinned(null),
            'amounts left open',
        ];
        yield 'note' => [static fn (PlannedStep $s): PlannedStep => $s->noted('less'), 'another note'];
    }

    public function testStepsOfItsOwnAndWithoutAreListed(): void
    {
        $model = Steps::plan('basecoat', 'wash-all-over', 'layer');
        $own = $model->withSteps([$model->steps[0], $model->steps[2], Steps::step('edge-highlight')->for(Who::leaders())]);

        self::assertSame(
            ['without wash all over #6f4a2e', 'with edge highlight #6f4a2e, leaders only'],
            array_column(Following::differences($model, $own), 'words'),
        );
        self::assertSame(
            ['in another order'],
            array_column(
                Following::differences($model, $model->withSteps([$model->steps[0], $model->steps[2], $model->steps[1]])),
                'words',
            ),
        );
        self::assertSame([], Following::differences($model, $model));
    }

    public function testWhatIsItsOwnStaysAndAllElseFollows(): void
    {
        $before = Steps::plan('basecoat', 'wash-all-over', 'layer');
        $own = $before->withSteps([$before->steps[0]->withCoats(4), $before->steps[2], Steps::step('edge-highlight')]);
        $now = $before->withSteps(
            [
                $before->steps[0]->thinned(Thinning::fromRatio('1:1')),
                $before->steps[1],
                $before->steps[2]->withCoats(2),
                Steps::step('glaze'),
            ],
        );
        $merged = Following::merged($before, $own, $now);

        self::assertSame(
            ['basecoat', 'layer', 'edge-highlight', 'glaze'],
            Steps::keys($merged),
            'the dropped wash stays dropped, the new glaze comes, the own edge stays',
        );
        self::assertSame(4, $merged->step('basecoat')?->handling->coats, 'what was changed stays as it was changed');
        self::assertSame(2, $merged->step('layer')?->handling->coats, 'what was not changed follows');
    }

    public function testAStepThatTheModelDropsGoesUnlessItWasChanged(): void
    {
        $before = Steps::plan('basecoat', 'wash-all-over', 'layer');
        $now = $before->withSteps([$before->steps[0], $before->steps[2]]);

        self::assertSame(['basecoat', 'layer'], Steps::keys(Following::merged($before, $before, $now)));
    }

    /** With no differences it becomes the model; with the model unchanged it stays as it is. Chance has a seed. */
    public function testFollowingIsStable(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            $dice = new Randomizer(new Mt19937($seed));
            $model = $this->shuffled($dice, Steps::plan('basecoat', 'wash-all-over', 'layer', 'glaze', 'edge-highlight'));
            $own = $this->changed($dice, $model);
            $now = $this->changed($dice, $model);

            self::assertEquals($now->steps, Following::merged($model, $model, $now)->steps, 'seed '.$seed);
            self::assertEquals($own->steps, Following::merged($model, $own, $model)->steps, 'seed '.$seed);
            $once = Following::merged($model, $own, $now);
            self::assertEquals(
                $once->steps,
                Following::merged($now, $once, $now)->steps,
                'following twice changes nothing more, seed '.$seed,
            );
        }
    }

    private function shuffled(Randomizer $dice, Plan $plan): Plan
    {
        return $plan->withSteps(array_slice($plan->steps, 0, $dice->getInt(3, 5)));
    }

    private function changed(Randomizer $dice, Plan $plan): Plan
    {
        $steps = [];
        foreach ($plan->steps as $step) {
            $roll = $dice->getInt(0, 4);
            if ($roll > 0) {
                $steps[] = $roll === 1 ? $step->withCoats($dice->getInt(2, 5)) : $step;
            }
        }
        if ($dice->getInt(0, 1) === 1) {
            $steps[] = Steps::step('matt-varnish', key: 'own-'.$dice->getInt(1, 9999));
        }

        return $plan->withSteps($steps);
    }
}
