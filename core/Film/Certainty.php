<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;

/**
 * How far the predicted look of a film is to be trusted, ± in CIEDE2000.
 *
 * Three independent errors add as squares: the paint's own colour, as far as it shows; the ground, as far as it shows
 * through; and the hiding of the coats, which is tried with a film that much thicker.
 */
final class Certainty
{
    /** A film that changes its ground by this much (CIEDE2000) shows the whole error of its own colour. */
    private const FULLY_TINTED = 10.0;

    /**
     * @param float $own ± of the paint or mix at full hide
     * @param float $ground ± of the substrate
     * @param float $thickness of the film, in undiluted coats, 0 or more
     * @param float $guess how far off the thickness may be, as a share of it
     */
    public static function ofFilm(
        Pigment $pigment,
        float $thickness,
        Reflectance $substrate,
        float $own,
        float $ground,
        float $guess,
    ): float {
        if ($thickness <= 0.0) {
            return $ground;
        }
        $through = $pigment->contrast($thickness);
        $look = $pigment->over($substrate, $thickness)->toLab();
        $changed = min(1.0, Ciede2000::difference($look, $substrate->toLab()) / self::FULLY_TINTED);
        $thicker = Ciede2000::difference($look, $pigment->over($substrate, $thickness * (1 + $guess))->toLab());

        return sqrt(($own * max(1 - $through, $changed)) ** 2 + ($ground * $through) ** 2 + $thicker ** 2);
    }
}
