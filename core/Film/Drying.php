<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;

/**
 * What changes between wet and dry. A wet surface is glossy, so that its haze is missing: it looks deeper. The binder of
 * an opaque acrylic is milky while wet, which lightens it by more. So opaque paint dries darker and duller, while washes
 * and very matt films, whose binder is thin, dry lighter; what stays glossy stays as it is.
 */
enum Drying: string
{
    /** A change by less (CIEDE2000) is not seen. */
    private const SEEN = 0.5;

    case Darkens = 'darkens';
    case Lightens = 'lightens';
    case Steady = 'steady';

    /** Whether wet and dry can be told apart. */
    public static function shows(Reflectance $dry, Reflectance $wet): bool
    {
        return Ciede2000::difference($dry->toLab(), $wet->toLab()) >= self::SEEN;
    }

    public function wet(Reflectance $dry, Sheen $sheen): Reflectance
    {
        return match ($this) {
            self::Steady => $dry,
            self::Lightens => $sheen->beneath($dry),
            self::Darkens => self::power($sheen->beneath($dry), Constants::MILKY),
        };
    }

    /** What a colour judged wet becomes: undoes {@see self::wet()}. */
    public function dry(Reflectance $wet, Sheen $sheen): Reflectance
    {
        return match ($this) {
            self::Steady => $wet,
            self::Lightens => $sheen->over($wet),
            self::Darkens => $sheen->over(self::power($wet, 1 / Constants::MILKY)),
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Darkens => 'dries darker and a little duller: its binder is milky while wet',
            self::Lightens => 'dries lighter: the wet surface is deeper than the matt one it leaves',
            self::Steady => 'dries as it looks wet',
        };
    }

    private static function power(Reflectance $look, float $exponent): Reflectance
    {
        return Reflectance::of(array_map(static fn (float $r): float => $r ** $exponent, $look->bands));
    }
}
