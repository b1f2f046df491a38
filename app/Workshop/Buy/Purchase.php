<?php

declare(strict_types=1);

namespace App\Workshop\Buy;

/** One way to close the gaps: what is bought, and what it costs. */
final readonly class Purchase
{
    /**
     * @param int $price minor units
     * @param list<string> $singles ids on the price list
     * @param list<string> $sets ids on the price list
     * @param array<string, list<string>> $meets names of the lacks that each single or set meets, by its id
     * @param array<string, int> $doubles paints of each single or set that are owned already, by its id
     */
    public function __construct(
        public string $title,
        public int $price,
        public array $singles,
        public array $sets,
        public array $meets,
        public array $doubles,
    ) {
    }

    public function key(): string
    {
        return implode(',', [...$this->singles, ...$this->sets]);
    }

    public function allDoubles(): int
    {
        return array_sum($this->doubles);
    }
}
