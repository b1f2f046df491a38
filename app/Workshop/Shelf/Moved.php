<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

use App\Models\MovementRow;
use Kalokroma\Shelf\Stock;

/** One movement of a paint, with what was left after it. */
final readonly class Moved
{
    public function __construct(public MovementRow $movement, public Stock $stock)
    {
    }
}
