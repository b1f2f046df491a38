<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Spray;

/** A ground: the first primer, and what is sprayed over it. */
final class UndercoatForm extends FormRequest
{
    private const WHAT = 'Say what is sprayed from which angle.';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => [$this->isMethod('PUT') || $this->is('*/value-sketch') ? 'required' : 'nullable', 'integer', 'min:0'],
            'paint_id' => ['required', 'integer'],
            'kind' => ['nullable', Rule::enum(Kind::class)],
            'lights' => ['nullable', 'array', 'max:3'],
            'lights.*' => ['array'],
            'lights.*.paint_id' => ['required', 'integer'],
            'lights.*.degrees' => ['required', 'numeric', 'min:-90', 'max:90'],
            'lights.*.side' => ['nullable', Rule::in(Spray::SIDES)],
            'lights.*.strength' => ['nullable', 'numeric', 'min:0.1', 'max:3'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'version.*' => 'Say which version of the undercoat is changed: reload the page, then change it again.',
            'paint_id.*' => 'Choose a primer of your shelf.',
            'lights.max' => 'A light sketch has at most three lights.',
            'lights.*.degrees.*' => 'The angle of a spray runs from 90° below to 90° above the horizontal.',
            'lights.*' => self::WHAT,
            'lights.*.*' => self::WHAT,
            'lights.*.paint_id.*' => self::WHAT,
        ];
    }

    /** @return list<array{paint_id: int, degrees: float, side: string, strength: float}> */
    public function lights(): array
    {
        /** @var list<array{paint_id: int|string, degrees: float|string, side?: string|null, strength?: float|string|null}> $all */
        $all = array_values((array) $this->input('lights'));

        return array_map(static fn (array $l): array => [
            'paint_id' => (int) $l['paint_id'],
            'degrees' => (float) $l['degrees'],
            'side' => $l['side'] ?? '',
            'strength' => (float) ($l['strength'] ?? Spray::USUAL),
        ], $all);
    }
}
