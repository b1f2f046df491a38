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
        return new self(
            sprintf(
                '"%s" is not a thinning: write paint and thinner as in 2:1, each up to 99, with at least some paint.',
                mb_strimwidth($given, 0, 40, '…'),
            ),
        );
    }

    public static function thinnerThanPossible(): self
    {
        return new self('A thinning needs more than zero parts of paint and zero or more parts of thinner, each at most 99.');
    }

    public static function cardTooAlike(): self
    {
        return new self('The black and the white field of the card are too alike to read a paint over them: read the bare card again.');
    }

    public static function lighterOverBlack(float $apart): self
    {
        return new self(
            sprintf(
                'The swatch over black was read lighter than over white, by %.1f: the two fields may have been taken for each other.',
                $apart,
            ),
        );
    }

    public static function nothingPainted(): self
    {
        return new self('Both fields look like the bare card: paint one coat over them, let it dry, and read again.');
    }

    public static function bandsMissing(int $absorption, int $scattering): self
    {
        return new self(sprintf('Measured paint needs absorption and scattering in 18 bands, not in %d and %d.', $absorption, $scattering));
    }

    public static function notAFilm(int $band): self
    {
        return new self(sprintf('Band %d of the measured paint cannot be: absorption is zero or more, scattering more than zero.', $band));
    }

    public static function angleOutOfRange(float $degrees): self
    {
        return new self(sprintf('A spray cannot come from %s°: the angle over the horizontal is −90 to 90.', $degrees));
    }

    public static function openingOutOfRange(float $degrees): self
    {
        return new self(sprintf('A spray opens by 0 to 80°, not %g°.', $degrees));
    }

    public static function notAThinning(string $said): self
    {
        return new self(
            sprintf(
                '"%s" is not a thinning: say it as 2:1, as 3 drops paint 1 drop water, or as 30 %% thinner; ? stands '
                    .'for an amount you do not know.',
                mb_strimwidth($said, 0, 60, '…'),
            ),
        );
    }

    public static function percentOfWhat(string $said): self
    {
        return new self(sprintf('"%s" of what? Say 70 %% paint or 30 %% thinner.', mb_strimwidth($said, 0, 60, '…')));
    }
}
