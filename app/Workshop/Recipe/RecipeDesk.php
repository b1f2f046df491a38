<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Painter;
use App\Models\RecipeRow;
use App\Models\RevisionRow;
use App\Workshop\Shelf\ShelfRows;
use App\Workshop\Undercoat\UndercoatDesk;
use ArrayObject;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\Alternatives;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Draft\Specials;
use Kalokroma\Recipe\Ladder\LadderWish;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Shelf\ShelfProblem;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Tone;

/** Where recipes are drafted, looked at and changed for one painter. */
final readonly class RecipeDesk
{
    /** Surface a recipe of the book is drawn for. */
    private const ALONE_CM2 = 4.0;

    public ShelfRows $shelf;

    public Palette $palette;

    public UndercoatDesk $undercoats;

    /** @var ArrayObject<int, array{of: string, plan: Plan, outcomes: list<StepOutcome>}> what was laid last for each area: an edit is kept and shown with one prediction */
    private ArrayObject $laid;

    public function __construct(public Painter $painter)
    {
        /** @var ArrayObject<int, array{of: string, plan: Plan, outcomes: list<StepOutcome>}> $laid */
        $laid = new ArrayObject();
        $this->laid = $laid;
        $this->shelf = ShelfRows::of($painter);
        $this->palette = new Palette(fn (): array => $this->shelf->paints());
        $this->undercoats = new UndercoatDesk($painter, $this->shelf);
    }

    /**
     * Drafts the area's recipe anew for this colour; the draft before stays among its revisions.
     *
     * @param string|null $start   a special start instead of the usual draft, or added to it
     * @param int|null    $version the state it was asked for on; null for the newest
     *
     * @return RevisionRow|null what was kept aside, where that state is no longer the newest
     *
     * @throws RecipeProblem|ColourProblem
     */
    public function draft(Company $company, AreaRow $area, string $hex, Way $way, LadderWish $wish = new LadderWish(), ?string $start = null, ?int $version = null): ?RevisionRow
    {
        $colour = Srgb::fromHex($hex);

        return DB::transaction(function () use ($company, $area, $colour, $way, $wish, $start, $version): ?RevisionRow {
            $recipe = RecipeRow::query()->firstOrNew(['area_id' => $area->id]);
            $recipe->painter_id = $area->painter_id;
            $words = $start === null ? 'drafted '.$way->words() : 'drafted: '.$start;
            $drafted = fn (): Plan => $start === null
                ? Drafter::draft($this->brief($company, $area, $colour->toHex(), $way, $wish))
                : Specials::draft($start, $this->brief($company, $area, $colour->toHex(), $way, $wish), $this->plan($recipe->exists ? $recipe : null));
            if ($recipe->exists && $version !== null && $version !== $recipe->version) {
                $company->load('areas.recipe', 'records');

                return RecipeHistory::aside($recipe, $version, $words, ['plan' => PlanRows::toRow($drafted()), 'hex' => $colour->toHex(), 'way' => $way->value, 'options' => PlanRows::options($wish)]);
            }
            if ($recipe->exists && $recipe->version === 0) {
                RecipeHistory::record($recipe, 'as it was');
            }
            $aimed = $recipe->hex;
            $area->update(['hex' => $colour->toHex()]);
            $company->load('areas.recipe', 'records');
            $this->undercoats->refresh($company);
            $plan = $drafted();
            $recipe->fill(['hex' => $colour->toHex(), 'way' => $way, 'options' => PlanRows::options($wish), 'drafted_for' => self::draftedFor($area)]);
            $this->resimulate($company);
            $this->store($recipe, $plan, $company, $area);
            RecipeHistory::record($recipe, $words);
            (new RecipeFollowing($this))->tell($company, $recipe, $aimed);

            return null;
        });
    }

    /** What a recipe of this area is drafted from. */
    public function brief(Company $company, AreaRow $area, string $hex, Way $way, LadderWish $wish, ?Surface $ground = null): Brief
    {
        return new Brief(
            $area->toCore($company),
            Srgb::fromHex($hex)->toOklch(),
            $way,
            $ground ?? $this->undercoats->outcome($company)->look->after,
            $this->shelf->paints(),
            $wish,
            $this->painter->equipment(),
            $company->leaders,
            $this->palette,
        );
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
        if ($recipe === null) {
            return $this->simulated($company, $area, null);
        }
        $of = self::fingerprint($company, $area, $recipe);
        $kept = $this->laid[$area->id] ?? null;
        if ($kept === null || $kept['of'] !== $of) {
            $plan = $this->plan($recipe) ?? new Plan([], []);
            $kept = ['of' => $of, 'plan' => $plan, 'outcomes' => $this->simulated($company, $area, $plan)];
            $this->laid[$area->id] = $kept;
        }

        return $kept['outcomes'];
    }

    /** The plan that was laid last for this area, where {@see self::outcomes()} or an edit has laid one. */
    public function laidPlan(AreaRow $area): ?Plan
    {
        return $this->laid[$area->id]['plan'] ?? null;
    }

    /** @return list<StepOutcome> of a plan that need not be kept, the undercoat first */
    public function simulated(Company $company, AreaRow $area, ?Plan $plan): array
    {
        $undercoat = $this->undercoats->outcome($company);

        return [$undercoat, ...($plan === null ? [] : Simulation::run($plan->steps, $area->toCore($company), $undercoat->look->after, $undercoat->look->certainty))];
    }

    public function plan(?RecipeRow $recipe): ?Plan
    {
        return $recipe === null ? null : PlanRows::toPlan($recipe->plan, $this->shelf);
    }

    /**
     * The undercoat as a step: it belongs to the whole company.
     *
     * @param list<array{paint: string|int, parts: int}>|null $mix
     *
     * @throws RecipeProblem|ShelfProblem|FilmProblem
     */
    public function changeUndercoat(Company $company, ?array $mix, ?Thinning $thinning, ?int $coats, ?bool $omitted): void
    {
        if ($omitted === true) {
            throw RecipeProblem::undercoatStays();
        }
        DB::transaction(function () use ($company, $mix, $thinning, $coats): void {
            $company->loadMissing('areas.recipe');
            if ($mix !== null) {
                $this->undercoats->choose($company, $this->shelf->mix($mix)->first()->id);
            }
            if ($coats !== null || $thinning !== null) {
                (new Handling())->coated($coats);
                $this->undercoats->change($company, $coats, $thinning);
            }
            $this->resimulate($company);
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
                return ['below' => $outcome->look->below, 'step' => $outcome->step]
                    + Alternatives::of($outcome->step, $this->palette, $outcome->look->below);
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

    private function resimulate(Company $company): void
    {
        foreach ($company->areas as $area) {
            $plan = $this->plan($area->recipe);
            if ($area->recipe !== null && $plan !== null) {
                $this->store($area->recipe, $plan, $company, $area);
            }
        }
    }

    /** Keeps a plan with the small drawing of what it leads to. */
    public function store(RecipeRow $recipe, Plan $plan, Company $company, AreaRow $area): RecipeRow
    {
        $recipe->plan = PlanRows::toRow($plan);
        $outcomes = $this->simulated($company, $area, $plan);
        $recipe->strip = self::strip($outcomes);
        $recipe->save();
        $this->laid[$area->id] = ['of' => self::fingerprint($company, $area, $recipe), 'plan' => $plan, 'outcomes' => $outcomes];

        return $recipe;
    }

    /**
     * The small drawing of a plan apart from any figure, over middle grey.
     *
     * @return list<string>
     */
    public function alone(Plan $plan, string $material, string $relief): array
    {
        $area = new Area('', 'Alone', Material::from($material), Relief::from($relief), self::ALONE_CM2);
        $ground = Undercoating::outcome(Kind::Brush, Ground::uniform(Tone::Grey, null), self::ALONE_CM2, null, null, []);

        return self::strip([$ground, ...Simulation::run($plan->steps, $area, $ground->look->after)]);
    }

    /**
     * Four colours from the deepest to the lightest, for the small drawing beside an area's name.
     *
     * @param list<StepOutcome> $outcomes
     *
     * @return list<string>
     */
    public static function strip(array $outcomes): array
    {
        $last = $outcomes[count($outcomes) - 1]->look->after->hexes();

        return [$outcomes[0]->look->after->plane->toHex(), $last['recess'], $last['plane'], $last['ridge']];
    }

    /** All that a prediction of this recipe hangs on besides the shelf. */
    private static function fingerprint(Company $company, AreaRow $area, RecipeRow $recipe): string
    {
        $plan = $recipe->getAttributes()['plan'] ?? '';

        return md5((is_string($plan) ? $plan : '').json_encode([$company->undercoat, $company->surface_cm2, $area->share, $area->relief, $area->material, $area->fragile, $area->depth], JSON_THROW_ON_ERROR));
    }

    /** @return array{relief: string, material: string} */
    private static function draftedFor(AreaRow $area): array
    {
        return ['relief' => $area->relief->value, 'material' => $area->material->value];
    }
}
