<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class MatchQuestion extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['colour' => ['required', 'string'], 'paints' => ['nullable', 'integer', 'min:1', 'max:3']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['paints.*' => 'A mix to match with has 1 to 3 paints.'];
    }

    public function colour(): string
    {
        return (string) $this->string('colour');
    }
}
