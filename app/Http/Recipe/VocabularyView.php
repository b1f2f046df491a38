<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use Kalokroma\Caution\Tool;
use Kalokroma\Colour\SaidDifference;
use Kalokroma\Film\Thinner;
use Kalokroma\Recipe\Change\Mishap;
use Kalokroma\Recipe\Plan\Contrast;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\LightToward;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\ShadeToward;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Offered;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;

/** What a recipe can be made of, as lists to choose from. */
final class VocabularyView
{
    /** @return array<string, mixed> */
    public static function of(Equipment $equipment): array
    {
        $allowed = static fn (Technique $t): bool => (
            $equipment->airbrush
            || !in_array('airbrush', $t->facts()->needs, true)
        ) && ($equipment->solvents || !$t->isSolvent());

        return [
            'techniques' => array_values(array_map(static fn (Technique $t): array => [
                'id' => $t->value,
                'words' => $t->words(),
                'stage' => $t->facts()->stage->value,
                'where' => $t->where(),
            ], array_filter(Technique::cases(), static fn (Technique $t): bool => $t !== Technique::Undercoat && $allowed($t)))),
            'faces' => array_map(
                static fn (string $id, string $words): array => ['id' => $id, 'words' => $words],
                array_keys(Place::faces()),
                Place::faces(),
            ),
            'lines' => array_values(array_filter(array_keys(Handling::LINES))),
            'batches' => array_values(array_filter(Handling::BATCHES)),
            'parts' => array_values(array_filter(array_keys(Place::PARTS))),
            'lights' => array_values(array_filter(Place::LIGHTS)),
            'levels' => array_map(static fn (Level $l): array => ['id' => $l->value, 'words' => $l->words()], Level::cases()),
            'who' => array_map(static fn (Who $w): array => ['id' => $w->value(), 'words' => $w->words()], [new Who(), Who::leaders()]),
            'tools' => array_map(static fn (Tool $t): array => ['id' => $t->value, 'words' => $t->words()], Tool::cases()),
            'thinners' => Thinner::values(),
            'ways' => array_map(static fn (Way $w): array => ['id' => $w->value, 'words' => $w->words()], Way::allowedBy($equipment)),
            'contrasts' => array_map(static fn (Contrast $c): array => ['id' => $c->value, 'words' => $c->value], Contrast::cases()),
            'towards' => array_map(static fn (LightToward $t): array => ['id' => $t->value, 'words' => $t->words()], LightToward::cases()),
            'shades' => array_map(static fn (ShadeToward $t): array => ['id' => $t->value, 'words' => $t->words()], ShadeToward::cases()),
            'stages' => array_map(static fn (Stage $s): array => ['id' => $s->value, 'words' => $s->value], Stage::cases()),
            'thinnings' => Offered::THINNINGS,
            'grounds' => Offered::grounds(),
            'glazed_with' => array_map(static fn (Behaviour $b): string => $b->value, Offered::GLAZED_WITH),
            'covering' => array_map(static fn (Behaviour $b): string => $b->value, Offered::COVERING),
            'matched' => array_map(static fn (Behaviour $b): string => $b->value, Offered::MATCHED),
            'degrees' => SaidDifference::degrees(),
            'directions' => SaidDifference::directions(),
            'mishaps' => array_map(static fn (Mishap $m): array => ['id' => $m->value, 'words' => $m->words()], Mishap::cases()),
        ];
    }
}
