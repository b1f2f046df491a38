<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use App\Workshop\Undercoat\UndercoatEdits;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Spray;

/**
 * The whole sequence of an undercoat.
 *
 * @phpstan-import-type SaidSpray from UndercoatEdits
 */
final class SpraysForm extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:0'],
            'sprays' => ['required', 'array', 'min:1', 'max:'.UndercoatPlan::MOST_STEPS],
            'sprays.*' => ['array'],
            'sprays.*.key' => ['nullable', 'string', 'max:40'],
            'sprays.*.paint_id' => ['required', 'integer'],
            'sprays.*.kind' => ['required', Rule::enum(Kind::class)],
            'sprays.*.from' => ['nullable', 'array'],
            'sprays.*.from.degrees' => ['required_with:sprays.*.from', 'numeric', 'min:-90', 'max:90'],
            'sprays.*.from.side' => ['nullable', Rule::in(Spray::SIDES)],
            'sprays.*.from.strength' => ['nullable', 'numeric', 'min:0.1', 'max:3'],
            'sprays.*.areas' => ['nullable', 'array'],
            'sprays.*.areas.*' => ['integer'],
            'sprays.*.coats' => ['nullable', 'integer', 'min:0', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'version.*' => 'Say which version of the undercoat is changed: reload the page, then change it again.',
            'sprays.max' => sprintf('An undercoat has at most %d steps.', UndercoatPlan::MOST_STEPS),
            'sprays.required' => 'An undercoat has at least one step.',
            'sprays.*.paint_id.*' => 'Choose a paint for every step of the undercoat.',
            'sprays.*.kind.*' => 'Say for every step whether it is airbrushed, sprayed from a can or brushed.',
            'sprays.*.from.degrees.*' => 'The angle of a spray runs from 90° below to 90° above the horizontal.',
            'sprays.*.from.side.*' => 'A spray comes from all round, left, right, front or back.',
            'sprays.*.from.strength.*' => 'A spray lays a tenth of a coat to three coats at a time.',
            'sprays.*.coats.*' => 'Coats are a whole number from 1 to 20; 0 leaves the number to what is usual.',
            'sprays.*' => 'Say what is sprayed from where.',
        ];
    }

    /** @return list<SaidSpray> */
    public function sprays(): array
    {
        return array_map(static function (mixed $said): array {
            /**
             * @var array{
             *   key?: string|null, paint_id: int|string, kind: string, from?: array<string, mixed>|null,
             *   areas?: list<int|string>|null, coats?: int|string|null,
             * } $said
             */
            $from = $said['from'] ?? null;

            return [
                'key' => $said['key'] ?? null,
                'paint_id' => (int) $said['paint_id'],
                'kind' => $said['kind'],
                'from' => $from === null ? null : new Spray(
                    is_numeric($from['degrees'] ?? null) ? (float) $from['degrees'] : 0.0,
                    is_string($from['side'] ?? null) ? $from['side'] : '',
                    is_numeric($from['strength'] ?? null) ? (float) $from['strength'] : Spray::USUAL,
                ),
                'areas' => array_map(intval(...), $said['areas'] ?? []),
                'coats' => isset($said['coats']) ? (int) $said['coats'] : null,
                'thin' => null,
            ];
        }, array_values((array) $this->input('sprays')));
    }
}
