<?php

declare(strict_types=1);

namespace Kalokroma\Film;

/**
 * The surface of a covering film: of what is seen of it, a share never reached the pigment, so that no K/S grows without end. What
 * happens below is Kubelka and Munk's; reflectances go in before and come out after.
 *
 * With a share h, r seen from outside is (r + h) / (1 + h) within. After J. L. Saunderson, "Calculation of the color of pigmented
 * plastics", Journal of the Optical Society of America 32 (1942) 727–736, in a one-constant form in which a colour at full hide comes
 * back exactly. Transparent films have none (h = 0): they colour the light on its way to the ground and back.
 */
final class Boundary
{
    /** Within, of what is seen from outside. */
    public static function inside(float $seen, float $share = Constants::SURFACE): float
    {
        return ($seen + $share) / (1 + $share);
    }

    /** Seen from outside, of what is within; never below 0. */
    public static function outside(float $within, float $share = Constants::SURFACE): float
    {
        return max(0.0, $within * (1 + $share) - $share);
    }

    /** K/S of a film that hides and is seen with this reflectance. */
    public static function ratio(float $seen, float $share = Constants::SURFACE): float
    {
        return KubelkaMunk::ratio(self::inside($seen, $share));
    }

    /** What is seen of a film that hides, with this K/S. */
    public static function fullHide(float $ratio, float $share = Constants::SURFACE): float
    {
        return self::outside(KubelkaMunk::fullHide($ratio), $share);
    }
}
