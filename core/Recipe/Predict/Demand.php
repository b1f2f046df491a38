<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

/** What a step still takes: on so many figures, and what for. */
final readonly class Demand
{
    /**
     * @param string $where what it is for, as the painter calls it
     * @param int $figures still to do, 0 or more
     */
    public function __construct(public Taken $taken, public string $where, public int $figures)
    {
    }
}
