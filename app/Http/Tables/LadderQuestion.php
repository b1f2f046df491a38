<?php

declare(strict_types=1);

namespace App\Http\Tables;

use Illuminate\Foundation\Http\FormRequest;

final class LadderQuestion extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'from' => ['nullable', 'required_with:to', 'string', 'regex:/^\d{1,12}$/D'],
            'to' => ['nullable', 'required_with:from', 'string', 'regex:/^\d{1,12}$/D'],
            'count' => ['nullable', 'integer', 'min:3', 'max:9'],
            'drops' => ['nullable', 'integer', 'min:4', 'max:16'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'from.*' => 'Choose the paint to begin with.',
            'to.*' => 'Choose the paint to end with.',
            'count.*' => 'A ladder has 3 to 9 steps.',
            'drops.*' => 'A mix is counted in 4 to 16 drops.',
        ];
    }
}
