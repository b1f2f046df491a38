<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Paint;
use Kalokroma\Colour\Family;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Srgb;

final class PaintView
{
    /** @return array<string, mixed> */
    public static function of(Paint $paint): array
    {
        $oklch = $paint->hex === null ? null : Srgb::fromHex($paint->hex)->toOklch();

        return [
            'id' => $paint->id,
            'name' => $paint->name,
            'line' => $paint->line,
            'behaviour' => $paint->behaviour->value,
            'colour' => $paint->hex,
            'words' => $oklch === null ? '' : PlainName::of($oklch),
            'family' => $oklch === null ? 'without colour' : Family::of($oklch)->value,
            'lab' => $paint->lab === null ? null : array_map(static fn (float|int $v): float => round((float) $v, 2), $paint->lab),
            'bottle_ml' => $paint->bottle_ml,
            'left_ml' => $paint->left_ml,
            'price' => $paint->price_minor === null ? null : number_format($paint->price_minor / 100, 2, '.', ''),
            'currency' => $paint->currency,
            'owned' => $paint->owned,
            'at_hand' => $paint->owned && ($paint->left_ml === null || $paint->left_ml > 0),
            'bottles' => $paint->bottles,
            'place' => $paint->place,
            'opened' => $paint->opened_on?->format('Y-m-d'),
            'state' => $paint->state,
            'set' => $paint->set_name,
            'colour_source' => $paint->colour_source,
            'notes' => $paint->notes,
        ];
    }

    /**
     * As a shelf is read: family by family, each from light to dark; what has no colour last.
     *
     * @param iterable<Paint> $paints
     *
     * @return list<array<string, mixed>>
     */
    public static function shelf(iterable $paints): array
    {
        $keyed = [];
        foreach ($paints as $paint) {
            $oklch = $paint->hex === null ? null : Srgb::fromHex($paint->hex)->toOklch();
            $keyed[] = [
                'family' => $oklch === null ? PHP_INT_MAX : Family::of($oklch)->place(),
                'dark' => 1 - ($oklch->lightness ?? 0.0),
                'paint' => $paint,
            ];
        }
        usort($keyed, static fn (array $a, array $b): int => [$a['family'], $a['dark'], $a['paint']->name] <=> [$b['family'], $b['dark'], $b['paint']->name]);

        return array_map(static fn (array $k): array => self::of($k['paint']), $keyed);
    }
}
