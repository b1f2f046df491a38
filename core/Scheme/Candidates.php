<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Figure\Material;

/**
 * The colours of a pool that are worth weighing for a material and a hue: the cheapest of every band of lightness, each
 * with what it costs by itself. The same question is worked out once.
 */
final class Candidates
{
    /** Bands of lightness (CIELAB) and how many of each are kept. */
    private const BAND = 13.0;
    private const EACH = 3;

    /** Costs: of every 30° beside the hue, of a grey where a hue is wanted, of a mix, of each CIELAB off the lightness wanted. */
    private const OFF_HUE = 1.0;
    private const GREY = 0.8;
    private const MIXED = 0.2;
    private const OFF_KEY = 0.012;

    /** OKLCh chroma above which a colour is no muted one, below which a spot is none, and from which it has a hue. */
    private const MUTED = 0.07;
    public const SPOT = 0.11;
    public const HAS_HUE = 0.03;

    /** @var array<string, non-empty-list<array{Choice, float}>> */
    private array $weighed = [];

    public function __construct(private readonly Pool $pool)
    {
    }

    /**
     * @param float $hue degrees
     * @param bool $muted whether all but a spot is to be muted
     * @param float $key CIELAB lightness wanted of free materials
     * @param float $lighter OKLCh lightness by which the others are wanted lighter than usual
     *
     * @return non-empty-list<array{Choice, float}>
     *
     * @throws SchemeProblem
     */
    public function for(Material $material, float $hue, bool $muted, bool $isSpot, float $key, float $lighter): array
    {
        $asked = sprintf('%s %.2f %d %d %.0f %.2f', $material->value, $hue, (int) $muted, (int) $isSpot, $key, $lighter);

        return $this->weighed[$asked] ??= $this->weigh($material, $hue, $muted, $isSpot, $key, $lighter);
    }

    /** @return non-empty-list<array{Choice, float}> */
    private function weigh(Material $material, float $hue, bool $muted, bool $isSpot, float $key, float $lighter): array
    {
        $bands = [];
        $free = MaterialRange::isFree($material);
        $offHue = self::OFF_HUE * ($free ? 1.0 : 0.25) / 30;
        foreach ($this->pool->of($material) ?: $this->pool->choices as $choice) {
            $colour = $choice->oklch;
            $turn = abs($colour->hue - $hue);
            $cost = $offHue * min($turn, 360 - $turn) * min(1.0, $colour->chroma / self::HAS_HUE)
                + MaterialRange::unusual($material, $colour, $lighter)
                + ($choice->mix->isSingle() ? 0.0 : self::MIXED);
            if ($free) {
                $cost += self::OFF_KEY * abs($choice->lab->l - $key) + ($colour->chroma < self::HAS_HUE ? self::GREY : 0.0);
            }
            if ($muted) {
                $cost += $isSpot ? 12 * max(0.0, self::SPOT - $colour->chroma) : 12 * max(0.0, $colour->chroma - self::MUTED);
            }
            $bands[(int) floor($choice->lab->l / self::BAND)][] = [$choice, $cost];
        }
        $found = [];
        foreach ($bands as $band) {
            usort($band, static fn (array $a, array $b): int => $a[1] <=> $b[1] ?: $a[0]->key <=> $b[0]->key);
            array_push($found, ...array_slice($band, 0, self::EACH));
        }
        if ($found === []) {
            throw SchemeProblem::nothingToPaintWith();
        }

        return $found;
    }
}
