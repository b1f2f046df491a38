<?php

declare(strict_types=1);

namespace Tests\Core\Order;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Order\Task;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Technique;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

final class TaskTest extends TestCase
{
    public function testHandsOnMinutesGrowWithTheFiguresAndDryingDoesNot(): void
    {
        $outcome = $this->outcome(Steps::step('basecoat', '#4b3524', coats: 2));
        $one = Task::of(StepRef::of('7', 'basecoat'), $outcome, [4]);
        $three = Task::of(StepRef::of('7', 'basecoat'), $outcome, [9, 2, 4]);

        self::assertSame([2, 4, 9], $three->figures);
        self::assertEqualsWithDelta($outcome->labour->minutes, $one->work->handsOnMinutes, 1e-9);
        $loadedOnce = 3 * ($outcome->labour->minutes - 2.0) + 2.0;
        self::assertEqualsWithDelta($loadedOnce, $three->work->handsOnMinutes, 1e-9);
        self::assertSame([8, null], [$three->work->dryEarliest, $three->work->dryLatest], 'a basecoat may wait for ever');
        self::assertSame(['7:basecoat', false], [(string) $three->ref, $three->isDone()]);
    }

    public function testWhatIsDoneAsksForNothing(): void
    {
        $done = Task::of(StepRef::ofFigure('undercoat'), $this->outcome(Steps::step('basecoat', '#4b3524')), []);

        self::assertTrue($done->isDone());
        self::assertSame([0.0, 'all:undercoat'], [$done->work->handsOnMinutes, (string) $done->ref]);
    }

    public function testASetUpIsToolAndPaints(): void
    {
        $label = fn (PlannedStep $step): string => Task::of(StepRef::of('7', 'basecoat'), $this->outcome($step), [1])->work->setUp;
        $brown = $label(Steps::step('basecoat', '#4b3524'));

        self::assertSame($brown, $label(Steps::step('basecoat', '#4b3524', thin: '1:3', coats: 4)), 'thinning and coats need no other');
        self::assertNotSame($brown, $label(Steps::step('basecoat', '#8b6a49')), 'another pot does');
        self::assertNotSame($brown, $label(Steps::step('drybrush', '#4b3524')), 'another brush does');
        self::assertStringEndsWith(': #4b3524', $brown);
    }

    /** What must follow while it still can: oil is wiped within two hours, a wet blend while it is wet. */
    #[TestWith([Technique::WetBlend, 5])]
    #[TestWith([Technique::OilWash, 120])]
    #[TestWith([Technique::Streak, 60])]
    #[TestWith([Technique::WashAllOver, null])]
    public function testWhatHasALatestSaysSo(Technique $technique, ?int $latest): void
    {
        $outcome = $this->outcome(Steps::step($technique->value, null));
        self::assertSame($latest, Task::of(StepRef::of('7', 'basecoat'), $outcome, [1])->work->dryLatest);
    }

    private function outcome(PlannedStep $step): StepOutcome
    {
        $area = new Area('7', 'Coat', Material::Cloth, Relief::Tight, 5.0);

        return Simulation::step($step, $area, Surface::uniform(Swatches::reflectance('#7a7a7a')));
    }
}
