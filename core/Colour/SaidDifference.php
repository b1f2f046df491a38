<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * A colour that was said by how it differs from another: "clearly darker", "a little yellower and duller". Words are steps with a wide
 * certainty: the middle of what {@see DifferenceWords} calls so, sure to half of its width.
 */
final readonly class SaidDifference
{
    /** Degree to the step and its certainty (CIEDE2000). */
    private const DEGREES = ['a little' => [2.5, 1.5], 'clearly' => [6.5, 3.0], 'much' => [13.0, 5.0]];

    /** Certainty of "as predicted": less than this is not seen on a figure, and a palette is not a light booth. */
    private const SAME = 1.5;

    /** Most directions that are said at once. */
    private const MOST = 2;

    /** @param float $certainty ± CIEDE2000 */
    private function __construct(public Lab $colour, public float $certainty)
    {
    }

    /** @return list<string> in the order of their size */
    public static function degrees(): array
    {
        return array_keys(self::DEGREES);
    }

    /** @return list<string> directions a colour can be said to differ in */
    public static function directions(): array
    {
        return ['lighter', 'darker', 'stronger', 'duller', ...array_values(DifferenceWords::TOWARD)];
    }

    /** Said to be the same. */
    public static function same(Lab $as): self
    {
        return new self($as, self::SAME);
    }

    /**
     * @param list<string> $directions one or two of {@see self::directions()}
     *
     * @throws ColourProblem
     */
    public static function of(Lab $from, string $degree, array $directions): self
    {
        [$step, $certainty] = self::DEGREES[$degree] ?? throw ColourProblem::notADegree($degree, self::degrees());
        if ($directions === [] || count($directions) > self::MOST || count(array_unique($directions)) !== count($directions)) {
            throw ColourProblem::notDirections();
        }
        $colour = $from;
        foreach ($directions as $direction) {
            $colour = self::moved($colour, $direction, $step / sqrt(count($directions)));
        }

        return new self($colour, $certainty);
    }

    /** @throws ColourProblem */
    private static function moved(Lab $colour, string $direction, float $step): Lab
    {
        return match ($direction) {
            'lighter' => new Lab(min(100.0, $colour->l + $step), $colour->a, $colour->b),
            'darker' => new Lab(max(0.0, $colour->l - $step), $colour->a, $colour->b),
            'stronger' => self::chromatic($colour, $colour->chroma() + $step * (1 + 0.045 * $colour->chroma())),
            'duller' => self::chromatic($colour, max(0.0, $colour->chroma() - $step * (1 + 0.045 * $colour->chroma()))),
            default => self::leaning($colour, self::hueOf($direction), $step),
        };
    }

    private static function chromatic(Lab $colour, float $chroma): Lab
    {
        $hue = deg2rad($colour->hue());

        return new Lab($colour->l, $chroma * cos($hue), $chroma * sin($hue));
    }

    /** Toward a hue: along its circle where the colour has a hue, by a tint where it is near grey. */
    private static function leaning(Lab $colour, float $hue, float $step): Lab
    {
        $chroma = $colour->chroma();
        if ($chroma < DifferenceWords::NEAR_GREY) {
            return new Lab($colour->l, $colour->a + $step * cos(deg2rad($hue)), $colour->b + $step * sin(deg2rad($hue)));
        }
        $turn = fmod($hue - $colour->hue() + 540, 360) - 180;
        $by = min(abs($turn), rad2deg(2 * asin(min(1.0, $step * (1 + 0.015 * $chroma) / (2 * $chroma)))));
        $to = deg2rad($colour->hue() + ($turn < 0 ? -$by : $by));

        return new Lab($colour->l, $chroma * cos($to), $chroma * sin($to));
    }

    /** @throws ColourProblem */
    private static function hueOf(string $direction): float
    {
        $angle = array_search($direction, DifferenceWords::TOWARD, true);

        return $angle === false ? throw ColourProblem::notADirection($direction, self::directions()) : (float) $angle;
    }
}
