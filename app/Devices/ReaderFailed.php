<?php

declare(strict_types=1);

namespace App\Devices;

use DomainException;

final class ReaderFailed extends DomainException
{
    public static function noReading(string $why): self
    {
        return new self($why);
    }

    public static function tooOften(string $reader, int $times): self
    {
        return new self(
            sprintf('%s gave no reading %d times: check that it is flat and is charged, or type the readings in.', $reader, $times),
        );
    }
}
