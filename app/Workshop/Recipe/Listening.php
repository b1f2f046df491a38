<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\ToldChoice;
use App\Workshop\Studio;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Told\ToldRecipe;

/** Recipes as they are told: read with what the painter chose before, and looked at before anything is kept. */
final readonly class Listening
{
    /** Choices of one painter that are kept: the newest. */
    private const MOST = 500;

    public function __construct(private Studio $studio)
    {
    }

    public function read(string $text): ToldRecipe
    {
        return ToldRecipe::read($text, $this->studio->shelf->paints(), $this->choices());
    }

    /** From now on this line means that one; the line itself where it means what it says. */
    public function choose(string $said, string $means): void
    {
        ToldChoice::query()->updateOrCreate(
            ['painter_id' => $this->studio->painter->id, 'said' => mb_substr(ToldRecipe::key($said), 0, 600)],
            ['means' => mb_substr(trim($means), 0, 600)],
        );
        $old = ToldChoice::query()->where('painter_id', $this->studio->painter->id)
            ->orderByDesc('updated_at')->orderByDesc('id')->skip(self::MOST)->limit(self::MOST)->pluck('id');
        ToldChoice::query()->whereIn('id', $old)->delete();
    }

    /** A line is asked about again. */
    public function forget(string $said): void
    {
        ToldChoice::query()->where('painter_id', $this->studio->painter->id)->where('said', ToldRecipe::key($said))->delete();
    }

    /**
     * What an area would look like, step by step from the undercoat up, without what goes over the whole figure.
     *
     * @return list<StepOutcome> the undercoat first
     */
    public function look(Company $company, AreaRow $area, ToldRecipe $told): array
    {
        $undercoat = $this->studio->undercoats->laid($company, $area);

        return [...$undercoat->steps, ...Simulation::run(
            $told->steps(),
            $area->toCore($company),
            $undercoat->surface(),
            $undercoat->certainty(),
        )];
    }

    /** @return array<string, string> by line as it is compared */
    private function choices(): array
    {
        $found = [];
        foreach (ToldChoice::query()->where('painter_id', $this->studio->painter->id)->get(['said', 'means']) as $choice) {
            $found[$choice->said] = $choice->means;
        }

        return $found;
    }
}
