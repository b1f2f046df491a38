<?php

declare(strict_types=1);

namespace Tests\Core\Record;

use DateTimeImmutable;
use DomainException;
use Kalokroma\Record\Instant;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class InstantTest extends TestCase
{
    #[DataProvider('clocks')]
    public function testAnEntryHappenedWhenItWasDoneAndNeverAfterTheServersTime(?string $said, string $happened): void
    {
        $now = new DateTimeImmutable('2026-11-28T20:00:00Z');
        $instant = Instant::of($said === null ? null : new DateTimeImmutable($said), $now);

        self::assertEquals(new DateTimeImmutable($happened), $instant->happened);
        self::assertEquals($said === null ? null : new DateTimeImmutable($said), $instant->said, 'both are kept');
    }

    /** @return iterable<string, array{string|null, string}> */
    public static function clocks(): iterable
    {
        yield 'nobody said' => [null, '2026-11-28T20:00:00Z'];
        yield 'sent two hours later' => ['2026-11-28T18:00:00Z', '2026-11-28T18:00:00Z'];
        yield 'in another zone' => ['2026-11-28T19:30:00+01:00', '2026-11-28T18:30:00Z'];
        yield 'a clock that runs ahead' => ['2026-11-28T20:07:00Z', '2026-11-28T20:00:00Z'];
        yield 'a clock years ahead' => ['2031-01-01T00:00:00Z', '2026-11-28T20:00:00Z'];
        yield 'a year back to the second' => ['2025-11-28T20:00:00Z', '2025-11-28T20:00:00Z'];
    }

    public function testMoreThanAYearBackIsRefused(): void
    {
        $this->expectException(DomainException::class);
        $this->expectExceptionMessage('This was done on 2025-11-28, more than a year ago');

        Instant::of(new DateTimeImmutable('2025-11-28T19:59:59Z'), new DateTimeImmutable('2026-11-28T20:00:00Z'));
    }
}
