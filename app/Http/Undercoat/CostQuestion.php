<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use Illuminate\Foundation\Http\FormRequest;
use Kalokroma\Undercoat\PrimerCost;

/** Prices and coverage of a can and of airbrush primer. Prices in minor units. */
final class CostQuestion extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'can_price' => ['required', 'integer', 'min:1', 'max:1000000'],
            'can_cm2' => ['required', 'numeric', 'gt:0', 'max:1000000'],
            'bottle_price' => ['required', 'integer', 'min:1', 'max:1000000'],
            'bottle_ml' => ['required', 'numeric', 'gt:0', 'max:5000'],
            'cm2_per_ml' => ['required', 'numeric', 'gt:0', 'max:10000'],
            'start_up' => ['nullable', 'integer', 'min:0', 'max:10000000'],
            'figure_cm2' => ['required', 'numeric', 'gt:0', 'max:5000'],
            'figures' => ['required', 'integer', 'min:1', 'max:999'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'can_price.*' => 'The price of a can is an amount of money more than 0.',
            'can_cm2.*' => 'A can covers more than 0 cm².',
            'bottle_price.*' => 'The price of a bottle is an amount of money more than 0.',
            'bottle_ml.*' => 'A bottle holds more than 0 ml.',
            'cm2_per_ml.*' => 'A millilitre covers more than 0 cm².',
            'start_up.*' => 'What is paid once is an amount of money, 0 or more.',
            'figure_cm2.*' => 'A figure has more than 0 cm² of surface.',
            'figures.*' => 'Say for how many figures, 1 to 999.',
        ];
    }

    /** What nothing is said of is as usual. */
    protected function prepareForValidation(): void
    {
        $this->merge(array_filter(PrimerCost::USUAL, fn (string $field): bool => !$this->filled($field), ARRAY_FILTER_USE_KEY));
    }

    public function can(): PrimerCost
    {
        return new PrimerCost($this->integer('can_price'), $this->float('can_cm2'));
    }

    public function bottle(): PrimerCost
    {
        return new PrimerCost(
            $this->integer('bottle_price'),
            $this->float('bottle_ml') * $this->float('cm2_per_ml'),
            $this->integer('start_up'),
        );
    }
}
