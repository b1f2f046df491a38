<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

use Kalokroma\Film\Faces;

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

    /** Share of the area that lies in recess, on the plane and on the ridge; the three sum to 1. */
    public function shares(): Faces
    {
        return match ($this) {
            self::Tight => new Faces(0.35, 0.40, 0.25),
            self::Broad => new Faces(0.25, 0.55, 0.20),
            self::Plate => new Faces(0.08, 0.80, 0.12),
            self::Texture => new Faces(0.40, 0.30, 0.30),
            self::Trim => new Faces(0.25, 0.45, 0.30),
            self::Orb => new Faces(0.20, 0.60, 0.20),
        };
    }

    /** Centimetres of edge on each cm² of surface. */
    public function edgePerCm2(): float
    {
        return $this === self::Plate || $this === self::Trim ? 1.2 : 0.6;
    }
}
