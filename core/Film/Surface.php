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

    /** @param string $name recess, plane or ridge */
    public function face(string $name): Reflectance
    {
        return match ($name) {
            'recess' => $this->recess,
            'ridge' => $this->ridge,
            default => $this->plane,
        };
    }

    /** @return array{recess: string, plane: string, ridge: string} as `#rrggbb` */
    public function hexes(): array
    {
        return ['recess' => $this->recess->toHex(), 'plane' => $this->plane->toHex(), 'ridge' => $this->ridge->toHex()];
    }
}
