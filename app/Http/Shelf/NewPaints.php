<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Formats\Shelf\PaintFields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Kalokroma\Shelf\Typed\TypedShelf;

/** Several new paints at once: all are kept, or none. */
final class NewPaints extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'paints' => ['required', 'array', 'min:1', 'max:'.TypedShelf::MOST_LINES],
            'paints.*' => ['required', 'array'],
            'paints.*.*' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'paints.required' => 'Choose at least one paint.',
            'paints.max' => sprintf('At most %d paints are added at once.', TypedShelf::MOST_LINES),
            'paints.*' => 'Each paint is told by its name, behaviour and colour.',
            'paints.*.*' => 'What is told of a paint is text of 2000 letters at most.',
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $seen = [];
            foreach ($this->rows() as $i => $row) {
                $name = trim($row['fields']['name'] ?? '');
                $key = trim($row['fields']['line'] ?? '')."\n".$name;
                $problems = PaintFields::read($row['fields'])->problems;
                if ($problems === [] && isset($seen[$key])) {
                    $problems = ['name' => 'it is in the list twice.'];
                }
                $seen[$key] = true;
                foreach ($problems as $sentence) {
                    $validator->errors()->add('paints.'.$i, sprintf('%s: %s', $name === '' ? 'Paint '.($i + 1) : $name, $sentence));
                }
            }
        });
    }

    /** @return list<array{line: int, fields: array<string, string>, extra: array<string, string>, problem: string|null}> */
    public function rows(): array
    {
        $columns = [...PaintFields::COLUMNS, ...PaintFields::FURTHER];
        $rows = [];
        foreach (array_values((array) $this->input('paints')) as $i => $paint) {
            $fields = array_intersect_key((array) $paint, array_flip($columns));
            $rows[] = [
                'line' => $i + 1,
                'fields' => array_map(static fn (mixed $v): string => is_scalar($v) ? (string) $v : '', $fields),
                'extra' => [],
                'problem' => null,
            ];
        }

        return $rows;
    }
}
