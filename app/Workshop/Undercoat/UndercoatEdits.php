<?php

declare(strict_types=1);

namespace App\Workshop\Undercoat;

use App\Models\Company;
use App\Models\Painter;
use App\Workshop\Figure\Matching;
use App\Workshop\Plan\PlanStore;
use App\Workshop\State\Conflict;
use App\Workshop\Studio;
use DomainException;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Change\StepChange;
use Kalokroma\Recipe\Ground\ValueSketch;
use Kalokroma\Recipe\Plan\FigurePlan;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Shelf\ShelfProblem;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Spray;
use Kalokroma\Undercoat\Tone;
use Kalokroma\Undercoat\UndercoatProblem;

/**
 * What the painter changes of an undercoat, for the whole company: each change is kept so that it can be undone, and refused where it
 * was made on a state that is no longer the newest.
 *
 * @phpstan-type SaidSpray array{
 *   key: string|null, paint_id: int, kind: string, from: Spray|null, areas: list<int>, coats: int|null, thin: string|null,
 * }
 */
final readonly class UndercoatEdits
{
    private UndercoatDesk $desk;
    private Painter $painter;

    public function __construct(private Studio $studio)
    {
        [$this->desk, $this->painter] = [$studio->undercoats, $studio->painter];
    }

    /**
     * Takes one ground for this company and all that are meant to match it; each can be undone for itself.
     *
     * @param int|null $seen the version of this company's undercoat it was chosen on; null for the newest
     *
     * @throws DomainException|Conflict
     */
    public function chooseForAll(Company $company, string $paintId, ?int $seen = null): void
    {
        $this->choose($company, $paintId, seen: $seen);
        foreach (Matching::of($this->painter, $company) as $other) {
            $this->choose($other, $paintId);
        }
    }

    /**
     * Whether the light sketch is to show on an area; all others stay as they are.
     *
     * @param array<array-key, bool> $keeps by id of the area
     */
    public static function keepSketch(Company $company, array $keeps): void
    {
        foreach ($keeps as $id => $its) {
            $company->areas->firstWhere('id', $id)?->update(['keeps_sketch' => $its]);
        }
    }

    /**
     * Takes another ground, laid in one step.
     *
     * @param list<array{paint_id: int, degrees: float, side?: string, strength?: float}> $lights sprayed over it in order
     * @param int|null $seen the version it was chosen on; null for the newest
     *
     * @throws DomainException|Conflict
     */
    public function choose(Company $company, string $paintId, array $lights = [], ?string $kind = null, ?int $seen = null): void
    {
        $way = $kind === null ? $this->desk->kind($company) : Kind::from($kind);
        $primer = $this->desk->rows->paint($paintId);
        if ($lights !== [] && $way === Kind::Brush) {
            throw UndercoatProblem::sketchNeedsSpray();
        }
        if (!$way->isAllowedBy($this->painter->equipment())) {
            throw new DomainException(sprintf('Your answers under “What you own” rule out the %s.', $way->tool()->words()));
        }
        $ground = $this->desk->rows->built($primer, $lights);
        $this->keep(
            $company,
            static fn (UndercoatPlan $plan): UndercoatPlan => $plan->laidAs($ground, $way),
            'undercoat '.$ground->words.($way === $this->desk->kind($company) ? '' : ', '.$way->words()),
            $seen,
        );
    }

    /**
     * Changes one of its steps: another paint, thinning or number of coats.
     *
     * @param int|null $seen the version it was changed on; null for what stands
     *
     * @throws DomainException|Conflict
     */
    public function change(Company $company, StepChange $change, ?int $seen = null): void
    {
        $this->keep(
            $company,
            static fn (UndercoatPlan $plan): UndercoatPlan => $plan->changed($change->key, $change->ofUndercoat(...)),
            $change->changed().' of the undercoat',
            $seen,
            $change->mix !== null,
        );
    }

    /**
     * The whole sequence, as the painter wants it.
     *
     * @param list<SaidSpray> $said the first all over the figure
     * @param int|null $seen the version it was made from; null for the newest
     *
     * @throws DomainException|Conflict
     */
    public function sequence(Company $company, array $said, ?int $seen = null): void
    {
        $areas = array_map(intval(...), $company->areas->modelKeys());
        $this->keep($company, function (UndercoatPlan $plan) use ($said, $areas): UndercoatPlan {
            $steps = array_map(fn (array $step): UndercoatStep => $this->said($step, $plan, $areas), $said);

            return $plan->withSteps($steps !== [] ? $steps : throw UndercoatProblem::firstAllOver());
        }, 'sprays of the undercoat', $seen);
    }

    /**
     * Brings every area that has a colour to the lightness it will finally have, before any colour.
     *
     * @param int|null $seen the version it was chosen on; null for the newest
     *
     * @throws DomainException|Conflict
     */
    public function valueSketch(Company $company, string $dark, string $light, ?int $seen = null): void
    {
        [$from, $to] = [$this->desk->rows->paint($dark), $this->desk->rows->paint($light)];
        if ($from->id === $to->id) {
            throw UndercoatProblem::sketchNeedsTwoTones($from->name);
        }
        $kind = Kind::allowedBy($this->painter->equipment());
        if ($kind === Kind::Brush) {
            throw UndercoatProblem::sketchNeedsSpray();
        }
        $wanted = [];
        foreach ($company->areas as $area) {
            if ($area->hex !== null) {
                $wanted[] = ['area' => $area->toCore($company), 'lightness' => Srgb::fromHex($area->hex)->toLab()->l];
            }
        }
        if ($wanted === []) {
            throw new DomainException('No area has a colour yet: choose colours first, a value sketch follows their lightness.');
        }
        $this->keep(
            $company,
            static fn (UndercoatPlan $plan): UndercoatPlan => $plan->withSteps(ValueSketch::steps($plan, $from, $to, $kind, $wanted)),
            'value sketch in '.$from->name.' and '.$to->name,
            $seen,
        );
    }

    /**
     * @param SaidSpray $said
     * @param list<int> $areas of the company
     */
    private function said(array $said, UndercoatPlan $plan, array $areas): UndercoatStep
    {
        $paint = $this->desk->rows->paint((string) $said['paint_id']);
        $chosen = Kind::from($said['kind']);
        $kind = $chosen->of($paint);
        $ruledOut = array_filter(
            $kind === Kind::SprayCan ? [$kind] : [$chosen, $kind],
            fn (Kind $k): bool => !$k->isAllowedBy($this->painter->equipment()),
        );
        foreach ($ruledOut as $each) {
            throw new DomainException(sprintf('Your answers under “What you own” rule out the %s.', $each->tool()->words()));
        }
        if ($said['from'] !== null && $kind === Kind::Brush) {
            throw UndercoatProblem::sketchNeedsSpray();
        }
        if (array_diff($said['areas'], $areas) !== []) {
            throw new DomainException('One of the areas is not of this figure: reload the page and choose again.');
        }
        if ($paint->colour === null) {
            throw ShelfProblem::withoutColour($paint->name);
        }
        $step = new UndercoatStep(
            StepKey::kept($said['key'] ?? ''),
            $paint,
            Tone::of($paint),
            $kind,
            $said['from'],
            array_map(strval(...), $said['areas']),
        );
        foreach ($plan->steps as $before) {
            $step = $before->key->is($step->key) ? $step->thinned($before->thinning) : $step;
        }

        $step = $said['thin'] === null ? $step : $step->thinned(Thinning::fromRatio($said['thin']));

        return $step->coated($said['coats']);
    }

    /**
     * @param callable(UndercoatPlan): UndercoatPlan $change
     * @param int|null $seen the version it was made on; null for what stands
     * @param bool $choosing whether the ground is the painter's own choice from now on
     *
     * @throws DomainException|Conflict
     */
    private function keep(Company $company, callable $change, string $words, ?int $seen, bool $choosing = true): void
    {
        $this->studio->plans->commit(
            $company,
            [PlanStore::UNDERCOAT => $seen],
            $words,
            function (FigurePlan $plan) use ($company, $change, $choosing): FigurePlan {
                $wanted = $change($plan->undercoat);

                return $plan->withUndercoat(
                    $choosing ? $wanted->because($this->desk->reasonFor($company, $wanted), true) : $wanted,
                );
            },
        );
    }
}
