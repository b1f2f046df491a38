<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Reflectance;

/** How an area looks at one moment on its three faces. */
final readonly class Surface
{
    public function __construct(public Reflectance $recess, public Reflectance $plane, public Reflectance $ridge)
    {
    }

    public static function uniform(Reflectance $colour): self
    {
        return new self($colour, $colour, $colour);
    }

    public function face(Face $face): Reflectance
    {
        return match ($face) {
            Face::Recess => $this->recess,
            Face::Plane => $this->plane,
            Face::Ridge => $this->ridge,
        };
    }

    /** @return array{recess: string, plane: string, ridge: string} as `#rrggbb` */
    public function hexes(): array
    {
        return ['recess' => $this->recess->toHex(), 'plane' => $this->plane->toHex(), 'ridge' => $this->ridge->toHex()];
    }
}
