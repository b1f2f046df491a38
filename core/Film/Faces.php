<?php

declare(strict_types=1);

namespace Kalokroma\Film;

/** One number for each face: shares of a surface, shares touched, or coats. */
final readonly class Faces
{
    public function __construct(public float $recess, public float $plane, public float $ridge)
    {
    }

    public static function all(float $value): self
    {
        return new self($value, $value, $value);
    }

    /** The whole of one face, nothing of the others. */
    public static function only(Face $face): self
    {
        return new self((float) ($face === Face::Recess), (float) ($face === Face::Plane), (float) ($face === Face::Ridge));
    }

    /** The same with nothing on this face. */
    public function without(?Face $face): self
    {
        return $face === null ? $this : new self(
            $face === Face::Recess ? 0.0 : $this->recess,
            $face === Face::Plane ? 0.0 : $this->plane,
            $face === Face::Ridge ? 0.0 : $this->ridge,
        );
    }

    public function on(Face $face): float
    {
        return match ($face) {
            Face::Recess => $this->recess,
            Face::Plane => $this->plane,
            Face::Ridge => $this->ridge,
        };
    }

    public function times(float $factor): self
    {
        return new self($this->recess * $factor, $this->plane * $factor, $this->ridge * $factor);
    }

    /** Sum over the faces, each weighed by its share: how much of a whole surface this is. */
    public function over(self $shares): float
    {
        return $this->recess * $shares->recess + $this->plane * $shares->plane + $this->ridge * $shares->ridge;
    }

    /** @return array{float, float, float} recess, plane, ridge */
    public function toArray(): array
    {
        return [$this->recess, $this->plane, $this->ridge];
    }
}
