<?php

declare(strict_types=1);

namespace App\Workshop;

use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Finding;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\PlannedStep;
use Kalokroma\Recipe\Stage;
use Kalokroma\Recipe\Technique;
use Kalokroma\Shelf\Mix;

/**
 * A recipe's plan as it is kept in its row, and back.
 *
 * @phpstan-type FindingRow array{code: string, template: string, facts: array<string, string|int|float>}
 * @phpstan-type StepRow array{key: string, stage: string, technique: string, target: list<float>, mix: list<array{paint: string, parts: int}>, original?: list<array{paint: string, parts: int}>|null, thin: string, with: string, coats: int|null, omitted: bool, why: list<FindingRow>}
 * @phpstan-type PlanRow array{steps: list<StepRow>, left_out: list<array{stage: string, reason: FindingRow}>}
 */
final class PlanRows
{
    /** @return PlanRow */
    public static function toRow(Plan $plan): array
    {
        return [
            'steps' => array_map(static fn (PlannedStep $step): array => [
                'key' => $step->key,
                'stage' => $step->stage->value,
                'technique' => $step->technique->value,
                'target' => [$step->target->lightness, $step->target->chroma, $step->target->hue],
                'mix' => self::mix($step->mix),
                'original' => $step->original === null ? null : self::mix($step->original),
                'thin' => $step->thinning->ratio(),
                'with' => $step->thinnedWith,
                'coats' => $step->coats,
                'omitted' => $step->omitted,
                'why' => array_map(self::finding(...), $step->why),
            ], $plan->steps),
            'left_out' => array_map(static fn (array $l): array => ['stage' => $l['stage']->value, 'reason' => self::finding($l['reason'])], $plan->leftOut),
        ];
    }

    /**
     * A paint that was taken off the shelf stays in the plan as one that is not at hand; a step whose paint is not known at
     * all is left out of the plan that comes back.
     *
     * @param PlanRow $row
     */
    public static function toPlan(array $row, ShelfRows $shelf): Plan
    {
        $steps = [];
        foreach ($row['steps'] as $step) {
            $mix = $shelf->plannedMix($step['mix']);
            if ($mix === null) {
                continue;
            }
            $steps[] = new PlannedStep(
                $step['key'],
                Stage::from($step['stage']),
                Technique::from($step['technique']),
                new Oklch(...array_map(floatval(...), $step['target'])),
                $mix,
                Thinning::fromRatio($step['thin']),
                $step['with'],
                $step['coats'],
                $step['omitted'],
                array_map(self::toFinding(...), $step['why']),
                isset($step['original']) ? $shelf->plannedMix($step['original']) : null,
            );
        }

        return new Plan($steps, array_map(
            static fn (array $l): array => ['stage' => Stage::from($l['stage']), 'reason' => self::toFinding($l['reason'])],
            $row['left_out'],
        ));
    }

    /** @return list<array{paint: string, parts: int}> */
    private static function mix(Mix $mix): array
    {
        return array_map(static fn (array $p): array => ['paint' => $p['paint']->id, 'parts' => $p['parts']], $mix->parts);
    }

    /** @return FindingRow */
    private static function finding(Finding $finding): array
    {
        return ['code' => $finding->code, 'template' => $finding->template, 'facts' => $finding->facts];
    }

    /** @param FindingRow $row */
    private static function toFinding(array $row): Finding
    {
        return new Finding($row['code'], $row['template'], $row['facts']);
    }
}
