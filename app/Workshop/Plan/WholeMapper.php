<?php

declare(strict_types=1);

namespace App\Workshop\Plan;

use App\Models\Company;
use App\Workshop\Shelf\ShelfRows;
use App\Workshop\State\State;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\WholePlan;
use Kalokroma\Recipe\Plan\WholeStep;
use Kalokroma\Recipe\Predict\StepWords;

/**
 * What is done to the whole figure at once, from a company's row to a plan and back.
 *
 * @phpstan-import-type StepRow from PlanMapper
 *
 * @phpstan-type WholeStepRow array{step: StepRow, without: list<int>, late: bool}
 * @phpstan-type WholeRow array{given: int, steps: list<WholeStepRow>}
 */
final class WholeMapper
{
    public static function of(Company $company, ShelfRows $shelf): WholePlan
    {
        /** @var WholeRow|null $row */
        $row = $company->whole;

        return self::plan($row, $shelf);
    }

    /** @param WholeRow|null $row a step whose paint is known no more is left out */
    public static function plan(?array $row, ShelfRows $shelf): WholePlan
    {
        $steps = [];
        foreach ($row['steps'] ?? [] as $each) {
            $step = PlanMapper::toPlan(['steps' => [$each['step']], 'left_out' => []], $shelf)->steps[0] ?? null;
            if ($step !== null) {
                $steps[] = new WholeStep($step, array_map(strval(...), $each['without']), $each['late']);
            }
        }

        return new WholePlan($steps, $row['given'] ?? 1);
    }

    /** @return WholeRow */
    public static function row(WholePlan $plan): array
    {
        return [
            'given' => $plan->given,
            'steps' => array_map(static fn (WholeStep $each): array => [
                'step' => PlanMapper::toRow(new Plan([$each->step], []))['steps'][0],
                'without' => array_map(intval(...), $each->without),
                'late' => $each->late,
            ], $plan->steps),
        ];
    }

    /** In words, as the painter sees it. */
    public static function state(WholePlan $plan): State
    {
        $words = [];
        foreach ($plan->steps as $each) {
            $name = 'Whole figure, '.$each->step->technique->words();
            $name .= isset($words[$name]) ? ' ('.$each->step->key->value.')' : '';
            $words[$name] = StepWords::inOne($each->step)
                .($each->without === [] ? '' : ', '.count($each->without).' areas left out')
                .($each->late ? ', after everything is painted' : '');
        }

        return new State($words);
    }
}
