<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Shared\StepView;
use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Studio;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Alternatives;
use Kalokroma\Recipe\Ground\GroundLaid;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\RankedMix;

/** What the shelf offers instead, for one step. */
final class AlternativesView
{
    /** @return array<string, mixed> */
    public static function of(Studio $studio, AreaRow $area, string $key): array
    {
        [
            'below' => $below,
            'step' => $step,
            'singles' => $singles,
            'pairs' => $pairs,
        ] = $studio->drafting->alternatives($area->company, $area, $key);
        $all = [...$singles, ...$pairs];
        usort($all, static fn (RankedMix $a, RankedMix $b): int => $a->difference <=> $b->difference);
        $best = $all[0] ?? null;
        $core = $area->toCore($area->company);
        $view = static fn (RankedMix $r): array => StepView::alternative(
            $r,
            self::look($step, $r->mix, $below),
            Alternatives::coatsMore($step, $r, $core, $below),
            $best !== null && $r->isAsGoodAs($best),
            $r->mix->key() === $step->load->mix?->key(),
        );

        return [
            'kind' => $step->stage === Stage::Wash ? 'shade' : 'match',
            'singles' => array_map($view, $singles),
            'pairs' => array_map($view, $pairs),
            'grounds' => [],
        ];
    }

    /** @return array<string, mixed> */
    public static function undercoats(Studio $studio, Company $company): array
    {
        $kept = $company->undercoat['paint_id'] ?? null;
        $laid = array_values(
            array_filter($studio->undercoats->compared($company)->laid, static fn (GroundLaid $l): bool => !$l->ground->isSketch()),
        );

        return [
            'kind' => 'undercoat',
            'singles' => [],
            'pairs' => [],
            'grounds' => array_map(static fn (GroundLaid $l): array => [
                'paint_id' => $l->ground->primer === null ? null : (int) $l->ground->primer->id,
                'name' => ucfirst($l->ground->words),
                'tone' => $l->ground->tone->words(),
                'hex' => $l->ground->hexes()['side'],
                'coats' => $l->coats(),
                'more' => $l->coats() - $laid[0]->coats(),
                'worst' => $l->worstAgainst($laid[0]),
                'current' => $l->ground->primer !== null && (int) $l->ground->primer->id === $kept,
            ], $laid),
        ];
    }

    /** A wash is judged by what it leaves in the recess, everything else by its own dry colour. */
    private static function look(PlannedStep $step, Mix $mix, Surface $below): string
    {
        return $step->stage === Stage::Wash
            ? Simulation::look($step->withMix($mix), $below)->recess->toHex()
            : $mix->colour()->toHex();
    }
}
