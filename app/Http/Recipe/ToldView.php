<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Shared\StepView;
use Kalokroma\Figure\Area;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\DraftSum;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\StepWords;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Recipe\Told\LineQuestion;
use Kalokroma\Recipe\Told\ToldLine;
use Kalokroma\Recipe\Told\ToldRecipe;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/** A told recipe as it was read, line by line, before anything is kept. */
final class ToldView
{
    /**
     * @param Area|null $area that it is told for
     * @param list<StepOutcome> $outcomes what that would look like, the undercoat first
     *
     * @return array<string, mixed>
     */
    public static function of(ToldRecipe $told, ?Area $area = null, array $outcomes = []): array
    {
        return [
            'lines' => array_map(self::line(...), $told->lines),
            'steps' => count($told->steps()),
            'looks' => array_map(static fn (StepOutcome $o): array => [
                'words' => $o->step->technique->words(),
                'faces' => StepView::surface($o->look->after),
            ], [...array_slice(self::undercoat($outcomes), -1), ...Undercoated::above($outcomes)]),
            'takes' => $area === null || $outcomes === [] ? ''
                : Duration::words((int) round(DraftSum::ofRecipe($area, $outcomes)->minutes)),
        ];
    }

    /**
     * @param list<StepOutcome> $outcomes
     *
     * @return list<StepOutcome>
     */
    private static function undercoat(array $outcomes): array
    {
        return array_values(array_filter($outcomes, static fn (StepOutcome $o): bool => $o->step->isUndercoat()));
    }

    /** @return array<string, mixed> */
    private static function line(ToldLine $line): array
    {
        return [
            'line' => $line->number,
            'said' => $line->said,
            'pieces' => $line->pieces,
            'steps' => array_map(self::step(...), $line->steps),
            'findings' => array_map(static fn (Finding $f): string => $f->sentence(), $line->findings),
            'doubts' => $line->doubts,
            'belongs' => $line->belongs,
            'unread' => $line->unread,
            'settled' => $line->isSettled,
            'questions' => array_map(static fn (LineQuestion $q): array => [
                'asks' => $q->asks->sentence(),
                'choices' => $q->choices,
            ], $line->questions),
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
