<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

use InvalidArgumentException;

/**
 * A spectrum of diffuse reflectance on the grid of {@see Bands}: 18 shares between 0 and 1.
 */
final class Reflectance
{
    private ?Xyz $xyz = null;

    private ?OnScreen $onScreen = null;

    /** @param list<float> $bands */
    private function __construct(public readonly array $bands)
    {
    }

    /** @return array{list<float>} without what is only remembered, so that the same reflectance is written the same */
    public function __serialize(): array
    {
        return [$this->bands];
    }

    /** @param array{list<float>} $kept */
    public function __unserialize(array $kept): void
    {
        $this->bands = $kept[0];
    }

    /**
     * @param list<float> $bands 18 shares, each 0..1
     *
     * @throws InvalidArgumentException
     */
    public static function of(array $bands): self
    {
        if (count($bands) !== Bands::COUNT) {
            throw new InvalidArgumentException(sprintf('A reflectance has %d bands, not %d.', Bands::COUNT, count($bands)));
        }
        foreach ($bands as $i => $share) {
            if (!($share >= 0.0 && $share <= 1.0)) {
                throw new InvalidArgumentException(sprintf('Band %d of a reflectance is %s: it must lie between 0 and 1.', $i, $share));
            }
        }

        return new self($bands);
    }

    public static function fromSrgb(Srgb $swatch): self
    {
        return new self(SmoothReflectance::of($swatch));
    }

    /** Of a measured colour, which may lie beyond the screen's gamut. */
    public static function fromLab(Lab $measured): self
    {
        return self::of(SmoothReflectance::ofXyz($measured->toXyz()));
    }

    /**
     * Another spectrum that looks the same.
     *
     * @param float $sharpness how steep its flanks are, as a multiple of a usual paint's
     */
    public function withFlanks(float $sharpness): self
    {
        return new self(SmoothReflectance::ofXyz($this->toXyz(), $sharpness));
    }

    public static function flat(float $share): self
    {
        return self::of(array_fill(0, Bands::COUNT, $share));
    }

    /** Share of its darkest band. */
    public function darkest(): float
    {
        return min([1.0, ...$this->bands]);
    }

    public function toXyz(): Xyz
    {
        return $this->xyz ??= $this->weighed();
    }

    private function weighed(): Xyz
    {
        [$wx, $wy, $wz] = Bands::weights();
        $x = $y = $z = 0.0;
        foreach ($this->bands as $i => $r) {
            $x += $wx[$i] * $r;
            $y += $wy[$i] * $r;
            $z += $wz[$i] * $r;
        }

        return new Xyz($x, $y, $z);
    }

    public function toLab(): Lab
    {
        return Lab::fromXyz($this->toXyz());
    }

    /** As the screen shows it, brought into its gamut with hue and lightness kept; {@see self::onScreen()} says how far. */
    public function toHex(): string
    {
        return $this->onScreen()->toHex();
    }

    public function onScreen(): OnScreen
    {
        return $this->onScreen ??= OnScreen::of($this->toXyz());
    }

    /** The average seen from a distance where a share of the surface (0..1) shows the other spectrum. */
    public function blend(self $other, float $share): self
    {
        if ($share <= 0.0) {
            return $this;
        }
        $bands = [];
        foreach ($this->bands as $i => $r) {
            $bands[] = $r + ($other->bands[$i] - $r) * $share;
        }

        return self::of($bands);
    }
}
