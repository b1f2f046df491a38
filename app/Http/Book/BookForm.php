<?php

declare(strict_types=1);

namespace App\Http\Book;

use Illuminate\Foundation\Http\FormRequest;

/** Name, tags and notes of a recipe of the book. */
final class BookForm extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'area_id' => ['sometimes', 'integer'],
            'name' => ['required', 'string', 'max:80'],
            'tags' => ['sometimes', 'array', 'max:12'],
            'tags.*' => ['nullable', 'string', 'max:30'],
            'notes' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give the recipe a name of at most 80 letters.',
            'tags.*' => 'At most twelve tags of 30 letters each.',
            'notes.*' => 'Notes have at most 2000 letters.',
        ];
    }

    /** @return list<string> */
    public function tags(): array
    {
        return array_values(
            array_unique(
                array_filter(
                    array_map(static fn (mixed $t): string => is_string($t) ? trim($t) : '', (array) $this->input('tags')),
                    static fn (string $t): bool => $t !== '',
                ),
            ),
        );
    }
}
