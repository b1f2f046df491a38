<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Colour\Oklch;

/** Toward which colour highlights climb: painters disagree, so all of it can be had. */
enum LightToward: string
{
    case Neighbour = 'neighbour';
    case Bone = 'bone';
    case Flesh = 'flesh';
    case White = 'white';

    public function words(): string
    {
        return match ($this) {
            self::Neighbour => 'a neighbouring hue',
            self::Bone => 'bone',
            self::Flesh => 'pale flesh',
            self::White => 'white',
        };
    }

    /** The colour itself; null where it is the family's own neighbour. */
    public function colour(): ?Oklch
    {
        return match ($this) {
            self::Neighbour => null,
            self::Bone => new Oklch(0.87, 0.05, 90.0),
            self::Flesh => new Oklch(0.84, 0.06, 55.0),
            self::White => new Oklch(0.98, 0.004, 95.0),
        };
    }
}
