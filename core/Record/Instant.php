<?php

declare(strict_types=1);

namespace Kalokroma\Record;

use DomainException;

/**
 * When something happened, as the painter's device told it, beside the time of the server: an entry may be sent later than it was
 * done, and a clock that runs ahead loses nothing.
 */
final readonly class Instant
{
    /** Nothing older is taken for an evening's work. */
    private const OLDEST_DAYS = 366;

    private const DAY_S = 86_400;

    /**
     * @param int $happened seconds since 1970, UTC; never after the server's time
     * @param int|null $said the same as the device told it; null where it told nothing
     */
    private function __construct(public int $happened, public ?int $said)
    {
    }

    /**
     * @param int|null $said seconds since 1970, UTC, by the clock of the device
     * @param int $now the same by the clock of the server
     *
     * @throws DomainException where it lies more than a year back
     */
    public static function of(?int $said, int $now): self
    {
        if ($said !== null && $now - $said > self::OLDEST_DAYS * self::DAY_S) {
            throw new DomainException(sprintf(
                'This was done %d days ago, which is more than a year: an entry can be at most a year late. '
                    .'Is the clock of this device right?',
                intdiv($now - $said, self::DAY_S),
            ));
        }

        return new self($said === null ? $now : min($said, $now), $said);
    }
}
