<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use Illuminate\Foundation\Http\FormRequest;

/** What is done to a step in other areas too. */
final class ElsewhereForm extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:0'],
            'areas' => ['required', 'array', 'min:1', 'max:60'],
            'areas.*' => ['integer'],
            'what' => ['required', 'in:add,drop,alike'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'version.*' => 'Say which version of the recipe was seen: reload the page.',
            'areas.*' => 'Choose at least one other area.',
            'what.*' => 'Say whether the step is added, dropped or done alike there.',
        ];
    }

    /** @return list<int> */
    public function areas(): array
    {
        return array_map(intval(...), array_values((array) $this->input('areas')));
    }

    public function what(): string
    {
        return (string) $this->string('what');
    }
}
