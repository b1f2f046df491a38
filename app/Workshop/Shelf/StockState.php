<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

use App\Models\MovementRow;
use App\Models\PaintRow;
use App\Workshop\State\State;

/** What is left of a paint, as its page has it. */
final class StockState
{
    public static function of(PaintRow $paint): State
    {
        $last = MovementRow::query()->where('paint_id', $paint->id)->max('id');

        return self::left($paint->left_ml, (string) (is_numeric($last) ? (int) $last : 0));
    }

    public static function left(?float $ml, string $since = ''): State
    {
        return new State(['Left' => $ml === null ? 'not known' : sprintf('%.2f ml', $ml)], $since);
    }
}
