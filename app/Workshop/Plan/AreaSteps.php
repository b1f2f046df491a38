<?php

declare(strict_types=1);

namespace App\Workshop\Plan;

use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Studio;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Material;
use Kalokroma\Recipe\Change\StepMaking;
use Kalokroma\Recipe\Draft\AddedStep;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;

/** Makes steps for one area: in its colours, from the shelf, aimed at what lies below. */
final readonly class AreaSteps implements StepMaking
{
    public function __construct(private Studio $studio, private Company $company, private AreaRow $area)
    {
    }

    public function step(Plan $plan, Technique $technique, ?string $after, ?Oklch $colour): PlannedStep
    {
        $ground = $this->studio->undercoats->laid($this->company, $this->area)->surface();
        $below = $ground;
        foreach ($this->studio->predictions->of($this->company, $this->area, $plan) as $outcome) {
            $below = $outcome->look->after;
            if ($outcome->step->key->is($after)) {
                break;
            }
        }
        $recipe = $this->area->recipe;
        $wanted = $recipe->drafted_colour ?? $this->area->hex ?? '#808080';
        $ladder = new Ladder(Srgb::fromHex($wanted)->toOklch(), PlanMapper::wish($recipe?->options));

        return (new AddedStep($this->studio->palette, $plan, $ladder, $ground))
            ->make($technique, $below, $colour, $this->area->material === Material::Metal);
    }
}
