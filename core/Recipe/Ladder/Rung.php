<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ladder;

use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;

/** A colour of the ladder that goes with an intended colour, from dark to light. */
enum Rung: string
{
    case Shade = 'shade';
    case Base = 'base';
    /** The intended colour itself. */
    case Intended = 'layer';
    case Drybrush = 'drybrush';
    case Highlight = 'highlight';
    case Accent = 'accent';

    /** What a step of this technique is usually painted in. */
    public static function of(Technique $technique): self
    {
        return match (true) {
            $technique->facts()->stage === Stage::Wash, $technique === Technique::ShadeLayer => self::Shade,
            $technique->facts()->stage === Stage::Drybrush => self::Drybrush,
            $technique->facts()->stage === Stage::Highlight => self::Highlight,
            default => self::Intended,
        };
    }
}
