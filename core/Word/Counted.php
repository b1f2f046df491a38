<?php

declare(strict_types=1);

namespace Kalokroma\Word;

/** What is counted on these pages, as ICU messages: the one place where "1 coat" and "2 coats" are told apart. */
enum Counted: string
{
    case Coats = '{n, plural, one {# coat} other {# coats}}';
    case Passes = '{n, plural, one {# pass} other {# passes}}';
    case Rounds = '{n, plural, one {# round} other {# rounds}}';
    case Glazes = '{n, plural, one {# glaze} other {# glazes}}';
    case Drops = '{n, plural, one {# drop} other {# drops}}';
    case Steps = '{n, plural, one {# step} other {# steps}}';
    case Figures = '{n, plural, one {# figure} other {# figures}}';
    case Areas = '{n, plural, one {# area} other {# areas}}';
    case Minutes = '{n, plural, one {# minute} other {# minutes}}';
    case Masks = '{n, plural, one {# mask} other {# masks}}';
    case Paints = '{n, plural, one {# paint} other {# paints}}';
    case BaseCoats = '{n, plural, one {# base coat} other {# base coats}}';
    case Entries = '{n, plural, one {# entry} other {# entries}}';

    public function of(int $n): string
    {
        return Message::said($this->value, ['n' => $n]);
    }
}
