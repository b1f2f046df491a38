<?php

declare(strict_types=1);

namespace Kalokroma\Record;

/** What an entry of the ledger is about: the work itself, or something nobody planned. */
enum Occasion: string
{
    case Work = 'work';
    case Slip = 'slip';
    case Repair = 'repair';
    case TestPiece = 'test';
    case Other = 'other';

    public function words(): string
    {
        return match ($this) {
            self::Work => 'work',
            self::Slip => 'slip',
            self::Repair => 'repair',
            self::TestPiece => 'test piece',
            self::Other => 'something else',
        };
    }

    /** Whether something was painted on the figures, so that it has to dry there. */
    public function isPainted(): bool
    {
        return $this !== self::Slip && $this !== self::TestPiece;
    }
}
