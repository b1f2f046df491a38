<?php

declare(strict_types=1);

namespace App\Http\Tables;

use Illuminate\Foundation\Http\FormRequest;

final class CoatsQuestion extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'paints' => ['required', 'string', 'regex:/^\d{1,12}(,\d{1,12}){0,5}$/D'],
            'over' => ['required', 'string'],
            'thin' => ['nullable', 'string', 'max:12'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['paints.*' => 'Choose one to six paints.'];
    }

    /** @return list<string> */
    public function paintIds(): array
    {
        return array_values(array_unique(explode(',', (string) $this->string('paints'))));
    }

    public function ground(): string
    {
        return (string) $this->string('over');
    }

    public function thin(): string
    {
        return $this->filled('thin') ? (string) $this->string('thin') : '1:0';
    }
}
