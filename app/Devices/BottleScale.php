<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\PaintRow;

/** A small scale that a bottle is put on. */
interface BottleScale
{
    public function name(): string;

    /**
     * One reading in grams, the scale itself set to zero. A real scale weighs whatever stands on it; the paint says what
     * the painter was asked to put there.
     *
     * @throws ScaleFailed when it finds no rest or gives no reading
     */
    public function weigh(PaintRow $bottle): float;
}
