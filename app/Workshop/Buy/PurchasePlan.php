<?php

declare(strict_types=1);

namespace App\Workshop\Buy;

/**
 * What is lacking, and the ways to buy it.
 *
 * @phpstan-import-type ListBody from PriceDesk
 */
final readonly class PurchasePlan
{
    /**
     * @param list<Lack> $lacks
     * @param array<string, int> $choices how many paints on sale meet each lack, by its id
     * @param array<string, array{name: string, hex: string, apart: float}|null> $nearest on sale to each lack, by its id
     * @param list<string> $unmet ids of lacks that nothing on sale meets
     * @param float $gap how much cheaper it might be at most, as a share
     * @param list<Purchase> $purchases the cheapest first
     * @param ListBody $onSale
     * @param list<string>|null $unpriced where prices are those of the painter's own shelf, the paints of these purchases without one
     */
    public function __construct(
        public array $lacks,
        public array $choices,
        public array $nearest,
        public array $unmet,
        public bool $proven,
        public float $gap,
        public array $purchases,
        public array $onSale,
        public ?array $unpriced = null,
    ) {
    }
}
