<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/** The hue family a colour belongs to, by its hue in OKLCh; colours of little chroma are greys whatever their hue. */
enum Family: string
{
    case Greys = 'whites, greys and blacks';
    case Reds = 'reds';
    case Browns = 'oranges and browns';
    case Yellows = 'yellows, ochres and bones';
    case Greens = 'greens';
    case BlueGreens = 'blue-greens';
    case Blues = 'blues';
    case Violets = 'violets';
    case Pinks = 'pinks and wines';

    /** Below this OKLCh chroma a colour is a grey. */
    private const GREY_BELOW = 0.016;

    public static function of(Oklch $colour): self
    {
        if ($colour->chroma < self::GREY_BELOW) {
            return self::Greys;
        }

        return match (true) {
            $colour->hue < 34 => self::Reds,
            $colour->hue < 76 => self::Browns,
            $colour->hue < 112 => self::Yellows,
            $colour->hue < 165 => self::Greens,
            $colour->hue < 212 => self::BlueGreens,
            $colour->hue < 282 => self::Blues,
            $colour->hue < 325 => self::Violets,
            default => self::Pinks,
        };
    }

    /** Its place in the row of families, from 0. */
    public function place(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
