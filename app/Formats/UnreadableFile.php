<?php

declare(strict_types=1);

namespace App\Formats;

use DomainException;

/** A file whose structure is broken, so that nothing of it was taken. */
final class UnreadableFile extends DomainException
{
    public static function because(string $sentence): self
    {
        return new self($sentence.' Nothing was taken.');
    }
}
