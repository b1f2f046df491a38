<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Shelf\Paint;

/** A paint whose colour is not known for sure, and how far that moves what is planned with it. */
final readonly class Doubted
{
    /**
     * @param float $doubt ± of its colour, CIEDE2000
     * @param int $areas how many areas it takes part in
     * @param float $most by how much a colour there may come out otherwise, CIEDE2000: the one that is moved most
     * @param string $where the area that is moved most
     * @param float $moves all areas together, each by its surface, cm² · CIEDE2000: only good for an order
     */
    public function __construct(
        public Paint $paint,
        public float $doubt,
        public int $areas,
        public float $most,
        public string $where,
        public float $moves,
    ) {
    }
}
