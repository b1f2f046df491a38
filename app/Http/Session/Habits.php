<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Models\Painter;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Undercoat\School;
use Kalokroma\Word\Length;
use Kalokroma\Word\Temperature;

/** What the painter owns and likes: it bounds what is drafted. */
final class Habits extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'airbrush' => ['present', 'nullable', 'boolean'],
            'spray_cans' => ['present', 'nullable', 'boolean'],
            'extraction' => ['sometimes', 'nullable', 'boolean'],
            'solvents' => ['sometimes', 'nullable', 'boolean'],
            'wet_palette' => ['sometimes', 'nullable', 'boolean'],
            'metal_brush' => ['sometimes', 'nullable', 'boolean'],
            'way' => ['required', Rule::enum(Way::class)],
            'school' => ['sometimes', Rule::enum(School::class)],
            'temperature' => ['sometimes', Rule::enum(Temperature::class)],
            'length' => ['sometimes', Rule::enum(Length::class)],
        ];
    }

    /**
     * What is changed: a question that is left open keeps what stands, and what was answered is remembered as that.
     *
     * @return array<string, mixed>
     */
    public function habits(Painter $painter): array
    {
        $habits = array_filter($this->validated(), static fn (mixed $v): bool => $v !== null);
        $answered = array_intersect(Painter::ASKED, [...$painter->answered ?? [], ...array_keys($habits)]);

        return [...$habits, 'answered' => array_values($answered)];
    }
}
