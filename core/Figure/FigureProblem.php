<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

use DomainException;

/** Raised for a figure or an area that cannot exist. */
final class FigureProblem extends DomainException
{
    public static function withoutSurface(string $area): self
    {
        return new self(sprintf('%s has no surface: its share must be more than 0 %%.', $area));
    }

    public static function depthOutOfRange(string $area, int $depth): self
    {
        return new self(sprintf('%s has depth %d: depth runs from 1 (innermost) to %d.', $area, $depth, Area::DEEPEST));
    }

    public static function sharesTooLarge(float $sum): self
    {
        return new self(
            sprintf(
                'The areas cover %s %% of the surface together: lower some shares, they can cover 100 %% at most.',
                rtrim(rtrim(number_format($sum, 1, '.', ''), '0'), '.'),
            ),
        );
    }

    public static function shareOutOfRange(string $area, float $share): self
    {
        return new self(
            sprintf(
                '%s covers %s %% of the surface: a share is more than 0 and at most 100 %%.',
                $area,
                rtrim(rtrim(number_format($share, 1, '.', ''), '0'), '.'),
            ),
        );
    }
}
