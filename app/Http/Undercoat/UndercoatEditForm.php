<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use App\Http\Shared\StepChangeRules;
use App\Models\Company;
use App\Workshop\Plan\SaidChange;
use App\Workshop\Shelf\ShelfRows;
use Illuminate\Foundation\Http\FormRequest;
use Kalokroma\Recipe\Change\StepChange;

/** What a painter changes of one step of the figure, of its undercoat or over the whole of it, and the version it was made on. */
final class UndercoatEditForm extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:0'],
            'key' => ['required', 'string', 'max:40'],
            ...StepChangeRules::rules(),
            'without' => ['sometimes', 'array'],
            'without.*' => ['integer'],
            'late' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'version.*' => 'Say which version is changed: reload the page, then change it again.',
            'key.*' => 'Say which step is changed.',
            ...StepChangeRules::messages(),
        ];
    }

    public function key(): string
    {
        $key = $this->input('key');

        return is_string($key) ? $key : '';
    }

    public function change(ShelfRows $shelf, Company $company): StepChange
    {
        return (new SaidChange($shelf, $company->count))->of($this->key(), $this->all());
    }

    /** @return list<int>|null areas that are left out; null where nothing is said of them */
    public function without(): ?array
    {
        return $this->has('without') ? array_map(intval(...), array_values((array) $this->input('without'))) : null;
    }

    /** Whether it waits until everything is painted; null where nothing is said of it. */
    public function late(): ?bool
    {
        return $this->has('late') ? $this->boolean('late') : null;
    }
}
