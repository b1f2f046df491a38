<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

/**
 * All that is planned for the figures of a company: what lies below, what is done to the whole figure, and what to each area. Each of
 * these parts is changed and undone for itself.
 */
final readonly class FigurePlan
{
    /** @param array<array-key, AreaPlan> $areas by id of the area; one that is not there has no recipe, or is not looked at */
    public function __construct(public UndercoatPlan $undercoat, public WholePlan $whole, public array $areas = [])
    {
    }

    public function withUndercoat(UndercoatPlan $undercoat): self
    {
        return new self($undercoat, $this->whole, $this->areas);
    }

    public function withWhole(WholePlan $whole): self
    {
        return new self($this->undercoat, $whole, $this->areas);
    }

    public function withArea(string $id, AreaPlan $plan): self
    {
        return new self($this->undercoat, $this->whole, array_replace($this->areas, [$id => $plan]));
    }

    /** @throws RecipeProblem where it has no recipe yet */
    public function area(string $id, string $name): AreaPlan
    {
        return $this->areas[$id] ?? throw RecipeProblem::notDrafted($name);
    }
}
