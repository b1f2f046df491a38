<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use DomainException;

/** Raised for a mixture, a thinning or a film that cannot exist. */
final class FilmProblem extends DomainException
{
    public static function emptyMixture(): self
    {
        return new self('A mix needs at least one part of paint.');
    }

    public static function partsNotPositive(float $parts): self
    {
        return new self(sprintf('A mix cannot hold %s parts of a paint: parts are more than zero.', $parts));
    }

    public static function notARatio(string $given): self
    {
        return new self(sprintf('"%s" is not a thinning: write paint and thinner as in 2:1, each up to 99, with at least some paint.', mb_strimwidth($given, 0, 40, '…')));
    }

    public static function thinnerThanPossible(): self
    {
        return new self('A thinning needs more than zero parts of paint and zero or more parts of thinner, each at most 99.');
    }
}
