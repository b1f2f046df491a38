<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Bands;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Pigment;

/**
 * The colour of a wash is that of one coat over white. Read from the bottle it is far darker, and every prediction would drown: such a
 * colour is asked about, and taken as what it is.
 */
final class InTheBottle
{
    /** A wash or stain darker than this (L*, one coat over white) would be a paint. */
    private const DARKER_THAN = 38.0;

    /** What is seen in a bottle is about as dark as so many coats over white. */
    private const COATS = 2.5;

    /** Who says "brown wash" means something between the bottle and one coat over white. */
    private const SAID_COATS = 2.0;

    /** Whether a colour that was written down for such a paint looks like the one in the bottle. */
    public static function looksSo(Behaviour $behaviour, Reflectance $colour): bool
    {
        return ($behaviour === Behaviour::Wash || $behaviour === Behaviour::Stain) && $colour->toLab()->l < self::DARKER_THAN;
    }

    /** One coat over white of a wash, stain or ink that painters call by this colour. */
    public static function said(Reflectance $colour): Reflectance
    {
        return self::coat($colour, self::SAID_COATS);
    }

    /** One coat over white of what looks like this in the bottle. */
    public static function overWhite(Reflectance $inTheBottle): Reflectance
    {
        return self::coat($inTheBottle, self::COATS);
    }

    private static function coat(Reflectance $colour, float $coats): Reflectance
    {
        return Pigment::transparent($colour)->over(Reflectance::of(array_fill(0, Bands::COUNT, 1.0)), 1.0 / $coats);
    }
}
