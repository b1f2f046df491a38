<?php

declare(strict_types=1);

namespace App\Http\Tables;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Selection;

final class MatchQuestion extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'colour' => ['required', 'string'],
            'paints' => ['nullable', 'integer', 'min:1', 'max:3'],
            'by' => ['nullable', Rule::in(['expected', 'predicted'])],
            'kinds' => ['nullable', 'string', 'regex:/^[a-z-]+(,[a-z-]+){0,14}$/D'],
            'finish' => ['nullable', Rule::enum(Sheen::class)],
            'least_ml' => ['nullable', 'numeric', 'min:0', 'max:5000'],
            'without' => ['nullable', 'string', 'regex:/^\d{1,12}(,\d{1,12}){0,199}$/D'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'by.*' => 'Mixes are in the order of the expected or of the predicted difference.',
            'paints.*' => 'A mix to match with has 1 to 3 paints.',
            'kinds.*' => 'Name behaviours of paint, as in opaque,semi-opaque.',
            'finish.*' => 'A finish is matt, satin or gloss.',
            'least_ml.*' => 'What has to be left of a paint is a number of millilitres from 0 to 5000.',
            'without.*' => 'Paints to leave out are named by their numbers, 200 at most.',
        ];
    }

    public function colour(): string
    {
        return (string) $this->string('colour');
    }

    /** Whether the list stands by the predicted difference alone. */
    public function onPaper(): bool
    {
        return (string) $this->string('by') === 'predicted';
    }

    public function selection(): Selection
    {
        $kinds = array_values(array_filter(array_map(Behaviour::tryFrom(...), explode(',', (string) $this->string('kinds')))));
        $finish = Sheen::tryFrom((string) $this->string('finish'));

        return new Selection(
            $kinds === [] ? (new Selection())->behaviours : array_values(
                array_filter($kinds, static fn (Behaviour $b): bool => $b->isMixable() || $b === Behaviour::Metallic),
            ),
            $finish === null ? [] : [$finish],
            (float) (string) $this->string('least_ml', '0'),
            array_values(array_filter(explode(',', (string) $this->string('without')))),
        );
    }
}
