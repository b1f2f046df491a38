<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

use App\Models\PaintRow;
use App\Workshop\State\State;
use BackedEnum;
use DateTimeInterface;

/** A paint as its form has it. */
final class PaintState
{
    private const WORDS = [
        'name' => 'Name', 'line' => 'Range', 'behaviour' => 'Behaviour', 'hex' => 'Colour', 'bottle_ml' => 'Bottle, ml',
        'left_ml' => 'Left, ml', 'price_minor' => 'Price in cents', 'currency' => 'Currency', 'owned' => 'Owned', 'bottles' => 'Bottles',
        'place' => 'Place', 'opened_on' => 'Opened on', 'state' => 'State', 'set_name' => 'Set', 'colour_source' => 'Colour known from',
        'sheen' => 'Finish', 'notes' => 'Notes',
    ];

    public static function of(PaintRow $paint): State
    {
        return self::said($paint->only(array_keys(self::WORDS)));
    }

    /** @param array<string, mixed> $attributes as they would be saved */
    public static function wanted(PaintRow $paint, array $attributes): State
    {
        return self::said([...$paint->only(array_keys(self::WORDS)), ...array_intersect_key($attributes, self::WORDS)]);
    }

    /** @param array<string, mixed> $attributes */
    private static function said(array $attributes): State
    {
        $words = [];
        foreach (self::WORDS as $name => $what) {
            $value = $attributes[$name] ?? null;
            $words[$what] = match (true) {
                $value instanceof BackedEnum => (string) $value->value,
                $value instanceof DateTimeInterface => $value->format('Y-m-d'),
                is_bool($value) => $value ? 'yes' : 'no',
                is_float($value) => rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.'),
                default => is_scalar($value) ? (string) $value : '',
            };
        }

        return new State($words);
    }
}
