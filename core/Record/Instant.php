<?php

declare(strict_types=1);

namespace Kalokroma\Record;

use DateInterval;
use DateTimeImmutable;
use DomainException;

/**
 * When something happened, as the painter's device told it, beside the time of the server: an entry may be sent later than it was
 * done, and a clock that runs ahead loses nothing.
 */
final readonly class Instant
{
    /** Nothing older is taken for an evening's work. */
    private const OLDEST = 'P1Y';

    /**
     * @param DateTimeImmutable $happened never after the server's time
     * @param DateTimeImmutable|null $said as the device told it; null where it told nothing
     */
    private function __construct(public DateTimeImmutable $happened, public ?DateTimeImmutable $said)
    {
    }

    /** @throws DomainException where it lies more than a year back */
    public static function of(?DateTimeImmutable $said, DateTimeImmutable $now): self
    {
        if ($said !== null && $said < $now->sub(new DateInterval(self::OLDEST))) {
            throw new DomainException(sprintf(
                'This was done on %s, more than a year ago: an entry can be at most a year late. Is the clock of this device right?',
                $said->format('Y-m-d'),
            ));
        }

        return new self($said === null || $said > $now ? $now : $said, $said);
    }
}
