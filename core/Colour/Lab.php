<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * CIE 1976 L*a*b* under D65, 2° observer. L* runs from 0 to 100 (CIE 15:2004, section 8.2.1).
 */
final readonly class Lab
{
    private const EPSILON = 216 / 24389;
    private const KAPPA = 24389 / 27;

    public function __construct(public float $l, public float $a, public float $b)
    {
    }

    public static function fromXyz(Xyz $colour): self
    {
        $fx = self::compress($colour->x / Xyz::WHITE_X);
        $fy = self::compress($colour->y / Xyz::WHITE_Y);
        $fz = self::compress($colour->z / Xyz::WHITE_Z);

        return new self(116 * $fy - 16, 500 * ($fx - $fy), 200 * ($fy - $fz));
    }

    /**
     * @param string $text `#rrggbb`, or L*, a* and b* with blanks, commas or semicolons between
     *
     * @throws ColourProblem
     */
    public static function fromText(string $text): self
    {
        $plain = trim($text);
        if (str_starts_with($plain, '#')) {
            return Srgb::fromHex($plain)->toLab();
        }
        if (preg_match(
            '/^(-?\d{1,3}(?:\.\d{1,4})?)[\s,;]+(-?\d{1,3}(?:\.\d{1,4})?)[\s,;]+(-?\d{1,3}(?:\.\d{1,4})?)$/D',
            str_replace('−', '-', $plain),
            $m,
        ) !== 1) {
            throw ColourProblem::notAColourText($text);
        }
        $lab = new self((float) $m[1], (float) $m[2], (float) $m[3]);
        if ($lab->l < 0 || $lab->l > 100 || max(abs($lab->a), abs($lab->b)) > 128) {
            throw ColourProblem::labOutOfRange($text);
        }

        return $lab;
    }

    public function toXyz(): Xyz
    {
        $fy = ($this->l + 16) / 116;

        return new Xyz(
            Xyz::WHITE_X * self::expand($fy + $this->a / 500),
            Xyz::WHITE_Y * self::expand($fy),
            Xyz::WHITE_Z * self::expand($fy - $this->b / 200),
        );
    }

    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /** Hue angle in degrees, 0 ≤ h < 360; 0 where there is no chroma. */
    public function hue(): float
    {
        $h = rad2deg(atan2($this->b, $this->a));

        return $h < 0 ? $h + 360 : $h;
    }

    /** Degrees between the two hues, 0..180, whichever way round. */
    public function hueApart(self $other): float
    {
        return abs(fmod($this->hue() - $other->hue() + 540, 360) - 180);
    }

    /** @return array{float, float, float} rounded to two decimals, as answers print it */
    public function rounded(): array
    {
        return [round($this->l, 2), round($this->a, 2), round($this->b, 2)];
    }

    private static function compress(float $t): float
    {
        return $t > self::EPSILON ? $t ** (1 / 3) : (self::KAPPA * $t + 16) / 116;
    }

    private static function expand(float $f): float
    {
        $cube = $f ** 3;

        return $cube > self::EPSILON ? $cube : (116 * $f - 16) / self::KAPPA;
    }
}
