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
     * @param float $surface share of what is seen that its surface sends back, {@see Boundary}
     * @param float $strength how strongly it counts in a mix beside its share, {@see Constants::STRENGTH_CHROMA}
     */
    private function __construct(
        public array $absorption,
        public array $scattering,
        public float $surface = 0.0,
        public float $strength = 1.0,
    ) {
    }

    /**
     * A paint that covers, from its dry colour at full hide.
     *
     * @param float $hiding scattering as a multiple of an opaque paint's of that colour, more than 0
     * @param Variant|null $variant in which way it differs from a usual paint of that colour
     */
    public static function covering(Reflectance $fullHide, float $hiding = 1.0, ?Variant $variant = null): self
    {
        $colour = $fullHide->toLab();
        $surface = $variant?->surface() ?? Constants::SURFACE;
        $s = $hiding * self::scatteringFor($colour) ** ($variant?->body() ?? 1.0);
        $bands = self::reshaped($fullHide, $variant)->bands;
        $absorption = array_map(static fn (float $r): float => Boundary::ratio($r, $surface) * $s, $bands);

        return new self($absorption, array_fill(0, Bands::COUNT, $s), $surface, self::strengthFor($colour));
    }

    /**
     * An ink, from the colour of one coat over white: transparent, but white and very light ones are white pigment ground fine, and
     * scatter.
     */
    public static function ink(Reflectance $overWhite, ?Variant $variant = null): self
    {
        $lab = $overWhite->toLab();
        $light = max(0.0, min(1.0, ($lab->l - Constants::INK_LIGHT_FROM) / Constants::INK_LIGHT_OVER))
            * max(0.0, 1.0 - $lab->chroma() / Constants::INK_LIGHT_CHROMA);

        $clear = self::transparent($overWhite, $variant);
        if ($light <= 0.0) {
            return $clear;
        }
        $body = $light * Constants::S_LIGHT_INK;

        return new self(
            array_map(
                static fn (float $k, float $r): float => (1.0 - $light) * $k + Boundary::ratio($r, 0.0) * $body,
                $clear->absorption,
                $overWhite->bands,
            ),
            array_map(static fn (float $s): float => $s + $body, $clear->scattering),
        );
    }

    /** A transparent paint (stain, wash, ink), from the colour of one coat over white. */
    public static function transparent(Reflectance $overWhite, ?Variant $variant = null): self
    {
        $s = Constants::S_TRANSPARENT * self::body($overWhite) * match ($variant) {
            Variant::MoreSurface => Constants::S_TRANSPARENT_SPREAD,
            Variant::LessSurface => 1 / Constants::S_TRANSPARENT_SPREAD,
            default => 1.0,
        };

        return new self(
            array_map(static fn (float $r): float => self::absorptionFor($r, $s), self::reshaped($overWhite, $variant)->bands),
            array_fill(0, Bands::COUNT, $s),
        );
    }

    /**
     * What is paler over white is a thinner layer of such a paint: it has less of its haze too, so that its film stays dark and a dark
     * ground stays as it is. More than 0, at most 1.
     */
    private static function body(Reflectance $overWhite): float
    {
        $luminance = max(1e-4, min(1.0, $overWhite->toXyz()->y));

        return max(Constants::TRANSPARENT_LEAST, min(1.0, -log($luminance) / Constants::TRANSPARENT_FULL));
    }

    /**
     * A paint whose absorption and scattering were measured, see {@see Calibration}.
     *
     * @param array<int, float> $absorption 18 values, 0 or more
     * @param array<int, float> $scattering 18 values, more than 0
     * @param float $surface as it was taken to be when they were solved
     *
     * @throws FilmProblem
     */
    public static function measured(array $absorption, array $scattering, float $surface = 0.0): self
    {
        if (count($absorption) !== Bands::COUNT || count($scattering) !== Bands::COUNT) {
            throw FilmProblem::bandsMissing(count($absorption), count($scattering));
        }
        foreach ($absorption as $i => $k) {
            if (!($k >= 0 && is_finite($k) && $scattering[$i] > 0 && is_finite($scattering[$i]))) {
                throw FilmProblem::notAFilm($i);
            }
        }

        $paint = new self(array_values($absorption), array_values($scattering), $surface);
        $strength = $surface > 0.0 ? self::strengthFor($paint->fullHide()->toLab()) : 1.0;

        return new self($paint->absorption, $paint->scattering, $surface, $strength);
    }

    /**
     * K and S add by share, each as strongly as its paint is.
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
        $total = $all = $surface = 0.0;
        $k = $s = array_fill(0, Bands::COUNT, 0.0);
        foreach ($parts as [$pigment, $amount]) {
            if (!($amount > 0)) {
                throw FilmProblem::partsNotPositive((float) $amount);
            }
            $all += $amount;
            $total += $counts = $amount * $pigment->strength;
            $surface += $counts * $pigment->surface;
            foreach ($pigment->absorption as $i => $value) {
                $k[$i] += $value * $counts;
                $s[$i] += $pigment->scattering[$i] * $counts;
            }
        }
        $share = static fn (float $v): float => $v / $total;

        return new self(array_values(array_map($share, $k)), array_values(array_map($share, $s)), $surface / $total, $total / $all);
    }

    /** The same paint, counting so many times as strongly in a mix. */
    public function stronger(float $times): self
    {
        return new self($this->absorption, $this->scattering, $this->surface, $this->strength * $times);
    }

    /**
     * A paint that scatters as this one and absorbs so many times as much.
     *
     * @param list<float> $times 18 factors, 0 or more
     */
    public function absorbing(array $times): self
    {
        $absorption = array_map(static fn (float $k, float $by): float => $k * $by, $this->absorption, $times);

        return new self($absorption, $this->scattering, $this->surface, $this->strength);
    }

    public function fullHide(): Reflectance
    {
        $bands = [];
        foreach ($this->absorption as $i => $k) {
            $bands[] = Boundary::fullHide($k / $this->scattering[$i], $this->surface);
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
            $below = Boundary::inside($ground, $this->surface);
            $within = KubelkaMunk::over($this->absorption[$i], $this->scattering[$i], $thickness, $below);
            $bands[] = min(1.0, Boundary::outside($within, $this->surface));
        }

        return Reflectance::of($bands);
    }

    private static function reshaped(Reflectance $colour, ?Variant $variant): Reflectance
    {
        $sharpness = $variant?->sharpness() ?? 1.0;

        return $sharpness === 1.0 ? $colour : $colour->withFlanks($sharpness);
    }

    /** Scattering per coat of an opaque paint of this colour, see {@see Constants::S_WHITE}. */
    private static function scatteringFor(Lab $colour): float
    {
        return max(
            Constants::S_LEAST,
            Constants::S_WHITE * (max(0.0, $colour->l) / 100) ** Constants::S_LIGHTNESS_POWER
                / (1 + ($colour->chroma() / Constants::S_CHROMA) ** 2),
        );
    }

    private static function strengthFor(Lab $colour): float
    {
        return exp(Constants::STRENGTH_CHROMA * $colour->chroma() / 100 + Constants::STRENGTH_LIGHTNESS * ($colour->l / 100 - 0.5));
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
