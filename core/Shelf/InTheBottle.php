<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Reflectance;

/**
 * The colour of a wash is that of one coat over white. Read from the bottle it is far darker, and every prediction would drown: such a
 * colour is asked about, and taken as what it is.
 */
final class InTheBottle
{
    /** So many times as strong as a usual one, a wash would be paint. */
    private const TIMES_USUAL = 4.5;

    /** A stain darker than this (L*, one coat over white) would be paint. */
    private const DARKER_THAN = 38.0;

    /** Whether a colour that was written down for such a paint looks like the one in the bottle. */
    public static function looksSo(Behaviour $behaviour, Reflectance $colour): bool
    {
        return match ($behaviour) {
            Behaviour::Wash => UsualWash::darkening($colour) > self::TIMES_USUAL * UsualWash::usual($colour),
            Behaviour::Stain => $colour->toLab()->l < self::DARKER_THAN,
            default => false,
        };
    }

    /** One coat over white of what looks like this in the bottle. */
    public static function overWhite(Behaviour $behaviour, Reflectance $inTheBottle): Reflectance
    {
        return UsualWash::overWhite($behaviour, $inTheBottle);
    }
}
