<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** An area as a template or a question of the survey proposes it, before it belongs to a figure. */
final readonly class Draft
{
    /**
     * @param float $share percent of the surface
     * @param list<string> $touches names of areas it lies beside
     */
    public function __construct(
        public string $name,
        public Material $material,
        public Relief $relief,
        public float $share,
        public int $depth,
        public Weight $weight = Weight::Supporting,
        public array $touches = [],
        public bool $reachable = true,
        public bool $fragile = false,
    ) {
    }
}
