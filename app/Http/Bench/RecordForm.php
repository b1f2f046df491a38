<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\AreaRow;
use App\Models\Company;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Change\Mishap;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Record\Occasion;
use Kalokroma\Record\Substance;

/** Painting log, planned or not. What is not known may be left open. */
final class RecordForm extends FormRequest
{
    private const AS = 'What was planned is told as the bench had it: its technique, its paints and its place.';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'area_id' => ['nullable', 'integer'],
            'step' => ['nullable', 'string', 'max:40'],
            'stage' => ['required', Rule::enum(Stage::class)],
            'figures' => ['required', 'array', 'min:1', 'max:99'],
            'figures.*' => ['integer', 'min:1', 'max:99'],
            'real.mix' => ['present', 'array', 'max:4'],
            'real.mix.*.paint_id' => ['nullable', 'integer'],
            'real.mix.*.name' => ['required', 'string', 'max:80'],
            'real.mix.*.parts' => ['nullable', 'integer', 'min:1', 'max:99'],
            'real.thin' => ['nullable', 'string', 'max:12', self::thinning(...)],
            'real.coats' => ['nullable', 'integer', 'min:1', 'max:20'],
            'real.tool' => ['nullable', 'string', 'max:60'],
            'real.technique' => ['nullable', Rule::enum(Technique::class)],
            'real.rounds' => ['nullable', 'integer', 'min:1', 'max:99'],
            'real.minutes' => ['nullable', 'integer', 'min:0', 'max:1440'],
            'as' => ['nullable', 'array:technique,mix,place'],
            'as.technique' => ['required_with:as', Rule::enum(Technique::class)],
            'as.mix' => ['sometimes', 'array', 'max:4'],
            'as.mix.*.id' => ['nullable', 'string', 'max:200'],
            'as.mix.*.name' => ['required', 'string', 'max:80'],
            'as.mix.*.parts' => ['required', 'integer', 'min:1', 'max:99'],
            'as.place' => ['sometimes', 'array', 'min:4', 'max:5'],
            'note' => ['nullable', 'string', 'max:2000'],
            'number' => ['nullable', 'integer', 'min:1', 'max:99'],
            'kind' => ['sometimes', Rule::enum(Occasion::class)],
            'mishap' => ['nullable', 'array:what,step,on'],
            'mishap.what' => ['required_with:mishap', Rule::enum(Mishap::class)],
            'mishap.step' => ['nullable', 'string', 'max:40'],
            'mishap.on' => ['nullable', 'integer'],
            'at' => ['nullable', 'string', 'regex:/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,6})?(Z|[+-]\d\d:\d\d)$/D', 'date'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'stage.*' => 'Choose what was done: undercoat, basecoat, wash, layer, drybrush or highlight.',
            'figures.*' => 'Choose at least one figure.',
            'real.technique.*' => 'There is no such kind of work.',
            'real.mix.*.name.*' => 'Every paint of the mix needs a name.',
            'real.mix.*.parts.*' => 'Drops are whole numbers from 1 to 99, or left open.',
            'real.coats.*' => 'Coats are a whole number from 1 to 20, or left open.',
            'number.*' => 'Coats are counted from 1 to 99.',
            'kind.*' => 'It is work, a slip, a repair, a test piece or something else.',
            'mishap.*' => 'Say what went wrong: choose it from the list.',
            'as.*' => self::AS,
            'as.*.*' => self::AS,
            'as.*.*.*' => self::AS,
            'at.*' => 'When it was done is an instant with its zone, as in 2026-11-28T20:15:00Z.',
            'real.minutes.*' => 'Minutes are a whole number from 0 to 1440, or left open.',
        ];
    }

    public function area(Company $company): ?AreaRow
    {
        return $this->filled('area_id') ? self::its($company, $this->integer('area_id')) : null;
    }

    /** Which of several passes is meant; null where nobody said. */
    public function number(): ?int
    {
        return $this->filled('number') ? $this->integer('number') : null;
    }

    public function kind(): Occasion
    {
        return $this->filled('kind') ? Occasion::from((string) $this->string('kind')) : Occasion::Work;
    }

    /**
     * What went wrong, at which step, and on which area it landed; null where nothing did.
     *
     * @return array{what: string, step: string|null, on: int|null}|null
     */
    public function mishap(Company $company): ?array
    {
        if ($this->kind() !== Occasion::Slip) {
            return null;
        }
        $on = $this->filled('mishap.on') ? $this->integer('mishap.on') : null;

        return [
            'what' => $this->filled('mishap.what') ? (string) $this->string('mishap.what') : Mishap::Slip->value,
            'step' => $this->filled('mishap.step') ? (string) $this->string('mishap.step') : null,
            'on' => $on === null || $on === 0 ? $on : self::its($company, $on)->id,
        ];
    }

    private static function its(Company $company, int $area): AreaRow
    {
        return $company->areas->find($area) ?? throw (new ModelNotFoundException())->setModel(AreaRow::class, [$area]);
    }

    /** What was not planned stands under no step. */
    public function stepKey(): ?string
    {
        return $this->filled('step') && $this->kind() === Occasion::Work ? (string) $this->string('step') : null;
    }

    /** What was planned when it was painted, as the bench had shown it; null where it does not say. */
    public function as(): ?Substance
    {
        if (!$this->filled('as')) {
            return null;
        }
        /**
         * @var array{
         *   technique: string, mix?: list<array{id?: string|null, name: string, parts: int|string}>, place?: list<mixed>,
         * } $said
         */
        $said = $this->validated('as');

        return Substance::fromRow([
            'technique' => $said['technique'],
            'mix' => array_map(
                static fn (array $p): array => ['id' => $p['id'] ?? null, 'name' => $p['name'], 'parts' => (int) $p['parts']],
                $said['mix'] ?? [],
            ),
            'place' => !isset($said['place']) ? null : array_map(
                static fn (mixed $v): string|float|null => is_numeric($v) ? (float) $v : (is_string($v) ? $v : null),
                $said['place'],
            ),
        ]);
    }

    /** When it was done by the clock of the device, seconds since 1970, UTC; null where it does not say. */
    public function at(): ?int
    {
        return $this->filled('at') ? CarbonImmutable::parse((string) $this->string('at'))->getTimestamp() : null;
    }

    /** The kind of work that was done unplanned; null where only its stage is said, or it was planned. */
    private function technique(): ?Technique
    {
        return $this->filled('real.technique') ? Technique::from((string) $this->string('real.technique')) : null;
    }

    public function stage(): Stage
    {
        return $this->technique()?->facts()->stage ?? Stage::from((string) $this->string('stage'));
    }

    /** @return non-empty-list<int> */
    public function figures(): array
    {
        /** @var non-empty-list<int|string> $figures */
        $figures = array_values((array) $this->validated('figures'));

        return array_map(intval(...), $figures);
    }

    /**
     * @return array{
     *   mix: list<array{id: string|null, name: string, parts: int|null}>, thin: string|null, coats: int|null, tool: string|null,
     *   minutes: int|null, rounds: int|null, technique: string|null,
     * }
     */
    public function real(): array
    {
        $mix = [];
        /** @var list<array{paint_id?: int|string|null, name: string, parts?: int|string|null}> $given */
        $given = array_values((array) $this->input('real.mix'));
        foreach ($given as $part) {
            $id = isset($part['paint_id']) ? (string) $part['paint_id'] : null;
            $mix[] = ['id' => $id, 'name' => trim($part['name']), 'parts' => isset($part['parts']) ? (int) $part['parts'] : null];
        }
        $number = fn (string $field): ?int => $this->filled($field) ? $this->integer($field) : null;

        return [
            'mix' => $mix,
            'thin' => $this->filled('real.thin') ? Thinning::fromRatio((string) $this->string('real.thin'))->ratio() : null,
            'coats' => $number('real.coats'),
            'tool' => $this->filled('real.tool') ? trim((string) $this->string('real.tool')) : null,
            'minutes' => $number('real.minutes'),
            'rounds' => $number('real.rounds'),
            'technique' => $this->technique()?->value,
        ];
    }

    private static function thinning(string $attribute, mixed $value, \Closure $fail): void
    {
        try {
            Thinning::fromRatio(is_string($value) ? $value : '');
        } catch (FilmProblem $problem) {
            $fail($problem->getMessage());
        }
    }
}
