<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ladder;

/** What the painter wants of the ladder of an area. */
final readonly class LadderWish
{
    /**
     * @param bool $mixed rungs mixed between two or three paints instead of the nearest paint for each
     * @param bool $insist white even over red, although it turns pink
     */
    public function __construct(
        public Contrast $contrast = Contrast::Clear,
        public LightToward $light = LightToward::Neighbour,
        public ShadeToward $shade = ShadeToward::Neighbour,
        public bool $mixed = false,
        public bool $insist = false,
    ) {
    }
}
