<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;
use Kalokroma\Word\Line;

/** A line in pieces, each with what it was read as. */
final class SaidPieces
{
    /**
     * @param list<Span> $spans of the whole line
     * @param string $before what stands before the line as it is read: its number or bullet
     * @param string $rest what stands behind all that is read of a very long line
     *
     * @return list<array{words: string, as: string}>
     */
    public static function of(Line $line, array $spans, string $before, string $rest = ''): array
    {
        $pieces = $before === '' ? [] : [['words' => $before, 'as' => '']];
        $at = 0;
        foreach ($spans as $span) {
            $as = self::as($span);
            $start = $line->byte($span->from);
            if ($as === '' && $pieces !== [] && $pieces[count($pieces) - 1]['as'] === '') {
                $pieces[count($pieces) - 1]['words'] .= substr($line->said, $at, $line->end($span->to) - $at);
            } else {
                if ($start > $at) {
                    $pieces[] = ['words' => substr($line->said, $at, $start - $at), 'as' => ''];
                }
                $pieces[] = ['words' => $line->between($span->from, $span->to), 'as' => $as];
            }
            $at = $line->end($span->to);
        }
        if ($at < strlen($line->said)) {
            $pieces[] = ['words' => substr($line->said, $at), 'as' => ''];
        }

        return $rest === '' ? $pieces : [...$pieces, ['words' => $rest, 'as' => 'unread']];
    }

    private static function as(Span $span): string
    {
        return match (true) {
            $span->is(SpanKind::Paint, SpanKind::Thinner, SpanKind::Amount, SpanKind::Ratio) => 'paint',
            $span->is(SpanKind::Face, SpanKind::Part, SpanKind::Light, SpanKind::Leave, SpanKind::AllOver) => 'where',
            $span->is(SpanKind::Strokes, SpanKind::Who) => 'where',
            $span->is(SpanKind::Unread) => 'unread',
            $span->is(SpanKind::Note) && $span->means === 'turn' => 'how',
            $span->is(SpanKind::Note, SpanKind::OtherArea, SpanKind::Mention, SpanKind::InPlaceOf) => 'note',
            $span->is(SpanKind::Plain) || $span->kind->isSeparator() => '',
            default => 'how',
        };
    }
}
