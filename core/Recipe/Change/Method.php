<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Draft\StepWish;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;

/**
 * The method of one area on another: the same steps in the same places, each in that area's own colours. A colour keeps its distance
 * from the intended one: as much lighter, as much more vivid, as far round the circle of hues.
 */
final class Method
{
    /** Below so much chroma (OKLCh) a colour has no hue to turn by. */
    private const GREY = 0.02;

    /**
     * @param Oklch $from colour that the model was planned for
     * @param Oklch $to colour that is intended here
     * @param Surface $ground what lies below the first step here
     */
    public static function copied(Plan $model, Oklch $from, Oklch $to, StepMaker $maker, Area $area, Surface $ground): Plan
    {
        $steps = [];
        $surface = $ground;
        foreach ($model->steps as $step) {
            $steps[] = $made = self::made($step, $from, $to, $maker, $surface);
            $surface = Simulation::step($made, $area, $surface)->look->after;
        }

        return new Plan($steps, $model->leftOut, [], $model->overruled, $model->given);
    }

    /** The plan in a company that has no figure for some of its steps: those are dropped. */
    public static function among(Plan $plan, int $count, int $leaders): Plan
    {
        $for = static fn (PlannedStep $s): bool => $s->scope->who->of($count, $leaders) > 0;
        $left = array_values(array_filter($plan->steps, $for));

        return count($left) === count($plan->steps) ? $plan : $plan->withSteps($left);
    }

    /** A colour as far from this one as another was from that. */
    public static function moved(Oklch $colour, Oklch $from, Oklch $to): Oklch
    {
        $isGrey = $from->chroma < self::GREY || $to->chroma < self::GREY || $colour->chroma < self::GREY;

        $chroma = $from->chroma < self::GREY
            ? max(0.0, $colour->chroma + $to->chroma - $from->chroma)
            : $colour->chroma * $to->chroma / $from->chroma;

        return (new Oklch(
            max(0.0, min(1.0, $to->lightness + $colour->lightness - $from->lightness)),
            $chroma,
            $isGrey ? ($from->chroma < self::GREY ? $to->hue : $colour->hue) : $colour->hue + $to->hue - $from->hue,
        ))->onScreen();
    }

    /** Dirt, chips, rust, blood, dust keep their colours whatever lies below; so does a black that shades or lines a colour. */
    private static function isEffect(PlannedStep $step, Mix $mix, Oklch $from): bool
    {
        $isWeather = in_array($step->stage, [Stage::Finish, Stage::Base], true)
            || in_array($mix->first()->behaviour, [Behaviour::Effect, Behaviour::Pigment, Behaviour::Oil, Behaviour::Enamel], true);
        $isNeutral = $from->chroma >= self::GREY && Oklch::fromLab($mix->lab())->chroma < self::GREY;

        return $isWeather || ($isNeutral && ($mix->isTransparent() || $step->technique->isWash()));
    }

    private static function made(PlannedStep $step, Oklch $from, Oklch $to, StepMaker $maker, Surface $below): PlannedStep
    {
        $mix = $step->load->mix;
        if ($mix === null || $step->target === null || self::isEffect($step, $mix, $from)) {
            return $step;
        }
        $flakes = $mix->first()->behaviour === Behaviour::Metallic;
        $wish = new StepWish(
            $step->technique,
            self::moved($step->target, $from, $to),
            null,
            $step->scope,
            $step->handling->coats,
            $flakes,
            $step->stage,
        );
        $made = $maker->make($step->key, $wish, $below)->withHandling($step->handling);

        $second = $step->load->meets === null ? null : self::moved(Oklch::fromLab($step->load->meets->lab()), $from, $to);
        if ($second !== null) {
            $made = $made->meeting($maker->make($step->key, new StepWish($step->technique, $second), $below)->load->mix);
        }

        // How thin a wash or a glaze has to be hangs on its colour; else it is part of the method.
        return $step->technique->isWash() || $step->technique === Technique::Glaze || $made->load->thinning->isUndiluted()
            ? $made
            : $made->withLoad($made->load->thinned($step->load->thinning));
    }
}
