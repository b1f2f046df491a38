<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Shelf\Paint;

/** One undercoat that could be taken, with what it costs in coats over all areas. */
final readonly class Choice
{
    /**
     * @param Paint|null $primer null where no primer stands on the shelf and the tone's usual colour is assumed
     * @param int        $coats  base coats over all areas until each is hidden
     * @param string     $slowest the area that takes the most of them; empty without areas
     */
    public function __construct(
        public Tone $tone,
        public ?Paint $primer,
        public Reflectance $colour,
        public int $coats,
        public string $slowest,
        public int $slowestCoats,
    ) {
    }
}
