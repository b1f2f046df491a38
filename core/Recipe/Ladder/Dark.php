<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ladder;

use Kalokroma\Colour\Lab;

/** Colours so dark that they are painted otherwise: black takes no shade. */
final class Dark
{
    /** Below this lightness (L*) every colour is a black … */
    private const BLACK_BELOW = 15.0;

    /** … and below this one a neutral, of less chroma (CIELAB). */
    private const NEUTRAL_BELOW = 25.0;
    private const NEUTRAL_CHROMA = 8.0;

    public static function isBlack(Lab $colour): bool
    {
        return $colour->l < self::BLACK_BELOW || ($colour->l < self::NEUTRAL_BELOW && $colour->chroma() < self::NEUTRAL_CHROMA);
    }
}
