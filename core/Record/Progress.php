<?php

declare(strict_types=1);

namespace Kalokroma\Record;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Technique\Technique;
use WeakMap;

/**
 * Which figures of a company have which step, worked out once from what was written down. A figure has a step where it was done
 * under its key, and what was planned for it then is in substance what is planned now.
 */
final readonly class Progress
{
    /** @var WeakMap<PlannedStep, array<string, list<int>>> figures that have a step, by its reference: asked once for every figure */
    private WeakMap $known;

    /** @param array<string, list<Done>> $done what was done of a step, in its order, by its reference */
    private function __construct(private array $done)
    {
        /** @var WeakMap<PlannedStep, array<string, list<int>>> $known */
        $known = new WeakMap();
        $this->known = $known;
    }

    /** @param iterable<Done|Stripped> $entries in the order they happened; what was stripped since is not done */
    public static function of(iterable $entries): self
    {
        $done = [];
        foreach ($entries as $entry) {
            if ($entry instanceof Stripped) {
                $done = self::without($done, $entry->figures);
            } else {
                $done[(string) $entry->ref][] = $entry;
            }
        }

        return new self($done);
    }

    /**
     * @param array<string, list<Done>> $done
     * @param list<int> $figures
     *
     * @return array<string, list<Done>> the same without these figures; that they were stripped before stays so
     */
    private static function without(array $done, array $figures): array
    {
        return array_map(static fn (array $its): array => array_map(
            static fn (Done $each): Done => $each->as?->technique === Technique::Stripping->value ? $each : $each->without($figures),
            $its,
        ), $done);
    }

    public function has(StepRef $ref, PlannedStep $step, int $figure): bool
    {
        return in_array($figure, $this->figures($ref, $step), true);
    }

    /** @return list<int> numbers of the figures that have this step as it is planned now, smallest first */
    public function figures(StepRef $ref, PlannedStep $step): array
    {
        $known = $this->known[$step] ?? [];
        $known[(string) $ref] ??= self::numbers(array_filter(
            $this->under($ref),
            static fn (Done $d): bool => $d->isOf($step),
        ));
        $this->known[$step] = $known;

        return $known[(string) $ref];
    }

    /**
     * @param list<int> $of
     *
     * @return list<int> numbers of those among them that still lack this step
     */
    public function remaining(StepRef $ref, PlannedStep $step, array $of): array
    {
        return array_values(array_diff($of, $this->figures($ref, $step)));
    }

    /** @return list<int> numbers of the figures on which something was done under this key, whatever it was */
    public function touched(StepRef $ref): array
    {
        return self::numbers($this->under($ref));
    }

    /** What this figure was painted as under the same key, where something else is planned there now. */
    public function otherwise(StepRef $ref, PlannedStep $step, int $figure): ?Substance
    {
        if ($this->has($ref, $step, $figure)) {
            return null;
        }
        $on = array_filter($this->under($ref), static fn (Done $d): bool => in_array($figure, $d->figures, true));

        return $on === [] ? null : end($on)->as;
    }

    /**
     * What figures were painted as under the same key, where something else is planned there now.
     *
     * @return array<string, list<int>> numbers of the figures by those words
     */
    public function paintedOtherwise(StepRef $ref, PlannedStep $step): array
    {
        $found = [];
        foreach ($this->touched($ref) as $figure) {
            $as = $this->otherwise($ref, $step, $figure)?->words();
            if ($as !== null) {
                $found[$as][] = $figure;
            }
        }

        return $found;
    }

    /** @return list<Done> */
    private function under(StepRef $ref): array
    {
        return $this->done[(string) $ref] ?? [];
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
