<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Technique;

use Kalokroma\Shelf\Equipment;

/** The school of painting a recipe follows. */
enum Way: string
{
    case Mixed = 'mixed';
    case Washes = 'washes';
    case Layers = 'layers';
    case Stain = 'stain';
    case Drybrush = 'drybrush';
    case Glazes = 'glazes';
    case Airbrush = 'airbrush';

    public function words(): string
    {
        return match ($this) {
            self::Mixed => 'by relief',
            self::Washes => 'wash and highlight',
            self::Layers => 'layers only',
            self::Stain => 'stain over light sketch, with polishing layers',
            self::Drybrush => 'drybrush in passes',
            self::Glazes => 'glazed blends',
            self::Airbrush => 'airbrush fades',
        };
    }

    /** Whether the painter owns what it takes. */
    public function isAllowedBy(Equipment $equipment): bool
    {
        return $this !== self::Airbrush || $equipment->airbrush;
    }

    /** @return list<self> */
    public static function allowedBy(Equipment $equipment): array
    {
        return array_values(array_filter(self::cases(), static fn (self $w): bool => $w->isAllowedBy($equipment)));
    }
}
