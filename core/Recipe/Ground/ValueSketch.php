<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ground;

use Kalokroma\Figure\Area;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Spray;
use Kalokroma\Undercoat\Tone;

/**
 * A value sketch: every area is brought to the lightness it will finally have, by misted passes of a light tone over a dark one. Areas
 * that want as many passes get them in the same step; the lightest get one step after the other.
 */
final class ValueSketch
{
    /** Passes that are told apart, from none until it covers. */
    private const PASSES = [0, 1, 2, 3, 5, 8, 12];

    /** Of a coat, laid in one pass: thin enough that tones can be told apart. */
    private const PASS = Spray::LIGHT_MIST;

    /**
     * How many misted passes bring an area from dark to this lightness.
     *
     * @param float $lightness L*, 0 to 100
     */
    public static function passes(Paint $dark, Paint $light, float $lightness): int
    {
        $ground = $dark->colour ?? Tone::Dark->assumed();
        $off = static fn (int $passes): float =>
            abs($light->pigment()->over($ground, $passes * self::PASS)->toLab()->l - $lightness);
        $best = 0;
        foreach (self::PASSES as $passes) {
            $best = $off($passes) < $off($best) - 1e-9 ? $passes : $best;
        }

        return $best;
    }

    /**
     * The steps of it, the dark tone first.
     *
     * @param list<array{area: Area, lightness: float}> $wanted
     *
     * @return non-empty-list<UndercoatStep>
     */
    public static function steps(UndercoatPlan $plan, Paint $dark, Paint $light, Kind $kind, array $wanted): array
    {
        $passes = [];
        foreach ($wanted as ['area' => $area, 'lightness' => $lightness]) {
            $passes[$area->id] = self::passes($dark, $light, $lightness);
        }
        $steps = [$plan->steps[0]->painted($dark, Tone::of($dark))->by($kind)];
        $before = 0;
        foreach (self::PASSES as $number) {
            $its = array_keys(array_filter($passes, static fn (int $n): bool => $n >= $number));
            if ($number === 0 || !in_array($number, $passes, true)) {
                continue;
            }
            $steps[] = new UndercoatStep(
                StepKey::kept(''),
                $light,
                Tone::of($light),
                $kind,
                new Spray(0.0, Spray::EVERYWHERE, self::PASS),
                array_map(strval(...), $its),
                $number - $before,
            );
            $before = $number;
        }

        return $steps;
    }
}
