<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Caution\Cautions;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Word\Finding;

/** The undercoat as the first step of every recipe of a figure. */
final class Undercoating
{
    /** Light coats, in short passes, that close the ground. */
    public const COATS = 2;

    /** Bare plastic, resin or metal before it: a middle grey reflectance. */
    private const BARE = 0.45;

    /** @param float $figureCm2 surface of the whole figure */
    public static function of(UndercoatPlan $plan, float $figureCm2): Undercoated
    {
        $why = $plan->reason === '' ? [] : [new Finding('undercoat.tone', '{reason}', ['reason' => $plan->reason])];
        $below = Surface::uniform(Reflectance::flat(self::BARE));
        $laid = [];
        foreach ($plan->steps as $step) {
            $laid[] = $outcome = self::outcome($step, $figureCm2, $below, $why);
            $below = $outcome->look->after;
            $why = [];
        }

        return new Undercoated($laid);
    }

    /** @param list<Finding> $why */
    private static function outcome(UndercoatStep $laid, float $figureCm2, Surface $below, array $why): StepOutcome
    {
        [$ground, $kind, $coats] = [$laid->ground, $laid->kind, $laid->coats];
        $tone = $ground->tone;
        $primer = $ground->primer;
        $colour = $primer->colour ?? $tone->assumed();
        $paint = $primer ?? new Paint('', 'any '.$tone->words().' primer', '', Behaviour::Primer, $colour, false);
        $use = match ($kind) {
            Kind::Airbrush => 'primer-airbrush',
            Kind::Brush => 'primer-brush',
            Kind::SprayCan => 'drybrush',
        };
        $row = Defaults::THINNING[$use];
        $mix = Mix::single($paint);
        $isCan = $kind === Kind::SprayCan;
        $step = new PlannedStep(
            $laid->key,
            Technique::Undercoat,
            Oklch::fromSrgb(Srgb::fromXyz($colour->toXyz())),
            new Load($mix, $isCan ? Thinning::undiluted() : ($laid->thinning ?? Thinning::fromRatio($row['ratio'])), $row['with']),
            handling: new Handling($coats),
            why: [...$why, ...self::sketched($ground), new Finding('undercoat.kind', $kind->reason())],
        );
        $number = $coats ?? self::COATS;
        $minutes = Effort::undercoatMinutes($kind, $figureCm2, $number + count($ground->lights));

        return new StepOutcome(
            $step,
            new Look($below, $ground->facings->asSurface(), null, $mix->certainty()),
            new Labour($number, self::COATS, $minutes, $kind->dryMinutes(), $kind->tool()),
            $isCan ? null : Amount::of($mix, $step->load->thinning, $figureCm2 * $number * Defaults::FILM_UL_PER_CM2),
            $step->why,
            Cautions::before($kind->tool(), ['primer']),
        );
    }

    /** @return list<Finding> */
    private static function sketched(Ground $ground): array
    {
        if (!$ground->isSketch()) {
            return [];
        }
        $light = static fn (Surface $surface): float => $surface->plane->toLab()->l;

        return [new Finding('undercoat.sketch', 'A light sketch: {words}. What faces up comes to lightness {above}, '
            .'sides to {side}, what faces down to {below}.', [
            'words' => $ground->words,
            'above' => $light($ground->facings->above),
            'side' => $light($ground->facings->side),
            'below' => $light($ground->facings->below),
        ])];
    }
}
