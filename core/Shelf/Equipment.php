<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/** What the painter owns besides paint, as far as it bounds what is proposed. */
final readonly class Equipment
{
    /**
     * @param bool $extraction running while the airbrush does
     * @param bool $solvents for enamel and oil
     * @param bool $wetPalette keeps paint workable for a day instead of 20 minutes
     * @param bool $metalBrush one brush kept for metal
     */
    public function __construct(
        public bool $airbrush,
        public bool $sprayCans,
        public bool $extraction = true,
        public bool $solvents = true,
        public bool $wetPalette = true,
        public bool $metalBrush = true,
    ) {
    }
}
