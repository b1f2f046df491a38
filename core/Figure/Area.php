<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** A region of a figure with one material and one intended colour. */
final readonly class Area
{
    public const DEEPEST = 9;

    /**
     * @param float $surfaceCm2 its surface on one figure, more than 0
     * @param int $depth 1 is innermost; higher lies further out and is painted later
     * @param bool $reachable whether a brush still reaches it when all is glued
     * @param bool $fragile whether it sits on a weak joint
     * @param string $part the part it is painted with, glued on later; empty for the figure itself
     *
     * @throws FigureProblem
     */
    public function __construct(
        public string $id,
        public string $name,
        public Material $material,
        public Relief $relief,
        public float $surfaceCm2,
        public int $depth = 1,
        public Weight $weight = Weight::Supporting,
        public bool $reachable = true,
        public bool $fragile = false,
        public string $part = '',
    ) {
        if (!($surfaceCm2 > 0)) {
            throw FigureProblem::withoutSurface($name);
        }
        if ($depth < 1 || $depth > self::DEEPEST) {
            throw FigureProblem::depthOutOfRange($name, $depth);
        }
    }

    /** Smooth, and not metal: on metal blotches and streaks read as wear. */
    public function isSmooth(): bool
    {
        return in_array($this->relief, [Relief::Broad, Relief::Plate, Relief::Orb], true) && $this->material !== Material::Metal;
    }
}
