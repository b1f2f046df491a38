<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

use Kalokroma\Word\Line;

/** How well a span goes with the one before it, words without weight left aside. */
final class Fit
{
    /**
     * By the kind before and the kind that follows.
     *
     * @var array<string, array<string, float>>
     */
    private const TABLE = [
        'amount' => ['paint' => 1.5, 'thinner' => 1.5, 'any-paint' => 1.5, 'technique' => -1.0],
        'ratio' => ['paint' => 0.5, 'thinner' => 1.0],
        'paint' => ['ratio' => 0.5, 'amount' => 0.3, 'face' => 0.2, 'coats' => 0.3, 'paint' => -1.0],
        'leave' => ['face' => 2.0, 'part' => 1.0, 'paint' => 0.5, 'who' => 0.5, 'technique' => -2.0, 'consistency' => -2.0,
            'amount' => -1.0, 'wait' => -2.0],
        'mention' => ['paint' => 1.5, 'technique' => -1.0],
        'in-place-of' => ['paint' => 2.0],
        'technique' => ['technique' => -2.0],
        'face' => ['technique' => -0.5],
        'or' => ['paint' => 1.0, 'leave' => -2.0, 'technique' => -2.0, 'unread' => -2.0, 'handling' => -2.0, 'consistency' => -2.0,
            'face' => -2.0],
        'into' => ['paint' => 1.0, 'face' => -3.0, 'technique' => -3.0, 'unread' => -3.0, 'amount' => -1.0, 'ratio' => -3.0],
    ];

    private const THING = -4.0;

    private const PREPOSITIONS = ['on', 'over', 'of', 'in', 'under', 'to', 'from', 'into', 'beside', 'after', 'before', 'round',
        'around', 'near'];

    public static function of(?Span $before, Span $span, Line $line): float
    {
        if ($span->is(SpanKind::Into)) {
            return $before?->is(SpanKind::Paint) === true ? 1.0 : -4.0;
        }
        if ($span->is(SpanKind::Or) && $span->means === 'but' && $before?->is(SpanKind::Paint) !== true) {
            return -4.0;
        }
        if ($before === null) {
            return 0.0;
        }
        // "On the decals", "over the wash": a thing that lies there, and nothing that is done.
        $isThing = $line->word($span->from - 1) === 'the' && in_array($line->word($span->from - 2), self::PREPOSITIONS, true);
        if ($span->is(SpanKind::Technique) && $isThing) {
            return self::THING;
        }

        return self::TABLE[$before->kind->value][$span->kind->value] ?? 0.0;
    }
}
