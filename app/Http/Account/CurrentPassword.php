<?php

declare(strict_types=1);

namespace App\Http\Account;

use App\Models\Painter;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\Validator;

/** Whoever changes a sign-in says the password once more. */
class CurrentPassword extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['current' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['current.*' => 'Type your present password first.'];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $painter = $this->user();
            if ($validator->errors()->isNotEmpty() || !$painter instanceof Painter) {
                return;
            }
            if ($painter->password === null) {
                $validator->errors()->add('current', 'The sample workshop has no password.');
            } elseif (!Hash::check((string) $this->string('current'), $painter->password)) {
                $validator->errors()->add('current', 'That is not your present password.');
            }
        });
    }
}
