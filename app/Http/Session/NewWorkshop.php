<?php

declare(strict_types=1);

namespace App\Http\Session;

use Illuminate\Foundation\Http\FormRequest;

/** A workshop of one's own: the first of an installation, or one that somebody was invited to. */
final class NewWorkshop extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'password' => ['required', 'string', 'max:200'],
            'invitation' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Choose a name of 1 to 80 characters.',
            'password.*' => 'Choose a password of 8 to 200 characters.',
            'invitation.*' => 'This invitation cannot be read: open the link again.',
        ];
    }
}
