<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Bands;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;

/**
 * Absorption and scattering of a paint from a test swatch: one coat over black and over white, both read when dry.
 *
 * With a = (K + S) / S, b = √(a² − 1) and c = b · coth(b S X), Kubelka's film over a substrate g has the reflectance
 * R = (1 − g (a − c)) / (a − g + c) (Kubelka 1948, see {@see KubelkaMunk}). Read over two substrates this gives, band by
 * band, two equations that are linear in a and c:
 *     a (R + g) + c (R − g) = 1 + R g,
 * and S X = arcoth(c / b) / b, K = S (a − 1).
 *
 * Where both readings hardly differ the coat hides in that band, and S cannot be known from it: it is then taken from the
 * bands that tell, and at least so high that the band hides as well as it was seen to.
 */
final readonly class Calibration
{
    /** Contrast left between the fields, as a share of the bare card's, below which a band tells nothing of scattering. */
    private const HARDLY_DIFFER = 0.03;

    /** Contrast that a reader's noise can feign: a hidden band is taken to hide at least so well. */
    private const UNSEEN = 0.004;

    /** Card fields need this much difference of reflectance to be told apart. */
    private const LEAST_CARD = 0.25;

    /** A reading over black may be this much lighter than over white (CIEDE2000) before it is called wrong. */
    private const NOISE = 2.5;

    /** Fields this near to the bare card (CIEDE2000) were not painted. */
    private const UNPAINTED = 1.5;

    /**
     * @param int $guarded bands, of 18, in which the readings hardly differ
     * @param float $contrast what the coat leaves of the card's contrast, 0..1 (luminance)
     */
    private function __construct(public Pigment $pigment, public int $guarded, public float $contrast)
    {
    }

    /**
     * @param float $load pigment load of the coat that was read, 0 < load ≤ 1
     * @param float $surface share of what is seen that the surface of its film sends back, {@see Boundary}
     *
     * @throws FilmProblem
     */
    public static function solve(
        Reflectance $onBlack,
        Reflectance $onWhite,
        Reflectance $black,
        Reflectance $white,
        float $load = 1.0,
        float $surface = 0.0,
    ): self {
        self::check($onBlack, $onWhite, $black, $white);
        $solved = $told = [];
        for ($band = 0; $band < Bands::COUNT; ++$band) {
            [$r1, $r2, $g1, $g2] = self::within($surface, $band, $onBlack, $onWhite, $black, $white);
            $solved[] = $found = ($r2 - $r1) / ($g2 - $g1) < self::HARDLY_DIFFER ? null : self::band($r1, $r2, $g1, $g2);
            if ($found !== null) {
                $told[] = $found[1];
            }
        }
        sort($told);
        $usual = $told === [] ? null : $told[intdiv(count($told), 2)];
        $k = $s = [];
        $guarded = 0;
        foreach ($solved as $band => $found) {
            if ($found === null) {
                ++$guarded;
                [$r1, $r2, $g1, $g2] = self::within($surface, $band, $onBlack, $onWhite, $black, $white);
                $found = self::hidden($r1, $r2, $g1, $g2, $usual);
            }
            $k[] = $found[0] / $load;
            $s[] = $found[1] / $load;
        }
        $left = ($onWhite->toXyz()->y - $onBlack->toXyz()->y) / ($white->toXyz()->y - $black->toXyz()->y);

        return new self(Pigment::measured($k, $s, $surface), $guarded, max(0.0, min(1.0, $left)));
    }

    /** @return array<int, float> what is seen of one band, as it is below the surface */
    private static function within(float $surface, int $band, Reflectance ...$seen): array
    {
        return array_map(static fn (Reflectance $r): float => Boundary::inside($r->bands[$band], $surface), array_values($seen));
    }

    /** @throws FilmProblem */
    private static function check(Reflectance $onBlack, Reflectance $onWhite, Reflectance $black, Reflectance $white): void
    {
        foreach ($white->bands as $band => $share) {
            if ($share - $black->bands[$band] < self::LEAST_CARD) {
                throw FilmProblem::cardTooAlike();
            }
        }
        if ($onBlack->toXyz()->y > $onWhite->toXyz()->y) {
            $apart = Ciede2000::difference($onBlack->toLab(), $onWhite->toLab());
            if ($apart > self::NOISE) {
                throw FilmProblem::lighterOverBlack($apart);
            }
        }
        if (
            Ciede2000::difference($onBlack->toLab(), $black->toLab()) < self::UNPAINTED
            && Ciede2000::difference($onWhite->toLab(), $white->toLab()) < self::UNPAINTED
        ) {
            throw FilmProblem::nothingPainted();
        }
    }

    /** @return array{float, float}|null K and S of the film as read; null where no film can look so */
    private static function band(float $r1, float $r2, float $g1, float $g2): ?array
    {
        $determinant = ($r1 + $g1) * ($r2 - $g2) - ($r2 + $g2) * ($r1 - $g1);
        if (abs($determinant) < 1e-9) {
            return null;
        }
        $a = ((1 + $r1 * $g1) * ($r2 - $g2) - (1 + $r2 * $g2) * ($r1 - $g1)) / $determinant;
        $c = (($r1 + $g1) * (1 + $r2 * $g2) - ($r2 + $g2) * (1 + $r1 * $g1)) / $determinant;
        $a = max($a, 1.0);
        $b = sqrt($a * $a - 1);
        if ($c <= $b) {
            return null;
        }
        $s = $b < 1e-4 ? 1 / $c : log(($c + $b) / ($c - $b)) / (2 * $b);

        return [$s * ($a - 1), max($s, KubelkaMunk::LEAST_SCATTERING)];
    }

    /**
     * A band that hides: its colour is the mean of both readings, its scattering the usual one or what it takes to hide.
     *
     * @return array{float, float}
     */
    private static function hidden(float $r1, float $r2, float $g1, float $g2, ?float $usual): array
    {
        $ratio = KubelkaMunk::ratio(($r1 + $r2) / 2);
        $a = 1 + $ratio;
        $b = sqrt($a * $a - 1);
        $left = max(self::UNSEEN, ($r2 - $r1) / ($g2 - $g1));
        $least = $b < 1e-4 ? 1 / $left : max(0.0, log(4 * $b * $b / ($left * ($a + $b - ($g1 + $g2) / 2) ** 2))) / (2 * $b);
        $s = max($usual ?? 0.0, $least, KubelkaMunk::LEAST_SCATTERING);

        return [$s * $ratio, $s];
    }
}
