<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Reflectance;

/**
 * What faces up, sideways and down on a figure that was sprayed all round, each with its own ground.
 *
 * A spray at an elevation lays on a surface the cosine of the angle between them, nothing behind it (Lambert's law), on the
 * average over a turn; its cone is a bundle of such rays, evenly spread over the solid angle of its opening.
 */
final readonly class Facings
{
    /** Share of a figure's surface that faces up, sideways and down: our own estimate. */
    public const SURFACE = ['above' => 0.3, 'side' => 0.5, 'below' => 0.2];

    /** Elevation of what each facing faces, degrees. */
    private const ELEVATION = ['above' => 90.0, 'side' => 0.0, 'below' => -90.0];

    /** Rings of a cone, rays of a ring, and steps of a turn that are averaged. */
    private const RINGS = 6;
    private const RAYS = 12;
    private const TURN = 72;

    private function __construct(public Surface $above, public Surface $side, public Surface $below)
    {
    }

    public static function uniform(Reflectance $ground): self
    {
        $bare = Surface::uniform($ground);

        return new self($bare, $bare, $bare);
    }

    /**
     * @param float $degrees of the spray over the horizontal: 90 is straight from above, −90 straight from below
     * @param float $coats undiluted, on a surface that faces the spray; 0 or more
     * @param float $opening of the cone, degrees from edge to edge, 0..80
     *
     * @throws FilmProblem
     */
    public static function sketch(Reflectance $dark, Pigment $light, float $degrees, float $coats = 1.0, float $opening = 0.0): self
    {
        return self::uniform($dark)->sprayed($light, $degrees, $coats, $opening);
    }

    /**
     * A further colour sprayed over what is there.
     *
     * @throws FilmProblem
     */
    public function sprayed(Pigment $pigment, float $degrees, float $coats = 1.0, float $opening = 0.0): self
    {
        [$above, $side, $below] = self::shares($degrees, $opening);
        $over = static fn (Surface $surface, float $share): Surface => Surface::uniform(
            $pigment->over($surface->plane, max(0.0, $coats) * $share),
        );

        return new self($over($this->above, $above), $over($this->side, $side), $over($this->below, $below));
    }

    /**
     * Film on what faces up, sideways and down, as shares of that on a surface facing the spray.
     *
     * @return array{float, float, float}
     *
     * @throws FilmProblem
     */
    public static function shares(float $degrees, float $opening = 0.0): array
    {
        if (!($degrees >= -90 && $degrees <= 90)) {
            throw FilmProblem::angleOutOfRange($degrees);
        }
        if (!($opening >= 0 && $opening <= 80)) {
            throw FilmProblem::openingOutOfRange($opening);
        }

        return [
            self::share(self::ELEVATION['above'], $degrees, $opening),
            self::share(self::ELEVATION['side'], $degrees, $opening),
            self::share(self::ELEVATION['below'], $degrees, $opening),
        ];
    }

    /**
     * The same shares in whole percent.
     *
     * @return array{float, float, float}
     *
     * @throws FilmProblem
     */
    public static function percents(float $degrees, float $opening = 0.0): array
    {
        [$above, $side, $below] = self::shares($degrees, $opening);

        return [round(100 * $above), round(100 * $side), round(100 * $below)];
    }

    /**
     * Film on a surface that faces an elevation, as a share of that on a surface facing the spray.
     *
     * @param float $facing degrees: 90 up, 0 sideways, −90 down
     */
    public static function share(float $facing, float $degrees, float $opening = 0.0): float
    {
        $sum = 0.0;
        $half = deg2rad($opening / 2);
        $rings = $opening > 0 ? self::RINGS : 1;
        $rays = $opening > 0 ? self::RAYS : 1;
        for ($ring = 0; $ring < $rings; ++$ring) {
            $off = $opening > 0 ? acos(1 - ($ring + 0.5) / $rings * (1 - cos($half))) : 0.0;
            for ($ray = 0; $ray < $rays; ++$ray) {
                $height = sin(deg2rad($degrees)) * cos($off) + cos(deg2rad($degrees)) * sin($off) * cos(2 * M_PI * $ray / $rays);
                $sum += self::turned(sin(deg2rad($facing)), $height);
            }
        }

        return $sum / ($rings * $rays);
    }

    /** The same coats over each facing. */
    public function coats(Application $application, Pigment $pigment, float $load, int $coats): self
    {
        return new self(
            $application->coats($pigment, $load, $coats, $this->above),
            $application->coats($pigment, $load, $coats, $this->side),
            $application->coats($pigment, $load, $coats, $this->below),
        );
    }

    /** One ground of an area: what faces up lies on its ridges, what faces down in its recesses. */
    public function asSurface(): Surface
    {
        return new Surface($this->below->plane, $this->side->plane, $this->above->plane);
    }

    /**
     * @param float $facing sine of what the surface faces
     * @param float $ray sine of where the ray comes from
     */
    private static function turned(float $facing, float $ray): float
    {
        $level = $facing * $ray;
        $swing = sqrt(max(0.0, 1 - $facing ** 2)) * sqrt(max(0.0, 1 - $ray ** 2));
        if ($swing < 1e-9) {
            return max(0.0, $level);
        }
        $sum = 0.0;
        for ($i = 0; $i < self::TURN; ++$i) {
            $sum += max(0.0, $level + $swing * cos(2 * M_PI * ($i + 0.5) / self::TURN));
        }

        return $sum / self::TURN;
    }
}
