<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * A screen colour in sRGB (IEC 61966-2-1:1999): gamma-encoded red, green and blue, each from 0 to 1.
 */
final readonly class Srgb
{
    /** Linear sRGB to XYZ, D65 white with Y = 1 (IEC 61966-2-1). */
    private const TO_XYZ = [
        [0.4124564, 0.3575761, 0.1804375],
        [0.2126729, 0.7151522, 0.0721750],
        [0.0193339, 0.1191920, 0.9503041],
    ];

    /** The inverse of {@see self::TO_XYZ}. */
    private const FROM_XYZ = [
        [3.2404542, -1.5371385, -0.4985314],
        [-0.9692660, 1.8760108, 0.0415560],
        [0.0556434, -0.2040259, 1.0572252],
    ];

    private function __construct(public float $red, public float $green, public float $blue)
    {
    }

    /**
     * @param string $hex `#rrggbb`, case ignored, surrounding blanks ignored
     *
     * @throws ColourProblem when it is written any other way
     */
    public static function fromHex(string $hex): self
    {
        $digits = strtolower(trim($hex));
        if (preg_match('/^#[0-9a-f]{6}$/D', $digits) !== 1) {
            throw ColourProblem::notAHexColour($hex);
        }

        return new self(
            hexdec(substr($digits, 1, 2)) / 255,
            hexdec(substr($digits, 3, 2)) / 255,
            hexdec(substr($digits, 5, 2)) / 255,
        );
    }

    /** Linear components outside 0..1 are kept: {@see self::isOnScreen()} tells, {@see self::clipped()} cuts them. */
    public static function fromLinear(float $red, float $green, float $blue): self
    {
        return new self(self::encode($red), self::encode($green), self::encode($blue));
    }

    public static function fromXyz(Xyz $colour): self
    {
        [$r, $g, $b] = self::multiply(self::FROM_XYZ, $colour->x, $colour->y, $colour->z);

        return self::fromLinear($r, $g, $b);
    }

    public function toXyz(): Xyz
    {
        [$x, $y, $z] = self::multiply(self::TO_XYZ, ...$this->linear());

        return new Xyz($x, $y, $z);
    }

    public function toLab(): Lab
    {
        return Lab::fromXyz($this->toXyz());
    }

    public function toOklch(): Oklch
    {
        return Oklch::fromSrgb($this);
    }

    /** @return array{float, float, float} linear red, green, blue */
    public function linear(): array
    {
        return [self::decode($this->red), self::decode($this->green), self::decode($this->blue)];
    }

    /** Whether the screen can show it; a rounding error of half a step of 255 is allowed. */
    public function isOnScreen(): bool
    {
        return min($this->red, $this->green, $this->blue) >= -0.002 && max($this->red, $this->green, $this->blue) <= 1.002;
    }

    /** The same colour with each component cut into 0..1: hue may shift, see {@see Oklch::onScreen()} for the gentle way. */
    public function clipped(): self
    {
        return new self(self::cut($this->red), self::cut($this->green), self::cut($this->blue));
    }

    /** Rounded to 8 bits a channel; components off the screen are cut. */
    public function toHex(): string
    {
        $byte = static fn (float $v): int => (int) round(255 * self::cut($v));

        return sprintf('#%02x%02x%02x', $byte($this->red), $byte($this->green), $byte($this->blue));
    }

    /** @return list<list<float>> the three rows of the matrix from XYZ to linear sRGB */
    public static function fromXyzMatrix(): array
    {
        return self::FROM_XYZ;
    }

    private static function cut(float $v): float
    {
        return max(0.0, min(1.0, $v));
    }

    private static function decode(float $v): float
    {
        $a = abs($v);
        $linear = $a <= 0.04045 ? $a / 12.92 : (($a + 0.055) / 1.055) ** 2.4;

        return $v < 0 ? -$linear : $linear;
    }

    private static function encode(float $v): float
    {
        $a = abs($v);
        $encoded = $a <= 0.0031308 ? 12.92 * $a : 1.055 * $a ** (1 / 2.4) - 0.055;

        return $v < 0 ? -$encoded : $encoded;
    }

    /**
     * @param list<list<float>> $matrix
     *
     * @return array{float, float, float}
     */
    private static function multiply(array $matrix, float $a, float $b, float $c): array
    {
        [$p, $q, $r] = $matrix;

        return [
            $p[0] * $a + $p[1] * $b + $p[2] * $c,
            $q[0] * $a + $q[1] * $b + $q[2] * $c,
            $r[0] * $a + $r[1] * $b + $r[2] * $c,
        ];
    }
}
