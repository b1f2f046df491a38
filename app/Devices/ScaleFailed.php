<?php

declare(strict_types=1);

namespace App\Devices;

use DomainException;

final class ScaleFailed extends DomainException
{
    public static function noRest(): self
    {
        return new self('The scale does not settle: is it level, and is nothing touching the bottle?');
    }

    public static function tooOften(string $scale, int $times): self
    {
        return new self(sprintf('%s gave no weight %d times: put it on a firm, level table, or type the weight in.', $scale, $times));
    }
}
