<?php

declare(strict_types=1);

namespace App\Http\Order;

use App\Workshop\Order\FreeHours;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Order\WayOfWorking;

/**
 * Free hours, rules that are set aside, and who shares the evenings: whatever of it is sent is changed.
 *
 * @phpstan-import-type FreeRow from FreeHours
 */
final class OrderForm extends FormRequest
{
    private const DAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];
    private const TIME = 'regex:/^([01]\d|2[0-3]):[0-5]\d$/D';
    private const DATE = 'regex:/^\d{4}-\d{2}-\d{2}$/D';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'free' => ['sometimes', 'nullable', 'array:zone,weekly,exceptions,holidays'],
            'free.zone' => ['required_with:free', 'string', 'max:60'],
            'free.weekly' => ['sometimes', 'array', 'max:50'],
            'free.weekly.*.days' => ['required', 'array', 'min:1', 'max:7'],
            'free.weekly.*.days.*' => [Rule::in(self::DAYS)],
            'free.weekly.*.from' => ['required', 'string', self::TIME],
            'free.weekly.*.to' => ['required', 'string', self::TIME],
            'free.exceptions' => ['sometimes', 'array', 'max:400'],
            'free.exceptions.*.date' => ['required', 'string', self::DATE],
            'free.exceptions.*.free' => ['present', 'array', 'max:12'],
            'free.exceptions.*.free.*.from' => ['required', 'string', self::TIME],
            'free.exceptions.*.free.*.to' => ['required', 'string', self::TIME],
            'free.holidays' => ['sometimes', 'array:dates,free'],
            'free.holidays.dates' => ['required_with:free.holidays', 'array', 'max:400'],
            'free.holidays.dates.*' => ['string', self::DATE],
            'free.holidays.free' => ['present_with:free.holidays', 'array', 'max:12'],
            'free.holidays.free.*.from' => ['required', 'string', self::TIME],
            'free.holidays.free.*.to' => ['required', 'string', self::TIME],
            'wishes' => ['sometimes', 'array:overruled,relaxed,air,before'],
            'wishes.before' => ['sometimes', 'array', 'max:60'],
            'wishes.before.*' => ['array', 'size:2'],
            'wishes.before.*.*' => ['string', 'max:80'],
            'wishes.overruled' => ['sometimes', 'array', 'max:40'],
            'wishes.overruled.*' => ['string', 'max:40'],
            'wishes.relaxed' => ['sometimes', 'array', 'max:40'],
            'wishes.relaxed.*' => ['string', 'max:40'],
            'wishes.air' => ['sometimes', 'nullable', 'array:celsius,humidity'],
            'wishes.air.celsius' => ['required_with:wishes.air', 'numeric', 'min:-20', 'max:50'],
            'wishes.air.humidity' => ['required_with:wishes.air', 'numeric', 'min:1', 'max:100'],
            'pins' => ['sometimes', 'array', 'max:400'],
            'pins.*' => ['array:job,at'],
            'pins.*.job' => ['required', 'string', 'max:120'],
            'pins.*.at' => ['required', 'integer', 'min:0', 'max:100000000'],
            'busy' => ['sometimes', 'nullable', 'max:0'],
            'companies' => ['sometimes', 'array', 'max:99'],
            'companies.*.id' => ['required', 'integer'],
            'companies.*.way' => ['sometimes', 'nullable', Rule::enum(WayOfWorking::class)],
            'companies.*.fieldable_first' => ['sometimes', 'boolean'],
            'companies.*.priority' => ['sometimes', 'integer', 'min:0', 'max:9'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'free.weekly.*.days.*' => 'Choose at least one day of the week.',
            'free.weekly.*.from.*' => 'Say the time as in 19:30.',
            'free.weekly.*.to.*' => 'Say the time as in 21:30.',
            'free.exceptions.*.date.*' => 'Say the day as in 2026-12-14.',
            'busy.*' => 'A calendar is taken by its own form; here it can only be forgotten.',
        ];
    }

    /**
     * @return array{
     *   free?: array<string, mixed>|null, wishes?: array<string, mixed>,
     *   companies?: list<array{id: int, way?: string|null, priority?: int, fieldable_first?: bool}>,
     *   pins?: array<string, int>, busy?: null,
     * }
     */
    public function changes(): array
    {
        /**
         * @var array{
         *   free?: FreeRow|null,
         *   companies?: list<array{id: int, way?: string|null, priority?: int, fieldable_first?: bool}>,
         *   wishes?: array{overruled?: list<string>, relaxed?: list<string>, air?: array<string, float>|null,
         *     before?: list<array{string, string}>},
         *   pins?: list<array{job: string, at: int}>, busy?: null,
         * } $said
         */
        $said = $this->validated();
        if (isset($said['free'])) {
            FreeHours::of($said['free'])->openings(CarbonImmutable::now());
        }
        if (isset($said['wishes'])) {
            new Wishes($said['wishes']['overruled'] ?? [], $said['wishes']['relaxed'] ?? []);
        }

        if (isset($said['pins'])) {
            $said['pins'] = array_column($said['pins'], 'at', 'job');
        }

        return $said;
    }
}
