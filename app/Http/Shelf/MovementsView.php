<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\PaintRow;
use App\Workshop\Shelf\Moved;
use App\Workshop\Shelf\StockDesk;
use App\Workshop\Shelf\StockState;
use Kalokroma\Shelf\Movement;

/** What is left of a paint, and how that came about. */
final class MovementsView
{
    /** @return array<string, mixed> */
    public static function of(PaintRow $paint): array
    {
        return [
            'paint_id' => $paint->id,
            'version' => StockState::of($paint)->version(),
            'left_ml' => $paint->left_ml,
            'movements' => array_map(self::movement(...), StockDesk::moved($paint)),
        ];
    }

    /** @return array<string, mixed> */
    private static function movement(Moved $moved): array
    {
        $row = $moved->movement;

        return [
            'at' => $row->at->toIso8601ZuluString(),
            'kind' => $row->kind->words(),
            'ml' => $row->kind === Movement::Counted ? null : round($row->ml, 2),
            'left' => $moved->stock->leftMl === null ? null : round($moved->stock->leftMl, 2),
            'short' => round($moved->stock->shortMl, 2),
            'note' => $row->note,
        ];
    }
}
