<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Illuminate\Validation\Rule;
use Kalokroma\Caution\Tool;
use Kalokroma\Film\Thinner;
use Kalokroma\Recipe\Change\StepChange;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Technique\Level;

/** The shape in which pages say what of a step changes, wherever the step stands. Its limits are those of the core. */
final class StepChangeRules
{
    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        $words = ['sometimes', 'nullable', 'string', 'max:'.StepChange::LONGEST_WORDS];

        return [
            'mix' => ['sometimes', 'array', 'min:1', 'max:'.StepChange::MOST_PAINTS],
            'mix.*.paint_id' => ['required', 'integer'],
            'mix.*.parts' => ['nullable', 'integer', 'min:1', 'max:'.StepChange::MOST_PARTS],
            'meets' => ['sometimes', 'array', 'max:'.StepChange::MOST_PAINTS],
            'meets.*.paint_id' => ['required', 'integer'],
            'meets.*.parts' => ['required', 'integer', 'min:1', 'max:'.StepChange::MOST_PARTS],
            'thin' => ['sometimes', 'string', 'max:60'],
            'with' => ['sometimes', Rule::enum(Thinner::class)],
            'coats' => ['sometimes', 'integer'],
            'omitted' => ['sometimes', 'boolean'],
            'place' => ['sometimes', 'array'],
            'place.face' => ['nullable', Rule::in(array_keys(Place::faces()))],
            'place.part' => ['nullable', Rule::in(array_keys(Place::PARTS))],
            'place.light' => ['nullable', Rule::in(Place::LIGHTS)],
            'place.share' => ['nullable', 'numeric', 'gt:0', 'max:1'],
            'place.percent' => ['nullable', 'numeric', 'gt:0', 'max:100'],
            'who' => ['sometimes', 'string', 'max:'.StepChange::LONGEST_WORDS],
            'level' => ['sometimes', Rule::enum(Level::class)],
            'tool' => ['sometimes', Rule::enum(Tool::class)],
            'note' => ['sometimes', 'nullable', 'string', 'max:'.StepChange::LONGEST_NOTE],
            'wait' => ['sometimes', 'nullable', 'string', 'max:40'],
            'sloppy' => ['sometimes', 'boolean'],
            'unwashed' => ['sometimes', 'boolean'],
            'strokes' => $words,
            'comes_after' => $words,
            'comes_before' => $words,
            'line' => ['sometimes', 'nullable', Rule::in(array_keys(Handling::LINES))],
            'batch' => ['sometimes', 'nullable', Rule::in(Handling::BATCHES)],
            'lively' => ['sometimes', 'nullable', 'numeric', 'min:0', 'max:'.StepChange::MOST_LIVELY],
        ];
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'who.*' => 'Say which figures it is for: all, leaders, or their numbers.',
            'mix.*' => sprintf('A mix names 1 to %d paints.', StepChange::MOST_PAINTS),
            'mix.*.parts.*' => sprintf('Parts are whole numbers of drops from 1 to %d, or left open.', StepChange::MOST_PARTS),
            'meets.*' => sprintf('The second colour is a mix of at most %d paints, or none.', StepChange::MOST_PAINTS),
            'meets.*.parts.*' => sprintf('Parts of the second colour are whole numbers of drops from 1 to %d.', StepChange::MOST_PARTS),
            'coats.integer' => 'Coats are a whole number; 0 leaves the number to the film model.',
            'place.*' => 'That is no place on an area that is known here.',
            'place.percent.*' => 'The share of a place is more than 0 and at most 100 %.',
            'place.share.*' => 'The share of a place is more than 0 and at most 100 %.',
            'strokes.*' => sprintf('Where strokes go has at most %d letters.', StepChange::LONGEST_WORDS),
            'comes_after.*' => sprintf('What comes first has at most %d letters.', StepChange::LONGEST_WORDS),
            'comes_before.*' => sprintf('What comes later has at most %d letters.', StepChange::LONGEST_WORDS),
            'lively.*' => sprintf('Mixes of one step may differ by 0 to %d.', StepChange::MOST_LIVELY),
            'note.*' => sprintf('A note has at most %d letters.', StepChange::LONGEST_NOTE),
        ];
    }
}
