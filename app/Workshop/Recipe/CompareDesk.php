<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\Company;
use App\Models\TrialRow;
use App\Workshop\Studio;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Draft\UsualDraft;
use Kalokroma\Recipe\Plan\Contrast;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Predict\DraftsApart;
use Kalokroma\Recipe\Predict\DraftSum;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Scheme\Coloured;
use Kalokroma\Scheme\Legibility;
use Kalokroma\Scheme\Sight;
use Kalokroma\Undercoat\Ground;

/**
 * Drafts of one area or of a whole figure side by side, without changing any: as planned, another way, ground, contrast or scheme, a
 * special start, a recipe of the book, one as it was told, or that of another area.
 */
final readonly class CompareDesk
{
    /** Areas of a figure that are drafted to find the way that differs most: those that are seen first. */
    private const LOOKED_AT = 3;

    public function __construct(private Studio $studio)
    {
    }

    /**
     * Sides laid beside each other; areas that one of them has nothing for are counted on none.
     *
     * @param list<AreaRow> $areas
     * @param non-empty-list<SideAsked> $asked
     *
     * @return non-empty-list<ComparedSide>
     */
    public function sides(Company $company, array $areas, array $asked): array
    {
        $laid = array_map(fn (SideAsked $side): array => $this->areas($company, $areas, $side), $asked);
        $missing = [];
        foreach ($laid as $side) {
            foreach ($side as $area) {
                $missing += $area->refused === null ? [] : [$area->area->id => true];
            }
        }

        return array_map(
            fn (SideAsked $side, array $found): ComparedSide => $this->side($company, $side, $found, $missing),
            $asked,
            $laid,
        );
    }

    /**
     * The way that differs most from what is planned; as planned where nothing else can be drafted.
     *
     * @param list<AreaRow> $areas
     * @param list<SideAsked> $shown whose ways are no longer sought
     */
    public function mostDifferent(Company $company, array $areas, array $shown = []): SideAsked
    {
        $ways = array_map(static fn (SideAsked $s): ?Way => $s->way, $shown);
        $planned = array_values(array_filter($areas, static fn (AreaRow $a): bool => $a->recipe !== null));
        usort($planned, static fn (AreaRow $a, AreaRow $b): int => $a->toCore($company)->weight === $b->toCore($company)->weight
            ? $b->toCore($company)->surfaceCm2 <=> $a->toCore($company)->surfaceCm2
            : ($a->toCore($company)->weight->isBelow($b->toCore($company)->weight) ? 1 : -1));
        $planned = array_slice($planned, 0, self::LOOKED_AT);
        $now = $this->areas($company, $planned, new SideAsked());
        $best = [new SideAsked(way: Way::Layers), 0.0];
        foreach (Way::allowedBy($this->studio->painter->equipment()) as $way) {
            $apart = 0.0;
            foreach (in_array($way, $ways, true) ? [] : $this->areas($company, $planned, new SideAsked(way: $way)) as $i => $area) {
                $apart += DraftsApart::of($now[$i]->outcomes, $area->outcomes);
            }
            $best = $apart > $best[1] ? [new SideAsked(way: $way), $apart] : $best;
        }

        return $best[0];
    }

    /**
     * @param list<ComparedArea> $found
     * @param array<int, true> $missing ids of areas that are counted on no side
     */
    private function side(Company $company, SideAsked $side, array $found, array $missing): ComparedSide
    {
        $ground = $this->ground($company, $side->ground);
        $undercoat = $this->undercoat($company, $ground);
        $counted = array_values(array_filter($found, static fn (ComparedArea $f): bool => !isset($missing[$f->area->id])));
        $sum = DraftSum::of(
            $undercoat,
            array_map(static fn (ComparedArea $f): array => ['area' => $f->area->toCore($company), 'outcomes' => $f->outcomes], $counted),
        );

        return new ComparedSide(
            $side,
            $this->words($side, $ground, $this->trial($company, $side)),
            $undercoat,
            $found,
            $sum,
            $this->legibility($company, $sum),
        );
    }

    /**
     * @param list<AreaRow> $areas
     *
     * @return list<ComparedArea>
     */
    private function areas(Company $company, array $areas, SideAsked $side): array
    {
        $ground = $this->ground($company, $side->ground);
        $whole = $ground === null ? null : $this->undercoat($company, $ground);
        $colours = array_map(static fn (array $c): string => $c['hex'], $this->trial($company, $side)->colours ?? []);

        return array_map(function (AreaRow $area) use ($company, $side, $whole, $colours): ComparedArea {
            $below = $whole ?? $this->studio->undercoats->laid($company, $area);
            $hex = $colours[$area->name] ?? $area->recipe->drafted_colour ?? $area->hex;
            $plan = $this->plan($company, $area, $side, $hex, $below);

            return $plan instanceof Plan
                ? new ComparedArea($area, $this->laid($plan, $company, $area, $below), null)
                : new ComparedArea($area, [], $plan);
        }, $areas);
    }

    /** @return Plan|string what is laid there, or why nothing is */
    private function plan(Company $company, AreaRow $area, SideAsked $side, ?string $hex, Undercoated $below): Plan|string
    {
        [$kind, $id] = $side->source();
        try {
            if ($side->told !== '') {
                return new Plan((new Listening($this->studio))->read($side->told)->steps(), []);
            }
            if ($kind === 'book') {
                $moves = new RecipeMoves($this->studio);

                return $moves->applied($company, $area, $moves->plan(BookRow::query()->findOrFail((int) $id)))->plan;
            }
            if ($kind === 'area') {
                return $this->studio->recipes->plan(AreaRow::query()->with('recipe')->findOrFail((int) $id)->recipe) ?? 'no recipe yet';
            }
            if ($side->isAsPlanned()) {
                return $this->studio->recipes->plan($area->recipe) ?? 'no recipe yet';
            }

            return $hex === null ? 'no colour yet' : $this->drafted($company, $area, $side, $hex, $below);
        } catch (RecipeProblem $problem) {
            return $problem->getMessage();
        }
    }

    private function drafted(Company $company, AreaRow $area, SideAsked $side, string $hex, Undercoated $below): Plan
    {
        $brief = $this->studio->drafting->brief(
            $company,
            $area,
            $hex,
            $side->way ?? $area->recipe->way ?? $this->studio->painter->way,
            new LadderWish($side->contrast ?? Contrast::Clear),
            $below->surface(),
        );
        [$kind, $id] = $side->source();

        return UsualDraft::from($kind === 'start' ? $id : null, $brief);
    }

    private function undercoat(Company $company, ?Ground $ground): Undercoated
    {
        return $ground === null ? $this->studio->undercoats->laid($company) : Undercoating::of(
            UndercoatPlan::of($ground, $this->studio->undercoats->kind($company)),
            $company->surface_cm2,
        );
    }

    private function trial(Company $company, SideAsked $side): ?TrialRow
    {
        return $side->trial === null ? null : TrialRow::query()->where('company_id', $company->id)->find($side->trial);
    }

    /** @return list<StepOutcome> */
    private function laid(Plan $plan, Company $company, AreaRow $area, Undercoated $undercoat): array
    {
        $steps = $this->studio->undercoats->among($company, $area, $plan->steps);

        return Simulation::run($steps, $area->toCore($company), $undercoat->surface(), $undercoat->certainty());
    }

    /** Neighbours by what they are predicted to look like on their planes. */
    private function legibility(Company $company, DraftSum $sum): Legibility
    {
        $look = static fn (AreaRow $a): ?Lab => isset($sum->ends[$a->id])
            ? $sum->ends[$a->id]->plane->toLab()
            : ($a->hex === null ? null : Srgb::fromHex($a->hex)->toLab());

        return new Legibility(
            array_values($company->areas->map(static fn (AreaRow $a): Coloured => new Coloured($a->toCore($company), $look($a)))->all()),
            $company->touching(),
            new Sight(),
            $company->alike(),
        );
    }

    private function ground(Company $company, ?string $id): ?Ground
    {
        foreach ($id === null || $id === '' ? [] : $this->studio->undercoats->compared($company)->laid as $laid) {
            if ($laid->ground->id === $id) {
                return $laid->ground;
            }
        }

        return null;
    }

    private function words(SideAsked $side, ?Ground $ground, ?TrialRow $trial): string
    {
        [$kind, $id] = $side->source();
        $said = array_filter([
            match (true) {
                $side->told !== '' => 'as it was told',
                $kind === 'book' => 'from the book: '.BookRow::query()->findOrFail((int) $id)->name,
                $kind === 'area' => 'as on '.$this->named((int) $id),
                $kind === 'start' => 'start: '.$id,
                $side->isAsPlanned() => 'as planned',
                default => $side->way?->words() ?? 'drafted again',
            },
            $side->contrast === null ? '' : $side->contrast->value.' contrast',
            $ground === null ? '' : 'on '.$ground->words,
            $trial === null ? '' : 'in the colours of '.$trial->name,
        ]);

        return ucfirst(implode(', ', $said));
    }

    private function named(int $area): string
    {
        $row = AreaRow::query()->with('company')->findOrFail($area);

        return sprintf('%s of %s', $row->name, $row->company->name);
    }
}
