<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Workshop\Recipe\RecipeEdits;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Caution\Tool;
use Kalokroma\Film\Thinner;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;

/**
 * One change of a recipe, and the version it was made on.
 *
 * @phpstan-import-type Edit from RecipeEdits
 */
final class EditForm extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['nullable', 'integer', 'min:0'],
            'kind' => ['required', 'in:change,add,drop,move,merge,loop,differ,overrule'],
            'key' => ['required_unless:kind,add,overrule', 'nullable', 'string', 'max:60'],
            'technique' => ['required_if:kind,add', Rule::enum(Technique::class)],
            'after' => ['nullable', 'string', 'max:60'],
            'colour' => ['nullable', 'string', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'to' => ['required_if:kind,move', 'integer', 'min:0'],
            'from' => ['required_if:kind,loop', 'string', 'max:60'],
            'rounds' => ['required_if:kind,loop', 'integer', 'min:1', 'max:'.Loop::MOST_ROUNDS],
            'exit' => ['nullable', 'string', 'max:120'],
            'smaller' => ['nullable', 'boolean'],
            'percents' => ['nullable', 'array', 'max:'.Loop::MOST_ROUNDS],
            'percents.*' => ['numeric', 'gt:0', 'max:100'],
            'rule' => ['required_if:kind,overrule', 'string', 'max:120'],
            'on' => ['sometimes', 'boolean'],
            ...self::mixes(),
            'thin' => ['sometimes', 'string', 'max:60'],
            'with' => ['sometimes', Rule::enum(Thinner::class)],
            'coats' => ['sometimes', 'integer'],
            'omitted' => ['sometimes', 'boolean'],
            'place' => ['sometimes', 'array'],
            'place.face' => ['nullable', 'in:recess,plane,ridge'],
            'place.part' => ['nullable', Rule::in(array_keys(Place::PARTS))],
            'place.light' => ['nullable', Rule::in(Place::LIGHTS)],
            'place.share' => ['nullable', 'numeric', 'gt:0', 'max:1'],
            'place.percent' => ['nullable', 'numeric', 'gt:0', 'max:100'],
            'who' => ['required_if:kind,differ', 'string', 'max:120'],
            'level' => ['sometimes', Rule::enum(Level::class)],
            'tool' => ['sometimes', Rule::enum(Tool::class)],
            'note' => ['sometimes', 'nullable', 'string', 'max:400'],
            'wait' => ['sometimes', 'nullable', 'string', 'max:40'],
            'sloppy' => ['sometimes', 'boolean'],
            'unwashed' => ['sometimes', 'boolean'],
            'strokes' => ['sometimes', 'nullable', 'string', 'max:120'],
            'line' => ['sometimes', 'nullable', Rule::in(array_keys(Handling::LINES))],
            'batch' => ['sometimes', 'nullable', Rule::in(Handling::BATCHES)],
            'lively' => ['sometimes', 'nullable', 'numeric', 'min:0', 'max:20'],
        ];
    }

    /** @return array<string, list<mixed>> */
    private static function mixes(): array
    {
        return [
            'mix' => ['sometimes', 'array', 'min:1', 'max:4'],
            'mix.*.paint_id' => ['required', 'integer'],
            'mix.*.parts' => ['nullable', 'integer', 'min:1', 'max:99'],
            'meets' => ['sometimes', 'array', 'max:4'],
            'meets.*.paint_id' => ['required', 'integer'],
            'meets.*.parts' => ['required', 'integer', 'min:1', 'max:99'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => 'A recipe is changed by change, add, drop, move, merge, loop, differ or overrule.',
            'technique.*' => 'Choose what kind of step to add.',
            'rounds.*' => sprintf('A loop has 1 to %d rounds; one round ends it.', Loop::MOST_ROUNDS),
            'percents.*' => 'Each round touches more than 0 and at most 100 % of its place.',
            'exit.*' => 'How to tell that it is enough has at most 120 letters.',
            'who.*' => 'Say which figures it is for: all, leaders, or their numbers.',
            'mix.*' => 'A mix names 1 to 4 paints.',
            'mix.*.parts.*' => 'Parts are whole numbers of drops from 1 to 99, or left open.',
            'meets.*' => 'The second colour is a mix of at most 4 paints, or none.',
            'meets.*.parts.*' => 'Parts of the second colour are whole numbers of drops from 1 to 99.',
            'coats.integer' => 'Coats are a whole number; 0 leaves the number to the film model.',
            'place.*' => 'That is no place on an area that is known here.',
            'place.percent.*' => 'The share of a place is more than 0 and at most 100 %.',
            'place.share.*' => 'The share of a place is more than 0 and at most 100 %.',
            'strokes.*' => 'Where strokes go has at most 120 letters.',
            'lively.*' => 'Mixes of one step may differ by 0 to 20.',
            'note.*' => 'A note has at most 400 letters.',
        ];
    }

    /** @return Edit */
    public function edit(): array
    {
        /** @var Edit $edit */
        $edit = array_diff_key($this->validated(), ['version' => true]);
        foreach (array_intersect(['mix', 'meets'], array_keys($edit)) as $mix) {
            $edit[$mix] = array_map(
                static fn (array $p): array => [
                    'paint_id' => (int) $p['paint_id'],
                    'parts' => ($p['parts'] ?? null) === null ? null : (int) $p['parts'],
                ],
                $edit[$mix],
            );
        }

        return $edit;
    }
}
