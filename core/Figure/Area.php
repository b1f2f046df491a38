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
     * @param bool|null $keepsSketch whether a light sketch below it is to show; null where nobody said
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
        public ?bool $keepsSketch = null,
    ) {
        if (!($surfaceCm2 > 0)) {
            throw FigureProblem::withoutSurface($name);
        }
        if ($depth < 1 || $depth > self::DEEPEST) {
            throw FigureProblem::depthOutOfRange($name, $depth);
        }
    }

    /** The same, where nobody said whether a sketch is to show, with what is usual then. */
    public function sketchUsually(bool $keeps): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->material,
            $this->relief,
            $this->surfaceCm2,
            $this->depth,
            $this->weight,
            $this->reachable,
            $this->fragile,
            $this->part,
            $this->keepsSketch ?? $keeps,
        );
    }

    /** Before zero where this one leads the other: by weight, then by surface; for sorting. */
    public function ledBy(self $other): int
    {
        $rank = static fn (self $a): int => (int) array_search($a->weight, Weight::cases(), true);

        return [$rank($this), $other->surfaceCm2] <=> [$rank($other), $this->surfaceCm2];
    }

    /** Smooth, and not metal: on metal blotches and streaks read as wear. */
    public function isSmooth(): bool
    {
        return in_array($this->relief, [Relief::Broad, Relief::Plate, Relief::Orb], true) && $this->material !== Material::Metal;
    }
}
