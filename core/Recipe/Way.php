<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** The school of painting a recipe follows. */
enum Way: string
{
    case Mixed = 'mixed';
    case Washes = 'washes';
    case Layers = 'layers';
    case Drybrush = 'drybrush';

    public function words(): string
    {
        return match ($this) {
            self::Mixed => 'by relief',
            self::Washes => 'wash and highlight',
            self::Layers => 'layers only',
            self::Drybrush => 'drybrush in passes',
        };
    }
}
