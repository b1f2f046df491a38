<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use Illuminate\Foundation\Http\FormRequest;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\SaidThinning;
use Kalokroma\Film\Thinning;

/** What a painter changes of one step of an undercoat: its paint, thinning or number of coats. */
final class UndercoatEditForm extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['nullable', 'integer', 'min:0'],
            'key' => ['required', 'string', 'max:40'],
            'mix' => ['required_without_all:thin,coats', 'array', 'min:1', 'max:1'],
            'mix.*.paint_id' => ['required', 'integer'],
            'mix.*.parts' => ['nullable', 'integer', 'min:1', 'max:99'],
            'thin' => ['sometimes', 'string', 'max:60'],
            'coats' => ['sometimes', 'integer'],
            'omitted' => ['prohibited'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'key.*' => 'Say which step of the undercoat is changed.',
            'mix.required_without_all' => 'Of an undercoat the paint, the thinning or the number of coats can be changed.',
            'mix.*' => 'An undercoat is one primer: choose one paint.',
            'mix.*.*' => 'An undercoat is one primer: choose one paint.',
            'coats.integer' => 'Coats are a whole number; 0 leaves the number to what is usual.',
            'omitted.*' => 'The undercoat belongs to the whole figure and cannot be left out: every later step holds on to it.',
        ];
    }

    public function key(): string
    {
        return (string) $this->string('key');
    }

    /** @return list<array{paint: int, parts: int}>|null */
    public function mix(): ?array
    {
        return $this->has('mix') ? [['paint' => $this->integer('mix.0.paint_id'), 'parts' => 1]] : null;
    }

    /** @throws FilmProblem */
    public function thinning(): ?Thinning
    {
        return $this->has('thin') ? SaidThinning::read((string) $this->string('thin'))->thinning : null;
    }

    public function coats(): ?int
    {
        return $this->has('coats') ? $this->integer('coats') : null;
    }
}
