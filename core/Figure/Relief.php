<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** How an area is shaped: it decides which technique shades and which lightens it. */
enum Relief: string
{
    case Tight = 'tight';
    case Broad = 'broad';
    case Plate = 'plate';
    case Texture = 'texture';
    case Trim = 'trim';
    case Orb = 'orb';

    /** As it is said in a sentence: "tight folds". */
    public function words(): string
    {
        return match ($this) {
            self::Tight => 'tight folds',
            self::Broad => 'broad, smooth folds',
            self::Plate => 'a flat plate',
            self::Texture => 'raised texture',
            self::Trim => 'narrow trim',
            self::Orb => 'a round orb',
        };
    }

    /**
     * Share of the area that lies in recess, on the plane and on the ridge; the three sum to 1.
     *
     * @return array{recess: float, plane: float, ridge: float}
     */
    public function shares(): array
    {
        return match ($this) {
            self::Tight => ['recess' => 0.35, 'plane' => 0.40, 'ridge' => 0.25],
            self::Broad => ['recess' => 0.25, 'plane' => 0.55, 'ridge' => 0.20],
            self::Plate => ['recess' => 0.08, 'plane' => 0.80, 'ridge' => 0.12],
            self::Texture => ['recess' => 0.40, 'plane' => 0.30, 'ridge' => 0.30],
            self::Trim => ['recess' => 0.25, 'plane' => 0.45, 'ridge' => 0.30],
            self::Orb => ['recess' => 0.20, 'plane' => 0.60, 'ridge' => 0.20],
        };
    }

    /** Centimetres of edge on each cm² of surface. */
    public function edgePerCm2(): float
    {
        return $this === self::Plate || $this === self::Trim ? 1.2 : 0.6;
    }
}
