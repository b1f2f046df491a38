<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/**
 * The cheapest purchase that meets every requirement, of single paints and of sets.
 *
 * This is weighted set covering. {@see Covering} solves it; here the question is put into rows and columns and the
 * answer back into paints and sets. Same question, same answer.
 */
final readonly class BuyPlan
{
    /**
     * @param int $price minor units
     * @param int $bound no purchase can cost less
     * @param bool $proven whether it is known to be the cheapest
     * @param list<string> $singles
     * @param list<string> $sets
     * @param list<string> $unmet requirements that nothing on sale meets
     */
    private function __construct(
        public int $price,
        public int $bound,
        public bool $proven,
        public array $singles,
        public array $sets,
        public array $unmet,
    ) {
    }

    /** @param int $effort branchings tried before the best found so far is given; enough for hundreds of paints */
    public static function cheapest(BuyProblem $problem, int $effort = Covering::EFFORT): self
    {
        $byPaint = [];
        foreach ($problem->requirements as $id => $paints) {
            foreach ($paints as $paint) {
                $byPaint[$paint][] = (string) $id;
            }
        }
        $columns = $names = [];
        foreach ($problem->sets as $id => $set) {
            $covered = [];
            foreach ($set['paints'] as $paint) {
                array_push($covered, ...($byPaint[$paint] ?? []));
            }
            $columns[] = ['price' => $set['price'], 'rows' => array_values(array_unique($covered))];
            $names[] = ['set', (string) $id];
        }
        foreach ($problem->singles as $paint => $price) {
            $columns[] = ['price' => $price, 'rows' => array_values(array_unique($byPaint[$paint] ?? []))];
            $names[] = ['single', (string) $paint];
        }
        $covering = Covering::solve(array_map(strval(...), array_keys($problem->requirements)), $columns, $effort);
        $bought = ['single' => [], 'set' => []];
        foreach ($covering->chosen as $column) {
            [$kind, $id] = $names[$column];
            $bought[$kind][] = $id;
        }

        return new self($covering->price, $covering->bound, $covering->proven, $bought['single'], $bought['set'], $covering->uncovered);
    }

    /** How much cheaper another purchase could be at most, as a share of the price; 0 where it is proven. */
    public function gap(): float
    {
        return $this->price === 0 ? 0.0 : ($this->price - $this->bound) / $this->price;
    }
}
