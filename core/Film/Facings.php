<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Reflectance;

/**
 * A light sketch: a dark ground, then a light tone sprayed from above all round the figure, which reaches what faces up
 * most, the sides less, and what faces down not at all.
 */
final readonly class Facings
{
    private function __construct(public Surface $above, public Surface $side, public Surface $below)
    {
    }

    public static function uniform(Reflectance $ground): self
    {
        $bare = Surface::uniform($ground);

        return new self($bare, $bare, $bare);
    }

    /**
     * @param float $degrees of the spray over the horizontal: 90 is straight from above
     * @param float $coats   undiluted, on a surface that faces the spray; 0 or more
     *
     * @throws FilmProblem
     */
    public static function sketch(Reflectance $dark, Pigment $light, float $degrees, float $coats = 1.0): self
    {
        [$above, $side, $below] = self::shares($degrees);
        $sprayed = static fn (float $share): Surface => Surface::uniform($light->over($dark, max(0.0, $coats) * $share));

        return new self($sprayed($above), $sprayed($side), $sprayed($below));
    }

    /**
     * Film on what faces up, sideways and down, as shares of that on a surface facing the spray: the cosine of the angle
     * between the two. A side is turned toward the spray for half of the way round, on average by 1 / π of its cosine.
     *
     * @return array{float, float, float}
     *
     * @throws FilmProblem
     */
    public static function shares(float $degrees): array
    {
        if (!($degrees >= 0 && $degrees <= 90)) {
            throw FilmProblem::angleOutOfRange($degrees);
        }

        return [sin(deg2rad($degrees)), cos(deg2rad($degrees)) / M_PI, 0.0];
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
}
