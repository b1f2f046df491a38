<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Shelf\Paint;

/** How much of one paint is needed, and whether it is there. */
final readonly class Need
{
    /**
     * @param float $ml needed
     * @param float $uncertain ± ml
     * @param float|null $left ml; null where nobody said
     * @param int|null $figures alike figures it is enough for; null where nobody said what is left
     * @param list<string> $uses what for
     */
    public function __construct(
        public Paint $paint,
        public float $ml,
        public float $uncertain,
        public ?float $left,
        public ?int $figures,
        public array $uses,
    ) {
    }

    public function verdict(): string
    {
        return match (true) {
            $this->left === null => 'unknown',
            $this->left <= 0.0 => 'missing',
            $this->left < $this->ml => 'short',
            $this->left < $this->ml + $this->uncertain => 'close',
            default => 'enough',
        };
    }

    /** How far the bottle is overdrawn: what runs out first strains most. */
    public function strain(): float
    {
        return match (true) {
            $this->left === null => 0.0,
            $this->left <= 0.0 => INF,
            default => $this->ml / $this->left,
        };
    }
}
