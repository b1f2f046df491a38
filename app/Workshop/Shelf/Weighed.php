<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

use Kalokroma\Shelf\Weighing;

/** A bottle that was weighed: by whom, how often, and what that tells. */
final readonly class Weighed
{
    /**
     * @param string|null $scale name of the scale; null where the painter typed the weight
     * @param list<float> $readings grams
     * @param int $failures readings that failed on the way
     */
    public function __construct(public ?string $scale, public array $readings, public int $failures, public Weighing $found)
    {
    }
}
