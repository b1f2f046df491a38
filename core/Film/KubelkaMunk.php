<?php

declare(strict_types=1);

namespace Kalokroma\Film;

/**
 * Kubelka and Munk's theory of a scattering, absorbing film, one band at a time.
 *
 * Sources: P. Kubelka, F. Munk, "Ein Beitrag zur Optik der Farbanstriche", Zeitschrift für technische Physik 12
 * (1931) 593–601; P. Kubelka, "New contributions to the optics of intensely light-scattering materials, part I",
 * Journal of the Optical Society of America 38 (1948) 448–457.
 *
 * Absorption K and scattering S are per unit of film; the unit here is one undiluted brushed coat.
 */
final class KubelkaMunk
{
    /** Reflectances are kept off 0 and 1, where K/S has no value. */
    public const DARKEST = 1e-5;
    public const LIGHTEST = 0.9999;

    /** Less scattering per coat than this counts as none. */
    public const LEAST_SCATTERING = 1e-6;

    /** K/S of a film at full hide with this reflectance. */
    public static function ratio(float $reflectance): float
    {
        $r = max(self::DARKEST, min(self::LIGHTEST, $reflectance));

        return (1 - $r) ** 2 / (2 * $r);
    }

    /** Reflectance at full hide for this K/S (0 gives a perfect white). */
    public static function fullHide(float $ratio): float
    {
        return 1 / (1 + $ratio + sqrt($ratio * ($ratio + 2)));
    }

    /**
     * Reflectance of a film over a substrate, in the exponential form that stays finite for thick films.
     *
     * @param float $thickness in coats, 0 or more; 0 leaves the substrate as it is
     */
    public static function over(float $absorption, float $scattering, float $thickness, float $substrate): float
    {
        if ($thickness <= 0.0) {
            return $substrate;
        }
        if ($scattering < self::LEAST_SCATTERING / 2) {
            return $substrate * exp(-2 * $absorption * $thickness);
        }
        $hide = self::fullHide($absorption / $scattering);
        $inverse = 1 / $hide;
        if ($inverse - $hide < 1e-9) {
            $x = $scattering * $thickness;

            return ((1 - $substrate) * $x + $substrate) / ((1 - $substrate) * $x + 1);
        }
        $decay = exp(-$scattering * $thickness * ($inverse - $hide));
        $above = ($substrate - $hide) * $decay;
        $below = $substrate - $inverse;

        return ($inverse * $above - $hide * $below) / ($above - $below);
    }
}
