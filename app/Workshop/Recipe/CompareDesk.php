<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\TrialRow;
use App\Workshop\Studio;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Ladder\Contrast;
use Kalokroma\Recipe\Ladder\LadderWish;
use Kalokroma\Recipe\Predict\DraftSum;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Scheme\Coloured;
use Kalokroma\Scheme\Legibility;
use Kalokroma\Scheme\Sight;
use Kalokroma\Undercoat\Ground;

/**
 * Two drafts of one area or of a whole figure side by side, without changing either: another way, ground, contrast or
 * scheme.
 *
 * @phpstan-type Side array{kind: string, way?: string|null, ground?: string|null, contrast?: string|null, trial?: int|null}
 */
final readonly class CompareDesk
{
    public function __construct(private Studio $studio)
    {
    }

    /**
     * @param list<AreaRow> $areas
     * @param Side $side `now` for the recipes as they are, else drafted anew
     *
     * @return array{
     *   words: string, undercoat: StepOutcome,
     *   areas: list<array{area: AreaRow, outcomes: list<StepOutcome>, refused: string|null}>, sum: DraftSum, lost: int,
     *   pairs: int,
     * }
     */
    public function side(Company $company, array $areas, array $side): array
    {
        $ground = $this->ground($company, $side['ground'] ?? null);
        $kept = $this->studio->undercoats->outcome($company);
        $undercoat = $ground === null ? $kept : Undercoating::outcome(
            $this->studio->undercoats->kind($company),
            $ground,
            $company->surface_cm2,
            null,
            null,
            [],
        );
        $way = Way::tryFrom($side['way'] ?? '');
        $wish = new LadderWish(Contrast::tryFrom($side['contrast'] ?? '') ?? Contrast::Clear);
        $trial = ($side['trial'] ?? null) === null ? null : TrialRow::query()->where('company_id', $company->id)->find($side['trial']);
        $colours = $trial === null ? [] : array_map(static fn (array $c): string => $c['hex'], $trial->colours);
        $found = [];
        foreach ($areas as $area) {
            $hex = $colours[$area->name] ?? $area->recipe->hex ?? $area->hex;
            $outcomes = [];
            $refused = $hex === null ? 'no colour yet' : null;
            if ($side['kind'] === 'now') {
                $plan = $this->studio->recipes->plan($area->recipe);
                $outcomes = $plan === null ? [] : Simulation::run(
                    $plan->steps,
                    $area->toCore($company),
                    $undercoat->look->after,
                    $undercoat->look->certainty,
                );
                $refused = $plan === null ? 'no recipe yet' : null;
            } elseif ($hex !== null) {
                $brief = $this->studio->drafting->brief(
                    $company,
                    $area,
                    $hex,
                    $way ?? $area->recipe->way ?? $this->studio->painter->way,
                    $wish,
                    $undercoat->look->after,
                );
                $outcomes = Simulation::run(
                    Drafter::draft($brief)->steps,
                    $area->toCore($company),
                    $undercoat->look->after,
                    $undercoat->look->certainty,
                );
            }
            $found[] = ['area' => $area, 'outcomes' => $outcomes, 'refused' => $refused];
        }
        $sum = DraftSum::of(
            $undercoat,
            array_map(static fn (array $f): array => ['area' => $f['area']->toCore($company), 'outcomes' => $f['outcomes']], $found),
        );
        $legibility = $this->legibility($company, $sum);

        return [
            'words' => $this->words($side, $way, $ground, $trial),
            'undercoat' => $undercoat,
            'areas' => $found,
            'sum' => $sum,
            'lost' => count($legibility->findings()),
            'pairs' => count($legibility->pairs),
        ];
    }

    /** Neighbours by what they are predicted to look like on their planes. */
    private function legibility(Company $company, DraftSum $sum): Legibility
    {
        $look = static fn (AreaRow $a): ?Lab => isset($sum->ends[$a->id])
            ? $sum->ends[$a->id]->plane->toLab()
            : ($a->hex === null ? null : Srgb::fromHex($a->hex)->toLab());

        return new Legibility(
            array_values($company->areas->map(static fn (AreaRow $a): Coloured => new Coloured($a->toCore($company), $look($a)))->all()),
            $company->touching(),
            new Sight(),
        );
    }

    private function ground(Company $company, ?string $id): ?Ground
    {
        foreach ($id === null || $id === '' ? [] : $this->studio->undercoats->compared($company)->laid as $laid) {
            if ($laid->ground->id === $id) {
                return $laid->ground;
            }
        }

        return null;
    }

    /** @param Side $side */
    private function words(array $side, ?Way $way, ?Ground $ground, ?TrialRow $trial): string
    {
        $said = array_filter([
            $side['kind'] === 'now' ? 'as planned' : ($way === null ? 'drafted anew' : $way->words()),
            ($side['contrast'] ?? '') === '' || $side['kind'] === 'now' ? '' : $side['contrast'].' contrast',
            $ground === null ? '' : 'on '.$ground->words,
            $trial === null ? '' : 'in the colours of '.$trial->name,
        ]);

        return ucfirst(implode(', ', $said));
    }
}
