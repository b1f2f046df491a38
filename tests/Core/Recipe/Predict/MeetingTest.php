<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Predict;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\StepWords;
use Kalokroma\Recipe\Predict\Taken;
use Kalokroma\Record\Substance;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

/** Two colours that meet while both are wet. */
final class MeetingTest extends TestCase
{
    private const DARK = '#3a2430';
    private const LIGHT = '#d9b894';

    /** The first in the recesses, the second on the ridges, and between both what half of each mixes to. */
    public function testBothLieWhereTheyBelongAndRunIntoEachOtherBetween(): void
    {
        $meeting = $this->laid($this->blend());
        $dark = $this->laid(Steps::step('basecoat', self::DARK, '1:0', 4));
        $light = $this->laid(Steps::step('basecoat', self::LIGHT, '1:0', 4));

        self::assertEquals($dark->look->after->recess, $meeting->look->after->recess);
        self::assertEquals($light->look->after->ridge, $meeting->look->after->ridge);
        $l = static fn (Reflectance $r): float => $r->toLab()->l;
        self::assertGreaterThan($l($dark->look->after->plane) + 5, $l($meeting->look->after->plane));
        self::assertLessThan($l($light->look->after->plane) - 5, $l($meeting->look->after->plane));
    }

    /** On the left one, on the right the other: neither goes over the other. */
    public function testOnAPartOfTheAreaTheSecondTakesTheRest(): void
    {
        $meeting = $this->laid($this->blend()->at(new Place(null, 'the left')));
        $dark = Swatches::reflectance(self::DARK);
        $light = Swatches::reflectance(self::LIGHT);

        self::assertNotNull($meeting->look->zone, 'shown as it is on the left');
        self::assertLessThan(3.0, Ciede2000::difference($meeting->look->zone->plane->toLab(), $dark->toLab()));
        self::assertLessThan(3.0, Ciede2000::difference(
            $meeting->look->after->plane->toLab(),
            $dark->blend($light, 0.5)->toLab(),
        ), 'on the average half of either');
    }

    /** 6 cm² at 1.5 minutes each are 9: two patches within 5 minutes; half the area is one; medium doubles the time. */
    public function testThereMustBeTimeToJoinThem(): void
    {
        $why = fn (float $cm2, string $thin, string $with): string => implode(' ', array_map(
            static fn (Finding $f): string => str_starts_with($f->code, 'blend.') ? $f->sentence() : '',
            $this->laid($this->blend(coats: 1)->thinned(Thinning::fromRatio($thin), Thinner::from($with)), $cm2)->reasons,
        ));

        self::assertStringContainsString('about 9 min, but it stays wet for only about 5 min: join it in 2', $why(6.0, '2:1', 'water'));
        self::assertStringContainsString('patches of about 3.0 cm²', $why(6.0, '2:1', 'water'));
        self::assertStringContainsString('about 5 min, and it stays wet for about 5 min', $why(3.0, '2:1', 'water'));
        self::assertStringContainsString('about 9 min, and it stays wet for about 10 min', $why(6.0, '1:1', 'medium'));
        self::assertStringContainsString('in 2 patches', $why(6.0, '2:1', 'medium'), 'too little medium slows nothing');
    }

    /** Half an hour for enamel, a day's work for oil. */
    #[TestWith([Behaviour::Enamel, '30 min'])]
    #[TestWith([Behaviour::Oil, '8 h'])]
    public function testSolventGivesTime(Behaviour $behaviour, string $open): void
    {
        $step = Steps::step('wet-blend', Swatches::paint('Dark', self::DARK, $behaviour))
            ->thinned(Thinning::fromRatio('2:1'), Thinner::Solvent)
            ->meeting(Mix::single(Swatches::paint('Light', self::LIGHT, $behaviour)));

        self::assertStringContainsString('stays wet for about '.$open, implode(' ', array_map(
            static fn (Finding $f): string => $f->sentence(),
            $this->laid($step, 6.0)->reasons,
        )));
    }

    /** Each takes half: the same paint as one colour alone over all of it. */
    public function testBothAreMixedAndTakenFromTheirPots(): void
    {
        $one = $this->laid(Steps::step('basecoat', self::DARK, '1:1', 2));
        $two = $this->laid($this->blend('1:1', 2));
        $ml = Taken::by($two)->ml(3);

        self::assertNotNull($one->amount);
        self::assertNotNull($two->amount);
        self::assertEqualsWithDelta($one->amount->usedMl, $two->amount->usedMl, 1e-9);
        self::assertSame([self::DARK], array_column($two->amount->drops, 'paint'));
        self::assertSame([self::LIGHT], array_column($two->amount->meets->drops ?? [], 'paint'));
        self::assertCount(2, $ml);
        self::assertSame(1, count(array_unique(array_map(static fn (float $f): string => sprintf('%.6f', $f), $ml))));
        self::assertStringContainsString(', meeting ', StepWords::drops($two->amount, 'water', 3));
        self::assertEqualsWithDelta($two->amount->usedMl, $two->asDone(null, null, 2)?->amount->usedMl ?? 0.0, 1e-9);
    }

    /** With the lower third in one, the other takes twice as much. */
    public function testAThirdAndTwoThirds(): void
    {
        $place = new Place(null, 'the lower third');

        self::assertEqualsWithDelta(0.33, $place->portion(), 1e-9);
        self::assertEqualsWithDelta(0.25, (new Place(null, 'the left', share: 0.5))->portion(), 1e-9);
        self::assertEqualsWithDelta(0.5, (new Place(null, '', 'from the left'))->portion(), 1e-9);
        $whole = $this->laid($this->blend('1:1', 2));
        $part = $this->laid($this->blend('1:1', 2)->at($place));
        self::assertEqualsWithDelta($whole->amount->usedMl ?? 0.0, $part->amount->usedMl ?? 1.0, 1e-9, 'all of it is painted either way');
        self::assertSame($whole->labour->minutes, $part->labour->minutes);
    }

    public function testOnlyAWetBlendJoinsTwo(): void
    {
        $light = Mix::single(Swatches::paint('Light', self::LIGHT));
        self::assertNull($this->blend()->meeting(null)->load->meets);
        $this->expectExceptionMessage('A second colour meets the first in a wet blend only, not in a layer.');
        Steps::step('layer')->meeting($light);
    }

    public function testWaterAndSolventDoNotMeet(): void
    {
        $this->expectException(RecipeProblem::class);
        $this->expectExceptionMessage('cannot meet wet');
        Steps::step('wet-blend')->meeting(Mix::single(Swatches::paint('Oil', self::LIGHT, Behaviour::Oil)));
    }

    /** Another second colour makes it another step: what was painted with the first one is to do again. */
    public function testTheSecondColourIsPartOfWhatTheStepIs(): void
    {
        $then = Substance::fromRow(Substance::of($this->blend())->row());

        self::assertTrue($then->isOf($this->blend()));
        self::assertFalse($then->isOf($this->blend()->meeting(null)));
        self::assertFalse($then->isOf($this->blend()->meeting(Mix::single(Swatches::paint('Green', '#2f7d3a')))));
        self::assertSame('wet blend in '.self::DARK.' meeting '.self::LIGHT, $then->words());
        self::assertSame(self::DARK.' meeting '.self::LIGHT, $this->blend()->words());
    }

    private function blend(string $thin = '1:0', int $coats = 4): PlannedStep
    {
        return Steps::step('wet-blend', self::DARK, $thin, $coats)->meeting(Mix::single(Swatches::paint(self::LIGHT, self::LIGHT)));
    }

    private function laid(PlannedStep $step, float $cm2 = 6.0): StepOutcome
    {
        $area = new Area('a', 'Cloak', Material::Cloth, Relief::Tight, $cm2);

        return Simulation::step($step, $area, Surface::uniform(Swatches::reflectance('#868686')));
    }
}
