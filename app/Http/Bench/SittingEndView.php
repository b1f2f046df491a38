<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\Entry;
use App\Workshop\Bench\SittingEnd;
use Kalokroma\Bench\SittingStep;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Message;
use Kalokroma\Word\Ranges;

/** How a sitting ended. */
final class SittingEndView
{
    /** @return array<string, mixed> */
    public static function of(SittingEnd $end): array
    {
        $next = $end->next();
        $company = static fn (Entry $e): string => $e->company->name;

        return [
            'minutes_words' => Duration::words($end->minutes()),
            'figures_words' => Counted::Figures->of($end->figures()),
            'done' => array_map(static fn (Entry $e): array => [
                'id' => $e->id,
                'company' => $company($e),
                'what' => DryingView::what($e, $e->company),
                'figures' => $e->figures,
                'figures_words' => ($e->figures === [] || count($e->figures) === 1 ? 'figure ' : 'figures ').Ranges::words($e->figures),
                'hex' => is_string($e->planned['look']['plane'] ?? null) ? $e->planned['look']['plane'] : null,
            ], array_values(array_filter($end->entries, static fn (Entry $e): bool => $e->kind->isPainted()))),
            'drying' => DryingView::all($end->drying(), $end->now),
            'washing' => $end->washing(),
            'next' => $next === null ? '' : Message::listed(array_slice(array_map(
                static fn (SittingStep $s): string => $s->said(),
                SittingStep::of($next),
            ), 0, 3)),
        ];
    }
}
