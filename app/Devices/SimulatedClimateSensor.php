<?php

declare(strict_types=1);

namespace App\Devices;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Stands in for a climate sensor. Each scene has its own day: warmest at three in the afternoon, dampest before dawn, with
 * noise of its own. Now and then the sensor is silent or gives a number that cannot be; one scene has a broken sensor.
 */
final class SimulatedClimateSensor implements ClimateSensor
{
    /** Mean °C and swing over the day, mean % and swing. */
    private const SCENES = [
        'room' => [20.5, 1.2, 44.0, 3.0],
        'summer' => [24.5, 5.0, 52.0, 14.0],
        'spring' => [14.0, 4.0, 66.0, 10.0],
        'winter' => [4.0, 2.5, 78.0, 8.0],
        'cellar' => [13.5, 0.6, 86.0, 4.0],
        'broken' => [20.0, 0.0, 50.0, 0.0],
    ];

    private const WARMEST_HOUR = 15;
    private const SILENT = 12;
    private const NONSENSE = 15;

    private readonly Randomizer $dice;

    public function __construct(private readonly string $scene = 'room', ?int $seed = null)
    {
        $this->dice = new Randomizer($seed === null ? null : new Mt19937($seed));
    }

    public function name(): string
    {
        return 'The simulated sensor';
    }

    public function read(float $hour): array
    {
        if ($this->scene === 'broken' || $this->dice->getInt(1, self::SILENT) === 1) {
            throw SensorFailed::silent();
        }
        if ($this->dice->getInt(1, self::NONSENSE) === 1) {
            return $this->dice->getInt(0, 1) === 1 ? ['celsius' => -127.0, 'humidity' => 255.0] : ['celsius' => 85.0, 'humidity' => 0.0];
        }
        [$mean, $swing, $damp, $damper] = self::SCENES[$this->scene] ?? self::SCENES['room'];
        $day = cos(2 * M_PI * ($hour - self::WARMEST_HOUR) / 24);

        return [
            'celsius' => round($mean + $swing * $day + $this->noise(0.15), 1),
            'humidity' => round(max(1.0, min(100.0, $damp - $damper * $day + $this->noise(0.8))), 1),
        ];
    }

    private function noise(float $size): float
    {
        return $size * ($this->dice->getInt(-100, 100) + $this->dice->getInt(-100, 100)) / 100;
    }
}
