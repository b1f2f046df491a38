<?php

declare(strict_types=1);

namespace App\Formats\Shelf;

/** A purchase as a list to carry: plain text, or CSV. */
final class ShoppingList
{
    /** @param array<string, mixed> $plan as the page Buy gets it */
    public static function text(array $plan): string
    {
        $lines = [];
        $currency = (string) $plan['currency'];
        foreach (self::rows($plan) as [$kind, $name, $line, $price, $for]) {
            $lines[] = sprintf(
                '[ ] %s%s, %s %s%s',
                $name,
                $line === '' ? ($kind === 'set' ? ' (set)' : '') : ' ('.$line.')',
                self::money($price),
                $currency,
                $for === '' ? '' : ': for '.$for,
            );
        }
        $total = array_sum(array_column(self::rows($plan), 3));

        return implode("\n", [...$lines, '', 'in all '.self::money($total).' '.$currency, '']);
    }

    /** @param array<string, mixed> $plan */
    public static function csv(array $plan): string
    {
        $stream = fopen('php://temp', 'r+');
        assert($stream !== false);
        fputcsv($stream, ['kind', 'name', 'line', 'price', 'currency', 'for'], ',', '"', '', "\r\n");
        foreach (self::rows($plan) as [$kind, $name, $line, $price, $for]) {
            fputcsv($stream, [$kind, $name, $line, self::money($price), (string) $plan['currency'], $for], ',', '"', '', "\r\n");
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return list<array{string, string, string, int, string}> kind, name, range, price in minor units, what it is for
     */
    private static function rows(array $plan): array
    {
        /**
         * @var list<array{
         *   singles: list<array{name: string, line: string, price: int, meets: list<string>}>,
         *   sets: list<array{name: string, price: int, meets: list<string>}>,
         * }> $purchases
         */
        $purchases = $plan['purchases'];
        $rows = [];
        foreach (array_slice($purchases, 0, 1) as $cheapest) {
            foreach ($cheapest['sets'] as $set) {
                $rows[] = ['set', $set['name'], '', $set['price'], implode(', ', $set['meets'])];
            }
            foreach ($cheapest['singles'] as $single) {
                $rows[] = ['paint', $single['name'], $single['line'], $single['price'], implode(', ', $single['meets'])];
            }
        }

        return $rows;
    }

    private static function money(int $minor): string
    {
        return number_format($minor / 100, 2, '.', '');
    }
}
