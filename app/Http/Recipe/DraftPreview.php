<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Shared\StepView;
use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Recipe\DraftWish;
use App\Workshop\Studio;
use Kalokroma\Recipe\Judge\Ending;
use Kalokroma\Recipe\Plan\LeftOut;
use Kalokroma\Recipe\Predict\DraftSum;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Word\Finding;

/** A draft as it would be: its steps with what they are painted with, where it ends, and what it takes. */
final class DraftPreview
{
    /** @return array<string, mixed> */
    public static function of(Studio $studio, Company $company, AreaRow $area, DraftWish $wish): array
    {
        [$plan, $outcomes] = $studio->drafting->preview($company, $area, $wish);
        $core = $area->toCore($company);

        return [
            'steps' => array_map(self::step(...), Undercoated::above($outcomes)),
            'left_out' => array_map(
                static fn (LeftOut $l): array => ['stage' => $l->stage->value, 'reason' => $l->reason->sentence()],
                $plan->leftOut,
            ),
            'minutes' => (int) round(DraftSum::ofRecipe($core, $outcomes)->minutes),
            'off' => round(Ending::of($outcomes, $core, $wish->intended())->off, 1),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(StepOutcome $outcome): array
    {
        $step = $outcome->step;

        return [
            'key' => $step->key->value,
            'technique' => $step->technique->words(),
            'stage' => $step->stage->value,
            'place' => $step->scope->place->words(),
            'level' => $step->level()->value,
            'wanted' => $step->target?->toSrgb()->clipped()->toHex(),
            'hex' => $step->isFilm() ? $step->load->mix?->colour()->toHex() : null,
            'mix_words' => $step->load->words(),
            'apart' => $outcome->look->difference === null ? null : round($outcome->look->difference, 1),
            'coats' => $outcome->labour->coats,
            'minutes' => $outcome->labour->wholeMinutes(),
            'after' => StepView::surface($outcome->look->after),
            'reasons' => array_map(static fn (Finding $f): string => $f->sentence(), $outcome->reasons),
        ];
    }
}
