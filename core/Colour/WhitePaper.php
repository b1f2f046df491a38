<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * White paper on a picture tells the light that fell on it: each channel of the linear colour is brought to what plain paper sends back
 * (J. von Kries's rule of coefficients, 1902, in the channels of the picture, as cameras set their white).
 */
final readonly class WhitePaper
{
    /** What plain copying paper sends back of the light: L* about 94. Our own estimate. */
    private const PAPER = 0.86;

    /** Darker than this, as a share of the light, it is hardly white paper; brighter than this the picture has burnt out. */
    private const DARKEST = 0.12;
    private const BRIGHTEST = 0.995;

    /** The strongest channel is no more than so many times the weakest. */
    private const LEAN = 6.0;

    /** @param array{float, float, float} $factors */
    private function __construct(private array $factors)
    {
    }

    /**
     * @param Srgb $seen the paper as the picture shows it
     *
     * @throws ColourProblem where it cannot be white paper
     */
    public static function seen(Srgb $seen): self
    {
        $light = $seen->linear();
        if (min($light) > self::BRIGHTEST) {
            throw ColourProblem::burntOut();
        }
        if (max($light) < self::DARKEST || max($light) > self::LEAN * max(1e-6, min($light))) {
            throw ColourProblem::notWhite();
        }

        return new self([self::PAPER / $light[0], self::PAPER / $light[1], self::PAPER / $light[2]]);
    }

    /** A colour of the same picture as it would look by daylight. */
    public function lit(Srgb $seen): Srgb
    {
        [$r, $g, $b] = $seen->linear();

        return Srgb::fromLinear(
            min(1.0, $r * $this->factors[0]),
            min(1.0, $g * $this->factors[1]),
            min(1.0, $b * $this->factors[2]),
        );
    }
}
