<?php

declare(strict_types=1);

namespace App\Workshop\Undercoat;

use App\Models\Company;
use App\Models\Painter;
use App\Workshop\Figure\Matching;
use App\Workshop\Shelf\ShelfRows;
use App\Workshop\State\Conflict;
use App\Workshop\State\History;
use DomainException;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Ground\ValueSketch;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\ShelfProblem;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Spray;
use Kalokroma\Undercoat\Tone;
use Kalokroma\Undercoat\UndercoatProblem;

/**
 * What the painter changes of an undercoat, for the whole company: each change is kept so that it can be undone, and refused where it
 * was made on a state that is no longer the newest.
 *
 * @phpstan-import-type UndercoatRow from UndercoatRows
 * @phpstan-import-type SprayRow from UndercoatRows
 *
 * @phpstan-type SaidSpray array{
 *   key: string|null, paint_id: int, kind: string, from: SprayRow|null, areas: list<int>, coats: int|null, thin: string|null,
 * }
 */
final readonly class UndercoatEdits
{
    public function __construct(
        private Painter $painter,
        private ShelfRows $shelf,
        private UndercoatDesk $desk,
    ) {
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
        DB::transaction(function () use ($company, $paintId, $seen): void {
            $this->choose($company, $paintId, seen: $seen);
            foreach (Matching::of($this->desk->painter, $company) as $other) {
                $this->choose($other, $paintId);
            }
        });
    }

    /** @param list<int> $keeping ids of the areas that keep the light sketch; all others do not */
    public function keepSketch(Company $company, array $keeping): void
    {
        DB::transaction(static function () use ($company, $keeping): void {
            foreach ($company->areas as $area) {
                $area->update(['keeps_sketch' => in_array($area->id, $keeping, true)]);
            }
        });
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
            throw new DomainException(sprintf('Your answers on the Figures page rule out the %s.', $way->tool()->words()));
        }
        $ground = $this->desk->rows->built($primer, $lights);
        $this->put(
            $company,
            static fn (UndercoatPlan $plan): UndercoatPlan => $plan->laidAs($ground, $way),
            'undercoat '.$ground->words.($way === $this->desk->kind($company) ? '' : ', '.$way->words()),
            $seen,
            true,
        );
    }

    /**
     * Changes one of its steps: another paint, thinning or number of coats.
     *
     * @param list<array{paint: string|int, parts: int}>|null $mix
     * @param int|null $coats 0 leaves the number to what is usual; null as it is
     * @param int|null $seen the version it was changed on; null for the newest
     *
     * @throws RecipeProblem|ShelfProblem|FilmProblem|Conflict
     */
    public function change(Company $company, string $key, ?array $mix, ?Thinning $thinning, ?int $coats, ?int $seen = null): void
    {
        $paint = $mix === null ? null : $this->shelf->mix($mix)->first();
        $said = array_keys(array_filter(['paint' => $paint !== null, 'coats' => $coats !== null, 'thinning' => $thinning !== null]));
        $this->put($company, static fn (UndercoatPlan $plan): UndercoatPlan => $plan->changed(
            $key,
            static function (UndercoatStep $step) use ($paint, $thinning, $coats): UndercoatStep {
                $step = $paint === null ? $step : $step->painted($paint, Tone::of($paint));
                $step = $thinning === null ? $step : $step->thinned($thinning);

                return $coats === null ? $step : $step->coated($coats);
            },
        ), implode(', ', $said).' of the undercoat', $seen, $paint !== null);
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
        $this->put($company, function (UndercoatPlan $plan) use ($said, $areas): UndercoatPlan {
            $steps = array_map(fn (array $step): UndercoatStep => $this->said($step, $plan, $areas), $said);

            return $plan->withSteps($steps !== [] ? $steps : throw UndercoatProblem::firstAllOver());
        }, 'sprays of the undercoat', $seen, true);
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
        $this->put(
            $company,
            static fn (UndercoatPlan $plan): UndercoatPlan => $plan->withSteps(ValueSketch::steps($plan, $from, $to, $kind, $wanted)),
            'value sketch in '.$from->name.' and '.$to->name,
            $seen,
            true,
        );
    }

    /**
     * @param SaidSpray $said
     * @param list<int> $areas of the company
     */
    private function said(array $said, UndercoatPlan $plan, array $areas): UndercoatStep
    {
        $paint = $this->desk->rows->paint((string) $said['paint_id']);
        $kind = $paint->form === Form::SprayCan ? Kind::SprayCan : Kind::from($said['kind']);
        if (!$kind->isAllowedBy($this->painter->equipment())) {
            throw new DomainException(sprintf('Your answers on the Figures page rule out the %s.', $kind->tool()->words()));
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
            $said['from'] === null ? null : new Spray($said['from']['degrees'], $said['from']['side'], $said['from']['strength']),
            array_map(strval(...), $said['areas']),
        );
        foreach ($plan->steps as $before) {
            $step = $before->key->is($step->key) ? $step->thinned($before->thinning) : $step;
        }

        $step = $said['thin'] === null ? $step : $step->thinned(Thinning::fromRatio($said['thin']));

        return $step->coated($said['coats']);
    }

    /**
     * Undo (-1) or redo (1).
     *
     * @throws RecipeProblem|Conflict
     */
    public function step(Company $company, int $direction, ?int $seen = null): void
    {
        DB::transaction(function () use ($company, $direction, $seen): void {
            $before = $company->undercoat_version;
            $this->desk->plan($company);
            $found = History::beside($company, $direction) ?? throw $direction < 0
                ? RecipeProblem::nothingToUndo()
                : RecipeProblem::nothingToRedo();
            /** @var UndercoatRow $state */
            $state = $found->state;
            [$now, $then] = [$this->desk->plan($company), $this->desk->rows->plan($state)];
            self::check($company, $seen === $before ? null : $seen, $now, $then);
            // What was advised since is not advised again at once: the painter has taken it back.
            $state['own'] = $state['own'] || (!$now->own && $now->ground()->id !== $then->ground()->id);
            if ($state['own']) {
                $state['reason'] = $this->desk->reasonFor($company, $this->desk->rows->plan($state));
            }
            $company->stand($found->number, $company->highest());
            $this->desk->put($company, $state);
        });
    }

    /**
     * Keeps what a change makes of the plan, unless another window changed it meanwhile.
     *
     * @param callable(UndercoatPlan): UndercoatPlan $change
     * @param int|null $seen the version it was made on; null for the newest
     * @param bool $choosing whether the ground is the painter's own choice from now on
     *
     * @throws DomainException|Conflict
     */
    public function put(Company $company, callable $change, string $words, ?int $seen, bool $choosing): void
    {
        DB::transaction(function () use ($company, $change, $words, $seen, $choosing): void {
            // What is advised only now is what was seen: looking at it has not written it down.
            $before = $company->undercoat_version;
            $now = $this->desk->plan($company);
            $wanted = $change($now);
            self::check($company, $seen === $before ? null : $seen, $now, $wanted);
            if ($choosing) {
                $wanted = $wanted->because($this->desk->reasonFor($company, $wanted), true);
            }
            $this->desk->keep($company, $wanted, $words);
        });
    }

    private static function check(Company $company, ?int $seen, UndercoatPlan $now, UndercoatPlan $wanted): void
    {
        $isSeen = $seen === null || $seen === $company->undercoat_version;
        $differences = $isSeen ? [] : UndercoatRows::state($now)->differences(UndercoatRows::state($wanted));
        if ($differences !== []) {
            throw new Conflict('The undercoat', (string) $company->undercoat_version, $differences);
        }
    }
}
