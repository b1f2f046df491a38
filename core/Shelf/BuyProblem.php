<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/**
 * What has to be met and what is on sale: the question behind a buy plan. Prices are integer minor units.
 */
final readonly class BuyProblem
{
    /**
     * @param array<int|string, list<string>> $requirements id to the paints of which any one meets it
     * @param array<int|string, int> $singles paint to price, 0 or more
     * @param array<int|string, array{price: int, paints: list<string>}> $sets id to what it costs and holds
     *
     * @throws ShelfProblem on a negative price
     */
    public function __construct(public array $requirements, public array $singles, public array $sets)
    {
        foreach ($singles as $paint => $price) {
            if ($price < 0) {
                throw ShelfProblem::negativePrice((string) $paint);
            }
        }
        foreach ($sets as $id => $set) {
            if ($set['price'] < 0) {
                throw ShelfProblem::negativePrice((string) $id);
            }
        }
    }
}
