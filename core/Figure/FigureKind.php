<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** What sort of model it is: it decides what is asked of it and what is assumed where nobody measured. */
enum FigureKind: string
{
    case Foot = 'foot';
    case Rider = 'rider';
    case Beast = 'beast';
    case Vehicle = 'vehicle';
    case Scenery = 'scenery';
    case Bust = 'bust';

    public function words(): string
    {
        return match ($this) {
            self::Foot => 'figure on foot',
            self::Rider => 'rider and mount',
            self::Beast => 'large beast',
            self::Vehicle => 'vehicle or boat',
            self::Scenery => 'piece of scenery',
            self::Bust => 'bust',
        };
    }

    /**
     * Surface of a model of 30 mm height, cm²; it grows with the square of the height. A foot figure has 12–20 at 30 mm,
     * a rider 40–60 at about 50, a large beast 100–300 at about 100; those of vehicles, scenery and busts are our own
     * starting values.
     */
    public function surfaceAt30mm(): float
    {
        return match ($this) {
            self::Foot => 16.0,
            self::Rider, self::Beast => 18.0,
            self::Vehicle => 45.0,
            self::Scenery => 30.0,
            self::Bust => 17.0,
        };
    }
}
