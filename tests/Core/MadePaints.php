<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Colour\Bands;
use Kalokroma\Colour\Lab;
use Kalokroma\Film\Pigment;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Paints as they might be, made outside the film model's own family: absorption from one to three pigments with narrow
 * and wide bands of their own, scattering that falls with the wavelength (Mie's region) and differs from paint to paint
 * by a factor of four, none of it derived from a screen colour. And a reader with noise.
 */
final class MadePaints
{
    private readonly Randomizer $dice;

    public function __construct(int $seed)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    public function paint(): Pigment
    {
        $scatter = 0.25 * 4 ** $this->share();
        $slope = 1.5 * $this->share();
        $peaks = [];
        for ($i = $this->dice->getInt(1, 3); $i > 0; --$i) {
            $peaks[] = [380 + 340 * $this->share(), 25 + 70 * $this->share(), 0.05 * 60 ** $this->share()];
        }
        $edge = [430 + 200 * $this->share(), 8 + 15 * $this->share(), $this->dice->getInt(0, 1) * 3 * $this->share()];
        $grey = 0.002 * 300 ** $this->share();
        $k = $s = [];
        for ($band = 0; $band < Bands::COUNT; ++$band) {
            $nm = 380 + 20 * $band;
            $s[] = $scatter * (550 / $nm) ** $slope;
            $sum = $grey + $edge[2] / (1 + exp(($nm - $edge[0]) / $edge[1]));
            foreach ($peaks as [$centre, $width, $height]) {
                $sum += $height * exp(-((($nm - $centre) / $width) ** 2));
            }
            $k[] = $sum;
        }

        return Pigment::measured($k, $s);
    }

    /**
     * As they come in bottles: light ones hold more of what scatters, by a law that is not the film model's, and each of them up to about
     * 2.5 times more or less than that.
     */
    public function bottled(): Pigment
    {
        $paint = $this->paint();
        $gauss = sqrt(-2 * log(1 - $this->share())) * cos(2 * M_PI * $this->share());
        $body = (0.45 + 1.4 * $paint->fullHide()->toXyz()->y ** 0.7) * 1.4 ** $gauss;
        $times = $body / (array_sum($paint->scattering) / Bands::COUNT);
        $scaled = static fn (array $bands): array => array_map(static fn (float $v): float => $v * $times, $bands);

        return Pigment::measured($scaled($paint->absorption), $scaled($paint->scattering));
    }

    /** One reading with Gaussian noise on L*, a* and b* (Box and Muller). */
    public function read(Lab $true, float $noise): Lab
    {
        $off = fn (): float => $noise * sqrt(-2 * log(1 - $this->share())) * cos(2 * M_PI * $this->share());

        return new Lab(max(0.0, $true->l + $off()), $true->a + $off(), $true->b + $off());
    }

    /** 0 ≤ share < 1 */
    public function share(): float
    {
        return $this->dice->getInt(0, 999_999) / 1_000_000;
    }
}
