<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use App\Models\Company;
use App\Workshop\Undercoat\UndercoatDesk;
use App\Workshop\Undercoat\WholeEdits;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Caution\Tool;
use Kalokroma\Film\Face;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\ParsedThinning;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Technique\Level;

/**
 * What a painter changes of one step of the figure: of an undercoat its paint, thinning or number of coats, of a step over the whole
 * figure nearly all of it.
 *
 * @phpstan-import-type WholeChange from WholeEdits
 */
final class UndercoatEditForm extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['nullable', 'integer', 'min:0'],
            'key' => ['required', 'string', 'max:40'],
            'mix' => $this->isWhole()
                ? ['sometimes', 'array', 'min:1', 'max:4']
                : ['required_without_all:thin,coats', 'array', 'min:1', 'max:1'],
            'mix.*.paint_id' => ['required', 'integer'],
            'mix.*.parts' => ['nullable', 'integer', 'min:1', 'max:99'],
            'thin' => ['sometimes', 'string', 'max:60'],
            'coats' => ['sometimes', 'integer'],
            ...$this->isWhole() ? [
                'omitted' => ['sometimes', 'boolean'],
                'with' => ['sometimes', Rule::enum(Thinner::class)],
                'place' => ['sometimes', 'array'],
                'place.face' => ['nullable', 'in:recess,plane,ridge'],
                'place.part' => ['nullable', Rule::in(array_keys(Place::PARTS))],
                'place.light' => ['nullable', Rule::in(Place::LIGHTS)],
                'place.percent' => ['nullable', 'numeric', 'gt:0', 'max:100'],
                'who' => ['sometimes', 'string', 'max:120'],
                'level' => ['sometimes', Rule::enum(Level::class)],
                'tool' => ['sometimes', Rule::enum(Tool::class)],
                'note' => ['sometimes', 'nullable', 'string', 'max:400'],
                'wait' => ['sometimes', 'nullable', 'string', 'max:40'],
                'sloppy' => ['sometimes', 'boolean'],
                'unwashed' => ['sometimes', 'boolean'],
                'strokes' => ['sometimes', 'nullable', 'string', 'max:120'],
                'line' => ['sometimes', 'nullable', Rule::in(array_keys(Handling::LINES))],
                'batch' => ['sometimes', 'nullable', Rule::in(Handling::BATCHES)],
                'lively' => ['sometimes', 'nullable', 'numeric', 'min:0', 'max:20'],
                'without' => ['sometimes', 'array'],
                'without.*' => ['integer'],
                'late' => ['sometimes', 'boolean'],
            ] : ['omitted' => ['prohibited']],
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

    /** Whether it is a step over the whole figure that comes after the undercoat. */
    public function isWhole(): bool
    {
        $company = $this->route('company');

        return $company instanceof Company && $company->undercoat !== null && !UndercoatDesk::hasStep($company, $this->key());
    }

    /** @return WholeChange */
    public function whole(): array
    {
        /** @var array<string, mixed> $said */
        $said = array_diff_key($this->validated(), ['version' => true, 'key' => true]);
        if (isset($said['mix']) && is_array($said['mix'])) {
            $said['mix'] = array_map(
                static fn (array $p): array => ['paint' => (int) $p['paint_id'], 'parts' => (int) ($p['parts'] ?? 1)],
                array_values($said['mix']),
            );
        }
        if (isset($said['place']) && is_array($said['place'])) {
            $place = $said['place'];
            $said['place'] = new Place(
                Face::tryFrom($place['face'] ?? ''),
                $place['part'] ?? '',
                $place['light'] ?? '',
                Place::shareOf((float) ($place['percent'] ?? 100)),
            );
        }
        if (isset($said['without']) && is_array($said['without'])) {
            $said['without'] = array_map(intval(...), array_values($said['without']));
        }
        if (array_key_exists('note', $said)) {
            $said['note'] = (string) $said['note'];
        }

        /** @var WholeChange */
        return $said;
    }

    public function key(): string
    {
        $key = $this->input('key');

        return is_string($key) ? $key : '';
    }

    /** @return list<array{paint: int, parts: int}>|null */
    public function mix(): ?array
    {
        return $this->has('mix') ? [['paint' => $this->integer('mix.0.paint_id'), 'parts' => 1]] : null;
    }

    /** @throws FilmProblem */
    public function thinning(): ?Thinning
    {
        return $this->has('thin') ? ParsedThinning::read((string) $this->string('thin'))->thinning : null;
    }

    public function coats(): ?int
    {
        return $this->has('coats') ? $this->integer('coats') : null;
    }
}
