<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

/**
 * Quarters of an area that a step goes on: upper and lower, left and right as one looks at the figure. What is painted on one of them
 * leaves the others as they are.
 */
final readonly class Zone
{
    public const QUARTERS = ['upper left', 'upper right', 'lower left', 'lower right'];

    /** @param list<string> $quarters of {@see self::QUARTERS}, at least one */
    private function __construct(public array $quarters)
    {
    }

    public static function all(): self
    {
        return new self(self::QUARTERS);
    }

    /** The quarters whose name has this word: upper, lower, left or right. */
    public static function of(string $word): self
    {
        return new self(array_values(array_filter(self::QUARTERS, static fn (string $q): bool => str_contains($q, $word))));
    }

    public function isAll(): bool
    {
        return count($this->quarters) === count(self::QUARTERS);
    }

    /** The rest of the area. */
    public function opposite(): self
    {
        return $this->isAll() ? $this : new self(array_values(array_diff(self::QUARTERS, $this->quarters)));
    }

    /** Share of the area, 0..1. */
    public function share(): float
    {
        return count($this->quarters) / count(self::QUARTERS);
    }

    /** Whether both have a quarter in common. */
    public function meets(self $other): bool
    {
        return array_intersect($this->quarters, $other->quarters) !== [];
    }
}
