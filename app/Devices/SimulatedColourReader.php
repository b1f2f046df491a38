<?php

declare(strict_types=1);

namespace App\Devices;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Pigment;
use Kalokroma\Shelf\Paint;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Stands in for a hand-held reader. Every paint has a truth of its own behind the colour that was typed in: a little off in
 * hue and lightness, with more or less body, and scattering that falls with the wavelength. A reading has a noise of 0.5;
 * now and then the reader lies across the edge of the field, or gives no reading.
 */
final class SimulatedColourReader implements ColourReader
{
    private const NOISE = 0.5;
    private const BESIDE = 14;
    private const FAILS = 25;

    /** Bare card: toner and paper. */
    private const BLACK = 0.045;
    private const WHITE = 0.86;

    private readonly Randomizer $dice;

    public function __construct(?int $seed = null, private readonly bool $works = true)
    {
        $this->dice = new Randomizer($seed === null ? null : new Mt19937($seed));
    }

    public function name(): string
    {
        return 'The simulated reader';
    }

    public function read(Spot $spot): Lab
    {
        if (!$this->works || $this->dice->getInt(1, self::FAILS) === 1) {
            throw ReaderFailed::noReading('The reader gave no reading.');
        }
        $seen = $spot->thing ?? $this->field($spot->field, $spot)->toLab();
        if ($spot->thing === null && $this->dice->getInt(1, self::BESIDE) === 1) {
            $other = str_ends_with($spot->field, 'black') ? str_replace(
                'black',
                'white',
                $spot->field,
            ) : str_replace('white', 'black', $spot->field);
            $seen = $this->field($spot->field, $spot)->blend($this->field($other, $spot), 0.4)->toLab();
        }

        return new Lab(max(0.0, min(100.0, $seen->l + $this->noise())), $seen->a + $this->noise(), $seen->b + $this->noise());
    }

    private function field(string $field, Spot $spot): Reflectance
    {
        $card = Reflectance::flat(str_ends_with($field, 'black') ? self::BLACK : self::WHITE);

        return $spot->paint !== null && str_starts_with($field, 'swatch') ? self::truth($spot->paint)->over($card, $spot->load) : $card;
    }

    /** The same paint has the same truth every time. */
    private static function truth(Paint $paint): Pigment
    {
        $dice = new Randomizer(new Mt19937(crc32($paint->line.'/'.$paint->name)));
        $share = static fn (): float => $dice->getInt(0, 1000) / 1000;
        $typed = $paint->pigment();
        $body = 0.6 + 0.9 * $share();
        $slope = 0.8 * $share();
        $strength = 0.85 + 0.3 * $share();
        $tilt = 0.24 * ($share() - 0.5);
        $k = $s = [];
        foreach ($typed->scattering as $band => $scattering) {
            $s[] = $scattering * $body * (9 / ($band + 4.5)) ** $slope;
            $k[] = $typed->absorption[$band] * $body * $strength * (1 + $tilt * ($band - 8.5) / 8.5);
        }

        return Pigment::measured($k, $s, $typed->surface);
    }

    /** Gaussian (Box and Muller). */
    private function noise(): float
    {
        $share = fn (): float => $this->dice->getInt(1, 1_000_000) / 1_000_001;

        return self::NOISE * sqrt(-2 * log($share())) * cos(2 * M_PI * $share());
    }
}
