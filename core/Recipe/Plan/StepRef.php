<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use InvalidArgumentException;
use Stringable;

/**
 * Which step of a figure is meant: one of an area, or one of the whole figure, by its key. This is the only place that writes and reads
 * `12:basecoat` and `all:undercoat`, as they stand in pins, orders and files.
 */
final readonly class StepRef implements Stringable
{
    private const WHOLE = 'all';

    /** @param string|null $area id; null for the whole figure */
    private function __construct(public ?string $area, public StepKey $key)
    {
    }

    /** @param string|int|null $area id, as rows and files have it; null for the whole figure */
    public static function of(string|int|null $area, StepKey|string $key): self
    {
        return new self($area === null ? null : (string) $area, is_string($key) ? StepKey::kept($key) : $key);
    }

    public static function ofFigure(StepKey|string $key): self
    {
        return self::of(null, $key);
    }

    /** Of a step as it stands among those of an area, where those of the whole figure stand too. */
    public static function among(string|int $area, PlannedStep $step): self
    {
        return self::of($step->isOfFigure() ? null : $area, $step->key);
    }

    /** @throws InvalidArgumentException where it is none */
    public static function read(string $said): self
    {
        [$area, $key] = explode(':', $said, 2) + [1 => ''];

        return $area !== '' && $key !== ''
            ? self::of($area === self::WHOLE ? null : $area, $key)
            : throw new InvalidArgumentException(sprintf('"%s" names no step.', $said));
    }

    public function isOfFigure(): bool
    {
        return $this->area === null;
    }

    public function is(self $other): bool
    {
        return $this->area === $other->area && $this->key->is($other->key);
    }

    /** The id of its area as rows have it; null for the whole figure. */
    public function areaId(): ?int
    {
        return $this->area === null ? null : (int) $this->area;
    }

    public function __toString(): string
    {
        return ($this->area ?? self::WHOLE).':'.$this->key->value;
    }
}
