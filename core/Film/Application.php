<?php

declare(strict_types=1);

namespace Kalokroma\Film;

/**
 * Where a way of applying paint leaves its film: thickness in coats and share of each face that is touched.
 */
enum Application: string
{
    case Spray = 'spray';
    case Coat = 'coat';
    case Wash = 'wash';
    case Stain = 'stain';
    case RecessLine = 'recess-line';
    case Glaze = 'glaze';
    case Shade = 'shade';
    case Layer = 'layer';
    case UpperLayer = 'upper-layer';
    case Drybrush = 'drybrush';
    case Edge = 'edge';
    case Dot = 'dot';

    /**
     * Film on recess, plane and ridge. A wash lies 3 : 1 : 0.3, a stain 2 : 1 : 0.4, a brushed coat 1 : 1 : 0.9;
     * a glaze is drawn out to half a coat with a wiped brush and runs a little: 1.3 : 1 : 0.7 of that.
     *
     * @return array{float, float, float}
     */
    public function thickness(): array
    {
        return match ($this) {
            self::Spray => [1.0, 1.0, 1.0],
            self::Wash => [3.0, 1.0, 0.3],
            self::Stain => [2.0, 1.0, 0.4],
            self::Glaze => [0.65, 0.5, 0.35],
            self::RecessLine => [3.0, 0.0, 0.0],
            self::Coat, self::Shade, self::Layer, self::UpperLayer, self::Edge, self::Dot => [1.0, 1.0, 0.9],
            self::Drybrush => [1.0, 1.0, 1.0],
        };
    }

    /**
     * Share touched of recess, plane and ridge in one pass. Drybrush catches 0 / 15 / 60 %; a layer leaves a fifth
     * of the plane beside the recess as it was.
     *
     * @return array{float, float, float}
     */
    public function coverage(): array
    {
        return match ($this) {
            self::Spray, self::Coat, self::Wash, self::Stain, self::Glaze => [1.0, 1.0, 1.0],
            self::RecessLine, self::Shade => [1.0, 0.0, 0.0],
            self::Layer => [0.0, 0.8, 1.0],
            self::UpperLayer => [0.0, 0.15, 1.0],
            self::Drybrush => [0.0, 0.15, 0.6],
            self::Edge => [0.0, 0.0, 0.9],
            self::Dot => [0.0, 0.0, 0.4],
        };
    }

    /**
     * Film of one pass on one face, in coats.
     *
     * @param string $face recess, plane or ridge
     */
    public function on(string $face): float
    {
        return $this->thickness()[match ($face) {
            'recess' => 0,
            'ridge' => 2,
            default => 1,
        }];
    }

    /** What it looks like after one pass of this pigment, thinned to this load (0 < load ≤ 1). */
    public function pass(Pigment $pigment, float $load, Surface $below): Surface
    {
        [$recess, $plane, $ridge] = $this->thickness();
        [$inRecess, $onPlane, $onRidge] = $this->coverage();

        return new Surface(
            $below->recess->blend($pigment->over($below->recess, $recess * $load), $inRecess),
            $below->plane->blend($pigment->over($below->plane, $plane * $load), $onPlane),
            $below->ridge->blend($pigment->over($below->ridge, $ridge * $load), $onRidge),
        );
    }

    /**
     * What it looks like after several coats laid on the same places.
     *
     * @param int $coats 1 or more
     */
    public function coats(Pigment $pigment, float $load, int $coats, Surface $below): Surface
    {
        if ($this === self::Drybrush) {
            for ($i = 0; $i < $coats; ++$i) {
                $below = $this->pass($pigment, $load, $below);
            }

            return $below;
        }

        return $this->pass($pigment, $load * $coats, $below);
    }
}
