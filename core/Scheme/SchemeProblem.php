<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use DomainException;

/** Raised where a scheme cannot be judged or proposed. */
final class SchemeProblem extends DomainException
{
    public static function nothingFixed(): self
    {
        return new self('Fix one or two colours first: the rest is proposed from them.');
    }

    public static function nothingFree(): self
    {
        return new self('Every area is fixed already: let go of some, and the rest is proposed.');
    }

    public static function nothingToPaintWith(): self
    {
        return new self('You have no paint that covers: add paints to your shelf first.');
    }

    public static function distanceOutOfRange(float $metres): self
    {
        return new self(sprintf('%g m is no distance to judge from: it runs from 0.2 to 5 m.', $metres));
    }
}
