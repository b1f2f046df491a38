<?php

declare(strict_types=1);

namespace App\Workshop\Undercoat;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Painter;
use App\Workshop\Derived;
use App\Workshop\Plan\UndercoatMapper;
use App\Workshop\Plan\WholeMapper;
use App\Workshop\Recipe\Staleness;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Ground\GroundsCompared;
use Kalokroma\Recipe\Ground\OneForAll;
use Kalokroma\Recipe\Ground\PlannedCoat;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\WholePlan;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;

/**
 * One company, one undercoat: advised as long as the painter did not choose, and then only known to the row in hand. Nothing here writes:
 * the store of plans keeps what is drafted or painted on.
 *
 * @phpstan-import-type UndercoatRow from UndercoatMapper
 */
final readonly class UndercoatDesk
{
    public UndercoatMapper $rows;

    public function __construct(public Painter $painter, private ShelfRows $shelf)
    {
        $this->rows = new UndercoatMapper($painter, $shelf);
    }

    /**
     * What its steps lead to; as advised where the company has none yet.
     *
     * @param AreaRow|null $on the area that is looked at; null for the whole figure
     */
    public function laid(Company $company, ?AreaRow $on = null): Undercoated
    {
        $plan = $this->plan($company);
        $areas = $plan->hasGroundsOfAreas()
            ? array_values($company->areas->map(static fn (AreaRow $a): Area => $a->toCore($company))->all())
            : [];

        return Undercoating::of($plan, $company->surface_cm2, $areas, $on === null ? null : (string) $on->id);
    }

    /**
     * The steps of an area with those over the whole figure where they belong.
     *
     * @param list<PlannedStep> $steps
     *
     * @return list<PlannedStep>
     */
    public function among(Company $company, AreaRow $area, array $steps): array
    {
        return $this->whole($company)->among((string) $area->id, $steps);
    }

    /** What is done to the whole figure at once. */
    public function whole(Company $company): WholePlan
    {
        return WholeMapper::of($company, $this->shelf);
    }

    /** The undercoat as it is planned; as advised where the company has none yet. */
    public function plan(Company $company): UndercoatPlan
    {
        $plan = $this->rows->plan($this->kept($company));

        return $plan->hasGroundsOfAreas()
            ? $plan->among(array_map(strval(...), array_values($company->areas->modelKeys())))
            : $plan;
    }

    /** How it is put on: as the painter chose, if the equipment still allows it. */
    public function kind(Company $company): Kind
    {
        return $this->rows->kind(self::row($company));
    }

    /** What could be laid under this company's colours, the advised ground first. */
    public function compared(Company $company, ?Kind $kind = null, ?Ground $own = null): GroundsCompared
    {
        $kind ??= $this->kind($company);
        $grounds = Ground::offered($this->shelf->paints(), $this->painter->equipment());
        $kept = self::row($company);
        $own ??= $kept === null ? null : $this->rows->plan($kept)->ground();
        if ($own !== null) {
            $grounds = in_array(
                $own->id,
                array_map(static fn (Ground $g): string => $g->id, $grounds),
                true,
            ) ? $grounds : [...$grounds, $own];
        }

        return GroundsCompared::of($grounds, $this->coats($company), $kind, $this->painter->school, $company->surface_cm2);
    }

    /** @param list<Company> $companies */
    public function oneForAll(array $companies): ?OneForAll
    {
        $compared = [];
        foreach ($companies as $each) {
            $compared[$each->name] = ['compared' => $this->compared($each), 'figures' => $each->count];
        }

        return OneForAll::of($compared);
    }

    /** The ground that is laid under this company, or would be. */
    public function current(Company $company): Ground
    {
        return $this->plan($company)->ground();
    }

    /**
     * Who else waits for the tone of each step, so that what is left in the cup is not thrown away: figures of this company that still
     * lack it, and of others whose undercoat takes the same paint.
     *
     * @return array<string, list<array{company: string, figures: int}>> by the key of the step
     */
    public function waiting(Company $company, UndercoatPlan $plan): array
    {
        $others = $this->painter->companies()->with('records')->whereNotNull('undercoat')->orderBy('id')->get();
        $found = [];
        foreach ($others as $other) {
            $kept = self::row($other);
            $steps = $other->id === $company->id ? $plan->steps : ($kept === null ? [] : $this->rows->plan($kept)->steps);
            $progress = BenchDesk::progress($other);
            foreach ($plan->steps as $wanted) {
                foreach ($steps as $step) {
                    // The figure that is sprayed now is not told that it waits.
                    $has = count($progress->touched(StepRef::ofFigure($step->key)));
                    $left = $other->count - $has - ($other->id === $company->id ? 1 : 0);
                    if ($wanted->paint !== null && $step->paint?->id === $wanted->paint->id && $left > 0) {
                        $found[$wanted->key->value][$other->name] = max($left, $found[$wanted->key->value][$other->name] ?? 0);
                    }
                }
            }
        }

        return array_map(static fn (array $by): array => array_map(
            static fn (string $name, int $left): array => ['company' => $name, 'figures' => $left],
            array_map(strval(...), array_keys($by)),
            array_values($by),
        ), $found);
    }

    /** Why a ground of the painter's own is as good as, or how it differs from, the advised one. */
    public function reasonFor(Company $company, UndercoatPlan $plan): string
    {
        $sources = [...$this->sources($company), UndercoatMapper::row($plan, self::row($company))];

        return Derived::of('ground-reason', $sources, fn (): string => $this->compared($company, $plan->kind(), $plan->ground())
            ->ownReason($plan->ground()));
    }

    /** @return list<mixed> all that an advice hangs on */
    private function sources(Company $company): array
    {
        $painter = $this->painter;

        return [
            $this->shelf->paints(), $painter->school, $painter->equipment(), $company->surface_cm2, self::row($company),
            array_values($company->areas->map(static fn (AreaRow $a): array => [$a->toCore($company), $a->hex, $a->mix])->all()),
        ];
    }

    /** What an advice that is not written down yet is called; null where what is written down stands. */
    public function pending(Company $company): ?string
    {
        /** @var UndercoatRow|null $had */
        $had = $company->keptUndercoat();
        $now = self::row($company);
        if ($had === null || $now === null || !$company->isOnlyAdvised()) {
            return null;
        }

        return UndercoatMapper::areAlike($had, $now) ? null : self::called($this->rows->plan($now)->ground());
    }

    /** What choosing this ground is called where it is advised. */
    public static function called(Ground $ground): string
    {
        return 'best choice: '.$ground->words;
    }

    /** Works it out again where its sources have changed, unless the painter chose, or the ground is on figures already. */
    public function freshen(Company $company): void
    {
        if (!$company->undercoat_stale) {
            return;
        }
        $kept = self::row($company);
        if ($kept === null) {
            return;
        }
        $company->loadMissing('areas.recipe', 'records');
        $plan = $this->rows->plan($kept);
        $painted = BenchDesk::progress($company)->touched(StepRef::ofFigure($plan->steps[0]->key));
        if ($kept['own'] && $this->rows->isOnShelf($kept)) {
            self::put($company, ['reason' => $this->reasonFor($company, $plan)] + $kept);
        } elseif ($painted !== []) {
            $reason = sprintf('It is on %d of %d figures already, and one company has one undercoat.', count($painted), $company->count);
            self::put($company, ['reason' => $reason] + $kept);
        } else {
            $this->advise($company);
        }
    }

    /** Whether a step of the undercoat itself has this key; the other steps of the figure come after it. */
    public static function hasStep(Company $company, string $key): bool
    {
        return in_array($key, array_column(self::row($company)['steps'] ?? [], 'key'), true);
    }

    /** @return UndercoatRow */
    private function kept(Company $company): array
    {
        $this->freshen($company);

        return self::row($company) ?? $this->advise($company->loadMissing('areas.recipe'));
    }

    /**
     * The first colour of every area that has one: the paints it was chosen as, or the nearest in stock.
     *
     * @return list<PlannedCoat>
     */
    public function coats(Company $company): array
    {
        $palette = new Palette($this->shelf->paints());
        $coats = [];
        foreach ($company->areas as $area) {
            $mix = $area->hex === null ? null : $this->first($area, $palette);
            if ($mix !== null) {
                $coat = new PlannedCoat($area->toCore($company), $mix, Thinning::undiluted());
                $use = $coat->isMetallic() ? 'metallic' : ($coat->isTransparent() ? 'stain' : 'basecoat');
                $coats[] = new PlannedCoat($coat->area, $mix, Thinning::fromRatio(Defaults::THINNING[$use]['ratio']));
            }
        }

        return $coats;
    }

    /** @return UndercoatRow */
    private function advise(Company $company): array
    {
        $had = self::row($company);
        $row = Derived::of('ground-advice', $this->sources($company), function () use ($company, $had): array {
            $advice = $this->compared($company);
            $best = $advice->laid[0]->ground;
            $plan = $had === null
                ? UndercoatPlan::of($best, $this->kind($company))
                : $this->rows->plan($had)->laidAs($best, $this->kind($company));

            return UndercoatMapper::row($plan->because($advice->reason, false), $had);
        });
        self::put($company, $row);

        return $row;
    }

    /** @param UndercoatRow $row */
    private static function put(Company $company, array $row): void
    {
        $had = self::row($company);
        $company->advise($row);
        Staleness::known($company, $had !== null && !UndercoatMapper::areAlike($had, $row));
    }

    /** @return UndercoatRow|null */
    private static function row(Company $company): ?array
    {
        /** @var UndercoatRow|null */
        return $company->undercoat;
    }

    private function first(AreaRow $area, Palette $palette): ?Mix
    {
        $chosen = $area->mix === null ? null : $this->shelf->plannedMix($area->mix);
        if ($chosen !== null && $chosen->isAtHand()) {
            return $chosen;
        }
        $target = Srgb::fromHex((string) $area->hex)->toLab();
        $metal = $area->material === Material::Metal && $palette->metallics() !== [];

        return (($metal ? $palette->metalSingles($target) : $palette->singles($target))[0] ?? null)?->mix;
    }
}
