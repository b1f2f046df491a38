<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\SmoothReflectance;

/**
 * What a colour leaves open of the paint that has it: a fixed few other paints that look the same at full hide. Each is the usual paint
 * but for one thing; how far their mixes and films differ tells how far a prediction is to be trusted. No chance is in it.
 */
enum Variant: string
{
    case Sharper = 'steeper flanks';
    case Smoother = 'gentler flanks';
    case MoreSurface = 'more light from the surface';
    case LessSurface = 'less light from the surface';
    case Alike = 'bodies more alike';
    case Unlike = 'bodies less alike';

    /** Steepness of the flanks of the spectrum, {@see SmoothReflectance::of()}. */
    public function sharpness(): float
    {
        return match ($this) {
            self::Sharper => 1.75,
            self::Smoother => 0.0,
            default => 1.0,
        };
    }

    /** Share that the surface sends back, {@see Boundary}. */
    public function surface(): float
    {
        return Constants::SURFACE * match ($this) {
            self::MoreSurface => 1.8,
            self::LessSurface => 0.4,
            default => 1.0,
        };
    }

    /** The power to which the usual scattering (per coat) is raised: dark and light paints hide and count more alike, or less. */
    public function body(): float
    {
        return match ($this) {
            self::Alike => 0.5,
            self::Unlike => 1.6,
            default => 1.0,
        };
    }
}
