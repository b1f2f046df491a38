<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\Company;
use App\Models\RecipeRow;
use App\Workshop\Studio;
use DomainException;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Change\Applying;
use Kalokroma\Recipe\Change\Editing;
use Kalokroma\Recipe\Change\Elsewhere;
use Kalokroma\Recipe\Change\Mending;
use Kalokroma\Recipe\Change\Method;
use Kalokroma\Recipe\Change\Mishap;
use Kalokroma\Recipe\Change\Neighbour;
use Kalokroma\Recipe\Change\Replaced;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Recipe\Told\ToldRecipe;

/**
 * Recipes that come from somewhere else than the drafter: told by somebody, out of the book, like that of another area; and
 * what is mended on the way.
 *
 * @phpstan-import-type PlanRow from PlanRows
 */
final readonly class RecipeMoves
{
    /** @param int|null $version the state of the area's recipe that was seen; null for the newest */
    public function __construct(private Studio $studio, private ?int $version = null)
    {
    }

    /**
     * @param bool $add to the steps that are there, each where it belongs, instead of in their place
     *
     * @return list<array{line: int, words: string}> what was guessed
     *
     * @throws RecipeProblem
     */
    public function told(Company $company, AreaRow $area, string $text, bool $add = false): array
    {
        $told = ToldRecipe::read($text, $this->studio->shelf->paints());
        $steps = $told->steps();
        if ($steps === []) {
            throw RecipeProblem::nothingToDo();
        }
        $plan = $add ? $this->studio->recipes->plan($area->recipe) : null;
        $hex = $area->hex;
        foreach ($steps as $step) {
            $hex ??= $step->load->mix !== null
                && $step->isFilm()
                && $step->technique->isBase() ? $step->load->mix->colour()->toHex() : null;
            $plan = $plan === null ? null : Editing::add($plan, $step->renamed($plan->freeKey($step->key->value)), null);
        }
        $this->keep(
            $company,
            $area,
            $plan ?? new Plan($steps, []),
            $hex ?? '#808080',
            $plan === null ? 'written down as told' : 'added as told: '.implode(
                ', ',
                array_map(static fn (PlannedStep $s): string => $s->technique->words(), $steps),
            ),
        );

        return $told->notes();
    }

    /**
     * Replaces every paint that is not in stock by what is.
     *
     * @return list<Replaced>
     */
    public function replace(Company $company, AreaRow $area): array
    {
        $recipe = $area->recipe ?? throw RecipeProblem::notDrafted($area->name);
        $plan = $this->studio->recipes->plan($recipe) ?? throw RecipeProblem::notDrafted($area->name);
        $applied = $this->applied($company, $area, $plan);
        $this->keep($company, $area, $applied->plan, $recipe->hex, 'paints replaced by what is owned');

        return $applied->changes;
    }

    /**
     * A recipe of the book on this area, with what stands on the shelf.
     *
     * @return list<Replaced>
     */
    public function fromBook(Company $company, AreaRow $area, BookRow $book): array
    {
        $plan = $this->plan($book);
        $applied = $this->applied($company, $area, $plan);
        $this->keep($company, $area, $applied->plan, $book->hex, 'from the book: '.$book->name, $book->way);

        return $applied->changes;
    }

    /**
     * @param list<string> $tags
     *
     * @throws DomainException
     */
    public function toBook(AreaRow $area, string $name, array $tags, string $notes): BookRow
    {
        $recipe = $area->recipe ?? throw RecipeProblem::notDrafted($area->name);
        $plan = $this->studio->recipes->plan($recipe) ?? throw RecipeProblem::notDrafted($area->name);
        if (BookRow::query()->where('painter_id', $area->painter_id)->where('name', $name)->exists()) {
            throw new DomainException(sprintf('The book has a recipe "%s" already: choose another name.', $name));
        }

        return self::bound($area, $plan, [
            'name' => $name, 'tags' => $tags, 'notes' => $notes, 'way' => $recipe->way, 'hex' => $recipe->hex, 'strip' => $recipe->strip,
        ]);
    }

    /**
     * A recipe as it was told, for areas like this one.
     *
     * @param list<string> $tags
     *
     * @throws RecipeProblem
     */
    public function toldToBook(AreaRow $area, string $told, string $name, array $tags, string $notes): BookRow
    {
        $plan = new Plan(ToldRecipe::read($told, $this->studio->shelf->paints())->steps(), []);

        return self::bound($area, $plan, [
            'name' => $name, 'tags' => $tags, 'notes' => $notes, 'way' => Way::Mixed, 'hex' => $area->hex ?? '#808080',
            'strip' => Predictions::alone($plan, $area->material->value, $area->relief->value),
        ]);
    }

    /** @param array<string, mixed> $said what the book says of it */
    private static function bound(AreaRow $area, Plan $plan, array $said): BookRow
    {
        return BookRow::query()->create([
            ...$said,
            'painter_id' => $area->painter_id,
            'material' => $area->material,
            'relief' => $area->relief,
            'plan' => PortablePlan::of($plan),
            'paints' => PortablePlan::paints($plan),
        ]);
    }

    /** The plan of a recipe of the book, its paints taken from the shelf where they stand there. */
    public function plan(BookRow $book): Plan
    {
        return PlanRows::toPlan(PortablePlan::row($book->plan, $this->studio->shelf), $this->studio->shelf);
    }

    public function applied(Company $company, AreaRow $area, Plan $plan): Applying
    {
        return Applying::to(
            $plan,
            $area->toCore($company),
            $this->studio->undercoats->laid($company, $area)->surface(),
            $this->studio->shelf->paints(),
            $this->studio->painter->equipment(),
        );
    }

    /**
     * @param int|null $on id of the area beside on which it was spilled or slipped; null for the first neighbour, 0 for none
     *
     * @throws RecipeProblem
     */
    public function mending(Company $company, AreaRow $area, string $key, string $mishap, ?int $on = null): Mending
    {
        $outcomes = $this->studio->predictions->outcomes($company, $area, $area->recipe);
        $beside = $this->beside($company, $area, $on);

        return Mending::of(
            Mishap::tryFrom($mishap) ?? throw RecipeProblem::noSuchMishap(),
            Undercoated::ofArea($outcomes),
            $key,
            $area->toCore($company),
            Undercoated::below($outcomes)->surface(),
            $this->studio->palette,
            $beside === null ? null : new Neighbour(
                $beside->toCore($company),
                Undercoated::ofArea($this->studio->predictions->outcomes($company, $beside, $beside->recipe)),
                Undercoated::below($outcomes)->surface(),
            ),
        );
    }

    /**
     * Adds the repair steps: behind the step where it happened, or to the recipe of the area beside.
     *
     * @return string|null name of the area beside, where they went there
     */
    public function mend(Company $company, AreaRow $area, string $key, string $mishap, ?int $on = null): ?string
    {
        $mending = $this->mending($company, $area, $key, $mishap, $on);
        $beside = $mending->mishap->isBeside() ? $this->beside($company, $area, $on) : null;
        $on = $beside ?? $area;
        $recipe = $on->recipe ?? throw RecipeProblem::notDrafted($on->name);
        $plan = $this->studio->recipes->plan($recipe) ?? throw RecipeProblem::notDrafted($on->name);
        $after = $beside === null ? $key : null;
        foreach ($mending->remedy->steps as $step) {
            $step = $plan->step($step->key->value) === null ? $step : $step->renamed($plan->freeKey($step->key->value));
            $plan = Editing::add($plan, $step, $after);
            $after = $step->key->value;
        }
        $this->keep($company, $on, $plan, $recipe->hex, 'fixed: '.$mending->mishap->words(), seen: $beside === null);

        return $beside?->name;
    }

    /** @return list<AreaRow> neighbours whose recipe can mend them */
    public function neighbours(Company $company, AreaRow $area): array
    {
        return array_values(
            $company->areas->filter(
                static fn (AreaRow $a): bool => $a->id !== $area->id && in_array($a->id, $area->beside ?? [], true) && $a->recipe !== null,
            )->all(),
        );
    }

    private function beside(Company $company, AreaRow $area, ?int $on): ?AreaRow
    {
        $all = $this->neighbours($company, $area);
        foreach ($all as $each) {
            if ($each->id === $on) {
                return $each;
            }
        }

        return $on === null ? $all[0] ?? null : null;
    }

    /**
     * From now on as that one, except for what is changed; null lets it stand alone.
     *
     * @param string $as {@see RecipeRow::EVERYTHING}, or {@see RecipeRow::METHOD} with this area's own colour and ground
     */
    public function follow(Company $company, AreaRow $area, ?AreaRow $model, string $as = RecipeRow::EVERYTHING): void
    {
        DB::transaction(function () use ($company, $area, $model, $as): void {
            if ($this->version !== null && $area->recipe !== null && $this->version !== $area->recipe->version) {
                throw RecipeProblem::changedMeanwhile();
            }
            if ($model === null) {
                $area->recipe?->update(['follows_id' => null, 'followed' => null]);

                return;
            }
            $leader = $model->recipe ?? throw RecipeProblem::notDrafted($model->name);
            if ($as === RecipeRow::METHOD && $area->hex === null) {
                throw new DomainException(sprintf('%s has no colour of its own yet: choose one, then follow the method.', $area->name));
            }
            $recipe = $area->recipe ?? RecipeRows::fresh($area, $leader->hex, $leader->way);
            if ($recipe->exists && $recipe->version === 0) {
                RecipeHistory::record($recipe, 'as it was');
            }
            (new RecipeFollowing($this->studio))->follow($company, $area, $recipe, $leader, $as);
            $area->update(['hex' => $recipe->hex]);
            $this->studio->predictions->lay($recipe, $this->studio->recipes->plan($recipe) ?? new Plan([], []), $company, $area);
            RecipeHistory::record($recipe, ($as === RecipeRow::METHOD ? 'the method of ' : 'as ').$model->name);
        });
    }

    /**
     * Does to a step of other areas what is done to this one: adds it in their own colours, drops it, or has it done alike.
     *
     * @param list<int> $areas of the same company
     * @param string $what `add`, `drop` or `alike`
     *
     * @return list<string> names of areas where no such step stands, or no recipe
     *
     * @throws DomainException|RecipeProblem
     */
    public function elsewhere(Company $company, AreaRow $area, string $key, array $areas, string $what): array
    {
        $step = $this->studio->recipes->plan($area->recipe)?->step($key) ?? throw RecipeProblem::noSuchStep($key);
        $without = [];
        DB::transaction(function () use ($company, $area, $step, $areas, $what, &$without): void {
            foreach ($areas as $id) {
                $other = $company->areas->firstWhere('id', $id)
                    ?? throw new DomainException('One of the areas is not of this figure: reload the page and choose again.');
                $plan = $other->id === $area->id ? null : $this->studio->recipes->plan($other->recipe);
                $changed = $plan === null ? null : match ($what) {
                    'drop' => Elsewhere::dropped($plan, $step),
                    'alike' => Elsewhere::alike($plan, $step),
                    default => Elsewhere::added($plan, $this->inItsColours($company, $area, $other, $step), $step),
                };
                if ($changed === null || $other->recipe === null) {
                    $without = $other->id === $area->id ? $without : [...$without, $other->name];
                    continue;
                }
                $words = match ($what) {
                    'drop' => $step->technique->words().' dropped',
                    'alike' => $step->technique->words().' as on '.mb_strtolower($area->name),
                    default => $step->technique->words().' added',
                };
                $this->keep($company, $other, $changed, $other->recipe->hex, $words, seen: false);
            }
        });

        return $without;
    }

    /** The step as the other area would have it: its colour as far from the intended one as it is here. */
    private function inItsColours(Company $company, AreaRow $area, AreaRow $other, PlannedStep $step): PlannedStep
    {
        $hex = $area->recipe->hex ?? '#808080';

        return Method::copied(
            new Plan([$step], []),
            Srgb::fromHex($hex)->toOklch(),
            Srgb::fromHex($other->recipe->hex ?? $hex)->toOklch(),
            new StepMaker($this->studio->palette),
            $other->toCore($company),
            $this->studio->undercoats->laid($company, $other)->surface(),
        )->steps[0];
    }

    /**
     * @param bool $seen whether it is the recipe whose state was seen; where that is no longer the newest, the plan is kept aside
     */
    private function keep(
        Company $company,
        AreaRow $area,
        Plan $plan,
        string $hex,
        string $words,
        ?Way $way = null,
        bool $seen = true,
    ): RecipeRow {
        $colour = Srgb::fromHex($hex)->toHex();

        return DB::transaction(function () use ($company, $area, $plan, $colour, $words, $way, $seen): RecipeRow {
            $recipe = $area->recipe ?? RecipeRows::fresh($area, $colour, $way ?? $this->studio->painter->way);
            $before = $this->studio->recipes->plan($recipe->exists ? $recipe : null);
            $plan = $before === null ? $plan : $plan->inPlaceOf($before);
            if ($seen && $recipe->exists && $this->version !== null && $this->version !== $recipe->version) {
                RecipeHistory::aside(
                    $recipe,
                    $this->version,
                    $words,
                    [
                        'plan' => PlanRows::toRow($plan),
                        'hex' => $colour,
                        'way' => ($way ?? $recipe->way)->value,
                        'options' => $recipe->options,
                    ],
                );

                return $recipe;
            }
            if ($recipe->exists && $recipe->version === 0) {
                RecipeHistory::record($recipe, 'as it was');
            }
            $aimed = $recipe->hex;
            $recipe->fill(['hex' => $colour, ...($way === null ? [] : ['way' => $way])]);
            $area->update(['hex' => $colour]);
            $this->studio->predictions->lay($recipe, $plan, $company, $area);
            RecipeHistory::record($recipe, $words);
            (new RecipeFollowing($this->studio))->tell($company, $recipe, $aimed);

            return $recipe;
        });
    }
}
