<?php

declare(strict_types=1);

namespace App\Http\Scheme;

use App\Workshop\Scheme\SchemeDesk;
use Illuminate\Foundation\Http\FormRequest;

/**
 * Colours for some areas: each a colour, a mix of paints on the shelf, or undecided.
 *
 * @phpstan-import-type Chosen from SchemeDesk
 */
final class SchemeForm extends FormRequest
{
    private const MIX = 'A mix has 1 to 4 paints of your shelf, each with 1 to 99 drops.';
    private const WHICH = 'Say which area gets which colour.';

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'areas' => ['required', 'array', 'min:1', 'max:60'],
            'areas.*' => ['array'],
            'areas.*.area' => ['required', 'integer'],
            'areas.*.version' => ['nullable', 'string', 'max:64'],
            'areas.*.colour' => ['nullable', 'string', 'regex:/^#[0-9a-fA-F]{6}$/D'],
            'areas.*.fixed' => ['nullable', 'boolean'],
            'areas.*.mix' => ['nullable', 'array', 'max:4'],
            'areas.*.mix.*' => ['array'],
            'areas.*.mix.*.paint_id' => ['required', 'integer'],
            'areas.*.mix.*.parts' => ['required', 'integer', 'min:1', 'max:99'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'areas.*.colour.regex' => 'This is no colour: write # and six hexadecimal digits, as in #8a5a2b.',
            'areas.*.mix.*' => self::MIX,
            'areas.*.mix.*.*' => self::MIX,
            'areas.*.mix.*.*.*' => self::MIX,
            'areas.*' => self::WHICH,
            'areas.*.*' => self::WHICH,
            'areas.*.area.*' => self::WHICH,
            'areas.*.fixed.*' => self::WHICH,
        ];
    }

    /** @return list<Chosen> */
    public function chosen(): array
    {
        /**
         * @var list<array{
         *   area: int|string, colour?: string|null, fixed?: bool, version?: string|null,
         *   mix?: list<array{paint_id: int|string, parts: int|string}>|null,
         * }> $all
         */
        $all = array_values((array) $this->input('areas'));

        return array_map(static fn (array $a): array => [
            'area' => (int) $a['area'],
            'colour' => $a['colour'] ?? null,
            'mix' => isset($a['mix']) && $a['mix'] !== [] ? array_map(
                static fn (array $p): array => ['paint' => (int) $p['paint_id'], 'parts' => (int) $p['parts']],
                $a['mix'],
            ) : null,
            'fixed' => (bool) ($a['fixed'] ?? false),
            'seen' => $a['version'] ?? null,
        ], $all);
    }
}
