<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Workshop\Shelf\SwatchDesk;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Lab;

/** Readings of a test swatch: each as a hex colour or as L*, a*, b*; bare fields may be left out. */
final class SwatchForm extends FormRequest
{
    private const FIELDS = ['on_black', 'on_white', 'black', 'white'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'on_black' => ['required', 'string', 'max:60'],
            'on_white' => ['required', 'string', 'max:60'],
            'black' => ['nullable', 'string', 'max:60'],
            'white' => ['nullable', 'string', 'max:60'],
            'thin' => ['nullable', 'string', 'max:60'],
            'by' => ['nullable', 'in:reader,typed'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'on_black.required' => 'The reading over black is missing.',
            'on_white.required' => 'The reading over white is missing.',
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            foreach (self::FIELDS as $field) {
                if (!$validator->errors()->has($field) && $this->filled($field)) {
                    try {
                        Lab::fromText((string) $this->string($field));
                    } catch (ColourProblem $problem) {
                        $validator->errors()->add($field, $problem->getMessage());
                    }
                }
            }
        });
    }

    public function reading(string $field): Lab
    {
        if (!$this->filled($field)) {
            return new Lab(...($field === 'black' ? SwatchDesk::CARD_BLACK : SwatchDesk::CARD_WHITE));
        }

        return Lab::fromText((string) $this->string($field));
    }
}
