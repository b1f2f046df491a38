<?php

declare(strict_types=1);

namespace App\Http\Tables;

use Illuminate\Foundation\Http\FormRequest;

final class GlazeQuestion extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'from' => ['required', 'string'],
            'to' => ['required', 'string'],
            'paint' => ['nullable', 'string', 'regex:/^\d{1,12}$/D'],
            'thin' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['paint.*' => 'Choose one paint to glaze with.'];
    }
}
