<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Told\Words\Recognizers;
use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;
use Kalokroma\Word\Duration;

/** How long it is left alone. */
final class SaidWait
{
    /**
     * @param list<Span> $spans of a clause
     *
     * @return array{minutes: int|null, before: bool}|null null where no waiting is said; minutes null for as long as it takes; before:
     *   whether it is waited before this step
     */
    public static function of(array $spans): ?array
    {
        $found = null;
        foreach ($spans as $span) {
            if ($span->is(SpanKind::Wait)) {
                $found = ['minutes' => $found['minutes'] ?? self::minutes($span), 'before' => $span->means === 'after'];
            }
        }

        return $found;
    }

    private static function minutes(Span $span): ?int
    {
        $minutes = match ($span->means) {
            'overnight' => Duration::OVERNIGHT,
            'printed' => Duration::read($span->group(0)),
            'half' => self::half($span->group(0), $span->group(1)),
            'time', 'after' => self::counted($span->group(0) === '' ? 'half an' : $span->group(0), $span->group(1)),
            default => null,
        };

        return $minutes === null || $minutes > Handling::MOST_MINUTES ? null : $minutes;
    }

    private static function counted(string $number, string $unit): int
    {
        $each = match (true) {
            str_starts_with($unit, 'm') => 1,
            str_starts_with($unit, 'h') => 60,
            str_starts_with($unit, 'w') => 7 * 1440,
            str_starts_with($unit, 'n') => Duration::OVERNIGHT,
            default => 1440,
        };

        return (int) round($each * ($number === 'half an' ? 0.5 : Recognizers::number($number)));
    }

    private static function half(string $said, string $number): int
    {
        return match (true) {
            str_contains($said, 'quarter') => 15,
            str_contains($said, 'day') => 720,
            str_contains($said, 'and a half') => (int) (60 * max(1.0, Recognizers::number($number === '' ? 'one' : $number)) + 30),
            default => 30,
        };
    }
}
