<?php

declare(strict_types=1);

namespace App\Http\Scheme;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Colour\Harmony;
use Kalokroma\Scheme\EdgeTint;
use Kalokroma\Scheme\Sight;
use Kalokroma\Scheme\Tint;

/** From how far, in which harmony, in which tint. */
final class SchemeQuestion extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'metres' => ['nullable', 'numeric', 'min:'.Sight::NEAREST_METRES, 'max:'.Sight::FARTHEST_METRES],
            'harmony' => ['nullable', Rule::enum(Harmony::class)],
            'surprise' => ['nullable', 'integer', 'min:0', 'max:9999'],
            'from' => ['nullable', 'regex:/^#[0-9a-f]{6}$/i'],
            'kind' => ['nullable', 'in:white,black'],
            'way' => ['nullable', Rule::enum(EdgeTint::class)],
            'strength' => ['nullable', 'integer', 'min:0', 'max:'.Tint::MOST],
            'white' => ['nullable', 'integer', 'min:0', 'max:2'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'metres.*' => sprintf('The distance runs from %g to %g m.', Sight::NEAREST_METRES, Sight::FARTHEST_METRES),
            'harmony.*' => 'There is no such harmony.',
            'surprise.*' => 'Surprises are counted from 0 to 9999.',
            'from.*' => 'A colour is written with # and six hexadecimal digits, as in #8a5a2b.',
            'kind.*' => 'Tints are for white and black.',
            'way.*' => 'A tint is warm, cool or greenish.',
            'strength.*' => sprintf('A tint has a strength of 0 to %d.', Tint::MOST),
            'white.*' => 'How white or black runs from 0 to 2.',
        ];
    }

    public function sight(): Sight
    {
        return new Sight($this->filled('metres') ? $this->float('metres') : Sight::USUAL_METRES);
    }

    public function harmony(): ?Harmony
    {
        return $this->enum('harmony', Harmony::class);
    }
}
