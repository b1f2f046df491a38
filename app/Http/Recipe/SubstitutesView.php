<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Shared\StepView;
use App\Models\AreaRow;
use App\Workshop\Studio;
use Kalokroma\Recipe\Choose\Substitute;
use Kalokroma\Recipe\Choose\Substitutes;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Shelf\Part;

/** What stands in for the mix of a step, by what it looks like in place. */
final class SubstitutesView
{
    /**
     * @return array<string, mixed> expects company.areas.recipe and recipe loaded
     *
     * @throws RecipeProblem
     */
    public static function of(Studio $studio, AreaRow $area, string $key): array
    {
        foreach ($studio->predictions->outcomes($area->company, $area, $area->recipe) as $outcome) {
            if ($outcome->step->key->is($key) && !$outcome->step->isOfFigure()) {
                $gone = array_values(
                    array_filter($outcome->step->load->mix->parts ?? [], static fn (Part $p): bool => !$p->paint->isAtHand()),
                );
                $without = array_map(
                    static fn (Part $p): string => $p->paint->id,
                    $gone === [] ? $outcome->step->load->mix->parts ?? [] : $gone,
                );

                return [
                    'missing' => array_map(static fn (Part $p): string => $p->paint->name, $gone),
                    'now' => $outcome->look->after->hexes(),
                    'substitutes' => array_map(static fn (Substitute $s): array => [
                        'mix' => StepView::mix($s->mix),
                        'mix_words' => $s->mix->words(),
                        'after' => $s->after->hexes(),
                        'difference' => round($s->difference, 1),
                        'certainty' => round($s->certainty, 1),
                        'expected' => round($s->expected(), 1),
                        'words' => $s->words,
                        'coats_more' => $s->coatsMore,
                    ], Substitutes::of(
                        $outcome->step,
                        $area->toCore($area->company),
                        $outcome->look->below,
                        $studio->shelf->paints(),
                        $without,
                    )),
                ];
            }
        }
        throw RecipeProblem::noSuchStep($key);
    }
}
