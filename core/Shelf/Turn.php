<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Bands;
use Kalokroma\Colour\Lab;
use Kalokroma\Film\Pigment;

/**
 * By how much more or less a mix absorbs than its paints tell, in three wide ranges of the spectrum: violet and blue, green, and orange and
 * red. The logarithms of the factors; each range fades as e^−((nm − centre) / width)².
 */
final readonly class Turn
{
    public const RANGES = 3;

    private const CENTRES = [450, 540, 630];
    private const WIDTHS = [45, 45, 55];

    /** Furthest that one range is turned: about a seventh to seven times. */
    private const FURTHEST = 2.0;

    private const STEPS = 8;
    private const TRIED = 0.05;

    /** A turn may be so large (±, logarithm) where a colour lies this near (CIEDE2000): keeps what no colour tells from running away. */
    private const USUAL = 1.0;
    private const NEAR = 0.3;

    /** @param list<float> $by logarithm of the factor in each range */
    public function __construct(public array $by)
    {
    }

    /** What brings the look of a mix to what was seen; as near as it goes. */
    public static function toward(Mix $mix, Lab $seen): self
    {
        $weight = 1 / (1 + 0.045 * $seen->chroma());
        $look = static fn (self $turn): array => self::axes($mix->seenOf($turn->of($mix->pigment())), $weight);
        $turn = new self(array_fill(0, self::RANGES, 0.0));
        for ($step = 0; $step < self::STEPS; ++$step) {
            $turn = $turn->nearer($look, self::axes($seen, $weight));
        }

        return $turn;
    }

    public function of(Pigment $pigment): Pigment
    {
        $factors = [];
        for ($band = 0; $band < Bands::COUNT; ++$band) {
            $sum = 0.0;
            foreach ($this->by as $range => $by) {
                $sum += $by * exp(-((380 + 20 * $band - self::CENTRES[$range]) / self::WIDTHS[$range]) ** 2);
            }
            $factors[] = exp($sum);
        }

        return $pigment->absorbing($factors);
    }

    /**
     * One step of Gauss and Newton.
     *
     * @param callable(self): list<float> $look
     * @param list<float> $wanted
     */
    private function nearer(callable $look, array $wanted): self
    {
        $now = $look($this);
        $slopes = $matrix = $pull = [];
        foreach (array_keys($this->by) as $range) {
            $tried = $this->by;
            $tried[$range] += self::TRIED;
            $then = $look(new self(array_values($tried)));
            $slopes[] = array_map(static fn (float $a, float $b): float => ($b - $a) / self::TRIED, $now, $then);
        }
        foreach ($slopes as $i => $slope) {
            $pull[] = self::along($slope, array_map(static fn (float $w, float $n): float => $w - $n, $wanted, $now))
                - $this->by[$i] / self::USUAL ** 2;
            $matrix[] = array_map(
                static fn (array $other, int $j): float => self::along($slope, $other) + ($i === $j ? 1 / self::USUAL ** 2 : 0.0),
                $slopes,
                array_keys($slopes),
            );
        }

        return new self(array_map(
            static fn (float $from, float $step): float => max(-self::FURTHEST, min(self::FURTHEST, $from + $step)),
            $this->by,
            Linear::solve($matrix, $pull),
        ));
    }

    /** @return list<float> lightness and the two axes of chroma, as near as they have to be met */
    private static function axes(Lab $colour, float $weight): array
    {
        return [$colour->l / self::NEAR, $colour->a * $weight / self::NEAR, $colour->b * $weight / self::NEAR];
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     */
    private static function along(array $a, array $b): float
    {
        return array_sum(array_map(static fn (float $x, float $y): float => $x * $y, $a, $b));
    }
}
