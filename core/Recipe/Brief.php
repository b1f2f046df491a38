<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Figure\Area;
use Kalokroma\Shelf\Paint;

/** Everything a recipe is drafted from. */
final readonly class Brief
{
    /**
     * @param Reflectance $ground the undercoat
     * @param list<Paint> $shelf
     */
    public function __construct(
        public Area $area,
        public Oklch $intended,
        public Way $way,
        public Reflectance $ground,
        public array $shelf,
    ) {
    }
}
