<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Technique;

/**
 * Places in the order of work within one area, from the ground up. What is drafted follows it, a step that is added goes
 * to its place in it, and the rules of {@see Precedence} only ever point upward in it.
 */
enum Position
{
    case Stripping;
    case Preparing;
    case Undercoat;
    case Repair;
    case Paste;
    case Grit;
    case SteppingStone;
    case Testing;
    case Mask;
    case Base;
    case FurtherCoat;
    case Fade;
    case Unmask;
    case ChippingFluid;
    case TopCoat;
    case Opening;
    case Line;
    case Wash;
    case Blot;
    case Pin;
    case ShadeLayer;
    case Drybrush;
    case Layer;
    case Glaze;
    case Waiting;
    case Filter;
    case Stipple;
    case Highlight;
    case Edge;
    case Dot;
    case Accent;
    case Unify;
    case Freehand;
    case TidyUp;
    case LineTidying;
    case Chips;
    case Effect;
    case Gloss;
    case Marking;
    case Softener;
    case SolventWash;
    case Wiping;
    case Streak;
    case StreakBlend;
    case Gluing;
    case Satin;
    case Matt;
    case Powder;
    case GlossSpot;
    case Tuft;
    case Rim;

    /** 0 for the lowest. */
    public function rank(): int
    {
        /** @var array<string, int>|null $ranks */
        static $ranks = null;
        $ranks ??= array_flip(array_map(static fn (self $p): string => $p->name, self::cases()));

        return $ranks[$this->name];
    }
}
