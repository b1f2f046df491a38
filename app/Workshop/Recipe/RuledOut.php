<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\Painter;
use App\Models\RecipeRow;
use App\Workshop\Studio;
use Kalokroma\Recipe\Plan\PlannedStep;

/** What was drafted with something that the painter's answers rule out now: it stays until somebody drafts it again. */
final class RuledOut
{
    /** Empty where nothing is. */
    public static function sentence(Painter $painter): string
    {
        $equipment = $painter->equipment();
        $studio = new Studio($painter);
        $areas = 0;
        foreach (RecipeRow::query()->orderBy('id')->get() as $recipe) {
            $steps = $studio->recipes->plan($recipe)->steps ?? [];
            $areas += array_filter(
                $steps,
                static fn (PlannedStep $s): bool => (!$equipment->airbrush && in_array('airbrush', $s->technique->facts()->needs, true))
                    || (!$equipment->solvents && $s->technique->isSolvent()),
            ) === [] ? 0 : 1;
        }

        return $areas === 0 ? '' : sprintf(
            '%s drafted with what your answers rule out now: %s until you draft %s again.',
            $areas === 1 ? '1 area was' : $areas.' areas were',
            $areas === 1 ? 'it stays as it is' : 'they stay as they are',
            $areas === 1 ? 'it' : 'them',
        );
    }
}
