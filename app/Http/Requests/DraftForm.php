<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Recipe\Way;

final class DraftForm extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['colour' => ['required', 'string'], 'way' => ['nullable', Rule::enum(Way::class)]];
    }

    public function way(Way $favoured): Way
    {
        return Way::tryFrom((string) $this->string('way')) ?? $favoured;
    }
}
