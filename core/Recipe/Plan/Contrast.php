<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

/** How far shade and highlight lie from the intended colour. */
enum Contrast: string
{
    case Soft = 'soft';
    case Clear = 'clear';
    case Strong = 'strong';

    /** Multiple of the usual steps of lightness: our own starting values. */
    public function factor(): float
    {
        return match ($this) {
            self::Soft => 0.65,
            self::Clear => 1.0,
            self::Strong => 1.4,
        };
    }
}
