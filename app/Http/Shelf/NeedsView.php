<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\Company;
use Kalokroma\Recipe\Predict\Needs;
use Kalokroma\Recipe\Predict\StepOutcome;

/** Enough? Millilitres needed by paint against what is left; what runs out first comes first. */
final class NeedsView
{
    /**
     * @param list<Company>                                                  $companies
     * @param list<array{outcome: StepOutcome, where: string, figures: int}> $steps
     *
     * @return array<string, mixed>
     */
    public static function of(array $companies, array $steps): array
    {
        return [
            'companies' => array_map(static fn (Company $c): array => ['id' => $c->id, 'name' => $c->name, 'count' => $c->count], $companies),
            'paints' => array_map(static fn (array $need): array => [
                'id' => (int) $need['paint']->id,
                'name' => $need['paint']->name,
                'hex' => $need['paint']->colour?->toHex(),
                'needed_ml' => $need['ml'],
                'uncertain_ml' => $need['uncertain'],
                'left_ml' => $need['left'] === null ? null : round($need['left'], 2),
                'at_hand' => $need['paint']->isAtHand(),
                'figures' => $need['figures'],
                'enough' => self::verdict($need),
                'uses' => $need['uses'],
            ], Needs::of($steps)),
        ];
    }

    /** @param array{ml: float, uncertain: float, left: float|null} $need */
    private static function verdict(array $need): string
    {
        return match (true) {
            $need['left'] === null => 'unknown',
            $need['left'] <= 0.0 => 'missing',
            $need['left'] < $need['ml'] => 'short',
            $need['left'] < $need['ml'] + $need['uncertain'] => 'close',
            default => 'enough',
        };
    }
}
