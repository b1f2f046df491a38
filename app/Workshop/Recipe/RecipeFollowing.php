<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\RecipeRow;
use App\Workshop\Studio;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Change\Following;
use Kalokroma\Recipe\Change\Method;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;

/**
 * "As that one, except …": a recipe that follows another, with its own differences kept when the other changes.
 *
 * @phpstan-import-type PlanRow from PlanRows
 */
final readonly class RecipeFollowing
{
    public function __construct(private Studio $studio)
    {
    }

    /**
     * From now on this recipe is as that one, except for what is changed in it.
     *
     * @param string $as {@see RecipeRow::EVERYTHING}, or {@see RecipeRow::METHOD} with this area's own colour and ground
     */
    public function follow(Company $company, AreaRow $area, RecipeRow $recipe, RecipeRow $leader, string $as = RecipeRow::EVERYTHING): void
    {
        self::bind($recipe, $leader);
        $recipe->follows_as = $as;
        $own = $as === RecipeRow::METHOD ? ($area->hex ?? $recipe->hex) : $leader->hex;
        $recipe->fill(['hex' => $own, 'way' => $leader->way, 'options' => $leader->options]);
        $plan = $this->asFollowed($company, $area, $recipe, $leader);
        $recipe->fill(['plan' => PlanRows::toRow($plan), 'followed' => PlanRows::toRow($plan)]);
    }

    /** The leader's plan as this recipe follows it: its paints or only its method, without steps for figures that are not there. */
    private function asFollowed(Company $company, AreaRow $area, RecipeRow $recipe, RecipeRow $leader): Plan
    {
        $plan = Method::among($this->studio->recipes->plan($leader) ?? new Plan([], []), $company->count, $company->leaders);

        return $recipe->follows_as !== RecipeRow::METHOD ? $plan : Method::copied(
            $plan,
            Srgb::fromHex($leader->hex)->toOklch(),
            Srgb::fromHex($recipe->hex)->toOklch(),
            new StepMaker($this->studio->palette),
            $area->toCore($company),
            $this->studio->undercoats->laid($company, $area)->surface(),
        );
    }

    /**
     * From now on as that one, with all that it differs in today.
     *
     * @throws RecipeProblem where that one follows this one already
     */
    public static function bind(RecipeRow $recipe, RecipeRow $leader): void
    {
        $above = $leader;
        while ($above !== null) {
            if ($above->id === $recipe->id) {
                throw RecipeProblem::followsInACircle();
            }
            $above = $above->follows_id === null ? null : RecipeRow::query()->find($above->follows_id);
        }
        $recipe->fill(['follows_id' => $leader->id, 'followed' => $leader->plan]);
    }

    /**
     * Brings all that follow this recipe up to date, and those that follow them.
     *
     * @param string|null $aimed the colour the leader aimed for before: a follower that aims for it too goes along to the new one; null
     *   where the aim stays
     */
    public function tell(Company $company, RecipeRow $leader, ?string $aimed = null): void
    {
        if (!$leader->mayBeFollowed()) {
            return;
        }
        foreach ($leader->followers()->with('area.company.areas.recipe')->get() as $follower) {
            /** @var PlanRow $before */
            $before = $follower->followed ?? $leader->plan;
            $own = $this->studio->recipes->plan($follower);
            $mine = $follower->area->company_id === $company->id ? $company : $follower->area->company;
            if ($own === null) {
                continue;
            }
            $now = $this->asFollowed($mine, $follower->area, $follower, $leader);
            $merged = Following::merged(PlanRows::toPlan($before, $this->studio->shelf), $own, $now);
            $follower->followed = PlanRows::toRow($now);
            $aim = $follower->hex;
            $along = $aim === $aimed && $follower->follows_as !== RecipeRow::METHOD;
            $follower->hex = $along ? $leader->hex : $aim;
            DB::transaction(function () use ($follower, $merged, $company, $along): void {
                $area = $follower->area;
                if ($along) {
                    $area->update(['hex' => $follower->hex]);
                }
                $this->studio->predictions->lay($follower, $merged, $area->company_id === $company->id ? $company : $area->company, $area);
                RecipeHistory::record($follower, 'followed its model');
            });
            $this->tell($company, $follower, $aim);
        }
    }

    /** @return list<array{key: string, words: string}> how it departs from the one it follows */
    public function differences(RecipeRow $recipe): array
    {
        /** @var PlanRow|null $followed */
        $followed = $recipe->followed;
        $own = $this->studio->recipes->plan($recipe);

        return $recipe->follows_id === null || $followed === null || $own === null ? [] : Following::differences(
            PlanRows::toPlan($followed, $this->studio->shelf),
            $own,
        );
    }
}
