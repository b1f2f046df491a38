<?php

declare(strict_types=1);

namespace App\Http\Order;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Order\WayCompared;
use Kalokroma\Order\WayOfWorking;

/** Ways that were compared, with the figures they were answered with. */
final class AdviceForm extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $number = ['integer', 'min:0', 'max:10000000'];

        return [
            'ways' => ['required', 'array', 'min:1', 'max:20'],
            'ways.*.way' => ['required', Rule::enum(WayOfWorking::class)],
            'ways.*.at_the_table' => ['required', ...$number],
            'ways.*.brush_washes' => ['required', ...$number],
            'ways.*.sittings' => ['nullable', ...$number],
            'ways.*.last_window' => ['nullable', ...$number],
            'ways.*.left_over' => ['nullable', ...$number],
        ];
    }

    /** @return non-empty-list<WayCompared> */
    public function ways(int $figures): array
    {
        /**
         * @var non-empty-list<array{
         *   way: string, at_the_table: int, brush_washes: int, sittings: int|null, last_window: int|null,
         *   left_over?: int|null,
         * }> $said
         */
        $said = $this->validated('ways');

        return array_map(static fn (array $each): WayCompared => new WayCompared(
            WayOfWorking::from($each['way']),
            $figures,
            $each['at_the_table'],
            $each['brush_washes'],
            $each['sittings'] ?? null,
            $each['last_window'] ?? null,
            left: $each['left_over'] ?? 0,
        ), $said);
    }
}
