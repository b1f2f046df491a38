<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Reflectance;

/**
 * What faces up, to each side and down on a figure that was sprayed all round or from one side, each with its own ground.
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

    /** Angles that are remembered at a time. */
    private const MOST_ANGLES = 500;

    /** Directions of the sides, degrees round the figure. */
    public const SIDES = ['front' => 0.0, 'right' => 90.0, 'back' => 180.0, 'left' => 270.0];

    /** What faces sideways, on the average of the four sides. */
    public Surface $side;

    /** @param array<string, Surface> $sides as {@see self::SIDES} */
    private function __construct(public Surface $above, public array $sides, public Surface $below)
    {
        [$front, $right, $back, $left] = array_values($sides);
        $this->side = $front === $right && $right === $back && $back === $left ? $front : Surface::uniform(
            $front->plane->blend($back->plane, 0.5)->blend($left->plane->blend($right->plane, 0.5), 0.5),
        );
    }

    public static function uniform(Reflectance $ground): self
    {
        $bare = Surface::uniform($ground);

        return new self($bare, array_fill_keys(array_keys(self::SIDES), $bare), $bare);
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
     * @param string $from one of {@see self::SIDES}; empty for all round
     *
     * @throws FilmProblem
     */
    public function sprayed(Pigment $pigment, float $degrees, float $coats = 1.0, float $opening = 0.0, string $from = ''): self
    {
        return $this->sprayedBy($pigment, $coats, self::landed($degrees, $opening, $from));
    }

    /**
     * The same where it is known what lands where.
     *
     * @param float $coats undiluted, on a surface that faces the spray; 0 or more
     * @param array<string, float> $landed as {@see self::landed()}
     */
    public function sprayedBy(Pigment $pigment, float $coats, array $landed): self
    {
        $over = static fn (Surface $surface, float $share): Surface => Surface::uniform(
            $pigment->over($surface->plane, max(0.0, $coats) * $share),
        );
        $sides = [];
        foreach ($this->sides as $side => $surface) {
            $twin = array_search($surface, array_slice($this->sides, 0, count($sides)), true);
            $sides[$side] = $twin !== false && $landed[$twin] === $landed[$side] ? $sides[$twin] : $over($surface, $landed[$side]);
        }

        return new self($over($this->above, $landed['above']), $sides, $over($this->below, $landed['below']));
    }

    /**
     * Film on what faces up, to each side and down, as shares of that on a surface facing the spray.
     *
     * @param string $from one of {@see self::SIDES}; empty for all round
     *
     * @return array<string, float> above, below and each of {@see self::SIDES}, 0..1
     *
     * @throws FilmProblem
     */
    public static function landed(float $degrees, float $opening = 0.0, string $from = ''): array
    {
        [$above, $side, $below] = self::shares($degrees, $opening);
        if (!isset(self::SIDES[$from])) {
            return ['above' => $above, 'below' => $below] + array_fill_keys(array_keys(self::SIDES), $side);
        }
        $sides = array_map(
            static fn (float $facing): float => self::sided(deg2rad($facing - self::SIDES[$from]), $degrees, $opening),
            self::SIDES,
        );

        return ['above' => $above, 'below' => $below] + $sides;
    }

    /**
     * Share of a figure's surface that a spray covers, as if all of it faced the spray.
     *
     * @param array<string, float> $landed as {@see self::landed()}
     */
    public static function onAll(array $landed): float
    {
        $sides = array_sum(array_intersect_key($landed, self::SIDES)) / count(self::SIDES);

        return self::SURFACE['above'] * $landed['above'] + self::SURFACE['side'] * $sides + self::SURFACE['below'] * $landed['below'];
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

        // A figure of twelve areas asks for the same angle hundreds of times, and a workshop knows few of them.
        /** @var array<string, array{float, float, float}> $known */
        static $known = [];
        $of = $degrees.'|'.$opening;
        $known = count($known) < self::MOST_ANGLES ? $known : [];

        return $known[$of] ??= [
            self::share(self::ELEVATION['above'], $degrees, $opening),
            self::share(self::ELEVATION['side'], $degrees, $opening),
            self::share(self::ELEVATION['below'], $degrees, $opening),
        ];
    }

    /**
     * Shares in whole percent.
     *
     * @param array<string, float> $landed as {@see self::landed()}
     *
     * @return array<string, float>
     */
    public static function percentsOf(array $landed): array
    {
        return array_map(static fn (float $share): float => round(100 * $share), $landed);
    }

    /**
     * Film on a surface that faces an elevation, as a share of that on a surface facing the spray.
     *
     * @param float $facing degrees: 90 up, 0 sideways, −90 down
     */
    public static function share(float $facing, float $degrees, float $opening = 0.0): float
    {
        $rays = self::rays($opening);
        $sum = 0.0;
        foreach ($rays as [$off, $turn]) {
            $height = sin(deg2rad($degrees)) * cos($off) + cos(deg2rad($degrees)) * sin($off) * cos($turn);
            $sum += self::turned(sin(deg2rad($facing)), $height);
        }

        return $sum / count($rays);
    }

    /**
     * The same on an upright surface, of a spray that stays on one side: the cosine of the angle between ray and surface.
     *
     * @param float $apart between the side it faces and the side of the spray, radians
     */
    private static function sided(float $apart, float $degrees, float $opening): float
    {
        $rays = self::rays($opening);
        $sum = 0.0;
        foreach ($rays as [$off, $turn]) {
            $ahead = cos(deg2rad($degrees)) * cos($off) - sin(deg2rad($degrees)) * sin($off) * cos($turn);
            $sum += max(0.0, cos($apart) * $ahead + sin($apart) * sin($off) * sin($turn));
        }

        return $sum / count($rays);
    }

    /** @return non-empty-list<array{float, float}> rays of a cone: off its axis, and round it, radians */
    private static function rays(float $opening): array
    {
        if ($opening <= 0.0) {
            return [[0.0, 0.0]];
        }
        $rays = [];
        for ($ring = 0; $ring < self::RINGS; ++$ring) {
            $off = acos(1 - ($ring + 0.5) / self::RINGS * (1 - cos(deg2rad($opening / 2))));
            for ($ray = 0; $ray < self::RAYS; ++$ray) {
                $rays[] = [$off, 2 * M_PI * $ray / self::RAYS];
            }
        }

        return $rays;
    }

    /** The same coats over each facing. */
    public function coats(Application $application, Pigment $pigment, float $load, int $coats): self
    {
        $over = static fn (Surface $below): Surface => $application->coats($pigment, $load, $coats, $below);

        return new self($over($this->above), array_map($over, $this->sides), $over($this->below));
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
