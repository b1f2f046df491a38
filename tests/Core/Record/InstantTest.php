<?php

declare(strict_types=1);

namespace Tests\Core\Record;

use DomainException;
use Kalokroma\Record\Instant;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class InstantTest extends TestCase
{
    private const NOW = '2026-11-28T20:00:00Z';

    #[TestWith([null, '2026-11-28T20:00:00Z'])]
    #[TestWith(['2026-11-28T18:00:00Z', '2026-11-28T18:00:00Z'])]
    #[TestWith(['2026-11-28T19:30:00+01:00', '2026-11-28T18:30:00Z'])]
    #[TestWith(['2026-11-28T20:07:00Z', '2026-11-28T20:00:00Z'])]
    #[TestWith(['2031-01-01T00:00:00Z', '2026-11-28T20:00:00Z'])]
    #[TestWith(['2025-11-28T20:00:00Z', '2025-11-28T20:00:00Z'])]
    public function testAnEntryHappenedWhenItWasDoneAndNeverAfterTheServersTime(?string $said, string $happened): void
    {
        $said = $said === null ? null : (int) strtotime($said);
        $instant = Instant::of($said, (int) strtotime(self::NOW));

        self::assertSame(strtotime($happened), $instant->happened);
        self::assertSame($said, $instant->said, 'both are kept');
    }

    public function testMoreThanAYearBackIsRefused(): void
    {
        $this->expectException(DomainException::class);
        $this->expectExceptionMessage('This was done 367 days ago, which is more than a year');

        Instant::of((int) strtotime('2025-11-26T20:00:00Z'), (int) strtotime(self::NOW));
    }
}
