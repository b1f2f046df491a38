<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\RecipeRow;
use App\Models\RevisionRow;
use App\Workshop\Studio;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Alternatives;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Draft\Specials;
use Kalokroma\Recipe\Ladder\LadderWish;
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
     * @param int|null $version the state it was asked for on; null for the newest
     *
     * @return RevisionRow|null what was kept aside, where that state is no longer the newest
     *
     * @throws RecipeProblem|ColourProblem
     */
    public function draft(Company $company, AreaRow $area, DraftWish $wish, ?int $version = null): ?RevisionRow
    {
        return DB::transaction(function () use ($company, $area, $wish, $version): ?RevisionRow {
            $recipe = $area->recipe ?? RecipeRows::fresh($area, $wish->hex, $wish->way);
            if ($recipe->exists && $version !== null && $version !== $recipe->version) {
                return RecipeHistory::aside($recipe, $version, $wish->words(), [
                    'plan' => PlanRows::toRow($this->drafted($company, $area, $recipe, $wish)),
                    'hex' => $wish->hex,
                    'way' => $wish->way->value,
                    'options' => PlanRows::options($wish->ladder),
                ]);
            }
            if ($recipe->exists && $recipe->version === 0) {
                RecipeHistory::record($recipe, 'as it was');
            }
            $this->replace($company, $area, $recipe, $wish);

            return null;
        });
    }

    /**
     * The draft as it would be, and what it leads to; nothing of it is kept. Another colour may lead to another undercoat, so it is tried
     * on the rows in hand, which nobody saves.
     *
     * @return array{Plan, list<StepOutcome>}
     */
    public function preview(Company $company, AreaRow $area, DraftWish $wish): array
    {
        if ($this->studio->keeps) {
            return (new Studio($this->studio->painter, false))->drafting->preview($company, $area, $wish);
        }
        $recipe = $area->recipe ?? RecipeRows::fresh($area, $wish->hex, $wish->way);
        $predicted = function () use ($company, $area, $recipe, $wish): array {
            $plan = $this->drafted($company, $area, $recipe, $wish);

            return [$plan, $this->studio->predictions->of($company, $area, $plan)];
        };
        if ($area->hex === $wish->hex) {
            return $predicted();
        }
        $company->loadMissing('areas.recipe', 'records');
        $area->hex = $wish->hex;
        $company->undercoat_stale = true;
        foreach ($company->areas->where('id', $area->id) as $own) {
            $own->hex = $wish->hex;
        }

        return $predicted();
    }

    /** What a recipe of this area is drafted from. */
    public function brief(Company $company, AreaRow $area, string $hex, Way $way, LadderWish $wish, ?Surface $ground = null): Brief
    {
        return new Brief(
            $area->toCore($company),
            Srgb::fromHex($hex)->toOklch(),
            $way,
            $ground ?? $this->studio->undercoats->laid($company, $area)->surface(),
            $this->studio->shelf->paints(),
            $wish->at($company->height_mm),
            $this->studio->painter->equipment(),
            $company->leaders,
            $this->studio->palette,
            self::onFigure($company, $area),
            $area->mix === null ? null : $this->studio->shelf->plannedMix($area->mix),
        );
    }

    /** @return array<array-key, true> ids of the paints that the other areas are painted with */
    private static function onFigure(Company $company, AreaRow $area): array
    {
        $plans = RecipeRow::query()
            ->whereIn('area_id', $company->areas()->whereKeyNot($area->id)->select('id'))
            ->toBase()
            ->pluck('plan');
        preg_match_all('/"paint":"(\d+)"/', $plans->implode("\n"), $found);

        return array_fill_keys($found[1], true);
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

    private function replace(Company $company, AreaRow $area, RecipeRow $recipe, DraftWish $wish): void
    {
        $aimed = $recipe->hex;
        if ($area->hex !== $wish->hex) {
            $area->update(['hex' => $wish->hex]);
            $company->undercoat_stale = true;
        }
        $company->loadMissing('areas.recipe', 'records');
        $plan = $this->drafted($company, $area, $recipe, $wish);
        $recipe->fill(
            [
                'hex' => $wish->hex,
                'way' => $wish->way,
                'options' => PlanRows::options($wish->ladder),
                'drafted_for' => RecipeRows::draftedFor($area),
            ],
        );
        $this->studio->predictions->lay($recipe, $plan, $company, $area);
        RecipeHistory::record($recipe, $wish->words());
        (new RecipeFollowing($this->studio))->tell($company, $recipe, $aimed);
    }

    private function drafted(Company $company, AreaRow $area, RecipeRow $recipe, DraftWish $wish): Plan
    {
        $brief = $this->brief($company, $area, $wish->hex, $wish->way, $wish->ladder);

        $before = $this->studio->recipes->plan($recipe->exists ? $recipe : null);
        $plan = $wish->start === null ? Drafter::draft($brief) : Specials::draft($wish->start, $brief, $before);

        return $before === null ? $plan : $plan->inPlaceOf($before);
    }
}
