<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Formats\Shelf\PaintFields;
use App\Models\PaintRow;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Kalokroma\Film\ColourSource;

final class PaintForm extends FormRequest
{
    private ?PaintFields $fields = null;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...array_fill_keys([...PaintFields::COLUMNS, ...PaintFields::FURTHER], ['nullable', 'string', 'max:4000']),
            'version' => ['nullable', 'string', 'max:40'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            foreach ($this->fields()->problems as $column => $sentence) {
                $validator->errors()->add($column, $sentence);
            }
            $twin = PaintRow::query()->where(
                'name',
                trim((string) $this->string('name')),
            )->where('line', trim((string) $this->string('line')))->first();
            if ($twin !== null && $twin->id !== $this->paintId()) {
                $validator->errors()->add(
                    'name',
                    sprintf(
                        '%s is on your shelf already%s: a paint is known by its line and name.',
                        $twin->name,
                        $twin->line === '' ? '' : ' in '.$twin->line,
                    ),
                );
            }
        });
    }

    /** @return array<string, mixed> a colour that is entered is no guess any more */
    public function attributesOfThePaint(): array
    {
        $attributes = $this->fields()->attributes;
        $paint = $this->route('paint');
        $isGuessStill = $paint instanceof PaintRow && $attributes['hex'] !== $paint->hex
            && $attributes['colour_source'] === $paint->colour_source && ColourSource::fromText($paint->colour_source)->isGuess();

        return $isGuessStill ? [...$attributes, 'colour_source' => ''] : $attributes;
    }

    private function fields(): PaintFields
    {
        return $this->fields ??= PaintFields::read(array_map(
            fn (string $column): string => (string) $this->string($column),
            array_combine([...PaintFields::COLUMNS, ...PaintFields::FURTHER], [...PaintFields::COLUMNS, ...PaintFields::FURTHER]),
        ));
    }

    private function paintId(): ?int
    {
        $paint = $this->route('paint');

        return $paint instanceof PaintRow ? $paint->id : null;
    }
}
