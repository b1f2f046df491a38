<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Shared\StepView;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\StepWords;
use Kalokroma\Recipe\Told\ToldLine;
use Kalokroma\Recipe\Told\ToldRecipe;
use Kalokroma\Word\Finding;

/** A told recipe as it was read, line by line, before anything is kept. */
final class ToldView
{
    /** @return array<string, mixed> */
    public static function of(ToldRecipe $told): array
    {
        return [
            'lines' => array_map(static fn (ToldLine $l): array => [
                'line' => $l->number,
                'said' => $l->said,
                'steps' => array_map(self::step(...), $l->steps),
                'findings' => array_map(static fn (Finding $f): string => $f->sentence(), $l->findings),
                'doubts' => $l->doubts,
                'belongs' => $l->belongs,
                'unread' => $l->unread,
            ], $told->lines),
            'steps' => count($told->steps()),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(PlannedStep $step): array
    {
        return [
            'technique' => ucfirst($step->technique->words()),
            'mix' => $step->load->mix === null ? [] : StepView::mix($step->load->mix),
            'words' => StepWords::asPlanned($step),
        ];
    }
}
