<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Figure\Area;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\RankedMix;

/** What else could be loaded for a step, ranked by what it would look like there. */
final class Alternatives
{
    /**
     * @return array{singles: list<RankedMix>, pairs: list<RankedMix>} differences are from the wanted colour; for a
     *   wash, of the recess from the wanted shade
     */
    public static function of(PlannedStep $step, Palette $palette, Surface $below): array
    {
        if ($step->target === null || $step->load->mix === null) {
            return ['singles' => [], 'pairs' => []];
        }
        $target = $step->target->toLab();
        if ($step->stage === Stage::Wash) {
            return [
                'singles' => array_slice($palette->shades($target, $below, $step->technique, $step->load->thinning), 0, 6),
                'pairs' => [],
            ];
        }
        if ($step->load->mix->first()->behaviour === Behaviour::Metallic) {
            return ['singles' => array_slice($palette->metalSingles($target), 0, 6), 'pairs' => []];
        }

        return ['singles' => array_slice($palette->singles($target), 0, 4), 'pairs' => $palette->pairs($target, 5)];
    }

    /** What taking it would change, computed by laying it: coats more or fewer than now. */
    public static function coatsMore(PlannedStep $step, RankedMix $alternative, Area $area, Surface $below): int
    {
        $auto = $step->withCoats(0);
        $now = Simulation::step($auto, $area, $below)->labour->coats;

        return Simulation::step($auto->withMix($alternative->mix), $area, $below)->labour->coats - $now;
    }
}
