<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;

/**
 * How far the predicted look of a film is to be trusted, ± in CIEDE2000.
 *
 * Independent errors add as squares: the paint's own colour, as far as it shows; the ground, as far as it shows through; what its colour
 * leaves open of the paint, which is tried with every variant of it; and the hiding of the coats, tried with a film that much thicker.
 */
final class Certainty
{
    /** A film that changes its ground by this much (CIEDE2000) shows the whole error of its own colour. */
    private const FULLY_TINTED = 10.0;

    /**
     * @param list<Lab> $members what else it may look like
     *
     * @return float ± CIEDE2000
     */
    public static function spread(Lab $look, array $members): float
    {
        $sum = 0.0;
        foreach ($members as $member) {
            $sum += Ciede2000::difference($look, $member) ** 2;
        }

        return $members === [] ? 0.0 : Constants::SPREAD * sqrt($sum / count($members));
    }

    /**
     * @param list<Pigment> $members what else the paint or mix may be
     * @param float $own ± of the paint or mix at full hide
     * @param float $ground ± of the substrate
     * @param float $thickness of the film, in undiluted coats, 0 or more
     * @param float $guess how far off the thickness may be, as a share of it
     * @param float $open share of the members' spread that nothing seen tells of, 0 to 1
     */
    public static function ofFilm(
        Pigment $pigment,
        array $members,
        float $thickness,
        Reflectance $substrate,
        float $own,
        float $ground,
        float $guess,
        float $open = 1.0,
    ): float {
        if ($thickness <= 0.0) {
            return $ground;
        }
        $through = $pigment->contrast($thickness);
        $look = $pigment->over($substrate, $thickness)->toLab();
        $changed = min(1.0, Ciede2000::difference($look, $substrate->toLab()) / self::FULLY_TINTED);
        $thicker = Ciede2000::difference($look, $pigment->over($substrate, $thickness * (1 + $guess))->toLab());
        $spread = self::spread($look, array_map(static fn (Pigment $p): Lab => $p->over($substrate, $thickness)->toLab(), $members));

        return sqrt(($own * max(1 - $through, $changed)) ** 2 + ($ground * $through) ** 2 + $thicker ** 2 + ($open * $spread) ** 2);
    }
}
