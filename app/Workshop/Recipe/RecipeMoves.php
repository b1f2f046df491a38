<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\Company;
use App\Models\RecipeRow;
use App\Workshop\Plan\PlanReader;
use App\Workshop\Plan\PortablePlan;
use App\Workshop\Studio;
use Closure;
use DomainException;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Change\AddStep;
use Kalokroma\Recipe\Change\Applying;
use Kalokroma\Recipe\Change\Elsewhere;
use Kalokroma\Recipe\Change\Mending;
use Kalokroma\Recipe\Change\Method;
use Kalokroma\Recipe\Change\Mishap;
use Kalokroma\Recipe\Change\Neighbour;
use Kalokroma\Recipe\Change\Replaced;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Plan\AreaPlan;
use Kalokroma\Recipe\Plan\FigurePlan;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Recipe\Technique\Way;

/**
 * Recipes that come from somewhere else than the drafter: told by somebody, out of the book, like that of another area; and
 * what is mended on the way.
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
        $told = (new Listening($this->studio))->read($text);
        $steps = $told->steps();
        if ($steps === []) {
            throw RecipeProblem::nothingToDo();
        }
        $base = array_values(array_filter(
            $steps,
            static fn (PlannedStep $s): bool => $s->load->mix !== null && $s->isFilm() && $s->technique->isBase(),
        ))[0] ?? null;
        $colour = $area->hex ?? $base?->load->mix?->colour()->toHex() ?? '#808080';
        $isAdded = $add && $area->recipe?->exists === true;
        $words = 'added as told: '.implode(', ', array_map(static fn (PlannedStep $s): string => $s->technique->words(), $steps));
        $this->keep($company, $area, $isAdded ? $words : 'written down as told', function (?AreaPlan $its) use (
            $area,
            $steps,
            $colour,
            $isAdded,
        ): AreaPlan {
            if ($its === null || !$isAdded) {
                return $this->inPlace($area, $its, new Plan($steps, []), $colour);
            }
            $plan = $its->plan;
            foreach ($steps as $step) {
                $plan = (new AddStep($step->renamed($plan->freeKey($step->key->value))))->on($plan);
            }

            return $its->with($plan);
        });

        return $told->notes();
    }

    /**
     * Replaces every paint that is not in stock by what is.
     *
     * @return list<Replaced>
     */
    public function replace(Company $company, AreaRow $area): array
    {
        $plan = $this->studio->recipes->plan($area->recipe) ?? throw RecipeProblem::notDrafted($area->name);
        $applied = $this->applied($company, $area, $plan);
        $this->keep(
            $company,
            $area,
            'paints replaced by what is owned',
            fn (?AreaPlan $its): AreaPlan => $this->inPlace($area, $its, $applied->plan, $its->draftedColour ?? '#808080'),
        );

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
        $this->keep(
            $company,
            $area,
            'from the book: '.$book->name,
            fn (?AreaPlan $its): AreaPlan => $this->inPlace($area, $its, $applied->plan, $book->hex)->by($book->way),
        );

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
            'name' => $name, 'tags' => $tags, 'notes' => $notes, 'way' => $recipe->way, 'hex' => $recipe->drafted_colour,
            'strip' => $recipe->strip,
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
        $plan = new Plan((new Listening($this->studio))->read($told)->steps(), []);

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
        return (new PlanReader($this->studio->shelf))->plan($book->plan);
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
        $words = 'fixed: '.$mending->mishap->words();
        $this->keep($company, $on, $words, static function (?AreaPlan $its) use ($on, $beside, $key, $mending): AreaPlan {
            $its ??= throw RecipeProblem::notDrafted($on->name);
            $plan = $its->plan;
            $after = $beside === null ? $key : null;
            foreach ($mending->remedy->steps as $step) {
                $step = $plan->step($step->key->value) === null ? $step : $step->renamed($plan->freeKey($step->key->value));
                $plan = (new AddStep($step, $after))->on($plan);
                $after = $step->key->value;
            }

            return $its->with($plan);
        }, $beside === null);

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
        $own = $area->recipe;
        if ($this->version !== null && $own !== null && $this->version !== $own->version) {
            throw RecipeProblem::changedMeanwhile();
        }
        if ($model === null) {
            $own?->update(['follows_id' => null, 'followed' => null]);

            return;
        }
        $leader = $model->recipe ?? throw RecipeProblem::notDrafted($model->name);
        if ($as === RecipeRow::METHOD && $area->hex === null) {
            throw new DomainException(sprintf('%s has no colour of its own yet: choose one, then follow the method.', $area->name));
        }
        $recipe = $own ?? RecipeRows::fresh($area, $leader->drafted_colour, $leader->way);
        $this->keep(
            $company,
            $area,
            ($as === RecipeRow::METHOD ? 'the method of ' : 'as ').$model->name,
            fn (): AreaPlan => (new RecipeFollowing($this->studio))->follow($company, $area, $recipe, $leader, $as),
        );
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
        $without = $seen = [];
        $changes = [];
        foreach ($areas as $id) {
            $other = $company->areas->firstWhere('id', $id)
                ?? throw new DomainException('One of the areas is not of this figure: reload the page and choose again.');
            if ($other->id === $area->id) {
                continue;
            }
            $plan = $this->studio->recipes->plan($other->recipe);
            $changed = $plan === null ? null : match ($what) {
                'drop' => Elsewhere::dropped($plan, $step),
                'alike' => Elsewhere::alike($plan, $step),
                default => Elsewhere::added($plan, $this->inItsColours($company, $area, $other, $step), $step),
            };
            if ($changed === null) {
                $without[] = $other->name;
                continue;
            }
            $seen[$id] = null;
            $changes[$id] = [$other->name, $changed];
        }
        $words = $step->technique->words().match ($what) {
            'drop' => ' dropped',
            'alike' => ' as on '.mb_strtolower($area->name),
            default => ' added',
        };
        $this->studio->plans->commit($company, $seen, $words, static function (FigurePlan $figure) use ($changes): FigurePlan {
            foreach ($changes as $id => [$name, $plan]) {
                $its = $figure->area((string) $id, $name);
                $figure = $figure->withArea((string) $id, $its->with($plan));
            }

            return $figure;
        });

        return $without;
    }

    /** The step as the other area would have it: its colour as far from the intended one as it is here. */
    private function inItsColours(Company $company, AreaRow $area, AreaRow $other, PlannedStep $step): PlannedStep
    {
        $hex = $area->recipe->drafted_colour ?? '#808080';

        return Method::copied(
            new Plan([$step], []),
            Srgb::fromHex($hex)->toOklch(),
            Srgb::fromHex($other->recipe->drafted_colour ?? $hex)->toOklch(),
            new StepMaker($this->studio->palette),
            $other->toCore($company),
            $this->studio->undercoats->laid($company, $other)->surface(),
        )->steps[0];
    }

    /** This plan where another stood, or none. */
    private function inPlace(AreaRow $area, ?AreaPlan $its, Plan $plan, string $colour): AreaPlan
    {
        $hex = Srgb::fromHex($colour)->toHex();

        return $its?->with($plan->inPlaceOf($its->plan))->for($hex)
            ?? new AreaPlan($plan, $hex, $this->studio->painter->way, new LadderWish(), $area->relief, $area->material);
    }

    /**
     * @param Closure(AreaPlan|null): AreaPlan $change
     * @param bool $seen whether it is the recipe whose state was seen; where that is no longer the newest, the plan is kept aside
     */
    private function keep(Company $company, AreaRow $area, string $words, Closure $change, bool $seen = true): void
    {
        $this->studio->plans->commit(
            $company,
            [$area->id => $seen ? $this->version : null],
            $words,
            static fn (FigurePlan $plan): FigurePlan => $plan->withArea((string) $area->id, $change($plan->areas[$area->id] ?? null)),
        );
    }
}
