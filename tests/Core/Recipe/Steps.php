<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Finding;
use Tests\Core\Swatches;

/** Steps written down for tests as a painter says them. */
final class Steps
{
    /** @param Paint|string|null $paint a paint, its colour, or null for a step without */
    public static function step(
        string $technique,
        Paint|string|null $paint = '#6f4a2e',
        ?string $thin = null,
        ?int $coats = null,
        StepKey|string|null $key = null,
    ): PlannedStep {
        $done = Technique::from($technique);
        $facts = $done->facts();
        $mix = match (true) {
            $facts->takes === [] || $paint === null => null,
            $paint instanceof Paint => Mix::single($paint),
            default => Mix::single(Swatches::paint($paint, $paint, $facts->takes[0])),
        };
        $row = $facts->use === '' ? ['ratio' => '1:0', 'with' => Thinner::Water] : Defaults::THINNING[$facts->use];

        return new PlannedStep(
            $key instanceof StepKey ? $key : StepKey::kept($key ?? $technique),
            $done,
            $mix?->first()->colour === null ? null : Oklch::fromLab($mix->lab()),
            new Load($mix, Thinning::fromRatio($thin ?? $row['ratio']), $row['with']),
            handling: new Handling($coats),
            why: [new Finding('technique.test', 'For the test.')],
        );
    }

    /** What a step comes to on 4 cm² of bare grey. */
    public static function outcome(PlannedStep $step): StepOutcome
    {
        $area = new Area('coat', 'Coat', Material::Cloth, Relief::Broad, 4.0, 1);

        return Simulation::step($step, $area, Surface::uniform(Swatches::reflectance('#868686')));
    }

    /** @param string ...$techniques from the lowest up; one that comes again gets a number */
    public static function plan(string ...$techniques): Plan
    {
        $plan = new Plan([], []);
        foreach ($techniques as $technique) {
            $plan = $plan->withSteps([...$plan->steps, self::step($technique, key: $plan->freeKey($technique))]);
        }

        return $plan;
    }

    /** @return list<string> */
    public static function keys(Plan $plan): array
    {
        return array_map(static fn (PlannedStep $s): string => $s->key->value, $plan->steps);
    }
}
