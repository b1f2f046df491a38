<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Colour\Oklch;

/** Toward which hue shadows sink. */
enum ShadeToward: string
{
    case Neighbour = 'neighbour';
    case Cold = 'cold';
    case Warm = 'warm';
    case Complement = 'complement';

    public function words(): string
    {
        return match ($this) {
            self::Neighbour => 'a neighbouring hue',
            self::Cold => 'a cold blue',
            self::Warm => 'a warm brown',
            self::Complement => 'the complement',
        };
    }

    /** The dark it leans to; null where it is the family's own neighbour. */
    public function colour(Oklch $intended): ?Oklch
    {
        return match ($this) {
            self::Neighbour => null,
            self::Cold => new Oklch(0.22, 0.05, 255.0),
            self::Warm => new Oklch(0.24, 0.05, 45.0),
            self::Complement => new Oklch(0.2, max(0.03, $intended->chroma * 0.6), $intended->hue + 180.0),
        };
    }
}
