<?php

declare(strict_types=1);

namespace App\Http\Buy;

use App\Workshop\Buy\Lack;
use App\Workshop\Buy\Purchase;
use App\Workshop\Buy\PurchasePlan;

/** What is lacking, and the ways to buy it, as the page and the shopping list show it. */
final class PurchaseView
{
    /** @return array<string, mixed> */
    public static function of(PurchasePlan $plan): array
    {
        return [
            'lacks' => array_map(static fn (Lack $l): array => [
                'id' => $l->id, 'name' => $l->name, 'why' => $l->why, 'uses' => $l->uses, 'hex' => $l->hex,
                'choices' => $plan->choices[$l->id],
                'nearest' => $plan->nearest[$l->id],
            ], $plan->lacks),
            'unmet' => $plan->unmet,
            'proven' => $plan->proven,
            'gap' => round(100 * $plan->gap, 1),
            'purchases' => array_map(static fn (Purchase $p): array => self::purchase($p, $plan), $plan->purchases),
            'currency' => $plan->onSale['currency'],
            'own_prices' => $plan->unpriced !== null,
            'unpriced' => $plan->unpriced ?? [],
        ];
    }

    /** @return array<string, mixed> */
    private static function purchase(Purchase $purchase, PurchasePlan $plan): array
    {
        $paints = array_column($plan->onSale['paints'], null, 'id');
        $sets = array_column($plan->onSale['sets'], null, 'id');

        return [
            'title' => $purchase->title,
            'key' => $purchase->key(),
            'price' => $purchase->price,
            'singles' => array_map(static fn (string $id): array => [
                'id' => $id, 'name' =>
                    $paints[$id]['name'], 'line' =>
                    $paints[$id]['line'], 'hex' =>
                    $paints[$id]['colour'], 'price' =>
                    $paints[$id]['price'],
                'meets' => $purchase->meets[$id], 'double' => $purchase->doubles[$id] > 0,
            ], $purchase->singles),
            'sets' => array_map(static fn (string $id): array => [
                'id' => $id, 'name' => $sets[$id]['name'], 'price' => $sets[$id]['price'], 'meets' => $purchase->meets[$id],
                'paints' => array_map(
                    static fn (string $p): array => ['name' => $paints[$p]['name'], 'hex' => $paints[$p]['colour']],
                    $sets[$id]['paints'],
                ),
                'doubles' => $purchase->doubles[$id],
            ], $purchase->sets),
            'doubles' => $purchase->allDoubles(),
        ];
    }
}
