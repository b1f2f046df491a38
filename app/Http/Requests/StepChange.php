<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a painter changes of a step: any of its mix, thinning, coats, or whether it is left out. */
final class StepChange extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'mix' => ['sometimes', 'array', 'min:1', 'max:4'],
            'mix.*.paint_id' => ['required', 'integer'],
            'mix.*.parts' => ['required', 'integer', 'min:1', 'max:99'],
            'thin' => ['sometimes', 'string', 'max:12'],
            'coats' => ['sometimes', 'integer'],
            'omitted' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'mix.*' => 'A mix names 1 to 4 paints.',
            'mix.*.parts.*' => 'Parts are whole numbers of drops from 1 to 99.',
            'coats.integer' => 'Coats are a whole number; 0 leaves the number to the film model.',
        ];
    }

    /** @return list<array{paint: int, parts: int}>|null */
    public function mix(): ?array
    {
        if (!$this->has('mix')) {
            return null;
        }
        /** @var list<array{paint_id: int|string, parts: int|string}> $given */
        $given = array_values((array) $this->validated('mix'));

        return array_map(static fn (array $p): array => ['paint' => (int) $p['paint_id'], 'parts' => (int) $p['parts']], $given);
    }

    public function thin(): ?string
    {
        return $this->has('thin') ? (string) $this->string('thin') : null;
    }

    public function coats(): ?int
    {
        return $this->has('coats') ? $this->integer('coats') : null;
    }

    public function omitted(): ?bool
    {
        return $this->has('omitted') ? $this->boolean('omitted') : null;
    }
}
