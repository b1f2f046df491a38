<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Recipe\Ladder\Rung;

/** What a colour is for: how near a pot has to come to be it, and which paints may be mixed toward it. */
enum Aim
{
    /** The colour of an area. */
    case Colour;
    /** The same of an area that leads the figure. */
    case Leading;
    case Shade;
    case Light;

    public static function of(Rung $rung, bool $leads): self
    {
        return match ($rung) {
            Rung::Shade => self::Shade,
            Rung::Base, Rung::Intended => $leads ? self::Leading : self::Colour,
            default => self::Light,
        };
    }

    /** A pot this near (CIEDE2000) to the wanted colour is the colour. */
    public function within(): float
    {
        return match ($this) {
            self::Colour => 4.0,
            self::Leading => 3.0,
            self::Shade, self::Light => 6.0,
        };
    }

    /** Whether it is a step of a ladder, lighter or darker than the area's own colour. */
    public function isStep(): bool
    {
        return $this === self::Shade || $this === self::Light;
    }
}
