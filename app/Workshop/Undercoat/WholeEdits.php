<?php

declare(strict_types=1);

namespace App\Workshop\Undercoat;

use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Plan\PlanStore;
use App\Workshop\State\Conflict;
use App\Workshop\Studio;
use Closure;
use DomainException;
use Kalokroma\Recipe\Change\StepChange;
use Kalokroma\Recipe\Draft\WholeSteps;
use Kalokroma\Recipe\Plan\FigurePlan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\WholePlan;
use Kalokroma\Recipe\Plan\WholeStep;
use Kalokroma\Recipe\Technique\Technique;

/**
 * Steps over the whole figure: entered once, changed and undone for themselves.
 */
final readonly class WholeEdits
{
    public function __construct(private Studio $studio)
    {
    }

    /**
     * Adds a step, or the whole weathering from gloss to dust.
     *
     * @param Technique|null $technique null for the weathering stack
     * @param list<int> $without areas that are left out
     * @param bool $tiny whether it goes on tiny details too
     * @param bool $late whether it waits until everything is painted
     * @param bool $sure whether a figure that is dirty already is meant to get more of it
     * @param int|null $seen the version it was added on; null for the newest
     *
     * @throws DomainException|Conflict
     */
    public function add(Company $company, ?Technique $technique, array $without, bool $tiny, bool $late, bool $sure, ?int $seen): void
    {
        if ($technique !== null && !in_array($technique, WholeSteps::offered(), true)) {
            throw new DomainException(sprintf('%s is not done over a whole figure at once.', ucfirst($technique->words())));
        }
        $techniques = $technique === null ? WholeSteps::stack() : [$technique];
        $this->ask($company, $techniques, $sure);
        $out = $this->without($company, $without, $tiny);
        $below = $this->studio->undercoats->laid($company)->surface();
        $largest = $company->areas->sortByDesc('share')->first();
        if ($largest !== null) {
            $outcomes = $this->studio->predictions->outcomes($company, $largest, $largest->recipe);
            $below = $outcomes[count($outcomes) - 1]->look->after;
        }
        $palette = $this->studio->palette;
        $made = array_map(
            static fn (Technique $each): Closure => static fn (StepKey $key): WholeStep
                => WholeSteps::make($each, $key, $palette, $below, $out, $late),
            $techniques,
        );
        $this->keep(
            $company,
            static fn (WholePlan $plan): WholePlan => $plan->with(...$made),
            ($technique === null ? 'weathering' : $technique->words()).' over the whole figure',
            $seen,
        );
    }

    /** @throws DomainException|Conflict */
    public function drop(Company $company, string $key, ?int $seen): void
    {
        $words = 'a step over the whole figure dropped';
        $this->keep($company, static fn (WholePlan $plan): WholePlan => $plan->without($key), $words, $seen);
    }

    /**
     * @param list<int>|null $without areas that are left out; null as it is
     * @param bool|null $late whether it waits until everything is painted; null as it is
     *
     * @throws DomainException|Conflict
     */
    public function change(Company $company, StepChange $change, ?array $without, ?bool $late, ?int $seen): void
    {
        $now = $this->studio->undercoats->whole($company)->step($change->key) ?? throw RecipeProblem::noSuchStep($change->key);
        $out = $without === null ? null : $this->without($company, $without, true);
        $this->keep(
            $company,
            static fn (WholePlan $plan): WholePlan => $plan->changed($change->key, static fn (WholeStep $whole): WholeStep => new WholeStep(
                $change->of($whole->step),
                $out ?? $whole->without,
                $late ?? $whole->late,
            )),
            implode(' of ', array_filter([$change->changed(), $now->step->technique->words()])).' over the whole figure',
            $seen,
        );
    }

    /**
     * @param callable(WholePlan): WholePlan $change
     *
     * @throws DomainException|Conflict
     */
    private function keep(Company $company, callable $change, string $words, ?int $seen): void
    {
        $this->studio->plans->commit(
            $company,
            [PlanStore::WHOLE => $seen],
            $words,
            static fn (FigurePlan $plan): FigurePlan => $plan->withWhole($change($plan->whole)),
        );
    }

    /**
     * @param list<int> $said
     *
     * @return list<string>
     *
     * @throws DomainException where one is not of this figure
     */
    private function without(Company $company, array $said, bool $tiny): array
    {
        $areas = $company->areas->keyBy('id');
        if (array_diff($said, $areas->keys()->all()) !== []) {
            throw new DomainException('One of the areas is not of this figure: reload the page and choose again.');
        }
        $small = $tiny ? [] : $areas->filter(
            static fn (AreaRow $a): bool => $a->toCore($company)->surfaceCm2 < WholeStep::TINY_CM2,
        )->keys()->all();
        $out = array_values(array_unique([...$said, ...$small]));
        if (count($out) >= $areas->count()) {
            throw new DomainException('Every area is left out: such a step would go nowhere.');
        }

        return array_map(strval(...), $out);
    }

    /**
     * @param list<Technique> $techniques
     *
     * @throws DomainException where a figure would be weathered twice, and nobody said that it is meant
     */
    private function ask(Company $company, array $techniques, bool $sure): void
    {
        if ($sure || array_filter($techniques, WholeSteps::isDirt(...)) === []) {
            return;
        }
        $has = [];
        foreach ($this->studio->undercoats->whole($company)->steps as $each) {
            $has += WholeSteps::isDirt($each->step->technique) ? [$each->step->technique->words().' over the whole figure' => true] : [];
        }
        foreach ($company->areas as $area) {
            foreach ($this->studio->recipes->plan($area->recipe)->steps ?? [] as $step) {
                $has += WholeSteps::isDirt($step->technique) ? [$step->technique->words().' on '.mb_strtolower($area->name) => true] : [];
            }
        }
        if ($has !== []) {
            throw new DomainException(sprintf(
                'This figure is weathered already: %s. Say that you want it twice, or change the step that is there.',
                implode(', ', array_slice(array_keys($has), 0, 4)),
            ));
        }
    }
}
