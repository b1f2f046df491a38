<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

/** What goes wrong at the bench. */
enum Mishap: string
{
    case SpilledWash = 'spilled-wash';
    case TideMark = 'tide-mark';
    case Chalky = 'chalky';
    case Blotch = 'blotch';
    case Slip = 'slip';
    case LostDetail = 'lost-detail';
    case LiftedGround = 'lifted-ground';
    case Frosted = 'frosted';

    /** Whether it happens on the area beside rather than on the one that is painted. */
    public function isBeside(): bool
    {
        return $this === self::SpilledWash || $this === self::Slip;
    }

    public function words(): string
    {
        return match ($this) {
            self::SpilledWash => 'wash spilled on a neighbour',
            self::TideMark => 'tide mark',
            self::Chalky => 'chalky highlight',
            self::Blotch => 'blotch on a smooth surface',
            self::Slip => 'slip over the line',
            self::LostDetail => 'detail lost under paint',
            self::LiftedGround => 'ground lifted',
            self::Frosted => 'varnish frosted',
        };
    }
}
