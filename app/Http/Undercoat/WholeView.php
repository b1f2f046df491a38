<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use App\Models\Company;
use App\Workshop\State\HistoryMarks;
use App\Workshop\Studio;
use Kalokroma\Recipe\Draft\WholeSteps;
use Kalokroma\Recipe\Plan\WholeStep;
use Kalokroma\Recipe\Predict\StepWords;
use Kalokroma\Recipe\Technique\Technique;

/** The steps over a whole figure, and what can be added. */
final class WholeView
{
    /**
     * @return array{
     *   version: int, undo: string|null, redo: string|null, steps: list<array<string, mixed>>,
     *   offered: list<array{id: string, words: string}>,
     * }
     */
    public static function of(Studio $studio, Company $company, HistoryMarks $marks): array
    {
        return [
            'version' => $company->whole_version,
            'undo' => $marks->undo,
            'redo' => $marks->redo,
            'steps' => array_map(static fn (WholeStep $each): array => [
                'key' => $each->step->key->value,
                'technique' => $each->step->technique->words(),
                'words' => StepWords::inOne($each->step),
                'without' => array_map(intval(...), $each->without),
                'late' => $each->late,
            ], $studio->undercoats->whole($company)->steps),
            'offered' => [
                ...array_map(
                    static fn (Technique $t): array => ['id' => $t->value, 'words' => ucfirst($t->words())],
                    WholeSteps::offered(),
                ),
                ['id' => WholeForm::STACK, 'words' => 'Weathering, from gloss to dust'],
            ],
        ];
    }
}
