<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

/** What is done to the whole figure at once after its undercoat: its steps, one after the other as they were entered. */
final readonly class WholePlan
{
    /**
     * @param list<WholeStep> $steps
     * @param int $given number of the highest key that a step of it ever had, whether it is still there or not
     */
    public function __construct(public array $steps = [], public int $given = 1)
    {
    }

    public function step(string $key): ?WholeStep
    {
        foreach ($this->steps as $each) {
            if ($each->step->key->is($key)) {
                return $each;
            }
        }

        return null;
    }

    /**
     * @param callable(StepKey): WholeStep ...$made each under the key it gets
     */
    public function with(callable ...$made): self
    {
        $given = $this->given;
        $steps = $this->steps;
        foreach ($made as $make) {
            $steps[] = $make(StepKey::ofWhole(++$given));
        }

        return new self($steps, $given);
    }

    /**
     * @param callable(WholeStep): WholeStep $change
     *
     * @throws RecipeProblem where no step has this key
     */
    public function changed(string $key, callable $change): self
    {
        $this->step($key) ?? throw RecipeProblem::noSuchStep($key);

        return new self(
            array_map(static fn (WholeStep $w): WholeStep => $w->step->key->is($key) ? $change($w) : $w, $this->steps),
            $this->given,
        );
    }

    /** @throws RecipeProblem where no step has this key */
    public function without(string $key): self
    {
        $this->step($key) ?? throw RecipeProblem::noSuchStep($key);

        return new self(
            array_values(array_filter($this->steps, static fn (WholeStep $w): bool => !$w->step->key->is($key))),
            $this->given,
        );
    }

    /**
     * The steps of an area with those over the whole figure where they belong: after what comes before them in the order of work, and
     * one after the other as they were entered.
     *
     * @param string $area id
     * @param list<PlannedStep> $steps of the area
     *
     * @return list<PlannedStep>
     */
    public function among(string $area, array $steps): array
    {
        $found = [];
        $at = 0;
        foreach ($this->steps as $each) {
            if (!$each->isOn($area)) {
                continue;
            }
            while ($at < count($steps) && $steps[$at]->technique->facts()->at->rank() <= $each->rank()) {
                $found[] = $steps[$at++];
            }
            $found[] = $each->step;
        }

        return [...$found, ...array_slice($steps, $at)];
    }
}
