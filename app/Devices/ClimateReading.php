<?php

declare(strict_types=1);

namespace App\Devices;

use Kalokroma\Undercoat\UndercoatProblem;
use Kalokroma\Undercoat\Weather;

/** Reads a sensor several times, drops what cannot be, and takes the middle of the rest. */
final readonly class ClimateReading
{
    private const WANTED = 3;
    private const TRIES = 8;

    private function __construct(public Weather $weather, public int $refused, public string $sensor)
    {
    }

    /** @throws SensorFailed */
    public static function take(ClimateSensor $sensor, float $hour): self
    {
        $celsius = $humidity = [];
        $refused = 0;
        for ($try = 0; $try < self::TRIES && count($celsius) < self::WANTED; ++$try) {
            try {
                ['celsius' => $c, 'humidity' => $h] = $sensor->read($hour);
                new Weather($c, $h);
                $celsius[] = $c;
                $humidity[] = $h;
            } catch (SensorFailed|UndercoatProblem) {
                ++$refused;
            }
        }
        if (count($celsius) < self::WANTED) {
            throw SensorFailed::useless($sensor->name(), self::TRIES);
        }
        sort($celsius);
        sort($humidity);

        return new self(new Weather($celsius[1], $humidity[1]), $refused, $sensor->name());
    }

    /** "14:30" → 14.5, within a day. */
    public static function hour(string $time): float
    {
        [$hours, $minutes] = array_map(intval(...), explode(':', $time));

        return min(24.0, $hours + $minutes / 60);
    }
}
