<?php

declare(strict_types=1);

namespace App\Devices;

use DomainException;

final class SensorFailed extends DomainException
{
    public static function silent(): self
    {
        return new self('The sensor gave no reading.');
    }

    public static function useless(string $sensor, int $times): self
    {
        return new self(
            sprintf('%s gave nothing usable in %d tries: look after its battery, or type temperature and humidity in.', $sensor, $times),
        );
    }
}
