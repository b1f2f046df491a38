<?php

declare(strict_types=1);

namespace App\Http\Buy;

use App\Models\Company;
use Illuminate\Foundation\Http\FormRequest;

final class BuyQuestion extends FormRequest
{
    private const WITHIN = 4.5;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'companies' => ['nullable', 'string', 'regex:/^\d{1,12}(,\d{1,12}){0,99}$/D'],
            'within' => ['nullable', 'numeric', 'min:0', 'max:30'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['companies.*' => 'Choose companies of yours.', 'within.*' => 'The tolerance is a number from 0 to 30.'];
    }

    /** @return list<Company> all of them where none is named */
    public function companies(): array
    {
        $ids = array_filter(explode(',', (string) $this->string('companies')));

        return array_values(Company::query()->when(
            $ids !== [],
            static fn ($q) => $q->whereKey($ids),
        )->with('areas.recipe', 'records')->orderBy('id')->get()->all());
    }

    public function within(): float
    {
        return $this->filled('within') ? (float) (string) $this->string('within') : self::WITHIN;
    }
}
