<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\PaintRow;
use Kalokroma\Shelf\Weighing;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Stands in for a kitchen scale. In truth a bottle holds a little less than was worked out, and bottles differ in weight; a
 * reading has a noise of 0.05 g, drifts when the scale was not set to zero, and now and then does not come.
 */
final class SimulatedBottleScale implements BottleScale
{
    private const NOISE_GRAMS = 0.05;
    private const FAILS = 8;

    private readonly Randomizer $dice;

    public function __construct(?int $seed = null, private readonly bool $works = true)
    {
        $this->dice = new Randomizer($seed === null ? null : new Mt19937($seed));
    }

    public function name(): string
    {
        return 'The simulated scale';
    }

    public function weigh(PaintRow $bottle): float
    {
        if (!$this->works || $this->dice->getInt(1, self::FAILS) === 1) {
            throw ScaleFailed::noRest();
        }
        $own = new Randomizer(new Mt19937(crc32($bottle->line.'/'.$bottle->name)));
        $ml = ($bottle->left_ml ?? 0.6 * ($bottle->bottle_ml ?? 15.0)) * $own->getInt(86, 100) / 100;
        $empty = Weighing::usualTare($bottle->bottle_ml) + $own->getInt(-15, 15) / 100;

        return round($empty + $ml * Weighing::density($bottle->behaviour) + self::NOISE_GRAMS * $this->dice->getInt(-100, 100) / 50, 2);
    }
}
