<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Workshop\Recipe\RecipeEdits;
use Illuminate\Foundation\Http\FormRequest;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\SaidThinning;
use Kalokroma\Film\Thinning;

/**
 * What a painter changes of a step: any of its mix, thinning, coats, or whether it is left out.
 *
 * @phpstan-import-type Edit from RecipeEdits
 */
final class StepChange extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'mix' => ['sometimes', 'array', 'min:1', 'max:4'],
            'mix.*.paint_id' => ['required', 'integer'],
            'mix.*.parts' => ['required', 'integer', 'min:1', 'max:99'],
            'thin' => ['sometimes', 'string', 'max:60'],
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

    /** @throws FilmProblem */
    public function thinning(): ?Thinning
    {
        return $this->has('thin') ? SaidThinning::read((string) $this->string('thin'))->thinning : null;
    }

    /** @return Edit the same as a change of the recipe's step */
    public function edit(string $key): array
    {
        $this->thinning();
        $mix = $this->mix();

        return array_filter([
            'kind' => 'change',
            'key' => $key,
            'mix' => $mix === null ? null : array_map(
                static fn (array $p): array => ['paint_id' => $p['paint'], 'parts' => $p['parts']],
                $mix,
            ),
            'thin' => $this->has('thin') ? (string) $this->string('thin') : null,
            'coats' => $this->coats(),
            'omitted' => $this->omitted(),
        ], static fn (mixed $v): bool => $v !== null);
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
