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
        return new self(sprintf('%s is in the mix twice: add its parts together.', $paint));
    }

    public static function ladderOutOfRange(int $count, int $drops, int $most): self
    {
        return new self(sprintf('%d steps cannot be mixed with %d drops: a ladder has 3 to %d of them.', $count, $drops, $most));
    }

    public static function negativePrice(string $what): self
    {
        return new self(sprintf('%s is priced below 0.', $what));
    }

    public static function amountOfTheWrongSign(string $kind, float $ml): self
    {
        return new self(sprintf('%s ml cannot be %s.', $ml, $kind));
    }

    public static function notWeighed(): self
    {
        return new self('The scale gave no weight: put the bottle on it again.');
    }

    public static function lighterThanEmpty(float $grams, float $tare): self
    {
        return new self(
            sprintf(
                '%.1f g is less than the empty bottle (%.1f g): is the cap missing, or is it another bottle? Weigh an '
                    .'empty one and give its weight.',
                $grams,
                $tare,
            ),
        );
    }

    public static function heavierThanFull(float $grams, float $ml, float $bottleMl): self
    {
        return new self(
            sprintf(
                '%.1f g would be %.1f ml in a bottle of %s ml: check the size of the bottle, or give the weight of an empty one.',
                $grams,
                $ml,
                rtrim(rtrim(number_format($bottleMl, 1, '.', ''), '0'), '.'),
            ),
        );
    }

    public static function onlyFromItsShelf(): self
    {
        return new self('A paint or a mix is read from its shelf, never from what was written of it for a fingerprint.');
    }
}
