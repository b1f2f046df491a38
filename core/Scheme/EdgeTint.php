<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

/** To which side edges of one tone lean, so that two areas of nearly one colour are told apart. */
enum EdgeTint: string
{
    case Cold = 'cold';
    case Warm = 'warm';
    case Green = 'green';

    public function words(): string
    {
        return match ($this) {
            self::Cold => 'blue-grey',
            self::Warm => 'brown-grey',
            self::Green => 'green-grey',
        };
    }

    /** Degrees of OKLCh, as the tints of whites and blacks have them. */
    public function hue(): float
    {
        return match ($this) {
            self::Cold => 248.0,
            self::Warm => 72.0,
            self::Green => 155.0,
        };
    }
}
