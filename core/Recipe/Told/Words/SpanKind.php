<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

/** What a span of words can be. */
enum SpanKind: string
{
    case Paint = 'paint';
    case Amount = 'amount';
    case Ratio = 'ratio';
    case Thinner = 'thinner';
    /** "paint", where it is what is thinned: "10 % paint, 90 % water". */
    case AnyPaint = 'any-paint';
    case Consistency = 'consistency';
    case Technique = 'technique';
    /** "leave", "not on": what follows is not painted. */
    case Leave = 'leave';
    /** Faces of the relief. */
    case Face = 'face';
    case Part = 'part';
    case Light = 'light';
    case Strokes = 'strokes';
    case AllOver = 'all-over';
    case Who = 'who';
    case Level = 'level';
    /** What was told so far belongs to a level. */
    case LevelMark = 'level-mark';
    case Coats = 'coats';
    case Again = 'again';
    case Loop = 'loop';
    /** "more … each time". */
    case More = 'more';
    case Wait = 'wait';
    case Handling = 'handling';
    /** The step before, or a part of it. */
    case Before = 'before';
    /** Another area. */
    case OtherArea = 'other-area';
    /** "over the", "like": the paint that follows is only spoken of. */
    case Mention = 'mention';
    /** "in place of": the paint that follows goes. */
    case InPlaceOf = 'in-place-of';
    case Omitted = 'omitted';
    /** Read and kept as words: it changes nothing that is planned. */
    case Note = 'note';
    /** One paint or another. */
    case Or = 'or';
    /** From one paint to the next. */
    case Into = 'into';
    /** Begins another step. */
    case Then = 'then';
    case Comma = 'comma';
    case And = 'and';
    /** Weighs nothing. */
    case Plain = 'plain';
    case Unread = 'unread';

    public function isSeparator(): bool
    {
        return in_array($this, [self::Then, self::Comma, self::And], true);
    }
}
