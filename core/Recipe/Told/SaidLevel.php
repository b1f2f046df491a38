<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;

/** Level of finish to which it, or all before it, belongs. */
final class SaidLevel
{
    /**
     * @param list<Span> $spans of a clause
     * @param SpanKind $kind of a step, or a mark
     */
    public static function of(array $spans, SpanKind $kind): ?Level
    {
        foreach ($spans as $span) {
            if ($span->is($kind)) {
                return Level::from($span->means);
            }
        }

        return null;
    }
}
