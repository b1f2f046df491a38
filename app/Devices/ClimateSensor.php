<?php

declare(strict_types=1);

namespace App\Devices;

/** A small sensor where the spraying is done. */
interface ClimateSensor
{
    public function name(): string;

    /**
     * One reading: °C and relative humidity in %, as the sensor gives them, nonsense included.
     *
     * @return array{celsius: float, humidity: float}
     *
     * @throws SensorFailed when it gives no reading
     */
    public function read(float $hour): array;
}
