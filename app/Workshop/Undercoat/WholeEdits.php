<?php

declare(strict_types=1);

namespace App\Workshop\Undercoat;

use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Recipe\SaidHandling;
use App\Workshop\State\Conflict;
use App\Workshop\Studio;
use DomainException;
use Kalokroma\Caution\Tool;
use Kalokroma\Film\Thinner;
use Kalokroma\Recipe\Draft\WholeSteps;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Plan\WholeStep;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;

/**
 * Steps over the whole figure: entered once, kept and undone with the undercoat, which is of the whole figure too.
 *
 * @phpstan-type WholeChange array{
 *   mix?: list<array{paint: string|int, parts: int}>, thin?: string, coats?: int, omitted?: bool, note?: string, who?: string,
 *   level?: string, tool?: string, with?: string, place?: Place, without?: list<int>, late?: bool,
 * }
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
        $this->studio->undercoatEdits->put($company, static function (UndercoatPlan $plan) use (
            $techniques,
            $palette,
            $below,
            $out,
            $late,
        ): UndercoatPlan {
            $given = $plan->given;
            $added = [];
            foreach ($techniques as $each) {
                $added[] = WholeSteps::make($each, StepKey::ofWhole(++$given), $palette, $below, $out, $late);
            }

            return $plan->withWhole([...$plan->whole, ...$added], $given);
        }, ($technique === null ? 'weathering' : $technique->words()).' over the whole figure', $seen, false);
    }

    /** @throws DomainException|Conflict */
    public function drop(Company $company, string $key, ?int $seen): void
    {
        $this->studio->undercoatEdits->put(
            $company,
            static fn (UndercoatPlan $plan): UndercoatPlan => $plan->wholeDropped($key),
            'a step over the whole figure dropped',
            $seen,
            false,
        );
    }

    /**
     * @param WholeChange $change
     *
     * @throws DomainException|Conflict
     */
    public function change(Company $company, string $key, array $change, ?int $seen): void
    {
        $now = $this->studio->undercoats->plan($company)->wholeStep($key) ?? throw RecipeProblem::noSuchStep($key);
        $this->studio->undercoatEdits->put(
            $company,
            fn (UndercoatPlan $plan): UndercoatPlan => $plan->wholeChanged($key, fn (WholeStep $whole): WholeStep => new WholeStep(
                $this->altered($company, $whole->step, $change),
                isset($change['without']) ? $this->without($company, $change['without'], true) : $whole->without,
                $change['late'] ?? $whole->late,
            )),
            $now->step->technique->words().' over the whole figure',
            $seen,
            false,
        );
    }

    /** @param WholeChange $change */
    private function altered(Company $company, PlannedStep $step, array $change): PlannedStep
    {
        if (isset($change['mix'])) {
            $mix = $this->studio->shelf->mix($change['mix']);
            if ($step->technique->facts()->lies !== null) {
                $mix->pigment();
            }
            $step = $step->withMix($mix);
        }
        if (isset($change['thin'])) {
            $step = $step->thinned(...$this->studio->shelf->thinning($change['thin']));
        }
        $step = isset($change['with']) ? $step->withLoad($step->load->thinnedWith(Thinner::from($change['with']))) : $step;
        $step = isset($change['coats']) ? $step->withCoats($change['coats']) : $step;
        $step = isset($change['omitted']) ? $step->leftOut($change['omitted']) : $step;
        $step = isset($change['place']) ? $step->at($change['place']) : $step;
        $step = isset($change['level']) ? $step->upTo(Level::from($change['level'])) : $step;
        $step = isset($change['tool']) ? $step->held(Tool::from($change['tool'])) : $step;
        if (isset($change['who'])) {
            $who = Who::from($change['who']);
            $step = $who->highest() <= $company->count
                ? $step->for($who)
                : throw RecipeProblem::notAmong($who->words(), $company->count);
        }

        $step = $step->withHandling($step->handling->with(SaidHandling::of($change)));

        return isset($change['note']) ? $step->noted($change['note']) : $step;
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
        foreach ($this->studio->undercoats->plan($company)->whole as $each) {
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
