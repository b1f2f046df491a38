<?php

declare(strict_types=1);

namespace App\Http\Bench;

/** What of the bench a change has touched: only that is answered. */
final readonly class Ticked
{
    /**
     * @param list<string> $steps ids of steps that stand otherwise now
     * @param int $figure that is meant where the page names none
     * @param bool $slips whether something went wrong, or was put right
     * @param bool $pictures whether there is one more or less
     */
    public function __construct(
        public array $steps = [],
        public int $figure = 1,
        public bool $slips = false,
        public bool $pictures = false,
    ) {
    }

    /** @return array{steps: list<string>, figure: int, slips: bool, pictures: bool} */
    public function row(): array
    {
        return get_object_vars($this);
    }

    /** @param array{steps: list<string>, figure: int, slips: bool, pictures: bool} $row */
    public static function from(array $row): self
    {
        return new self(...$row);
    }
}
