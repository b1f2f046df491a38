<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Technique\Position;
use Kalokroma\Recipe\Technique\Stage;

/** What a usual draft is made of: at most one step each, in the order of their places. The value is the key of the step. */
enum Slot: string
{
    case SteppingStone = 'stepping-stone';
    case Basecoat = 'basecoat';
    case Wash = 'wash';
    /** A shade that is painted in, not washed. */
    case Shade = 'shade';
    case Drybrush = 'drybrush';
    case Layer = 'layer';
    case Highlight = 'highlight';
    /** A glaze that draws all that is below together. */
    case Unify = 'unify';
    /** One more highlight for leaders. */
    case Accent = 'accent';

    public function stage(): Stage
    {
        return match ($this) {
            self::SteppingStone, self::Basecoat => Stage::Basecoat,
            self::Wash => Stage::Wash,
            self::Shade, self::Layer, self::Unify => Stage::Layer,
            self::Drybrush => Stage::Drybrush,
            self::Highlight, self::Accent => Stage::Highlight,
        };
    }

    /** Where it stands; what is done there may be a glaze, which has no place of its own above the base. */
    public function position(): Position
    {
        return match ($this) {
            self::SteppingStone => Position::SteppingStone,
            self::Basecoat => Position::Base,
            self::Wash => Position::Wash,
            self::Shade => Position::ShadeLayer,
            self::Drybrush => Position::Drybrush,
            self::Layer => Position::Layer,
            self::Highlight => Position::Highlight,
            self::Unify => Position::Unify,
            self::Accent => Position::Accent,
        };
    }

    /** The colour it is usually painted in. */
    public function rung(): Rung
    {
        return match ($this) {
            self::SteppingStone, self::Basecoat => Rung::Base,
            self::Wash, self::Shade => Rung::Shade,
            self::Drybrush => Rung::Drybrush,
            self::Layer, self::Unify => Rung::Intended,
            self::Highlight => Rung::Highlight,
            self::Accent => Rung::Accent,
        };
    }

    /** @return list<self> from the lowest place up */
    public static function inOrder(): array
    {
        $slots = self::cases();
        usort($slots, static fn (self $a, self $b): int => $a->position()->rank() <=> $b->position()->rank());

        return $slots;
    }
}
