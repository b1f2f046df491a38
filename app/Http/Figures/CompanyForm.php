<?php

declare(strict_types=1);

namespace App\Http\Figures;

use App\Models\Company;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\FigureKind;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Word\Length;

final class CompanyForm extends FormRequest
{
    /** Decimals as people write them: no exponents, nothing endless. */
    private const DECIMAL = 'regex:/^[+-]?\d{1,6}(\.\d{1,6})?$/D';

    /** A height in inches, as some painters measure it. */
    protected function prepareForValidation(): void
    {
        $said = $this->input('height_in');
        if (is_numeric($said)) {
            $this->merge(['height_mm' => (string) round(Length::Inches->toMm((float) $said), 1)]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $company = $this->route('company');

        return [
            'name' => [
                'required',
                'string',
                'max:80',
                Rule::unique('companies')->where(
                    'painter_id',
                    $this->user()?->getAuthIdentifier(),
                )->ignore($company instanceof Company ? $company->id : null),
            ],
            'count' => ['required', 'integer', 'min:1', 'max:99'],
            'leaders' => ['nullable', 'integer', 'min:0', 'lte:count'],
            'height_mm' => ['bail', 'required', self::DECIMAL, 'numeric', 'min:10', 'max:400'],
            'surface_cm2' => ['bail', 'nullable', self::DECIMAL, 'numeric', 'gt:0', 'max:5000'],
            'notes' => ['nullable', 'string', 'max:2000'],
            'kind' => ['nullable', Rule::enum(FigureKind::class)],
            'matches_id' => [
                'nullable',
                'integer',
                Rule::exists('companies', 'id')->where('painter_id', $this->user()?->getAuthIdentifier()),
            ],
            'normalise' => ['nullable', 'boolean'],
            'version' => ['nullable', 'string', 'max:40'],
            'areas' => ['required', 'array', 'min:1', 'max:60'],
            'areas.*' => ['array'],
            'areas.*.id' => ['nullable', 'integer'],
            'areas.*.name' => ['required', 'string', 'max:60'],
            'areas.*.material' => ['required', Rule::enum(Material::class)],
            'areas.*.relief' => ['required', Rule::enum(Relief::class)],
            'areas.*.share' => ['bail', 'required', self::DECIMAL, 'numeric'],
            'areas.*.depth' => ['required', 'integer', 'min:1', 'max:'.Area::DEEPEST],
            'areas.*.weight' => ['required', Rule::enum(Weight::class)],
            'areas.*.touches' => ['nullable', 'array', 'max:60'],
            'areas.*.touches.*' => ['string', 'max:60'],
            'areas.*.part' => ['nullable', 'string', 'max:40'],
            'areas.*.reachable' => ['nullable', 'boolean'],
            'areas.*.fragile' => ['nullable', 'boolean'],
            'areas.*.notes' => ['nullable', 'string', 'max:200'],
            'areas.*.colour' => ['nullable', 'string', 'regex:/^#[0-9a-fA-F]{6}$/D'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $seen = [];
            foreach ($this->company()['areas'] as $row => ['name' => $name]) {
                if (isset($seen[mb_strtolower($name)])) {
                    $validator->errors()->add("areas.$row.name", sprintf('Two areas have the same name, %s.', $name));
                }
                $seen[mb_strtolower($name)] = true;
            }
            foreach ($this->company()['areas'] as $row => $area) {
                foreach ($area['touches'] ?? [] as $other) {
                    if (!isset($seen[mb_strtolower($other)])) {
                        $validator->errors()->add(
                            "areas.$row.touches",
                            sprintf('%s is next to %s, but there is no area of that name.', $area['name'], $other),
                        );
                    }
                }
            }
        });
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.unique' => 'There is a figure or company of this name already.',
            'count.*' => 'A company has 1 to 99 figures.',
            'leaders.*' => 'There are 0 leaders, or at most as many as figures.',
            'height_mm.*' => 'The height is 10 to 400 mm.',
            'surface_cm2.*' => 'The surface of one figure is more than 0 and at most 5000 cm².',
            'areas.required' => 'A figure needs at least one area.',
            'areas.*.name.required' => 'Area :position has no name.',
            'areas.*.share.*' => 'Area :position needs its share of the surface in percent.',
            'areas.*.depth.*' => 'The depth of area :position runs from 1 (innermost) to 9.',
            'matches_id.*' => 'The company to match is not in your workshop.',
            'areas.*.touches.*' => 'The neighbours of area :position are names of areas.',
            'areas.*.notes.max' => 'The note of area :position has more than 200 characters.',
            'areas.*.part.max' => 'The part of area :position has more than 40 characters.',
            'areas.*.colour.regex' => 'The colour of area :position is not one: write # and six hexadecimal digits, as in #8a5a2b.',
        ];
    }

    /**
     * @return array{
     *   name: string, count: int, leaders: int|null, height_mm: float, surface_cm2: float|null, notes: string,
     *   areas: list<array{id: int|null, name: string, material: string, relief: string, share: float, depth: int, weight: string,
     *     colour: string|null, touches: list<string>|null, part: string, reachable: bool, fragile: bool, notes: string}>,
     *   kind: string|null, matches_id: int|null, normalise: bool,
     * }
     */
    public function company(): array
    {
        $areas = [];
        /**
         * @var list<array{
         *   id?: int|string|null, name: string, material: string, relief: string, share: string|float, depth: int|string,
         *   weight: string, colour?: string|null, touches?: list<string>|null, part?: string|null, reachable?: bool|null,
         *   fragile?: bool|null, notes?: string|null,
         * }> $given
         */
        $given = array_values((array) $this->input('areas'));
        foreach ($given as $area) {
            $areas[] = [
                'id' => isset($area['id']) ? (int) $area['id'] : null,
                'name' => trim($area['name']),
                'material' => $area['material'],
                'relief' => $area['relief'],
                'share' => (float) $area['share'],
                'depth' => (int) $area['depth'],
                'weight' => $area['weight'],
                'colour' => $area['colour'] ?? null,
                'touches' => isset($area['touches']) ? array_map(trim(...), $area['touches']) : null,
                'part' => trim($area['part'] ?? ''),
                'reachable' => (bool) ($area['reachable'] ?? true),
                'fragile' => (bool) ($area['fragile'] ?? false),
                'notes' => trim($area['notes'] ?? ''),
            ];
        }

        return [
            'name' => trim((string) $this->string('name')),
            'count' => $this->integer('count'),
            'leaders' => $this->filled('leaders') ? $this->integer('leaders') : null,
            'height_mm' => $this->float('height_mm'),
            'surface_cm2' => $this->filled('surface_cm2') ? $this->float('surface_cm2') : null,
            'notes' => (string) $this->string('notes'),
            'areas' => $areas,
            'kind' => $this->filled('kind') ? (string) $this->string('kind') : null,
            'matches_id' => $this->filled('matches_id') ? $this->integer('matches_id') : null,
            'normalise' => $this->boolean('normalise'),
        ];
    }
}
