<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use Illuminate\Foundation\Http\FormRequest;

final class ShelfUpload extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:2048']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => 'Choose a CSV file first.',
            'file.file' => 'Choose a CSV file first.',
            'file.max' => 'The file is larger than 2 MB: at most 2 MB are taken. Nothing was taken.',
            'file.uploaded' => 'The file is larger than 2 MB: at most 2 MB are taken. Nothing was taken.',
        ];
    }
}
