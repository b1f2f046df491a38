<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\Company;
use Kalokroma\Recipe\Predict\Demand;
use Kalokroma\Recipe\Predict\Need;
use Kalokroma\Recipe\Predict\Needs;

/** Enough? Millilitres needed by paint against what is left; what runs out first comes first. */
final class NeedsView
{
    /**
     * @param list<Company> $companies
     * @param list<Demand> $demands
     *
     * @return array<string, mixed>
     */
    public static function of(array $companies, array $demands): array
    {
        return [
            'companies' => array_map(
                static fn (Company $c): array => ['id' => $c->id, 'name' => $c->name, 'count' => $c->count],
                $companies,
            ),
            'paints' => array_map(static fn (Need $need): array => [
                'id' => (int) $need->paint->id,
                'name' => $need->paint->name,
                'hex' => $need->paint->colour?->toHex(),
                'needed_ml' => $need->ml,
                'uncertain_ml' => $need->uncertain,
                'left_ml' => $need->left === null ? null : round($need->left, 2),
                'at_hand' => $need->paint->isAtHand(),
                'figures' => $need->figures,
                'enough' => $need->verdict(),
                'uses' => $need->uses,
            ], Needs::of($demands)),
        ];
    }
}
