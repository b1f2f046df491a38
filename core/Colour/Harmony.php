<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/** How the hues of a scheme stand to each other on the hue circle of OKLCh. */
enum Harmony: string
{
    case Complement = 'complement';
    case NearComplement = 'near-complement';
    case Triad = 'triad';
    case Analogous = 'analogous';
    case WarmCold = 'warm-cold';
    case Spot = 'spot';

    /** Middle of the warm half of the circle, degrees; the cold half lies opposite. */
    private const WARMEST = 65.0;

    /**
     * Hues that go with a first one, the first itself at the beginning.
     *
     * @param float $hue degrees
     *
     * @return non-empty-list<float> degrees, 0 ≤ h < 360
     */
    public function hues(float $hue): array
    {
        return array_map(static fn (float $turn): float => fmod($hue + $turn + 360, 360), match ($this) {
            self::Complement => [0.0, 180.0],
            self::NearComplement => [0.0, 150.0, 210.0],
            self::Triad => [0.0, 120.0, 240.0],
            self::Analogous => [0.0, 30.0, -30.0],
            self::WarmCold => [0.0, self::isWarm($hue) ? self::toward($hue, self::WARMEST + 180) : self::toward($hue, self::WARMEST)],
            self::Spot => [0.0, 20.0, 180.0],
        });
    }

    /** The half of the circle around orange is warm, the half around blue cold. */
    public static function isWarm(float $hue): bool
    {
        return Oklch::between($hue, self::WARMEST) <= 90;
    }

    public function words(): string
    {
        return match ($this) {
            self::Complement => 'opposite hues',
            self::NearComplement => 'beside the opposite hue',
            self::Triad => 'three hues, evenly apart',
            self::Analogous => 'neighbouring hues',
            self::WarmCold => 'one warm against one cold',
            self::Spot => 'muted, with one spot of colour',
        };
    }

    private static function toward(float $hue, float $other): float
    {
        return fmod($other - $hue + 720, 360);
    }
}
