<?php

declare(strict_types=1);

namespace App\Workshop\Undercoat;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Painter;
use App\Workshop\Recipe\Staleness;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Shelf\ShelfRows;
use DomainException;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Material;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Ground\GroundsCompared;
use Kalokroma\Recipe\Ground\PlannedCoat;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\ShelfProblem;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Tone;
use Kalokroma\Undercoat\UndercoatProblem;
use Kalokroma\Word\Finding;

/**
 * One company, one undercoat: advised when the first recipe is drafted, changed by the painter for all of it.
 *
 * @phpstan-type Kept array{
 *   tone: string, paint_id: int|null, coats: int|null, thin: string|null, reason: string, own: bool, kind?: string,
 *   lights?: list<array{paint_id: int, degrees: float}>,
 * }
 */
final readonly class UndercoatDesk
{
    public function __construct(private Painter $painter, private ShelfRows $shelf)
    {
    }

    /** The undercoat as a step; advised and kept where the company has none yet. */
    public function outcome(Company $company): StepOutcome
    {
        $kept = $this->kept($company);

        return Undercoating::outcome(
            $this->kind($company),
            $this->ground($kept),
            $company->surface_cm2,
            $kept['coats'],
            $kept['thin'] === null ? null : Thinning::fromRatio($kept['thin']),
            [new Finding('undercoat.tone', '{reason}', ['reason' => $kept['reason']])],
        );
    }

    /** How it is put on: as the painter chose, if the equipment still allows it. */
    public function kind(Company $company): Kind
    {
        $best = Kind::allowedBy($this->painter->equipment());
        $chosen = Kind::tryFrom($company->undercoat['kind'] ?? '');

        return $chosen !== null && $chosen->isAllowedBy($this->painter->equipment()) ? $chosen : $best;
    }

    /** What could be laid under this company's colours, the advised ground first. */
    public function compared(Company $company, ?Kind $kind = null): GroundsCompared
    {
        $kind ??= $this->kind($company);
        $grounds = Ground::offered($this->shelf->paints(), $this->painter->equipment());
        $kept = $company->undercoat;
        if ($kept !== null) {
            $own = $this->ground($kept);
            $grounds = in_array(
                $own->id,
                array_map(static fn (Ground $g): string => $g->id, $grounds),
                true,
            ) ? $grounds : [...$grounds, $own];
        }

        return GroundsCompared::of($grounds, $this->coats($company), $kind, $this->painter->school, $company->surface_cm2);
    }

    /** The ground that is laid under this company, or would be. */
    public function current(Company $company): Ground
    {
        return $this->ground($this->kept($company));
    }

    /**
     * Takes another ground for the whole company.
     *
     * @param list<array{paint_id: int, degrees: float}> $lights sprayed over it in order, for a light sketch
     */
    public function choose(Company $company, string $paintId, array $lights = [], ?string $kind = null): void
    {
        $primer = $this->paint($paintId);
        $way = $kind === null ? $this->kind($company) : Kind::from($kind);
        if ($lights !== [] && $way === Kind::Brush) {
            throw UndercoatProblem::sketchNeedsSpray();
        }
        if (!$way->isAllowedBy($this->painter->equipment())) {
            throw new DomainException(sprintf('Your answers on the Figures page rule out the %s.', $way->tool()->words()));
        }
        $ground = $this->built($primer, $lights);
        $kept = [
            'tone' => $ground->tone->value,
            'paint_id' => (int) $primer->id,
            'own' => true,
            'lights' => $lights,
            'kind' => $way->value,
            'reason' => '',
        ];
        $this->keep($company, [...($company->undercoat ?? []), ...$kept]);
        $kept['reason'] = $this->compared($company)->ownReason($ground);
        $this->keep($company, [...($company->undercoat ?? []), ...$kept]);
    }

    /**
     * Changes it as a step: another paint, thinning or number of coats for the whole company.
     *
     * @param list<array{paint: string|int, parts: int}>|null $mix
     *
     * @throws RecipeProblem|ShelfProblem|FilmProblem
     */
    public function change(Company $company, ?array $mix, ?Thinning $thinning, ?int $coats): void
    {
        (new Handling())->coated($coats);
        if ($mix !== null) {
            $this->choose($company, $this->shelf->mix($mix)->first()->id);
        }
        if ($coats !== null || $thinning !== null) {
            $this->keep($company, [
                ...$this->kept($company),
                ...($coats === null ? [] : ['coats' => $coats === 0 ? null : $coats]),
                ...($thinning === null ? [] : ['thin' => $thinning->ratio()]),
            ]);
        }
    }

    /**
     * Whether shelf, answers and this company are still as this desk read them; asked inside a transaction, so that nothing is
     * kept that was worked out from an older state.
     */
    public function knowsTheNewestOf(Company $company): bool
    {
        return $this->painter->newQuery()->whereKey($this->painter->id)->where('stamp', $this->painter->stamp)->exists()
            && Company::query()->whereKey($company->id)->where('undercoat', $company->getRawOriginal('undercoat'))->exists();
    }

    /** Works it out again where its sources have changed, unless the painter chose, or the ground is on figures already. */
    public function freshen(Company $company): void
    {
        if (!$company->undercoat_stale) {
            return;
        }
        $company->undercoat_stale = false;
        $kept = $company->undercoat;
        if ($kept === null) {
            $company->save();

            return;
        }
        $company->loadMissing('areas.recipe', 'records');
        $painted = BenchDesk::progress($company)->touched(null, StepKey::UNDERCOAT);
        if ($kept['own'] && $kept['paint_id'] !== null && $this->shelf->find((string) $kept['paint_id']) !== null) {
            $this->keep($company, [...$kept, 'reason' => $this->compared($company)->ownReason($this->ground($kept))]);
        } elseif ($painted !== []) {
            $this->keep(
                $company,
                [
                    ...$kept,
                    'reason' => sprintf(
                        'It is on %d of %d figures already, and one company has one undercoat.',
                        count($painted),
                        $company->count,
                    ),
                ],
            );
        } else {
            $this->advise($company);
        }
    }

    /** @return Kept */
    private function kept(Company $company): array
    {
        $this->freshen($company);

        return $company->undercoat ?? $this->advise($company->loadMissing('areas.recipe'));
    }

    /**
     * The first colour of every area that has one: the paints it was chosen as, or the nearest at hand.
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

    /** @param list<array{paint_id: int, degrees: float}> $lights */
    public function built(Paint $primer, array $lights): Ground
    {
        $tone = Tone::ofColour(($primer->colour ?? Tone::Grey->assumed())->toLab());

        return $lights === [] ? Ground::uniform($tone, $primer)
            : Ground::sketch(
                $primer,
                array_map(fn (array $l): array => ['paint' => $this->paint((string) $l['paint_id']), 'degrees' => $l['degrees']], $lights),
            );
    }

    public function paint(string $id): Paint
    {
        return $this->shelf->mix([['paint' => $id, 'parts' => 1]])->first();
    }

    /** @param Kept $kept */
    private function ground(array $kept): Ground
    {
        $primer = $kept['paint_id'] === null ? null : $this->shelf->find((string) $kept['paint_id']);
        $lights = array_values(
            array_filter($kept['lights'] ?? [], fn (array $l): bool => $this->shelf->find((string) $l['paint_id']) !== null),
        );

        return $primer === null ? Ground::uniform(Tone::from($kept['tone']), null) : $this->built($primer, $lights);
    }

    /** @return Kept */
    private function advise(Company $company): array
    {
        $advice = $this->compared($company);
        $best = $advice->laid[0]->ground;

        return $this->keep($company, [
            ...($company->undercoat ?? []),
            'own' => false,
            'tone' => $best->tone->value,
            'paint_id' => $best->primer === null ? null : (int) $best->primer->id,
            'lights' => array_map(
                static fn (array $l): array => ['paint_id' => (int) ($l['paint']->id ?? 0), 'degrees' => $l['degrees']],
                $best->lights,
            ),
            'reason' => $advice->reason,
        ]);
    }

    /**
     * @param array{
     *   tone: string, paint_id: int|null, reason: string, own: bool, coats?: int|null, thin?: string|null, kind?: string,
     *   lights?: list<array{paint_id: int, degrees: float}>,
     * } $kept
     *
     * @return Kept
     */
    private function keep(Company $company, array $kept): array
    {
        $kept += ['coats' => null, 'thin' => null];
        $had = $company->undercoat;
        $company->undercoat = $kept;
        $company->save();
        if ($had !== null && array_diff_key($had, ['reason' => 0, 'own' => 0]) != array_diff_key($kept, ['reason' => 0, 'own' => 0])) {
            Staleness::recipesOf($company);
        }

        return $kept;
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
