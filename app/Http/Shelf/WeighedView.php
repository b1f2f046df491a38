<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\PaintRow;
use App\Workshop\Shelf\Weighed;
use Kalokroma\Shelf\Weighing;

/** What the scale says of a bottle. */
final class WeighedView
{
    /** @return array<string, mixed> */
    public static function of(Weighed $weighed, PaintRow $paint): array
    {
        return [
            'scale' => $weighed->scale ?? 'typed in',
            'readings' => $weighed->readings,
            'failures' => $weighed->failures,
            'grams' => round($weighed->found->grams, 2),
            'tare' => round($weighed->found->tareGrams, 2),
            'density' => Weighing::density($paint->behaviour),
            'ml' => $weighed->found->ml,
            'before' => $paint->left_ml,
        ];
    }
}
