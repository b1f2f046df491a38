<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Film\Surface;
use Kalokroma\Shelf\Mix;

/** What stands in for a mix, judged by the look it leaves in place. */
final readonly class Substitute
{
    /**
     * @param float $difference of the look from that of the planned mix, CIEDE2000
     * @param string $words how it differs
     * @param float $certainty ± CIEDE2000
     */
    public function __construct(
        public Mix $mix,
        public float $difference,
        public string $words,
        public int $coatsMore,
        public Surface $after,
        public float $certainty,
    ) {
    }

    /** The difference to be expected in place, CIEDE2000: what is predicted and what it is sure of. */
    public function expected(): float
    {
        return hypot($this->difference, $this->certainty);
    }
}
