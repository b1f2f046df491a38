<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

/** To which side whites and blacks lean, and edges of one tone, so that two areas of nearly one colour are told apart. */
enum EdgeTint: string
{
    case Cool = 'cool';
    case Warm = 'warm';
    case Green = 'green';

    public function words(): string
    {
        return match ($this) {
            self::Cool => 'blue-grey',
            self::Warm => 'brown-grey',
            self::Green => 'green-grey',
        };
    }

    /** Degrees of OKLCh. */
    public function hue(): float
    {
        return match ($this) {
            self::Cool => 248.0,
            self::Warm => 72.0,
            self::Green => 155.0,
        };
    }
}
