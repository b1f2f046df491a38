<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Workshop\Shelf\ShelfRows;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\SaidDifference;
use Kalokroma\Film\ColourSource;
use Kalokroma\Shelf\Mix;

/** How a mix came out: read, taken from a picture, or said in words beside what was predicted. */
final class LessonForm extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'mix' => ['required', 'array', 'min:2', 'max:6'],
            'mix.*.paint_id' => ['required', 'integer'],
            'mix.*.parts' => ['required', 'integer', 'min:1', 'max:60'],
            'how' => ['required', Rule::in(['reader', 'picture', 'words'])],
            'colour' => ['required_unless:how,words', 'nullable', 'string', 'max:60'],
            'degree' => ['nullable', Rule::in(['as predicted', ...SaidDifference::degrees()])],
            'directions' => ['nullable', 'array', 'max:2'],
            'directions.*' => ['string', 'max:40'],
            'place' => ['nullable', 'string', 'max:160'],
            'sure' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'mix.*' => 'A mix that can be learned from has two to six paints.',
            'how.*' => 'Say how it was seen: reader, picture or words.',
            'colour.*' => 'The colour that was seen is missing.',
            'degree.*' => 'Say how far it differs: as predicted, a little, clearly or much.',
            'directions.*' => 'Say in one direction or two in which it differs.',
        ];
    }

    public function mix(ShelfRows $shelf): Mix
    {
        /** @var list<array{paint_id: int|string, parts: int|string}> $parts */
        $parts = (array) $this->input('mix');

        return $shelf->mix(array_map(static fn (array $p): array => ['paint' => $p['paint_id'], 'parts' => (int) $p['parts']], $parts));
    }

    /** @return array{Lab, float, string} what was seen, ± CIEDE2000, and the words it was said in */
    public function seen(Mix $mix): array
    {
        if ($this->input('how') !== 'words') {
            $certainty = $this->input('how') === 'reader' ? ColourSource::Read->single() : ColourSource::Pictured->single();

            return [Lab::fromText((string) $this->string('colour')), $certainty, ''];
        }
        $degree = (string) $this->string('degree', 'as predicted');
        /** @var list<string> $directions */
        $directions = array_values(array_filter((array) $this->input('directions'), is_string(...)));
        $said = $degree === 'as predicted' ? SaidDifference::same($mix->lab()) : SaidDifference::of($mix->lab(), $degree, $directions);

        return [$said->colour, $said->certainty, trim($degree.' '.implode(' and ', $degree === 'as predicted' ? [] : $directions))];
    }
}
