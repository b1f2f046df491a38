<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\RecipeRow;
use App\Workshop\Derived;
use App\Workshop\Plan\PlanMapper;
use App\Workshop\Undercoat\UndercoatDesk;
use ArrayObject;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Judge\Ending;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Taken;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Predict\WholeOutcome;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Tone;

/**
 * What recipes lead to. Of a prediction only a small drawing and the amounts go into the row, and only until one of their sources changes:
 * {@see Staleness} marks them then, and whoever looks has them worked out again, for the rows in hand.
 */
final readonly class Predictions
{
    /** Surface a recipe of the book is drawn for. */
    private const ALONE_CM2 = 4.0;

    /** @var ArrayObject<int, Prediction> by id of the area, for this request */
    private ArrayObject $laid;

    public function __construct(private RecipeRows $rows, private UndercoatDesk $undercoats)
    {
        /** @var ArrayObject<int, Prediction> $laid */
        $laid = new ArrayObject();
        $this->laid = $laid;
    }

    /** @return list<StepOutcome> the undercoat first; only that where no recipe is drafted yet */
    public function outcomes(Company $company, AreaRow $area, ?RecipeRow $recipe): array
    {
        return $recipe === null ? $this->of($company, $area, null) : $this->laid($company, $area, $recipe)->outcomes;
    }

    /** What was predicted of the area's own recipe, worked out once. */
    public function laid(Company $company, AreaRow $area, RecipeRow $recipe): Prediction
    {
        $known = $this->laid[$area->id] ?? null;
        if ($known?->isOf($recipe, $area, $company) !== true) {
            $plan = $this->rows->plan($recipe) ?? new Plan([], []);
            $known = new Prediction($recipe, $area, $company, $plan, $this->of($company, $area, $plan));
            $this->laid[$area->id] = $known;
        }

        return $known;
    }

    /** @return list<StepOutcome> of a plan that need not be kept, the undercoat first */
    public function of(Company $company, AreaRow $area, ?Plan $plan): array
    {
        $undercoat = $this->undercoats->laid($company, $area);
        if ($plan === null) {
            return $undercoat->steps;
        }
        $steps = $this->undercoats->among($company, $area, $plan->steps);

        return [...$undercoat->steps, ...self::simulated($steps, $area->toCore($company), $undercoat)];
    }

    /**
     * Of an outcome all but the step itself is kept, which is at hand: its paints are those of the shelf.
     *
     * @param list<PlannedStep> $steps
     *
     * @return list<StepOutcome>
     */
    private static function simulated(array $steps, Area $area, Undercoated $undercoat): array
    {
        $sources = [$steps, $area, $undercoat->surface(), $undercoat->certainty()];
        $kept = Derived::of('outcomes', $sources, static fn (): array => array_map(
            static fn (StepOutcome $o): array => [$o->look, $o->labour, $o->amount, $o->reasons, $o->cautions],
            Simulation::run($steps, $area, $undercoat->surface(), $undercoat->certainty()),
        ));

        return array_map(static fn (PlannedStep $step, array $its): StepOutcome => new StepOutcome($step, ...$its), $steps, $kept);
    }

    /**
     * What the steps over the whole figure take, once for all areas, each looking as on the largest area it goes over.
     *
     * @return list<StepOutcome>
     */
    public function whole(Company $company): array
    {
        $found = [];
        $areas = array_values($company->areas->map(static fn (AreaRow $a): Area => $a->toCore($company))->all());
        foreach ($this->undercoats->whole($company)->steps as $each) {
            $shown = WholeOutcome::shownOn($each, $areas);
            $row = $shown === null ? null : $company->areas->find((int) $shown->id);
            if ($shown === null || $row === null) {
                continue;
            }
            $look = null;
            foreach ($this->outcomes($company, $row, $row->recipe) as $outcome) {
                $look = $outcome->step->key->is($each->step->key) ? $outcome->look : $look;
            }
            $found[] = WholeOutcome::of($each, $areas, $shown, $this->undercoats->laid($company, $row)->surface(), $look);
        }

        return $found;
    }

    /** Puts a plan into the row with what it leads to; whoever asks saves it. */
    public function lay(RecipeRow $recipe, Plan $plan, Company $company, AreaRow $area): RecipeRow
    {
        $recipe->plan = PlanMapper::toRow($plan);
        $recipe->give(...$plan->given, ...array_map(static fn (PlannedStep $s): string => $s->key->value, $plan->steps));
        $outcomes = $this->of($company, $area, $plan);
        self::fill($recipe, $outcomes, $area->toCore($company));
        $this->laid[$area->id] = new Prediction($recipe, $area, $company, $plan, $outcomes);

        return $recipe;
    }

    /**
     * Works out again what is stale of these companies: their undercoats first, then their recipes.
     *
     * @param iterable<Company> $companies with areas.recipe and records loaded
     * @param float $seconds of working out after which no other company is begun; one of them always is
     *
     * @return int recipes that are still stale then
     */
    public function freshen(iterable $companies, float $seconds = INF): int
    {
        $start = Derived::spent();
        $left = 0;
        foreach ($companies as $company) {
            if (!self::isStale($company)) {
                continue;
            }
            $spent = Derived::spent() - $start;
            if ($spent > 0.0 && $spent >= $seconds) {
                $left += max(1, $company->areas->filter(static fn (AreaRow $a): bool => $a->recipe?->stale === true)->count());
                continue;
            }
            $this->undercoats->freshen($company);
            $this->freshenRecipes($company);
        }

        return $left;
    }

    private function freshenRecipes(Company $company): void
    {
        foreach ($company->areas as $area) {
            if ($area->recipe?->stale === true) {
                self::fill($area->recipe, $this->outcomes($company, $area, $area->recipe), $area->toCore($company));
            }
        }
    }

    private static function isStale(Company $company): bool
    {
        return $company->undercoat_stale || $company->areas->contains(static fn (AreaRow $a): bool => $a->recipe?->stale === true);
    }

    /** @return list<Taken> what the steps of this recipe take, without predicting it where that is known; the undercoat left out */
    public function taken(Company $company, AreaRow $area, RecipeRow $recipe): array
    {
        $known = $recipe->stale ? null : $recipe->takes;
        if ($known === null) {
            return array_map(Taken::by(...), Undercoated::ofArea($this->outcomes($company, $area, $recipe)));
        }
        $taken = [];
        foreach ($this->rows->plan($recipe)->steps ?? [] as $step) {
            $taken[] = new Taken($step, $known[$step->key->value]['ml'] ?? null, $known[$step->key->value]['off'] ?? null);
        }

        return $taken;
    }

    /**
     * The small drawing of a plan apart from any figure, over middle grey.
     *
     * @return list<string>
     */
    public static function alone(Plan $plan, string $material, string $relief): array
    {
        $area = new Area('', 'Alone', Material::from($material), Relief::from($relief), self::ALONE_CM2);
        $ground = Undercoating::of(UndercoatPlan::of(Ground::uniform(Tone::Grey, null), Kind::Brush), self::ALONE_CM2);

        return self::strip([...$ground->steps, ...Simulation::run($plan->steps, $area, $ground->surface())]);
    }

    /** @param list<StepOutcome> $outcomes */
    private static function fill(RecipeRow $recipe, array $outcomes, Area $area): void
    {
        $recipe->strip = self::strip($outcomes);
        $recipe->off = Undercoated::above($outcomes) === []
            ? null : Ending::of($outcomes, $area, Srgb::fromHex($recipe->drafted_colour)->toOklch())->off;
        $takes = [];
        foreach (Undercoated::ofArea($outcomes) as $outcome) {
            $takes[$outcome->step->key->value] = [
                'ml' => $outcome->amount?->usedMl,
                'off' => $outcome->look->difference,
                'paints' => $outcome->step->handling->omitted ? [] : array_map(
                    static fn (Paint $p): string => $p->id,
                    $outcome->step->load->paints(),
                ),
            ];
        }
        $recipe->takes = $takes;
        $recipe->stale = false;
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
        $last = $outcomes[count($outcomes) - 1]->look->after->hexes();

        return [Undercoated::below($outcomes)->surface()->plane->toHex(), $last['recess'], $last['plane'], $last['ridge']];
    }
}
