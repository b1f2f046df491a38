<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use DomainException;

/** Raised when a recipe cannot be drafted or changed as asked. */
final class RecipeProblem extends DomainException
{
    public static function noSuchStep(string $key): self
    {
        return new self(sprintf('This recipe has no step "%s".', mb_strimwidth($key, 0, 40, '…')));
    }

    public static function nothingToPaintWith(): self
    {
        return new self('No opaque or semi-opaque paint stands on the shelf with something left in it: bring in a few paints first.');
    }

    public static function coatsOutOfRange(int $coats): self
    {
        return new self(sprintf('%d coats cannot be planned: choose 1 to 20.', $coats));
    }

    public static function undercoatStays(): self
    {
        return new self('The undercoat belongs to the whole figure and cannot be left out: every later step holds on to it.');
    }
}
