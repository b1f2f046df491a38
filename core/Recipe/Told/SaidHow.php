<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;

/**
 * How the hand does it: with a brush that was not washed, not neatly, in how thin a line, from one batch or a new one each time; and before
 * or after what of the figure.
 *
 * @phpstan-type How array{
 *   unwashed?: true, sloppy?: true, line?: string, batch?: string, lively?: float, after?: string, before?: string,
 * }
 */
final class SaidHow
{
    /** How far mixes differ between figures where somebody wants them different: ± CIEDE2000, a starting value of our own. */
    private const LIVELY = 4.0;

    /**
     * @param list<Span> $spans of a clause
     *
     * @return How by the names of the plan's handling
     */
    public static function of(array $spans): array
    {
        $found = self::turns($spans);
        foreach ($spans as $span) {
            $found += !$span->is(SpanKind::Handling) ? [] : match ($span->means) {
                'unwashed' => ['unwashed' => true],
                'sloppy' => ['sloppy' => true],
                'hair-thin', 'thinner', 'thin' => ['line' => $span->means],
                'fresh-batch' => ['batch' => 'fresh each time'],
                'uniform' => ['lively' => 0.0],
                'fresh' => ['batch' => 'fresh each time', 'lively' => self::LIVELY],
                'one-batch' => ['batch' => 'one batch for all'],
                'lively' => ['lively' => $span->group(0) === '' ? self::LIVELY : (float) $span->group(0)],
                default => [],
            };
        }

        return $found;
    }

    /**
     * @param list<Span> $spans
     *
     * @return array{after?: string, before?: string}
     */
    private static function turns(array $spans): array
    {
        $found = [];
        foreach ($spans as $span) {
            if ($span->is(SpanKind::Note) && $span->means === 'turn') {
                $side = str_starts_with($span->group(0), 'b') ? 'before' : 'after';
                $what = trim((string) preg_replace('/\bthe (?!rest)/', '', $span->group(1)), ' :');
                $found[$side] = isset($found[$side]) ? $found[$side].' and '.$what : $what;
            }
        }

        return $found;
    }
}
