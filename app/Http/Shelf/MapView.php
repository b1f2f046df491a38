<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Colour\Family;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\ShelfMap;

/** The shelf as a map: hue along, lightness up, greys in a column of their own; empty regions and near-doubles. */
final class MapView
{
    /** @return array<string, mixed> */
    public static function of(ShelfRows $shelf): array
    {
        $dots = [];
        foreach ($shelf->paints() as $paint) {
            if ($paint->colour !== null) {
                $dots[] = [
                    'id' => (int) $paint->id,
                    'name' => $paint->name,
                    'hex' => $paint->colour->toHex(),
                    'behaviour' => $paint->behaviour->value,
                    'left_ml' => $paint->leftMl,
                    'at_hand' => $paint->isAtHand(),
                ]
                    + self::place(Oklch::fromSrgb(Srgb::fromXyz($paint->colour->toXyz())));
            }
        }
        $owned = array_values(array_filter($shelf->paints(), static fn (Paint $p): bool => $p->isAtHand()));

        return [
            'empty_from' => ShelfMap::EMPTY_FROM,
            'double_below' => ShelfMap::DOUBLE_BELOW,
            'dots' => $dots,
            'gaps' => array_map(static fn (array $gap): array => [
                'words' => $gap['words'],
                'colour' => $gap['at']->toSrgb()->clipped()->toHex(),
                'nearest_id' => (int) $gap['nearest']->id,
                'nearest' => $gap['nearest']->name,
                'away' => round($gap['away'], 1),
            ] + self::place($gap['at']), ShelfMap::gaps($owned)),
            'doubles' => array_map(static fn (array $pair): array => [
                'one_id' => (int) $pair['one']->id,
                'one' => $pair['one']->name,
                'one_hex' => $pair['one']->colour?->toHex(),
                'other_id' => (int) $pair['other']->id,
                'other' => $pair['other']->name,
                'other_hex' => $pair['other']->colour?->toHex(),
                'apart' => round($pair['apart'], 1),
            ], array_slice(ShelfMap::doubles($owned), 0, 40)),
        ];
    }

    /** @return array{hue: float, lightness: float, chroma: float, grey: bool} lightness and chroma of OKLCh as percent */
    private static function place(Oklch $colour): array
    {
        return [
            'hue' => round($colour->hue, 1),
            'lightness' => round($colour->percent()['lightness'], 1),
            'chroma' => round($colour->percent()['chroma'], 1),
            'grey' => Family::of($colour) === Family::Greys,
        ];
    }
}
