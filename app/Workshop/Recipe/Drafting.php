<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\RevisionRow;
use App\Workshop\Plan\AreaMapper;
use App\Workshop\Plan\PlanPaints;
use App\Workshop\Studio;
use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Change\BorderLine;
use Kalokroma\Recipe\Choose\Alternatives;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\UsualDraft;
use Kalokroma\Recipe\Plan\AreaPlan;
use Kalokroma\Recipe\Plan\FigurePlan;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Recipe\Technique\Way;

/** Where recipes are drafted for one painter. */
final readonly class Drafting
{
    public function __construct(private Studio $studio)
    {
    }

    /**
     * Drafts the area's recipe again for this colour; the draft before stays among its revisions.
     *
     * @param int|null $version the state it was asked for on; null for what stands
     * @param string|null $batch name of the action that this is a part of
     *
     * @return RevisionRow|null what was kept aside, where that state is no longer the newest
     *
     * @throws RecipeProblem|ColourProblem
     */
    public function draft(Company $company, AreaRow $area, DraftWish $wish, ?int $version = null, ?string $batch = null): ?RevisionRow
    {
        $company->loadMissing('areas.recipe', 'records');
        $recipe = $area->recipe?->exists === true ? $area->recipe : null;
        if ($recipe === null || $version === null || $version === $recipe->version) {
            // Another colour may lead to another undercoat, on which it is drafted.
            $this->want($company, $area, $wish->hex);
        }

        return $this->studio->plans->commit(
            $company,
            [$area->id => $version],
            $wish->words(),
            fn (FigurePlan $plan): FigurePlan => $plan->withArea(
                (string) $area->id,
                $this->drafted($company, $area, $plan->areas[$area->id] ?? null, $wish),
            ),
            $batch,
        )[0] ?? null;
    }

    /** The area in another colour, for the rows in hand. */
    private function want(Company $company, AreaRow $area, string $hex): void
    {
        if ($area->hex === $hex) {
            return;
        }
        $company->undercoat_stale = true;
        foreach ([$area, ...$company->areas->where('id', $area->id)->all()] as $own) {
            $own->hex = $hex;
        }
    }

    /**
     * The draft as it would be, and what it leads to; nothing of it is kept. Another colour may lead to another undercoat, so it is tried
     * on the rows in hand, which nobody saves.
     *
     * @return array{Plan, list<StepOutcome>}
     */
    public function preview(Company $company, AreaRow $area, DraftWish $wish): array
    {
        $company->loadMissing('areas.recipe', 'records');
        $this->want($company, $area, $wish->hex);
        $before = $area->recipe?->exists === true ? AreaMapper::of($area->recipe, $this->studio->shelf) : null;
        $plan = $this->drafted($company, $area, $before, $wish)->plan;

        return [$plan, $this->studio->predictions->of($company, $area, $plan)];
    }

    /** What a recipe of this area is drafted from. */
    public function brief(Company $company, AreaRow $area, string $hex, Way $way, LadderWish $wish, ?Surface $ground = null): Brief
    {
        $tints = $company->edgeTints();

        return new Brief(
            $area->toCore($company),
            Srgb::fromHex($hex)->toOklch(),
            $way,
            $ground ?? $this->studio->undercoats->laid($company, $area)->surface(),
            $this->studio->shelf->paints(),
            $wish->at($company->height_mm)->edged($tints->tint((string) $area->id), $tints->share((string) $area->id)),
            $this->studio->painter->equipment(),
            $company->leaders,
            $this->studio->palette,
            self::onFigure($company, $area),
            $area->mix === null ? null : $this->studio->shelf->plannedMix($area->mix),
            self::linedTo($company, $area),
        );
    }

    /** @return list<string> names of the areas that a line on this one parts it from */
    private static function linedTo(Company $company, AreaRow $area): array
    {
        $its = $area->toCore($company);

        return array_values($company->areas->whereIn('id', $area->lined ?? [])
            ->filter(static fn (AreaRow $other): bool => BorderLine::isOn($its, $other->toCore($company)))->pluck('name')->all());
    }

    /** @return array<array-key, true> ids of the paints that the other areas are painted with */
    private static function onFigure(Company $company, AreaRow $area): array
    {
        return array_fill_keys(PlanPaints::ofOthers($company, $area), true);
    }

    /** @throws RecipeProblem */
    public function alternatives(Company $company, AreaRow $area, string $key): Alternatives
    {
        foreach (Undercoated::above($this->studio->predictions->outcomes($company, $area, $area->recipe)) as $outcome) {
            if ($outcome->step->key->value === $key) {
                return Alternatives::of($outcome->step, $this->studio->palette, $outcome->look->below);
            }
        }

        throw RecipeProblem::noSuchStep($key);
    }

    private function drafted(Company $company, AreaRow $area, ?AreaPlan $before, DraftWish $wish): AreaPlan
    {
        $brief = $this->brief($company, $area, $wish->hex, $wish->way, $wish->ladder);
        $plan = BorderLine::in(UsualDraft::from($wish->start, $brief, $before?->plan), $brief);

        return new AreaPlan(
            $before === null ? $plan : $plan->inPlaceOf($before->plan),
            $wish->hex,
            $wish->way,
            $wish->ladder,
            $area->relief,
            $area->material,
        );
    }
}
