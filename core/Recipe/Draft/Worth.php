<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Face;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/** Whether a drafted step is worth its time, and whether one more under it saves some. */
final class Worth
{
    /** A step that changes less than this (CIEDE2000) on every face is left out. */
    private const SEEN = 1.0;

    /** A white is lighter (L*) and more neutral (OKLCh chroma) than this, and laid in so many coats at most. */
    private const WHITE_FROM = 90.0;
    private const WHITE_CHROMA = 0.03;
    private const MOST_WHITE = 3;

    /** Why a step is left out that nobody would see; null where it shows. */
    public static function unseen(PlannedStep $step, Surface $surface): ?Finding
    {
        // Judged where it lies: a small place is no small change.
        $whole = $step->withScope($step->scope->at(new Place($step->scope->place->face, but: $step->scope->place->but)));
        $look = Simulation::look($whole, $surface);
        $most = 0.0;
        foreach (Face::cases() as $face) {
            $most = max($most, Ciede2000::difference($look->face($face)->toLab(), $surface->face($face)->toLab()));
        }

        return $most >= self::SEEN ? null : new Finding(
            'step.unseen',
            '{paint} would change what is there by only {most}: nobody would see it.',
            ['paint' => $step->words(), 'most' => $most],
        );
    }

    /** Why the same mix is not laid twice with nothing between; null where it is another one. */
    public static function repeated(PlannedStep $step, ?PlannedStep $last): ?Finding
    {
        $isSame = $last !== null
            && ($last->technique === $step->technique || ($last->technique->isBase() && $step->technique === Technique::Layer))
            && $last->load->mix !== null
            && $last->load->mix->key() === $step->load->mix?->key()
            && $last->scope->place->faceId() === $step->scope->place->faceId()
            && $last->scope->place->part === $step->scope->place->part;

        return $isSame ? new Finding(
            'step.same',
            '{paint} is there already: your shelf has nothing between this and the next.',
            ['paint' => $step->words()],
        ) : null;
    }

    /** White is not built to full hide: three coats of it at most, whatever is still missing. */
    public static function fewWhites(PlannedStep $step, Area $area, Surface $surface): PlannedStep
    {
        $mix = $step->load->mix;
        $isWhite = $mix !== null
            && $step->isFilm()
            && $step->handling->coats === null
            && $mix->lab()->l > self::WHITE_FROM
            && Oklch::fromLab($mix->lab())->chroma < self::WHITE_CHROMA;
        if (!$isWhite) {
            return $step;
        }
        $coats = Simulation::step($step, $area, $surface)->labour->coats;

        return $coats <= self::MOST_WHITE ? $step : $step->withCoats(self::MOST_WHITE)->because(new Finding(
            'coats.white',
            '{coats} coats would hide, but white is not built up: {most} leave it translucent, and what stands out is lightened later.',
            ['coats' => $coats, 'most' => self::MOST_WHITE],
        ));
    }
}
