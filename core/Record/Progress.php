<?php

declare(strict_types=1);

namespace Kalokroma\Record;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepKey;
use WeakMap;

/**
 * Which figures of a company have which step, worked out once from what was written down. A figure has a step where it was done
 * under its key, and what was planned for it then is in substance what is planned now.
 */
final readonly class Progress
{
    /** What belongs to no area: the undercoat and all that is done to the whole figure. */
    public const WHOLE_FIGURE = '';

    /** @var WeakMap<PlannedStep, array<string, list<int>>> figures that have a step, by area: asked once for every figure */
    private WeakMap $known;

    /** @param array<string, array<string, list<Done>>> $done area to step to what was done of it, in its order */
    private function __construct(private array $done)
    {
        /** @var WeakMap<PlannedStep, array<string, list<int>>> $known */
        $known = new WeakMap();
        $this->known = $known;
    }

    /** @param iterable<Done> $entries in the order they happened */
    public static function of(iterable $entries): self
    {
        $done = [];
        foreach ($entries as $entry) {
            $done[$entry->area ?? self::WHOLE_FIGURE][$entry->step][] = $entry;
        }

        return new self($done);
    }

    public function has(?string $area, PlannedStep $step, int $figure): bool
    {
        return in_array($figure, $this->figures($area, $step), true);
    }

    /** @return list<int> numbers of the figures that have this step as it is planned now, smallest first */
    public function figures(?string $area, PlannedStep $step): array
    {
        $known = $this->known[$step] ?? [];
        $known[$area ?? self::WHOLE_FIGURE] ??= self::numbers(array_filter(
            $this->under($area, $step->key->value),
            static fn (Done $d): bool => $d->isOf($step),
        ));
        $this->known[$step] = $known;

        return $known[$area ?? self::WHOLE_FIGURE];
    }

    /**
     * @param list<int> $of
     *
     * @return list<int> numbers of those among them that still lack this step
     */
    public function remaining(?string $area, PlannedStep $step, array $of): array
    {
        return array_values(array_diff($of, $this->figures($area, $step)));
    }

    /** @return list<int> numbers of the figures on which something was done under this key, whatever it was */
    public function touched(?string $area, StepKey $key): array
    {
        return self::numbers($this->under($area, $key->value));
    }

    /** What this figure was painted as under the same key, where something else is planned there now. */
    public function otherwise(?string $area, PlannedStep $step, int $figure): ?Substance
    {
        if ($this->has($area, $step, $figure)) {
            return null;
        }
        $on = array_filter($this->under($area, $step->key->value), static fn (Done $d): bool => in_array($figure, $d->figures, true));

        return $on === [] ? null : end($on)->as;
    }

    /**
     * What figures were painted as under the same key, where something else is planned there now.
     *
     * @return array<string, list<int>> numbers of the figures by those words
     */
    public function paintedOtherwise(?string $area, PlannedStep $step): array
    {
        $found = [];
        foreach ($this->touched($area, $step->key) as $figure) {
            $as = $this->otherwise($area, $step, $figure)?->words();
            if ($as !== null) {
                $found[$as][] = $figure;
            }
        }

        return $found;
    }

    /** @return list<Done> */
    private function under(?string $area, string $key): array
    {
        return $this->done[$area ?? self::WHOLE_FIGURE][$key] ?? [];
    }

    /**
     * @param array<int, Done> $done
     *
     * @return list<int>
     */
    private static function numbers(array $done): array
    {
        $figures = array_values(array_unique(array_merge(...array_values(array_map(static fn (Done $d): array => $d->figures, $done)))));
        sort($figures);

        return $figures;
    }
}
