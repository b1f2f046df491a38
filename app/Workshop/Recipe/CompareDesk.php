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
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Predict\DraftSum;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Undercoated;
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
     */
    public function side(Company $company, array $areas, array $side): ComparedSide
    {
        $ground = $this->ground($company, $side['ground'] ?? null);
        $undercoat = $ground === null ? $this->studio->undercoats->laid($company) : Undercoating::of(
            UndercoatPlan::of($ground, $this->studio->undercoats->kind($company)),
            $company->surface_cm2,
        );
        $trial = ($side['trial'] ?? null) === null ? null : TrialRow::query()->where('company_id', $company->id)->find($side['trial']);
        $colours = $trial === null ? [] : array_map(static fn (array $c): string => $c['hex'], $trial->colours);
        $found = array_map(function (AreaRow $area) use ($company, $side, $ground, $undercoat, $colours): ComparedArea {
            $below = $ground === null ? $this->studio->undercoats->laid($company, $area) : $undercoat;
            $hex = $colours[$area->name] ?? $area->recipe->hex ?? $area->hex;

            return $side['kind'] === 'now'
                ? $this->planned($company, $area, $below)
                : $this->drafted($company, $area, $below, $side, $hex);
        }, $areas);
        $sum = DraftSum::of(
            $undercoat,
            array_map(static fn (ComparedArea $f): array => ['area' => $f->area->toCore($company), 'outcomes' => $f->outcomes], $found),
        );

        return new ComparedSide(
            $this->words($side, Way::tryFrom($side['way'] ?? ''), $ground, $trial),
            $undercoat,
            $found,
            $sum,
            $this->legibility($company, $sum),
        );
    }

    private function planned(Company $company, AreaRow $area, Undercoated $undercoat): ComparedArea
    {
        $plan = $this->studio->recipes->plan($area->recipe);

        return $plan === null
            ? new ComparedArea($area, [], 'no recipe yet')
            : new ComparedArea($area, $this->laid($plan, $company, $area, $undercoat), null);
    }

    /** @param Side $side */
    private function drafted(Company $company, AreaRow $area, Undercoated $undercoat, array $side, ?string $hex): ComparedArea
    {
        if ($hex === null) {
            return new ComparedArea($area, [], 'no colour yet');
        }
        $brief = $this->studio->drafting->brief(
            $company,
            $area,
            $hex,
            Way::tryFrom($side['way'] ?? '') ?? $area->recipe->way ?? $this->studio->painter->way,
            new LadderWish(Contrast::tryFrom($side['contrast'] ?? '') ?? Contrast::Clear),
            $undercoat->surface(),
        );

        return new ComparedArea($area, $this->laid(Drafter::draft($brief), $company, $area, $undercoat), null);
    }

    /** @return list<StepOutcome> */
    private function laid(Plan $plan, Company $company, AreaRow $area, Undercoated $undercoat): array
    {
        $steps = $this->studio->undercoats->among($company, $area, $plan->steps);

        return Simulation::run($steps, $area->toCore($company), $undercoat->surface(), $undercoat->certainty());
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
            $company->alike(),
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
