<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Judge\OrderRules;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Equipment;
use PHPUnit\Framework\TestCase;

/**
 * What makes a recipe sound, whoever drafted it.
 *
 * @phpstan-require-extends TestCase
 */
trait JudgesRecipes
{
    /** @param list<StepOutcome> $outcomes */
    private function assertSound(Plan $plan, array $outcomes, Area $area, Equipment $equipment): void
    {
        self::assertNotSame([], $plan->steps);
        self::assertCount(
            count($plan->steps),
            array_unique(array_map(static fn ($s): string => $s->key->value, $plan->steps)),
            'each step has a key of its own',
        );
        self::assertSame(
            [],
            array_map(static fn ($m): string => $m->finding->sentence(), OrderRules::broken($plan->steps)),
            'the order rules are kept',
        );
        foreach ($outcomes as $outcome) {
            $this->assertSoundStep($outcome, $area, $equipment);
        }
        foreach ([...$plan->findings, ...array_column($plan->leftOut, 'reason')] as $finding) {
            self::assertDoesNotMatchRegularExpression('/[{}]|NAN|INF/', $finding->sentence());
        }
    }

    private function assertSoundStep(StepOutcome $outcome, Area $area, Equipment $equipment): void
    {
        $step = $outcome->step;
        $facts = $step->technique->facts();
        $told = $step->technique->value.' of '.$area->name;
        self::assertSame($facts->takes !== [], $step->load->mix !== null, $told.': paint where paint is needed, and only there');
        self::assertGreaterThanOrEqual(1, $outcome->labour->coats, $told);
        self::assertLessThanOrEqual(12, $outcome->labour->coats, $told);
        self::assertGreaterThanOrEqual(0.0, $outcome->labour->minutes, $told);
        if ($area->material !== Material::Metal) {
            self::assertFalse(
                $step->technique === Technique::WashAllOver && in_array($area->relief, [Relief::Broad, Relief::Plate], true),
                $told.': no wash on broad or flat surfaces',
            );
            self::assertFalse(
                $step->technique === Technique::Drybrush && in_array($area->relief, [Relief::Broad, Relief::Plate, Relief::Orb], true),
                $told.': no drybrush on what is smooth',
            );
        }
        self::assertTrue(
            $equipment->airbrush || !in_array('airbrush', $facts->needs, true),
            $told.': nothing asks for an airbrush that is not there',
        );
        self::assertTrue($equipment->solvents || !$step->technique->isSolvent(), $told.': nothing asks for solvents that are not there');
        foreach ($outcome->reasons as $reason) {
            self::assertDoesNotMatchRegularExpression('/[{}]|NAN|INF/', $reason->sentence(), $told);
        }
        self::assertNotSame([], $outcome->reasons, $told.': every choice tells its reason');
        self::assertNotSame([], $outcome->cautions, $told);
        foreach ($step->why as $finding) {
            $use = str_starts_with($finding->code, 'thinning.') ? substr($finding->code, 9) : null;
            if ($use !== null && isset(Defaults::THINNING[$use]) && !str_starts_with($use, 'primer')) {
                [$least, $most] = Defaults::loads($use);
                self::assertGreaterThanOrEqual($least - 1e-9, $step->load->thinning->load(), $told);
                self::assertLessThanOrEqual($most + 1e-9, $step->load->thinning->load(), $told);
            }
        }
    }
}
