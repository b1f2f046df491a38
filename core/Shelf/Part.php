<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/** So many parts, or drops, of one paint. */
final readonly class Part
{
    public const MOST = 99;

    /**
     * @param int $parts 1..99
     *
     * @throws ShelfProblem
     */
    public function __construct(public Paint $paint, public int $parts)
    {
        if ($parts < 1 || $parts > self::MOST) {
            throw ShelfProblem::partsOutOfRange($parts);
        }
    }
}
