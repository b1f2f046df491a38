<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Painter;
use App\Models\RecipeRow;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Alternatives;
use Kalokroma\Recipe\Brief;
use Kalokroma\Recipe\Drafter;
use Kalokroma\Recipe\Palette;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\PlannedStep;
use Kalokroma\Recipe\RecipeProblem;
use Kalokroma\Recipe\Simulation;
use Kalokroma\Recipe\StepOutcome;
use Kalokroma\Recipe\Way;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Shelf\ShelfProblem;

/** Where recipes are drafted, looked at and changed for one painter. */
final readonly class RecipeDesk
{
    public ShelfRows $shelf;

    public UndercoatDesk $undercoats;

    public function __construct(public Painter $painter)
    {
        $this->shelf = ShelfRows::of($painter);
        $this->undercoats = new UndercoatDesk($painter, $this->shelf);
    }

    /**
     * Drafts the area's recipe anew for this colour; changes made to an earlier draft of it are gone.
     *
     * @throws RecipeProblem|ColourProblem
     */
    public function draft(Company $company, AreaRow $area, string $hex, Way $way): RecipeRow
    {
        $colour = Srgb::fromHex($hex);

        return DB::transaction(function () use ($company, $area, $colour, $way): RecipeRow {
            $area->update(['hex' => $colour->toHex()]);
            $company->load('areas.recipe', 'records');
            $this->undercoats->refresh($company);
            $ground = $this->undercoats->outcome($company)->after->plane;
            $plan = Drafter::draft(new Brief($area->toCore($company), $colour->toOklch(), $way, $ground, $this->shelf->paints()));
            $recipe = RecipeRow::query()->firstOrNew(['area_id' => $area->id]);
            $recipe->painter_id = $area->painter_id;
            $recipe->fill(['hex' => $colour->toHex(), 'way' => $way, 'drafted_for' => self::draftedFor($area)]);
            $this->resimulate($company);

            return $this->save($recipe, $plan, $company, $area);
        });
    }

    /** After paints, colours or areas changed: advises the undercoats anew and predicts every recipe again. */
    public function refresh(): void
    {
        DB::transaction(function (): void {
            foreach ($this->painter->companies()->with('areas.recipe', 'records')->get() as $company) {
                $this->refreshOne($company);
            }
        });
    }

    /** The same where only one company's colours changed. */
    public function refreshOne(Company $company): void
    {
        $this->undercoats->refresh($company);
        $this->resimulate($company);
    }

    /** What has changed about the area since its recipe was drafted, in a sentence; null where nothing has. */
    public function outdated(AreaRow $area): ?string
    {
        $for = $area->recipe?->drafted_for;
        $changed = [];
        if ($for !== null && $for['relief'] !== $area->relief->value) {
            $changed[] = sprintf('its relief was %s and is %s now', Relief::from($for['relief'])->words(), $area->relief->words());
        }
        if ($for !== null && $for['material'] !== $area->material->value) {
            $changed[] = sprintf('its material was %s and is %s now', $for['material'], $area->material->value);
        }
        if ($area->recipe !== null && $area->hex !== null && $area->recipe->hex !== $area->hex) {
            $changed[] = sprintf('its colour was %s and is %s now', $area->recipe->hex, $area->hex);
        }

        return $changed === [] ? null : sprintf('%s has changed since this recipe was drafted: %s.', $area->name, implode('; ', $changed));
    }

    /** @return list<StepOutcome> the undercoat first; only that where no recipe is drafted yet */
    public function outcomes(Company $company, AreaRow $area, ?RecipeRow $recipe): array
    {
        $undercoat = $this->undercoats->outcome($company);
        $plan = $this->plan($recipe);

        return [$undercoat, ...($plan === null ? [] : Simulation::run($plan->steps, $area->toCore($company), $undercoat->after, $undercoat->certainty))];
    }

    public function plan(?RecipeRow $recipe): ?Plan
    {
        return $recipe === null ? null : PlanRows::toPlan($recipe->plan, $this->shelf);
    }

    /**
     * @param list<array{paint: string|int, parts: int}>|null $mix
     *
     * @throws RecipeProblem|ShelfProblem|FilmProblem
     */
    public function change(Company $company, AreaRow $area, string $key, ?array $mix, ?string $thin, ?int $coats, ?bool $omitted): void
    {
        DB::transaction(function () use ($company, $area, $key, $mix, $thin, $coats, $omitted): void {
            $thinning = $thin === null ? null : Thinning::fromRatio($thin);
            if ($key === 'undercoat') {
                $this->changeUndercoat($company, $mix, $thinning, $coats, $omitted);

                return;
            }
            $recipe = $area->recipe;
            $plan = $this->plan($recipe);
            $found = false;
            $steps = array_map(function (PlannedStep $step) use ($key, $mix, $thinning, $coats, $omitted, &$found): PlannedStep {
                $found = $found || $step->key === $key;

                return $step->key !== $key ? $step : $step->with($mix === null ? null : $this->shelf->mix($mix), $thinning, $coats, $omitted);
            }, $plan->steps ?? []);
            if ($recipe === null || $plan === null || !$found) {
                throw RecipeProblem::noSuchStep($key);
            }
            $this->save($recipe, new Plan($steps, $plan->leftOut), $company, $area);
        });
    }

    /**
     * @return array{below: Surface, step: PlannedStep, singles: list<RankedMix>, pairs: list<RankedMix>}
     *
     * @throws RecipeProblem
     */
    public function alternatives(Company $company, AreaRow $area, string $key): array
    {
        foreach ($this->outcomes($company, $area, $area->recipe) as $outcome) {
            if ($outcome->step->key === $key && $key !== 'undercoat') {
                return ['below' => $outcome->below, 'step' => $outcome->step]
                    + Alternatives::of($outcome->step, new Palette($this->shelf->paints()), $outcome->below);
            }
        }
        throw RecipeProblem::noSuchStep($key);
    }

    /**
     * Takes a ground for the whole company and predicts its recipes anew.
     *
     * @param list<array{paint_id: int, degrees: float}> $lights
     */
    public function chooseGround(Company $company, string $paintId, array $lights, ?string $kind): void
    {
        DB::transaction(function () use ($company, $paintId, $lights, $kind): void {
            $this->undercoats->choose($company, $paintId, $lights, $kind);
            $this->resimulate($company);
        });
    }

    /** @param list<array{paint: string|int, parts: int}>|null $mix */
    private function changeUndercoat(Company $company, ?array $mix, ?Thinning $thinning, ?int $coats, ?bool $omitted): void
    {
        if ($omitted === true) {
            throw RecipeProblem::undercoatStays();
        }
        $company->loadMissing('areas.recipe');
        if ($mix !== null) {
            $this->undercoats->choose($company, $this->shelf->mix($mix)->parts[0]['paint']->id);
        }
        if ($coats !== null || $thinning !== null) {
            if ($coats !== null && ($coats < 0 || $coats > PlannedStep::MOST_COATS)) {
                throw RecipeProblem::coatsOutOfRange($coats);
            }
            $this->undercoats->change($company, $coats, $thinning);
        }
        $this->resimulate($company);
    }

    private function resimulate(Company $company): void
    {
        foreach ($company->areas as $area) {
            $plan = $this->plan($area->recipe);
            if ($area->recipe !== null && $plan !== null) {
                $this->save($area->recipe, $plan, $company, $area);
            }
        }
    }

    private function save(RecipeRow $recipe, Plan $plan, Company $company, AreaRow $area): RecipeRow
    {
        $recipe->plan = PlanRows::toRow($plan);
        $undercoat = $this->undercoats->outcome($company);
        $outcomes = [$undercoat, ...Simulation::run($plan->steps, $area->toCore($company), $undercoat->after, $undercoat->certainty)];
        $recipe->strip = self::strip($outcomes);
        $recipe->save();

        return $recipe;
    }

    /**
     * Four colours from the deepest to the lightest, for the small drawing beside an area's name.
     *
     * @param list<StepOutcome> $outcomes
     *
     * @return list<string>
     */
    private static function strip(array $outcomes): array
    {
        $last = $outcomes[count($outcomes) - 1]->after->hexes();

        return [$outcomes[0]->after->plane->toHex(), $last['recess'], $last['plane'], $last['ridge']];
    }

    /** @return array{relief: string, material: string} */
    private static function draftedFor(AreaRow $area): array
    {
        return ['relief' => $area->relief->value, 'material' => $area->material->value];
    }
}
