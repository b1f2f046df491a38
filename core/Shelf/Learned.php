<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/** What lessons tell of one paint: how strongly it counts in a mix. */
final readonly class Learned
{
    /**
     * @param float $strength as a multiple of what its colour tells, more than 0
     * @param float $doubt by how much more strongly than that it may still count, 1 or more
     * @param int $lessons it took part in
     */
    public function __construct(public float $strength, public float $doubt, public int $lessons)
    {
    }
}
