<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Told\Words\Recognizers;
use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;

/** For whom it is. */
final class SaidWho
{
    private const NTH = [
        'first' => 1, 'second' => 2, 'third' => 3, 'fourth' => 4, 'fifth' => 5, 'sixth' => 6, 'seventh' => 7, 'eighth' => 8, 'ninth' => 9,
        'tenth' => 10,
    ];

    /** @param list<Span> $spans of a clause */
    public static function of(array $spans): Who
    {
        foreach ($spans as $span) {
            $who = $span->is(SpanKind::Who) ? self::read($span) : null;
            if ($who !== null) {
                return $who;
            }
        }

        return new Who();
    }

    /** Null for figures that no company has: they stay as words. */
    public static function read(Span $span): ?Who
    {
        if ($span->means === 'leaders') {
            return Who::leaders();
        }
        if ($span->means === 'first') {
            $figures = range(1, max(1, (int) Recognizers::number($span->group(0))));

            return self::isCompany($figures) ? Who::only($figures) : null;
        }
        $said = (string) preg_replace('/(?<=\d) ?(?:st|nd|rd|th)\b|\b(?:and|the)\b/u', '', $span->group(1));
        preg_match_all('/-|–|[a-z]+|\d+/u', $said, $named);
        $figures = [];
        $isRange = false;
        foreach ($named[0] as $word) {
            $isTo = in_array($word, ['-', '–', 'to', 'through'], true);
            $figure = $isTo ? 0 : self::NTH[$word] ?? (int) Recognizers::number($word);
            $from = $isRange ? (int) end($figures) + 1 : $figure;
            $figures = $isTo ? $figures : [...$figures, ...($from < $figure ? range($from, min($figure, $from + 99)) : [$figure])];
            $isRange = $isTo;
        }
        if (!self::isCompany($figures)) {
            return null;
        }
        $isExcept = preg_match('/\b(?:not|but|except)\b/', $span->group(0)) === 1;

        return $isExcept ? Who::except($figures) : Who::only($figures);
    }

    /** @param list<int> $figures */
    private static function isCompany(array $figures): bool
    {
        return $figures !== [] && min($figures) >= 1 && max($figures) <= 99 && count($figures) <= Who::MOST_NAMED;
    }
}
