<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\PaintRow;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Shelf\Movement;

final class MovementForm extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(['counted', 'bought', 'used', 'poured-away'])],
            'ml' => ['required', 'numeric', 'min:0', 'max:5000'],
            'note' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => 'Say what happened: counted, bought, used or poured-away.',
            'ml.*' => 'The amount is a number of millilitres from 0 to 5000.',
        ];
    }

    public function kind(): Movement
    {
        return Movement::from((string) $this->string('kind'));
    }

    public function ml(PaintRow $paint): float
    {
        return $this->kind()->signed((float) (string) $this->string('ml'));
    }
}
