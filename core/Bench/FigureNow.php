<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use Kalokroma\Film\Surface;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;

/** How one figure of a company looks by now: what was laid on each of its areas, up to the first step it still lacks. */
final class FigureNow
{
    /** @return array<array-key, Surface> by id of the area, for those that anything was laid on */
    public static function of(CompanyWork $company, int $figure): array
    {
        $lacks = static fn (StepRef $ref, PlannedStep $step): bool
            => in_array($figure, $company->figures($ref, $step), true);
        $isFor = static fn (PlannedStep $step): bool
            => !$step->handling->omitted && $step->scope->who->includes($figure, $company->leaders);
        $ground = null;
        foreach ($company->undercoat as $outcome) {
            $ground = $lacks(StepRef::ofFigure($outcome->step->key), $outcome->step) ? $ground : $outcome->look->after;
        }
        $looks = [];
        foreach ($company->areas as $area) {
            $look = $ground;
            foreach ($company->recipes[$area->id] ?? [] as $outcome) {
                if (!$isFor($outcome->step)) {
                    continue;
                }
                if ($lacks(StepRef::among($area->id, $outcome->step), $outcome->step)) {
                    break;
                }
                $look = $outcome->look->after;
            }
            if ($look !== null) {
                $looks[$area->id] = $look;
            }
        }

        return $looks;
    }
}
