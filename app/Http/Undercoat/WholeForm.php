<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Recipe\Technique\Technique;

/** A step over the whole figure that is to be added. */
final class WholeForm extends FormRequest
{
    /** Weathering from the gloss below to the dust on top, in one go. */
    public const STACK = 'weathering';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:0'],
            'technique' => ['required', Rule::in([self::STACK, ...array_column(Technique::cases(), 'value')])],
            'without' => ['nullable', 'array'],
            'without.*' => ['integer'],
            'tiny' => ['nullable', 'boolean'],
            'late' => ['nullable', 'boolean'],
            'sure' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'version.*' => 'Say which version of the steps over the whole figure is changed: reload the page, then change it again.',
            'technique.*' => 'Choose what is done over the whole figure.',
            'without.*' => 'Say which areas are left out.',
        ];
    }

    public function technique(): ?Technique
    {
        return Technique::tryFrom((string) $this->string('technique'));
    }

    /** @return list<int> */
    public function without(): array
    {
        return array_map(intval(...), array_values((array) $this->input('without')));
    }
}
