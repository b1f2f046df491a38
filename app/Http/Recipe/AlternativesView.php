<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Shared\StepView;
use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Studio;
use Kalokroma\Recipe\Ground\GroundLaid;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Shelf\RankedMix;

/** What the shelf offers instead, for one step. */
final class AlternativesView
{
    /** @return array<string, mixed> */
    public static function of(Studio $studio, AreaRow $area, string $key): array
    {
        $found = $studio->drafting->alternatives($area->company, $area, $key);
        $core = $area->toCore($area->company);
        $best = $found->best();
        $view = static fn (RankedMix $r): array => StepView::alternative(
            $r,
            $found->look($r)->toHex(),
            $found->coatsMore($r, $core),
            $best !== null && $r->isAsGoodAs($best),
            $r->mix->key() === $found->step->load->mix?->key(),
        );

        return [
            'kind' => $found->step->stage === Stage::Wash ? 'shade' : 'match',
            'singles' => array_map($view, $found->singles),
            'pairs' => array_map($view, $found->pairs),
            'grounds' => [],
        ];
    }

    /** @return array<string, mixed> */
    public static function undercoats(Studio $studio, Company $company): array
    {
        $current = $studio->undercoats->current($company)->primer;
        $laid = array_values(
            array_filter($studio->undercoats->compared($company)->laid, static fn (GroundLaid $l): bool => !$l->ground->isSketch()),
        );

        return [
            'kind' => 'undercoat',
            'singles' => [],
            'pairs' => [],
            'grounds' => array_map(static function (GroundLaid $l) use ($laid, $current): array {
                $worst = $l->worstAgainst($laid[0]);

                return [
                    'paint_id' => $l->ground->primer === null ? null : (int) $l->ground->primer->id,
                    'name' => ucfirst($l->ground->words),
                    'tone' => $l->ground->tone->words(),
                    'hex' => $l->ground->hexes()['side'],
                    'coats' => $l->coats(),
                    'minutes' => (int) round($l->minutes),
                    'more' => (int) round($l->moreThan($laid[0])),
                    'worst' => ['area' => $worst['area'], 'more' => (int) round($worst['more'])],
                    'current' => $l->ground->primer !== null && $l->ground->primer->id === $current?->id,
                ];
            }, $laid),
        ];
    }
}
