<?php

declare(strict_types=1);

namespace App\Http\Figures;

use Illuminate\Foundation\Http\FormRequest;

/** Which shapes of a drawing show which areas. */
final class PlateForm extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'given' => ['nullable', 'array', 'max:800'],
            'given.*' => ['array'],
            'given.*.shape' => ['required', 'integer', 'min:0'],
            'given.*.area' => ['nullable', 'integer'],
            'given.*.tone' => ['required', 'string'],
            'outlines' => ['nullable', 'array', 'max:200'],
            'outlines.*' => ['array'],
            'outlines.*.area' => ['required', 'integer'],
            'outlines.*.tone' => ['required', 'string'],
            'outlines.*.points' => ['required', 'array', 'max:400'],
            'outlines.*.points.*' => ['array', 'size:2'],
            'outlines.*.points.*.*' => ['numeric'],
            'removed' => ['nullable', 'array', 'max:800'],
            'removed.*' => ['integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $shape = 'A shape is given to an area by its number, the area and the tone it shows.';
        $outline = 'An outline needs its area, the tone it shows and its points, each as two numbers.';

        return [
            'given.*' => $shape,
            'given.*.*' => $shape,
            'given.*.*.*' => $shape,
            'outlines.*' => $outline,
            'outlines.*.*' => $outline,
            'outlines.*.*.*' => $outline,
            'outlines.*.points.*.*' => $outline,
            'outlines.*.points.*.*.*' => $outline,
            'removed.*' => 'Shapes are taken away by their numbers.',
            'removed.*.*' => 'Shapes are taken away by their numbers.',
        ];
    }

    /** @return list<array{shape: int, area: int|null, tone: string}> */
    public function given(): array
    {
        /** @var list<array{shape: int|string, area?: int|string|null, tone: string}> $all */
        $all = array_values((array) $this->input('given'));

        return array_map(
            static fn (array $g): array => [
                'shape' => (int) $g['shape'],
                'area' => isset($g['area']) ? (int) $g['area'] : null,
                'tone' => $g['tone'],
            ],
            $all,
        );
    }

    /** @return list<array{area: int, tone: string, points: list<array{float, float}>}> */
    public function outlines(): array
    {
        /** @var list<array{area: int|string, tone: string, points: list<array{0: float|string, 1: float|string}>}> $all */
        $all = array_values((array) $this->input('outlines'));

        return array_map(static fn (array $o): array => [
            'area' => (int) $o['area'],
            'tone' => $o['tone'],
            'points' => array_map(static fn (array $p): array => [(float) $p[0], (float) $p[1]], $o['points']),
        ], $all);
    }

    /** @return list<int> */
    public function removed(): array
    {
        /** @var list<int|string> $all */
        $all = array_values((array) $this->input('removed'));

        return array_map(intval(...), $all);
    }
}
