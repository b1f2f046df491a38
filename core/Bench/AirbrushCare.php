<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

/** Paint dries in the nozzle: the airbrush is cleaned every quarter of an hour. Instants are seconds since 1970, UTC. */
final class AirbrushCare
{
    private const MINUTE = 60;
    /** Minutes of spraying after which it is cleaned. */
    public const EVERY = 15;

    /**
     * When it has to be cleaned.
     *
     * @param list<array{int, int}> $sprayed when a go with the airbrush was over, and how many minutes it took
     * @param int|null $cleaned when it was cleaned last
     * @param int|null $spraying since when it is in the hand now; null where it is not
     *
     * @return int|null an instant, which may be past; null where nothing was sprayed since it was cleaned
     */
    public static function due(array $sprayed, ?int $cleaned, ?int $spraying): ?int
    {
        $since = $spraying === null ? [] : [max($spraying, $cleaned ?? $spraying)];
        foreach ($sprayed as [$at, $minutes]) {
            if ($cleaned === null || $at > $cleaned) {
                $since[] = max($at - $minutes * self::MINUTE, $cleaned ?? 0);
            }
        }

        return $since === [] ? null : min($since) + self::EVERY * self::MINUTE;
    }
}
