<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Lab;

/**
 * How far apart two colours must lie to be told apart when they are seen small.
 *
 * The noticeable difference along each axis of CIELAB grows as the seen size shrinks: p · (A + B / s), where p is the share
 * of people who notice it and s the size in degrees of visual angle along the smaller side. A and B: M. Stone, D. Albers
 * Szafir, V. Setlur, "An Engineering Model for Color Difference as a Function of Size", Color and Imaging Conference 22
 * (2014) 253–258, measured from 6° down to 1/3°; smaller sizes are extrapolated.
 */
final readonly class Sight
{
    /** How far away figures on a table are looked at, metres. */
    public const USUAL_METRES = 0.8;
    public const NEAREST_METRES = 0.2;
    public const FARTHEST_METRES = 5.0;

    /** A and B for L*, a* and b*. */
    private const APART = [[10.16, 1.50], [10.68, 3.08], [10.70, 5.74]];

    /** What the eye resolves, degrees: one minute of arc. */
    private const RESOLVES = 1 / 60;

    /** @throws SchemeProblem */
    public function __construct(public float $metres = self::USUAL_METRES)
    {
        if (!($metres >= self::NEAREST_METRES && $metres <= self::FARTHEST_METRES)) {
            throw SchemeProblem::distanceOutOfRange($metres);
        }
    }

    /** How it is judged, in words. */
    public function model(): string
    {
        return sprintf(
            'A pair is clear where everybody would notice the difference of its two colours, seen as large as the '
                .'smaller area is from %g m: %.1f in lightness (and %.1f, %.1f along red–green and yellow–blue) plus '
                    .'%.1f, %.1f and %.1f for each degree that the size divides. Stone, Albers Szafir and Setlur, '
                        .'Color and Imaging Conference 2014; sizes below a third of a degree (%.1f mm from here) are extrapolated.',
            $this->metres,
            self::APART[0][0],
            self::APART[1][0],
            self::APART[2][0],
            self::APART[0][1],
            self::APART[1][1],
            self::APART[2][1],
            2000 * $this->metres * tan(deg2rad(1 / 6)),
        );
    }

    /** Degrees under which so many millimetres are seen. */
    public function degrees(float $mm): float
    {
        return rad2deg(2 * atan($mm / 2000 / $this->metres));
    }

    /**
     * The difference along L*, a* and b* that a share of people notices.
     *
     * @param float $mm smaller side of the smaller area, more than 0
     * @param float $people share, 0 < p ≤ 1; everybody unless asked otherwise
     *
     * @return array{float, float, float}
     */
    public function needed(float $mm, float $people = 1.0): array
    {
        $s = $this->degrees($mm);

        return [
            $people * (self::APART[0][0] + self::APART[0][1] / $s),
            $people * (self::APART[1][0] + self::APART[1][1] / $s),
            $people * (self::APART[2][0] + self::APART[2][1] / $s),
        ];
    }

    /**
     * The difference of two colours in units of what is needed: from 1 on everybody tells them apart.
     *
     * @param array{float, float, float} $needed
     */
    public static function ratio(Lab $one, Lab $other, array $needed): float
    {
        return sqrt(
            (($one->l - $other->l) / $needed[0]) ** 2
            + (($one->a - $other->a) / $needed[1]) ** 2
            + (($one->b - $other->b) / $needed[2]) ** 2,
        );
    }

    /** Standard deviation of the blur that leaves what the eye resolves from here, in millimetres on the figure. */
    public function blurMm(): float
    {
        return 1000 * $this->metres * tan(deg2rad(self::RESOLVES));
    }
}
