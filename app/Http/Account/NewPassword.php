<?php

declare(strict_types=1);

namespace App\Http\Account;

final class NewPassword extends CurrentPassword
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [...parent::rules(), 'password' => ['required', 'string', 'min:8', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...parent::messages(), 'password.*' => 'Choose a new password of 8 to 200 characters.'];
    }
}
