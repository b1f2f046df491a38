<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Film\Faces;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;

/** Whether a dark ground swallows what is transparent. */
final class Swallowed
{
    /** A stain or glaze that moves the plane of a dark ground by less than this (CIEDE2000) is not worth its time. */
    public const MOVES_LESS_THAN = 6.0;

    /**
     * How far (CIEDE2000) a stain or glaze moves the plane where it lies, if that is too little; null where it is no such step, or shows.
     */
    public static function by(StepOutcome $outcome): ?float
    {
        $step = $outcome->step;
        $mix = $step->load->mix;
        $isThin = $step->technique === Technique::Stain || ($step->technique === Technique::Glaze && $step->face() === Face::Plane);
        if (!$isThin || $mix === null || !$step->isFilm()) {
            return null;
        }
        $below = $outcome->look->below;

        return self::moved(
            $below,
            $step->application()->coats($mix->pigment(), $step->load->thinning->load(), $outcome->labour->coats, $below, Faces::all(1.0)),
        );
    }

    /** Why a glaze or stain is left out that would not show; null where it does. */
    public static function reason(StepOutcome $outcome): ?Finding
    {
        $moved = self::by($outcome);

        return $moved === null ? null : new Finding(
            'glaze.swallowed',
            'Over so dark a ground (lightness {ground}) {paint}, thinned so far, would change the plane by only {moved}.',
            ['ground' => $outcome->look->below->plane->toLab()->l, 'paint' => $outcome->step->words(), 'moved' => $moved],
        );
    }

    /** Whether a stain of this mix would be swallowed. */
    public static function isStain(Mix $mix, string $ratio, Surface $ground): bool
    {
        $load = Thinning::fromRatio($ratio)->load();

        return self::moved($ground, Application::Stain->pass($mix->pigment(), $load, $ground)) !== null;
    }

    private static function moved(Surface $below, Surface $after): ?float
    {
        $ground = $below->plane->toLab();
        $moved = Ciede2000::difference($ground, $after->plane->toLab());

        return $ground->l < Defaults::DARK_GROUND && $moved < self::MOVES_LESS_THAN ? $moved : null;
    }
}
