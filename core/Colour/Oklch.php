<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * OKLCh: the cylindrical form of OKLab (Björn Ottosson, "A perceptual color space for image processing", 2020).
 * Lightness 0..1, chroma from 0 (about 0.32 on a screen), hue in degrees 0 ≤ h < 360.
 */
final readonly class Oklch
{
    public float $hue;

    public function __construct(public float $lightness, public float $chroma, float $hue)
    {
        $turned = fmod($hue, 360);
        $this->hue = $turned < 0 ? $turned + 360 : $turned;
    }

    public static function fromSrgb(Srgb $colour): self
    {
        [$r, $g, $b] = $colour->linear();
        $l = self::root(0.4122214708 * $r + 0.5363325363 * $g + 0.0514459929 * $b);
        $m = self::root(0.2119034982 * $r + 0.6806995451 * $g + 0.1073969566 * $b);
        $s = self::root(0.0883024619 * $r + 0.2817188376 * $g + 0.6299787005 * $b);
        $a = 1.9779984951 * $l - 2.4285922050 * $m + 0.4505937099 * $s;
        $bb = 0.0259040371 * $l + 0.7827717662 * $m - 0.8086757660 * $s;

        return new self(
            0.2104542553 * $l + 0.7936177850 * $m - 0.0040720468 * $s,
            hypot($a, $bb),
            rad2deg(atan2($bb, $a)),
        );
    }

    public static function fromLab(Lab $colour): self
    {
        return self::fromSrgb(Srgb::fromXyz($colour->toXyz()));
    }

    /** Whether it is a red: from crimson to vermilion, and not a brown or a grey. */
    public function isRed(): bool
    {
        return $this->chroma >= 0.08 && ($this->hue < 42 || $this->hue > 350);
    }

    /** Components may lie outside 0..1 where the screen cannot show the colour. */
    public function toSrgb(): Srgb
    {
        $a = $this->chroma * cos(deg2rad($this->hue));
        $b = $this->chroma * sin(deg2rad($this->hue));
        $l = ($this->lightness + 0.3963377774 * $a + 0.2158037573 * $b) ** 3;
        $m = ($this->lightness - 0.1055613458 * $a - 0.0638541728 * $b) ** 3;
        $s = ($this->lightness - 0.0894841775 * $a - 1.2914855480 * $b) ** 3;

        return Srgb::fromLinear(
            4.0767416621 * $l - 3.3077115913 * $m + 0.2309699292 * $s,
            -1.2684380046 * $l + 2.6097574011 * $m - 0.3413193965 * $s,
            -0.0041960863 * $l - 0.7034186147 * $m + 1.7076147010 * $s,
        );
    }

    /**
     * The nearest colour the screen can show with the same hue and lightness: chroma is halved in until it fits.
     * Unchanged where it fits already.
     */
    public function onScreen(): self
    {
        $lightness = max(0.0, min(1.0, $this->lightness));
        $whole = new self($lightness, $this->chroma, $this->hue);
        if ($whole->toSrgb()->isOnScreen()) {
            return $whole;
        }
        $fits = 0.0;
        $tooMuch = $this->chroma;
        for ($i = 0; $i < 24; ++$i) {
            $middle = ($fits + $tooMuch) / 2;
            if ((new self($lightness, $middle, $this->hue))->toSrgb()->isOnScreen()) {
                $fits = $middle;
            } else {
                $tooMuch = $middle;
            }
        }

        return new self($lightness, $fits, $this->hue);
    }

    public function toLab(): Lab
    {
        return $this->toSrgb()->toLab();
    }

    /** Signed turn in degrees from this hue to another the short way round, −180 < turn ≤ 180. */
    public function hueTurnTo(float $hue): float
    {
        $turn = fmod($hue - $this->hue + 540, 360) - 180;

        return $turn <= -180 ? $turn + 360 : $turn;
    }

    /** Between two hues, degrees from 0 to 180. */
    public static function between(float $hue, float $other): float
    {
        return abs(fmod($hue - $other + 540, 360) - 180);
    }

    private static function root(float $v): float
    {
        return $v < 0 ? -((-$v) ** (1 / 3)) : $v ** (1 / 3);
    }

    /** @return array{lightness: float, chroma: float} both in hundredths, as they are told to painters */
    public function percent(): array
    {
        return ['lightness' => 100 * $this->lightness, 'chroma' => 100 * $this->chroma];
    }
}
