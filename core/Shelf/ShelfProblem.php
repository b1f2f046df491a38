<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use DomainException;

/** Raised when something asked of the shelf cannot be done. */
final class ShelfProblem extends DomainException
{
    public static function withoutColour(string $paint): self
    {
        return new self(sprintf('%s has no colour, so nothing can be predicted from it: enter its colour first.', $paint));
    }

    public static function notOnTheShelf(string $id): self
    {
        return new self(sprintf('Paint %s is not on this shelf.', $id));
    }

    public static function partsOutOfRange(int $parts): self
    {
        return new self(sprintf('%d parts cannot be measured: a mix takes 1 to 99 whole parts of each paint.', $parts));
    }

    public static function twice(string $paint): self
    {
        return new self(sprintf('%s stands twice in the mix: add its parts together.', $paint));
    }
}
