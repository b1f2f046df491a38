<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\PaintRow;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;

final class ManyPaints extends FormRequest
{
    private const MOST = 2000;

    /** Paints that are named in a sentence. */
    private const NAMED = 5;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ids' => ['required', 'array', 'min:1', 'max:'.self::MOST],
            'ids.*' => ['integer'],
            'versions' => ['nullable', 'array', 'max:'.self::MOST],
            'versions.*' => ['string', 'max:40'],
            'place' => ['nullable', 'string', 'max:120'],
            'state' => ['nullable', 'string', 'max:60'],
            'set' => ['nullable', 'string', 'max:80'],
            'finish' => ['nullable', Rule::enum(Sheen::class)],
            'owned' => ['nullable', 'in:yes,no'],
            'behaviour' => ['nullable', Rule::enum(Behaviour::class)],
            'form' => ['nullable', Rule::enum(Form::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'ids.*' => sprintf('Choose paints first, %d at most.', self::MOST),
            'versions.*' => 'Versions are told by the numbers of the paints, as the shelf gave them.',
            'finish.*' => 'A finish is matt, satin or gloss.',
            'owned.*' => 'owned is yes or no.',
            'behaviour.*' => 'A behaviour is one of '.implode(', ', array_column(Behaviour::cases(), 'value')).'.',
            'form.*' => 'A form is one of '.implode(', ', array_column(Form::cases(), 'value')).'.',
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && PaintRow::withTrashed()->whereKey($this->ids())->count() !== count($this->ids())) {
                $validator->errors()->add('ids', 'Some of these paints are not on your shelf: reload the page.');
            }
            $this->needsColours($validator);
        });
    }

    /** What takes a colour cannot be made of a pot of which none is known. */
    private function needsColours(Validator $validator): void
    {
        $behaviour = Behaviour::tryFrom((string) $this->string('behaviour'));
        if ($behaviour?->needsColour() !== true || $validator->errors()->isNotEmpty()) {
            return;
        }
        $without = PaintRow::query()->whereKey($this->ids())->whereNull('hex')->orderBy('id')->pluck('name')->all();
        if ($without !== []) {
            $validator->errors()->add('behaviour', sprintf(
                'A paint that is %s needs its colour, and of these none is known: %s.',
                $behaviour->value,
                implode(', ', array_slice($without, 0, self::NAMED)),
            ));
        }
    }

    /** @return list<int> */
    public function ids(): array
    {
        return array_values(array_unique(array_map(intval(...), (array) $this->input('ids'))));
    }

    /** @return array<int, string> versions of the paints as they were seen, by id */
    public function seen(): array
    {
        /** @var array<int, string> */
        return (array) $this->input('versions');
    }

    /** @return array<string, mixed> only what was given */
    public function changes(): array
    {
        $changes = [];
        foreach (['place' => 'place', 'state' => 'state', 'set' => 'set_name', 'finish' => 'sheen',
            'form' => 'form'] as $field => $column) {
            if ($this->has($field) && $this->input($field) !== null) {
                $changes[$column] = trim((string) $this->string($field));
            }
        }
        if ($this->filled('behaviour')) {
            $changes['behaviour'] = Behaviour::from((string) $this->string('behaviour'));
        }
        if ($this->filled('owned')) {
            $changes['owned'] = $this->input('owned') === 'yes';
        }

        return $changes;
    }
}
