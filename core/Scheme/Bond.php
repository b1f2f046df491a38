<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

/** How an area of a company stands to its counterpart on another that it is meant to match. */
enum Bond: string
{
    case Near = 'near';
    case NoSpot = 'no-spot';
    case Spot = 'spot';
    case Same = 'same';
    case Variant = 'variant';

    /** What wants a decision comes first. */
    public function order(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** Whether the colour of the other is offered. */
    public function isOpen(): bool
    {
        return $this === self::Near || $this === self::NoSpot;
    }
}
