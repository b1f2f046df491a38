<?php

declare(strict_types=1);

namespace App\Http\Order;

use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;

/** A job, and where it is put. */
final class MoveForm extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'job' => ['required', 'string', 'max:120'],
            'at' => ['required', 'string', 'regex:/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(Z|[+-]\d\d:\d\d)$/D', 'date'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['job.*' => 'Say which work is moved.', 'at.*' => 'Say where to as an instant with its zone, as in 2026-11-28T20:15:00Z.'];
    }

    public function job(): string
    {
        return (string) $this->string('job');
    }

    public function at(): CarbonImmutable
    {
        return CarbonImmutable::parse((string) $this->string('at'));
    }
}
