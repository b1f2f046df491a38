<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Workshop\Plan\PlanMapper;
use App\Workshop\Recipe\DraftWish;
use App\Workshop\Shelf\ShelfRows;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Recipe\Plan\Contrast;
use Kalokroma\Recipe\Plan\GivenLadder;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\LightToward;
use Kalokroma\Recipe\Plan\ShadeToward;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Mix;

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
            'glazed' => ['sometimes', 'boolean'],
            'shades' => ['nullable', 'integer', 'min:0', 'max:'.LadderWish::MOST_STEPS],
            'highlights' => ['nullable', 'integer', 'min:0', 'max:'.LadderWish::MOST_STEPS],
            'finish' => ['nullable', Rule::enum(Level::class)],
            'ladder' => ['nullable', 'string', 'max:800', 'regex:/^\d+:\d+(,\d+:\d+)*(;\d+:\d+(,\d+:\d+)*)*$/'],
            'middle' => ['nullable', 'integer', 'min:0'],
            'start' => ['nullable', 'string', 'max:40'],
            'version' => ['nullable', 'integer', 'min:0'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'shades' => sprintf('Shades are 0 to %d, or left to the finish.', LadderWish::MOST_STEPS),
            'highlights' => sprintf('Highlights are 0 to %d, or left to the finish.', LadderWish::MOST_STEPS),
            'ladder' => 'A ladder is written as mixes of paint:drops, like "3:2,7:1;3:1,7:1".',
        ];
    }

    public function way(Way $favoured): Way
    {
        return Way::tryFrom((string) $this->string('way')) ?? $favoured;
    }

    public function wish(ShelfRows $shelf): LadderWish
    {
        $wish = PlanMapper::wish($this->validated());
        $mixes = $this->filled('ladder') ? array_map(
            static fn (string $mix): Mix => $shelf->mix(array_map(static function (string $part): array {
                [$paint, $parts] = explode(':', $part);

                return ['paint' => (int) $paint, 'parts' => (int) $parts];
            }, explode(',', $mix))),
            explode(';', (string) $this->string('ladder')),
        ) : [];

        return $mixes === [] ? $wish : $wish->taking(GivenLadder::of($mixes, $this->integer('middle', intdiv(count($mixes), 2))));
    }

    public function draft(Way $favoured, ShelfRows $shelf): DraftWish
    {
        return new DraftWish((string) $this->string('colour'), $this->way($favoured), $this->wish($shelf), $this->start());
    }

    public function start(): ?string
    {
        return $this->filled('start') ? (string) $this->string('start') : null;
    }
}
