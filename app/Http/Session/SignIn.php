<?php

declare(strict_types=1);

namespace App\Http\Session;

use Illuminate\Foundation\Http\FormRequest;

final class SignIn extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80'], 'password' => ['required', 'string', 'max:200']];
    }
}
