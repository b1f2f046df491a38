<?php

declare(strict_types=1);

namespace App\Http\Scheme;

use Illuminate\Foundation\Http\FormRequest;

final class TrialForm extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => [$this->isMethod('POST') ? 'required' : 'sometimes', 'string', 'max:60'],
            'notes' => ['sometimes', 'nullable', 'string', 'max:1000'],
            'verdict' => ['sometimes', 'string', 'in:open,worked,failed'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give the trial a name of at most 60 characters.',
            'notes.*' => 'The note has at most 1000 characters.',
            'verdict.*' => 'A trial is open, worked or failed.',
        ];
    }
}
