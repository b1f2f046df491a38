<?php

declare(strict_types=1);

namespace App\Http\Undercoat;

use App\Http\Shared\StepView;
use App\Models\Company;
use App\Workshop\Studio;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Shelf\Paint;

/** The sprays of an undercoat one after the other: what each takes, leads to, and who else waits for its tone. */
final class SpraysView
{
    /** @return list<array<string, mixed>> */
    public static function of(Studio $studio, Company $company, UndercoatPlan $plan): array
    {
        $waiting = $studio->undercoats->waiting($company, $plan);
        $laid = $studio->undercoats->laid($company)->steps;

        return array_map(static fn (int $i, StepOutcome $outcome): array => [
            'key' => $plan->steps[$i]->key->value,
            'words' => ucfirst($plan->steps[$i]->words()),
            'paint_id' => $plan->steps[$i]->paint === null ? null : (int) $plan->steps[$i]->paint->id,
            'hex' => $plan->steps[$i]->colour()->toHex(),
            'kind' => $plan->steps[$i]->kind->value,
            'from' => $plan->steps[$i]->from === null ? null : [
                'degrees' => $plan->steps[$i]->from->degrees,
                'side' => $plan->steps[$i]->from->side,
                'strength' => $plan->steps[$i]->from->strength,
            ],
            'areas' => array_map(intval(...), $plan->steps[$i]->areas),
            'coats' => $outcome->labour->coats,
            'coats_own' => $plan->steps[$i]->coats !== null,
            'thin' => $outcome->step->load->thinning->ratio(),
            'thinned_with' => $outcome->step->load->thinner->value,
            'after' => StepView::surface($outcome->look->after),
            'minutes' => $outcome->labour->wholeMinutes(),
            'dry_minutes' => $outcome->labour->dryMinutes,
            'amount' => StepView::amount($outcome->amount),
            'waiting' => $waiting[$plan->steps[$i]->key->value] ?? [],
        ], array_keys($laid), $laid);
    }

    /** @return list<array{id: int, name: string, hex: string, primer: bool}> what may be sprayed as a ground: primers first */
    public static function paints(Studio $studio): array
    {
        $found = array_values(array_filter(
            $studio->shelf->paints(),
            static fn (Paint $p): bool => $p->behaviour->laysGround() && $p->isAtHand() && $p->colour !== null,
        ));
        $primer = static fn (Paint $p): int => $p->behaviour->isPrimer() ? 0 : 1;
        usort($found, static fn (Paint $a, Paint $b): int => $primer($a) <=> $primer($b) ?: $a->name <=> $b->name);

        return array_map(static fn (Paint $p): array => [
            'id' => (int) $p->id,
            'name' => $p->name,
            'hex' => $p->colour?->toHex() ?? '#808080',
            'primer' => $p->behaviour->isPrimer(),
        ], $found);
    }
}
