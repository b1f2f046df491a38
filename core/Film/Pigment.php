<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Bands;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;

/**
 * What a paint does to light: absorption K and scattering S for each band, per undiluted brushed coat.
 */
final readonly class Pigment
{
    /**
     * @param list<float> $absorption 18 values, 0 or more
     * @param list<float> $scattering 18 values, more than 0
     */
    private function __construct(public array $absorption, public array $scattering)
    {
    }

    /**
     * A paint that covers, from its dry colour at full hide.
     *
     * @param float $hiding scattering as a multiple of an opaque paint's of that colour, more than 0
     */
    public static function covering(Reflectance $fullHide, float $hiding = 1.0): self
    {
        $s = $hiding * self::scatteringFor($fullHide->toLab());
        $absorption = array_map(static fn (float $r): float => KubelkaMunk::ratio($r) * $s, $fullHide->bands);

        return new self($absorption, array_fill(0, Bands::COUNT, $s));
    }

    /** A transparent paint (stain, wash, ink), from the colour of one coat over white. */
    public static function transparent(Reflectance $overWhite): self
    {
        $s = Constants::S_TRANSPARENT;

        return new self(
            array_map(static fn (float $r): float => self::absorptionFor($r, $s), $overWhite->bands),
            array_fill(0, Bands::COUNT, $s),
        );
    }

    /**
     * A paint whose absorption and scattering were measured, see {@see Calibration}.
     *
     * @param array<int, float> $absorption 18 values, 0 or more
     * @param array<int, float> $scattering 18 values, more than 0
     *
     * @throws FilmProblem
     */
    public static function measured(array $absorption, array $scattering): self
    {
        if (count($absorption) !== Bands::COUNT || count($scattering) !== Bands::COUNT) {
            throw FilmProblem::bandsMissing(count($absorption), count($scattering));
        }
        foreach ($absorption as $i => $k) {
            if (!($k >= 0 && is_finite($k) && $scattering[$i] > 0 && is_finite($scattering[$i]))) {
                throw FilmProblem::notAFilm($i);
            }
        }

        return new self(array_values($absorption), array_values($scattering));
    }

    /**
     * K and S add by share.
     *
     * @param list<array{0: self, 1: float|int}> $parts each pigment with its parts, more than 0
     *
     * @throws FilmProblem
     */
    public static function mix(array $parts): self
    {
        if ($parts === []) {
            throw FilmProblem::emptyMixture();
        }
        $total = 0.0;
        $k = $s = array_fill(0, Bands::COUNT, 0.0);
        foreach ($parts as [$pigment, $amount]) {
            if (!($amount > 0)) {
                throw FilmProblem::partsNotPositive((float) $amount);
            }
            $total += $amount;
            foreach ($pigment->absorption as $i => $value) {
                $k[$i] += $value * $amount;
                $s[$i] += $pigment->scattering[$i] * $amount;
            }
        }
        $share = static fn (float $v): float => $v / $total;

        return new self(array_values(array_map($share, $k)), array_values(array_map($share, $s)));
    }

    public function fullHide(): Reflectance
    {
        $bands = [];
        foreach ($this->absorption as $i => $k) {
            $bands[] = KubelkaMunk::fullHide($k / $this->scattering[$i]);
        }

        return Reflectance::of($bands);
    }

    /** Share of a bare card's contrast (luminance) that shows through, 0..1. */
    public function contrast(float $thickness): float
    {
        return $this->over(Reflectance::flat(1.0), $thickness)->toXyz()->y - $this->over(Reflectance::flat(0.0), $thickness)->toXyz()->y;
    }

    public function overWhite(): Reflectance
    {
        return $this->over(Reflectance::flat(1.0), 1.0);
    }

    /** @param float $thickness in undiluted coats: thinning 1:1 makes 0.5 of a coat */
    public function over(Reflectance $substrate, float $thickness): Reflectance
    {
        if ($thickness <= 0.0) {
            return $substrate;
        }
        $bands = [];
        foreach ($substrate->bands as $i => $ground) {
            $bands[] = max(0.0, min(1.0, KubelkaMunk::over($this->absorption[$i], $this->scattering[$i], $thickness, $ground)));
        }

        return Reflectance::of($bands);
    }

    /** Scattering per coat of an opaque paint of this colour, see {@see Constants::S_WHITE}. */
    private static function scatteringFor(Lab $colour): float
    {
        $chroma = $colour->chroma();
        $warmth = exp(
            -((($colour->hue() - Constants::S_RED_HUE) / Constants::S_RED_WIDTH) ** 2),
        ) * min(1.0, $chroma / Constants::S_RED_CHROMA);

        return max(
            Constants::S_LEAST,
            Constants::S_WHITE * (max(0.0, $colour->l) / 100) ** Constants::S_LIGHTNESS_POWER
                / (1 + ($chroma / Constants::S_CHROMA) ** 2)
                * (1 + Constants::S_RED * $warmth),
        );
    }

    private static function absorptionFor(float $reflectance, float $scattering): float
    {
        $wanted = max(KubelkaMunk::DARKEST, min(KubelkaMunk::LIGHTEST, $reflectance));
        $low = 0.0;
        $high = 8.0;
        for ($i = 0; $i < 44; ++$i) {
            $middle = ($low + $high) / 2;
            if (KubelkaMunk::over($middle, $scattering, 1.0, 1.0) > $wanted) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }
}
