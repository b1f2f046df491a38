<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Reflectance;

/**
 * Where a way of applying paint leaves its film: thickness in coats and share of each face that is touched.
 */
enum Application: string
{
    case None = 'none';
    case Spray = 'spray';
    case SprayFade = 'spray-fade';
    case Coat = 'coat';
    case Wash = 'wash';
    case Stain = 'stain';
    case RecessLine = 'recess-line';
    case Line = 'line';
    case Glaze = 'glaze';
    case Filter = 'filter';
    case Shade = 'shade';
    case Layer = 'layer';
    case UpperLayer = 'upper-layer';
    case Stipple = 'stipple';
    case Drybrush = 'drybrush';
    case Edge = 'edge';
    case Dot = 'dot';
    case Pattern = 'pattern';
    case Chips = 'chips';
    case Streak = 'streak';
    case Dust = 'dust';
    case Paste = 'paste';

    /**
     * Film on recess, plane and ridge, in coats. A wash lies 3 : 1 : 0.3, a stain 2 : 1 : 0.4, a brushed coat
     * 1 : 1 : 0.9; a glaze is drawn out to half a coat with a wiped brush and runs a little: 1.3 : 1 : 0.7 of that.
     * A filter lies like a glaze, a paste several coats thick, powder in the hollows.
     */
    public function thickness(): Faces
    {
        return match ($this) {
            self::None => new Faces(0.0, 0.0, 0.0),
            self::Spray, self::SprayFade, self::Drybrush => new Faces(1.0, 1.0, 1.0),
            self::Wash => new Faces(3.0, 1.0, 0.3),
            self::Stain => new Faces(2.0, 1.0, 0.4),
            self::Glaze, self::Filter => new Faces(0.65, 0.5, 0.35),
            self::RecessLine => new Faces(3.0, 0.0, 0.0),
            self::Line => new Faces(1.0, 0.0, 0.0),
            self::Dust => new Faces(1.5, 1.0, 0.6),
            self::Paste => new Faces(8.0, 8.0, 8.0),
            default => new Faces(1.0, 1.0, 0.9),
        };
    }

    /**
     * Share touched of recess, plane and ridge in one pass. Drybrush catches 0 / 15 / 60 %; a layer leaves a fifth
     * of the plane beside the recess as it was. For stippling, a sprayed fade, patterns, chips, streaks and dust these
     * are starting values of our own.
     */
    public function coverage(): Faces
    {
        return match ($this) {
            self::None => new Faces(0.0, 0.0, 0.0),
            self::Spray, self::Coat, self::Wash, self::Stain, self::Glaze, self::Filter, self::Paste => new Faces(1.0, 1.0, 1.0),
            self::SprayFade => new Faces(0.1, 0.5, 0.9),
            self::RecessLine, self::Shade, self::Line => new Faces(1.0, 0.0, 0.0),
            self::Layer => new Faces(0.0, 0.8, 1.0),
            self::UpperLayer => new Faces(0.0, 0.15, 1.0),
            self::Stipple => new Faces(0.1, 0.4, 0.5),
            self::Drybrush => new Faces(0.0, 0.15, 0.6),
            self::Edge => new Faces(0.0, 0.0, 0.9),
            self::Dot => new Faces(0.0, 0.0, 0.4),
            self::Pattern => new Faces(0.1, 0.3, 0.3),
            self::Chips => new Faces(0.0, 0.08, 0.25),
            self::Streak => new Faces(0.05, 0.15, 0.1),
            self::Dust => new Faces(0.6, 0.35, 0.15),
        };
    }

    /** Whether another pass goes beside the one before, over a share of what is bare, instead of lying thicker on the same places. */
    public function isPassed(): bool
    {
        return $this === self::Drybrush || $this === self::Stipple || $this === self::Pattern;
    }

    /** Film of one pass on one face, in coats. */
    public function on(Face $face): float
    {
        return $this->thickness()->on($face);
    }

    /**
     * What it looks like after one pass of this pigment, thinned to this load (0 < load ≤ 1).
     *
     * @param Faces|null $coverage share touched of each face, where it is not the usual one
     */
    public function pass(Pigment $pigment, float $load, Surface $below, ?Faces $coverage = null): Surface
    {
        $coverage ??= $this->coverage();

        return new Surface(
            $this->passOn(Face::Recess, $pigment, $load, $below->recess, $coverage),
            $this->passOn(Face::Plane, $pigment, $load, $below->plane, $coverage),
            $this->passOn(Face::Ridge, $pigment, $load, $below->ridge, $coverage),
        );
    }

    /**
     * What it looks like after several coats laid on the same places.
     *
     * @param int $coats 1 or more
     * @param Faces|null $coverage share touched of each face, where it is not the usual one
     */
    public function coats(Pigment $pigment, float $load, int $coats, Surface $below, ?Faces $coverage = null): Surface
    {
        if ($this->isPassed()) {
            for ($i = 0; $i < $coats; ++$i) {
                $below = $this->pass($pigment, $load, $below, $coverage);
            }

            return $below;
        }

        return $this->pass($pigment, $load * $coats, $below, $coverage);
    }

    /** The same of one face alone, where nobody asks for the others. */
    public function coatsOn(Face $face, Pigment $pigment, float $load, int $coats, Reflectance $below, Faces $coverage): Reflectance
    {
        if ($this->isPassed()) {
            for ($i = 0; $i < $coats; ++$i) {
                $below = $this->passOn($face, $pigment, $load, $below, $coverage);
            }

            return $below;
        }

        return $this->passOn($face, $pigment, $load * $coats, $below, $coverage);
    }

    private function passOn(Face $face, Pigment $pigment, float $load, Reflectance $below, Faces $coverage): Reflectance
    {
        $share = $coverage->on($face);
        if ($share <= 0.0) {
            return $below;
        }
        $thick = $this->thickness()->on($face);

        return $below->blend($pigment->over($below, $load * ($thick > 0.0 ? $thick : 1.0)), $share);
    }
}
