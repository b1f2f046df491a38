<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\RecipeRow;
use App\Workshop\Plan\AreaMapper;
use App\Workshop\Plan\PlanMapper;
use App\Workshop\Studio;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Change\Following;
use Kalokroma\Recipe\Change\Method;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Plan\AreaPlan;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;

/**
 * "As that one, except …": a recipe that follows another, with its own differences kept when the other changes.
 *
 * @phpstan-import-type PlanRow from PlanMapper
 */
final readonly class RecipeFollowing
{
    public function __construct(private Studio $studio)
    {
    }

    /**
     * From now on this recipe is as that one, except for what is changed in it.
     *
     * @param RecipeRow $recipe of the area; it takes note of whom it follows, and whoever asks saves it
     * @param string $as {@see RecipeRow::EVERYTHING}, or {@see RecipeRow::METHOD} with this area's own colour and ground
     *
     * @throws RecipeProblem where that one follows this one already
     */
    public function follow(Company $company, AreaRow $area, RecipeRow $recipe, RecipeRow $leader, string $as): AreaPlan
    {
        self::bind($recipe, $leader);
        $recipe->follows_as = $as;
        $model = AreaMapper::of($leader, $this->studio->shelf);
        $colour = $as === RecipeRow::METHOD ? $area->hex ?? $recipe->drafted_colour : $model->draftedColour;
        $plan = $this->asFollowed($company, $area, $recipe, $model, $colour);
        $recipe->followed = PlanMapper::toRow($plan);

        return new AreaPlan($plan, $colour, $model->way, $model->wish, $area->relief, $area->material);
    }

    /** The leader's plan as this recipe follows it: its paints or only its method, without steps for figures that are not there. */
    private function asFollowed(Company $company, AreaRow $area, RecipeRow $recipe, AreaPlan $model, string $colour): Plan
    {
        $plan = Method::among($model->plan, $company->count, $company->leaders);

        return $recipe->follows_as !== RecipeRow::METHOD ? $plan : Method::copied(
            $plan,
            Srgb::fromHex($model->draftedColour)->toOklch(),
            Srgb::fromHex($colour)->toOklch(),
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
            if ($above->id === $recipe->id && $recipe->exists) {
                throw RecipeProblem::followsInACircle();
            }
            $above = $above->follows_id === null ? null : RecipeRow::query()->find($above->follows_id);
        }
        $recipe->fill(['follows_id' => $leader->id, 'followed' => $leader->plan]);
    }

    /**
     * What becomes of those that follow this recipe, whose plan in hand is the new one.
     *
     * @param string|null $aimed the colour it was drafted for before: a follower that was drafted for it too goes along to the new one;
     *   null where that stays
     *
     * @return list<array{Company, AreaRow, AreaPlan, array<string, mixed>}> each with its figure and what it follows now
     */
    public function after(Company $company, RecipeRow $leader, ?string $aimed): array
    {
        if (!$leader->exists || !$leader->mayBeFollowed()) {
            return [];
        }
        $model = AreaMapper::of($leader, $this->studio->shelf);
        $found = [];
        foreach ($leader->followers()->with('area.company.areas.recipe', 'area.company.records')->get() as $follower) {
            $mine = $follower->area->company_id === $company->id ? $company : $follower->area->company;
            $area = $mine->areas->firstOrFail('id', $follower->area_id);
            $recipe = $area->recipe ?? $follower;
            /** @var PlanRow $before */
            $before = $recipe->followed ?? $leader->plan;
            $own = AreaMapper::of($recipe, $this->studio->shelf);
            $now = $this->asFollowed($mine, $area, $recipe, $model, $own->draftedColour);
            $merged = Following::merged(PlanMapper::toPlan($before, $this->studio->shelf), $own->plan, $now);
            $goesAlong = $aimed !== null && $own->draftedColour === $aimed && $recipe->follows_as !== RecipeRow::METHOD;
            $found[] = [
                $mine, $area, $own->with($merged)->for($goesAlong ? $model->draftedColour : $own->draftedColour), PlanMapper::toRow($now),
            ];
        }

        return $found;
    }

    /** @return list<array{key: string, words: string}> how it departs from the one it follows */
    public function differences(RecipeRow $recipe): array
    {
        /** @var PlanRow|null $followed */
        $followed = $recipe->followed;
        $own = $this->studio->recipes->plan($recipe);

        return $recipe->follows_id === null || $followed === null || $own === null ? [] : Following::differences(
            PlanMapper::toPlan($followed, $this->studio->shelf),
            $own,
        );
    }
}
