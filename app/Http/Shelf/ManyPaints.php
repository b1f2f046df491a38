<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\PaintRow;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Kalokroma\Film\Sheen;

final class ManyPaints extends FormRequest
{
    private const MOST = 2000;

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
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && PaintRow::withTrashed()->whereKey($this->ids())->count() !== count($this->ids())) {
                $validator->errors()->add('ids', 'Some of these paints are not on your shelf: reload the page.');
            }
        });
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
        foreach (['place' => 'place', 'state' => 'state', 'set' => 'set_name', 'finish' => 'sheen'] as $field => $column) {
            if ($this->has($field) && $this->input($field) !== null) {
                $changes[$column] = trim((string) $this->string($field));
            }
        }
        if ($this->filled('owned')) {
            $changes['owned'] = $this->input('owned') === 'yes';
        }

        return $changes;
    }
}
