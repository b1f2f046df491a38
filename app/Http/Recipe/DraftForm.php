<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Workshop\Recipe\PlanRows;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Recipe\Ladder\Contrast;
use Kalokroma\Recipe\Ladder\LadderWish;
use Kalokroma\Recipe\Ladder\LightToward;
use Kalokroma\Recipe\Ladder\ShadeToward;
use Kalokroma\Recipe\Technique\Way;

/** For which colour, in which way, with which ladder a recipe is drafted; or from which special start. */
final class DraftForm extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'colour' => ['required', 'string'],
            'way' => ['nullable', Rule::enum(Way::class)],
            'contrast' => ['nullable', Rule::enum(Contrast::class)],
            'light' => ['nullable', Rule::enum(LightToward::class)],
            'shade' => ['nullable', Rule::enum(ShadeToward::class)],
            'mixed' => ['sometimes', 'boolean'],
            'insist' => ['sometimes', 'boolean'],
            'start' => ['nullable', 'string', 'max:40'],
            'version' => ['nullable', 'integer', 'min:0'],
        ];
    }

    public function way(Way $favoured): Way
    {
        return Way::tryFrom((string) $this->string('way')) ?? $favoured;
    }

    public function wish(): LadderWish
    {
        return PlanRows::wish($this->validated());
    }

    public function start(): ?string
    {
        return $this->filled('start') ? (string) $this->string('start') : null;
    }
}
