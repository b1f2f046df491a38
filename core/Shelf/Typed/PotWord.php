<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

/** What words of a line on a shelf list can say. */
enum PotWord: string
{
    /** How it behaves: the value of a behaviour, with what it is for behind a colon. */
    case Kind = 'kind';

    /** In what it comes: the value of a form. */
    case Form = 'form';
    case Sheen = 'sheen';

    /** Millilitres of a full bottle. */
    case Ml = 'ml';

    /** Millilitres that are left. */
    case LeftMl = 'left-ml';

    /** Share of a bottle that is left. */
    case Left = 'left';

    /** One of several bottles is empty. */
    case OneEmpty = 'one-empty';
    case Count = 'count';
    case Place = 'place';
    case Wish = 'wish';
    case Owned = 'owned';

    /** A colour in figures. */
    case Hex = 'hex';

    /** What it is used for, which may mean another kind than its colour does. */
    case Recesses = 'recesses';

    /** No paint at all. */
    case Other = 'other';

    /** Says nothing. */
    case Plain = 'plain';

    /** Whether it belongs to the keeping of a pot and not to its name. */
    public function isKeeping(): bool
    {
        return !in_array($this, [self::Kind, self::Form, self::Sheen, self::Recesses, self::Other, self::Plain], true);
    }
}
