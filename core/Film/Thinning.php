<?php

declare(strict_types=1);

namespace Kalokroma\Film;

/**
 * How far a paint is thinned: parts paint to parts thinner, paint first. Without thinner it is undiluted.
 */
final readonly class Thinning
{
    private const MOST_PARTS = 99;

    private function __construct(public float $paint, public float $thinner)
    {
    }

    /** @throws FilmProblem */
    public static function parts(float $paint, float $thinner): self
    {
        if (!($paint > 0 && $thinner >= 0 && $paint <= self::MOST_PARTS && $thinner <= self::MOST_PARTS)) {
            throw FilmProblem::thinnerThanPossible();
        }

        return new self($paint, $thinner);
    }

    public static function undiluted(): self
    {
        return new self(1, 0);
    }

    /**
     * @param string $ratio `2:1`, paint first; blanks around the colon are allowed
     *
     * @throws FilmProblem
     */
    public static function fromRatio(string $ratio): self
    {
        if (preg_match('/^\s*(\d{1,2}(?:\.\d{1,2})?)\s*:\s*(\d{1,2}(?:\.\d{1,2})?)\s*$/D', $ratio, $m) !== 1 || (float) $m[1] <= 0.0) {
            throw FilmProblem::notARatio($ratio);
        }

        return self::parts((float) $m[1], (float) $m[2]);
    }

    /** Pigment left in the film as a share of undiluted paint, 0 < load ≤ 1. */
    public function load(): float
    {
        return $this->paint / ($this->paint + $this->thinner);
    }

    /** Share of paint, percent, rounded. */
    public function percent(): int
    {
        return (int) round(100 * $this->load());
    }

    public function isUndiluted(): bool
    {
        return $this->thinner == 0.0;
    }

    public function ratio(): string
    {
        return self::number($this->paint).':'.self::number($this->thinner);
    }

    public function equals(self $other): bool
    {
        return abs($this->load() - $other->load()) < 1e-9;
    }

    private static function number(float $v): string
    {
        return rtrim(rtrim(number_format($v, 2, '.', ''), '0'), '.');
    }
}
