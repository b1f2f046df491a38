<?php

declare(strict_types=1);

namespace App\Http\Tables;

use App\Workshop\Shelf\ShelfRows;
use Illuminate\Foundation\Http\FormRequest;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\ParsedThinning;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\ShelfProblem;

/** A mix in drops (`12*2+40*1`: paint and parts), how it is thinned, and for how much of how many figures. */
final class ThinQuestion extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'mix' => ['required', 'string', 'regex:/^\d{1,12}\*\d{1,2}(\+\d{1,12}\*\d{1,2}){0,5}$/D'],
            'thin' => ['nullable', 'string', 'max:60'],
            'first' => ['nullable', 'in:paint,thinner'],
            'figures' => ['nullable', 'integer', 'min:1', 'max:500'],
            'cm2' => ['nullable', 'numeric', 'gt:0', 'max:5000'],
            'coats' => ['nullable', 'integer', 'min:1', 'max:12'],
            'over' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'mix.*' => 'Choose one to six paints with 1 to 99 drops of each.',
            'figures.*' => 'Figures are counted from 1 to 500.',
            'cm2.*' => 'The surface is a number of cm² per figure, more than 0 and at most 5000.',
            'coats.*' => 'Coats are counted from 1 to 12.',
        ];
    }

    /** @throws ShelfProblem */
    public function mix(ShelfRows $shelf): Mix
    {
        return $shelf->mix(array_map(static function (string $part): array {
            [$paint, $parts] = explode('*', $part);

            return ['paint' => $paint, 'parts' => (int) $parts];
        }, explode('+', (string) $this->string('mix'))));
    }

    /** @throws FilmProblem */
    public function thinning(ShelfRows $shelf): ParsedThinning
    {
        return $shelf->parsedThinning(
            $this->filled('thin') ? (string) $this->string('thin') : 'undiluted',
            $this->input('first') === 'thinner',
        );
    }

    public function over(): string
    {
        return $this->filled('over') ? (string) $this->string('over') : '#7a7a7a';
    }
}
