<?php

declare(strict_types=1);

namespace App\Devices;

use DomainException;

final class ShopUnreachable extends DomainException
{
    public static function down(): self
    {
        return new self('The shop does not answer.');
    }

    public static function tooSlow(int $seconds): self
    {
        return new self(sprintf('The shop did not answer within %d seconds.', $seconds));
    }
}
