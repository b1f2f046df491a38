<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\Company;
use App\Workshop\Studio;
use Kalokroma\Film\ColourSource;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Predict\Doubted;
use Kalokroma\Recipe\Predict\WorthMeasuring;
use Kalokroma\Shelf\Paint;

/** How much of the shelf is guessed, and which paints are worth measuring most for what is planned. */
final class DoubtsView
{
    /** @return array<string, mixed> */
    public static function of(Studio $studio): array
    {
        $coloured = array_filter($studio->shelf->paints(), static fn (Paint $p): bool => $p->colour !== null);
        $known = [];
        foreach (ColourSource::cases() as $source) {
            $count = count(array_filter($coloured, static fn (Paint $p): bool => $p->source === $source));
            if ($count > 0) {
                $known[] = [
                    'source' => $source->value,
                    'words' => $source->words(),
                    'certainty' => $source->single(),
                    'paints' => $count,
                    'guess' => $source->isGuess(),
                ];
            }
        }

        return ['known' => $known, 'worth' => array_map(static fn (Doubted $d): array => [
            'id' => (int) $d->paint->id,
            'name' => $d->paint->name,
            'hex' => $d->paint->colour?->toHex(),
            'doubt' => $d->doubt,
            'areas' => $d->areas,
            'most' => round($d->most, 1),
            'where' => $d->where,
        ], WorthMeasuring::of(self::planned($studio)))];
    }

    /** @return list<array{where: string, plan: Plan, surface: float}> */
    private static function planned(Studio $studio): array
    {
        $areas = [];
        foreach (Company::query()->with('areas.recipe')->orderBy('id')->get() as $company) {
            foreach ($company->areas as $area) {
                $plan = $studio->recipes->plan($area->recipe);
                if ($plan !== null) {
                    $areas[] = [
                        'where' => $area->name.' of '.$company->name,
                        'plan' => $plan,
                        'surface' => $company->count * $area->toCore($company)->surfaceCm2,
                    ];
                }
            }
        }

        return $areas;
    }
}
