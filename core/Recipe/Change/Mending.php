<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Face;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Word\Finding;

/** Something went wrong: whether to mend it now, later or by what covers it anyway, how, and what that costs. */
final readonly class Mending
{
    /** A mishap on more of the area than this is not left to a later coat. */
    private const COVERED_UP_TO = 0.3;
    /** A step that touches at least this share of the plane covers it. */
    private const COVERS_FROM = 0.99;

    /**
     * @param float $minutes of work in all, one figure
     * @param int $waiting minutes in between
     */
    private function __construct(public Mishap $mishap, public Remedy $remedy, public float $minutes, public int $waiting)
    {
    }

    /**
     * @param list<StepOutcome> $outcomes of the recipe without the undercoat
     * @param string $key step at which it happened
     * @param Surface $ground the undercoat
     * @param Neighbour|null $on the area beside on which it was spilled or slipped, where it is known
     *
     * @throws RecipeProblem
     */
    public static function of(
        Mishap $mishap,
        array $outcomes,
        string $key,
        Area $area,
        Surface $ground,
        Palette $palette,
        ?Neighbour $on = null,
    ): self {
        $scene = Scene::at($key, $outcomes, $area, $ground, $palette);
        if ($on !== null && $mishap->isBeside()) {
            return self::beside($mishap, $scene->now, $on, $palette);
        }

        return self::summed($mishap, self::covered($mishap, $scene) ?? Remedies::against($mishap, $scene), $area, $scene->now->look->after);
    }

    private static function summed(Mishap $mishap, Remedy $remedy, Area $area, Surface $surface): self
    {
        $minutes = 0.0;
        $waiting = 0;
        foreach ($remedy->steps as $step) {
            $done = Simulation::step($step, $area, $surface);
            $surface = $done->look->after;
            $minutes += $done->labour->minutes;
            $waiting += $done->waiting();
        }

        return new self($mishap, $remedy, $minutes, $waiting);
    }

    /** Paint of this step on the area beside: its own colour goes over it again. */
    private static function beside(Mishap $mishap, StepOutcome $now, Neighbour $on, Palette $palette): self
    {
        $clean = $on->look();
        $load = $now->step->load;
        $spilled = $load->mix !== null && $now->step->isFilm()
            ? $load->mix->pigment()->over($clean->plane, $now->labour->coats * $load->thinning->load())
            : $clean->plane;
        $off = Ciede2000::difference($spilled->toLab(), $clean->plane->toLab());
        $area = mb_strtolower($on->area->name);
        $facts = ['paint' => $now->step->words(), 'off' => $off, 'area' => $area, 'seen' => Remedies::SEEN];
        if ($off < Remedies::SEEN) {
            $finding = new Finding(
                'mend.'.$mishap->value,
                'On {area} {paint} changes the colour by {off} only, below {seen}: it is hardly seen.',
                $facts,
            );

            return new self($mishap, new Remedy(Remedy::LATER, $finding), 0.0, 0);
        }
        $repair = $on->repair($palette);
        $steps = $repair->of(Surface::uniform($spilled), Remedies::spot($mishap));
        $coats = $repair->coats($steps, Surface::uniform($spilled));
        $template = $mishap === Mishap::SpilledWash
            ? 'Still wet, it comes off with a clean damp brush. Once dry, {paint} leaves {area} {off} off, and a '
                .'spilled wash dulls matt paint: {area} goes over it again.'
            : 'Dry, {paint} is {off} off on {area}: cover it while the colour of {area} is on the palette, '
                .'later it is forgotten.';

        return self::summed(
            $mishap,
            new Remedy(Remedy::NOW, new Finding(
                'mend.'.$mishap->value,
                $template.Remedies::dear($coats),
                [...$facts, 'coats' => $coats],
            ), $steps),
            $on->area,
            Surface::uniform($spilled),
        );
    }

    /** Leaves it to a later step that hides it, if one does. */
    private static function covered(Mishap $mishap, Scene $scene): ?Remedy
    {
        if (
            !in_array($mishap, [Mishap::SpilledWash, Mishap::TideMark, Mishap::Slip], true)
            || Remedies::touched($mishap) > self::COVERED_UP_TO
        ) {
            return null;
        }
        $stained = $scene->now->look->after->plane;
        $clean = $scene->now->look->below->plane;
        foreach ($scene->later() as $outcome) {
            $step = $outcome->step;
            $mix = $step->load->mix;
            if ($step->handling->omitted || $mix === null || !$step->isFilm() || $step->coverage()->plane < self::COVERS_FROM) {
                continue;
            }
            $thick = $outcome->labour->coats * $step->load->thinning->load() * max(0.1, $step->application()->on(Face::Plane));
            $stained = $mix->pigment()->over($stained, $thick);
            $clean = $mix->pigment()->over($clean, $thick);
            $left = Ciede2000::difference($stained->toLab(), $clean->toLab());
            if ($left < Remedies::SEEN) {
                return new Remedy(Remedy::COVER, new Finding(
                    'mend.'.$mishap->value,
                    'Leave it: {step} ({paint}) comes over that place anyway and leaves only {left} of it.',
                    ['step' => $step->technique->words(), 'paint' => $step->words(), 'left' => $left],
                ));
            }
        }

        return null;
    }
}
