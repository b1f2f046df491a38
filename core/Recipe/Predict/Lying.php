<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\Zone;

/** What lies on an area at one moment, quarter by quarter: one for all of them until a step goes on some only. */
final readonly class Lying
{
    /** @param non-empty-array<string, Laid> $quarters by {@see Zone::QUARTERS} */
    private function __construct(private array $quarters)
    {
    }

    public static function ground(Surface $surface, ?float $certainty = null): self
    {
        return new self(array_fill_keys(Zone::QUARTERS, Laid::ground($surface, $certainty)));
    }

    public static function on(Laid $laid): self
    {
        return new self(array_fill_keys(Zone::QUARTERS, $laid));
    }

    /** @return non-empty-list<Laid> what lies in a zone, each once */
    public function within(Zone $zone): array
    {
        $found = [];
        foreach ($zone->quarters as $quarter) {
            $found[spl_object_id($this->quarters[$quarter])] = $this->quarters[$quarter];
        }

        return $found === [] ? [current($this->quarters)] : array_values($found);
    }

    /**
     * What lies there after a step.
     *
     * @param callable(Laid): Laid $after asked once for what lies on several quarters
     */
    public function changed(Zone $zone, callable $after): self
    {
        $known = [];
        $quarters = $this->quarters;
        foreach ($zone->quarters as $quarter) {
            $now = $quarters[$quarter];
            $quarters[$quarter] = $known[spl_object_id($now)] ??= $after($now);
        }

        return new self($quarters);
    }

    /** How a zone looks, on the average of its quarters. */
    public function surface(?Zone $zone = null): Surface
    {
        $zone ??= Zone::all();
        $surfaces = [];
        foreach ($zone->quarters as $quarter) {
            $surfaces[] = $this->quarters[$quarter]->surface;
        }
        $mean = array_shift($surfaces) ?? current($this->quarters)->surface;
        foreach ($surfaces as $i => $surface) {
            $mean = $surface === $mean ? $mean : new Surface(
                self::blended($mean->recess, $surface->recess, $i),
                self::blended($mean->plane, $surface->plane, $i),
                self::blended($mean->ridge, $surface->ridge, $i),
            );
        }

        return $mean;
    }

    /** ± CIEDE2000 of the least sure part of a zone. */
    public function certainty(Zone $zone): float
    {
        return max(array_map(static fn (Laid $l): float => $l->certainty, $this->within($zone)));
    }

    private static function blended(Reflectance $mean, Reflectance $next, int $before): Reflectance
    {
        return $mean === $next ? $mean : $mean->blend($next, 1 / ($before + 2));
    }
}
