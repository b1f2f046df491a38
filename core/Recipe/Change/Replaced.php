<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Plan\PlannedStep;

/** What became of one step when a recipe was brought to another shelf. */
final readonly class Replaced
{
    /**
     * @param string|null $now null where nothing in stock does it
     * @param float|null $difference of the looks or mixes, CIEDE2000; null where there is none to tell
     */
    public function __construct(
        public PlannedStep $step,
        public string $was,
        public ?string $now,
        public ?float $difference,
        public string $words,
    ) {
    }
}
