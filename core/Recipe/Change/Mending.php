<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/**
 * What to do when something went wrong at a step: now, later, or cover it; with which paint, how thin, and what it costs.
 */
final readonly class Mending
{
    /** Share of the area that a mishap usually touches: starting values of our own. */
    private const TOUCHED = [
        'spilled-wash' => 0.15, 'tide-mark' => 0.15, 'chalky' => 0.5, 'blotch' => 0.6, 'slip' => 0.05, 'lost-detail' => 0.3, 'lifted-ground' => 0.1, 'frosted' => 1.0,
    ];

    /** A mark that differs by less (CIEDE2000) than this from what is meant is not worth a step. */
    private const SEEN = 2.0;

    /**
     * @param string            $when    now, later or cover
     * @param list<PlannedStep> $steps   to be done, in order
     * @param float             $minutes of work in all, one figure
     * @param int               $waiting minutes in between
     */
    private function __construct(public Mishap $mishap, public string $when, public Finding $reason, public array $steps, public float $minutes, public int $waiting)
    {
    }

    /**
     * @param list<StepOutcome> $outcomes of the recipe without the undercoat
     * @param string            $key      step at which it happened
     * @param Surface           $ground   the undercoat
     * @param Neighbour|null    $on       the area beside on which it was spilled or slipped, where it is known
     *
     * @throws RecipeProblem
     */
    public static function of(Mishap $mishap, array $outcomes, string $key, Area $area, Surface $ground, Palette $palette, ?Neighbour $on = null): self
    {
        $at = null;
        foreach ($outcomes as $i => $outcome) {
            $at = $outcome->step->key === $key ? $i : $at;
        }
        if ($at === null) {
            throw RecipeProblem::noSuchStep($key);
        }
        $now = $outcomes[$at];
        if ($on !== null && $mishap->isBeside()) {
            return self::beside($mishap, $now, $on, new StepMaker($palette));
        }
        $later = array_slice($outcomes, $at + 1);
        $covers = self::covering($later, 'plane', $now, self::TOUCHED[$mishap->value]);
        $maker = new StepMaker($palette);
        $share = self::TOUCHED[$mishap->value];
        $plan = new Plan(array_map(static fn (StepOutcome $o): PlannedStep => $o->step, $outcomes), []);
        $base = self::base($outcomes, $at);
        $make = static fn (string $name, Technique $technique, ?Oklch $target, Surface $below, string $why, Place $place = new Place(), ?int $coats = 1): PlannedStep => $maker->make(
            $plan->freeKey('mend-'.$name),
            $technique,
            $target,
            $below,
            new Finding('mend.'.$name, '{why}', ['why' => $why]),
            $place,
            $coats,
            Level::Fieldable,
        );
        $colour = static fn (Surface $s, string $face = 'plane'): Oklch => Oklch::fromLab($s->face($face)->toLab());
        $spot = new Place(null, '', '', $share);
        $off = Ciede2000::difference($now->below->plane->toLab(), $now->after->plane->toLab());

        [$when, $template, $facts, $steps] = match ($mishap) {
            Mishap::SpilledWash => ['now', 'A wet wash comes off with a clean damp brush; once dry it is {off} from the colour beside it, and a spilled wash dulls matt paint: it has to be painted over.', ['off' => $off], [
                self::again($base, 'mend-tidy', $spot, $plan) ?? $make('tidy', Technique::TidyUp, $colour($now->below), $now->after, 'The colour below, over the spill, as soon as it is dry.', $spot),
            ]],
            Mishap::TideMark => $off < self::SEEN
                ? ['later', 'The mark differs by {off} at most, below {seen}: it is hardly seen.', ['off' => $off, 'seen' => self::SEEN], []]
                : ['later', 'A tide mark is dry and cannot be drawn out again ({off} from the plane beside it): a thin glaze of the base levels it.', ['off' => $off], [
                    $make('level', Technique::Glaze, $colour($now->below), $now->after, 'A glaze of the colour below, over the ring and past it, with medium.', new Place('plane', '', '', $share), null),
                ]],
            Mishap::Chalky => ['now', 'The ridge jumped {jump} in lightness at this step: a thin glaze of the hue below pulls it back in line.', ['jump' => $now->after->ridge->toLab()->l - $now->below->ridge->toLab()->l], [
                $make('glaze', Technique::Glaze, new Oklch(($colour($now->after, 'ridge')->lightness + $colour($now->below, 'ridge')->lightness) / 2, max($colour($now->below, 'ridge')->chroma, $colour($now->after, 'ridge')->chroma), $colour($now->below, 'ridge')->hue), $now->after, 'A glaze between the two tones joins them.', new Place('ridge'), null),
            ]],
            Mishap::Blotch => ['now', 'On {relief} a wash has nowhere to run: it stands {off} off on the plane. The base goes over it again, and the shade is painted in.', ['relief' => $area->relief->words(), 'off' => $off], [
                self::again($base, 'mend-base', new Place('plane'), $plan) ?? $make('base', Technique::FurtherCoat, $colour($now->below), $now->after, 'The base over the planes again.', new Place('plane'), null),
                $make('shade', Technique::ShadeLayer, $colour($now->after, 'recess'), $now->after, 'The shade painted in and feathered, instead of washed.', new Place(), null),
            ]],
            Mishap::Slip => ['now', 'A slip of {off} is cheap as long as the colour beside it is on the palette; later it is forgotten.', ['off' => $off], [
                self::again($base, 'mend-tidy', $spot, $plan) ?? $make('tidy', Technique::TidyUp, $colour($now->below), $now->after, 'The neighbour in its own colour, along the line.', $spot),
            ]],
            Mishap::LostDetail => ['later', 'After {coats} coats the recess is no deeper than the plane ({depth} in lightness): a line brings the drawing back.', [
                'coats' => array_sum(array_map(static fn (StepOutcome $o): int => $o->coats, array_slice($outcomes, 0, $at + 1))),
                'depth' => abs($now->after->plane->toLab()->l - $now->after->recess->toLab()->l),
            ], [$make('line', Technique::Lining, self::darker($colour($now->after, 'recess')), $now->after, 'A dark line where the detail was.')]],
            Mishap::LiftedGround => ['now', 'Bare material shows: nothing holds there, and every coat above would lift again.', [], [
                $make('ground', Technique::UndercoatRepair, $colour($ground), $ground, 'Ground of the same tone, by brush, an hour to dry.', $spot),
                self::again($base, 'mend-base', $spot, $plan) ?? $make('base', Technique::FurtherCoat, $colour($now->below), $ground, 'The colour over it again.', $spot, null),
            ]],
            Mishap::Frosted => ['now', 'Frost is damp caught in matt varnish: the planes look {paler} paler than they are. A gloss coat wets it through, then a matt one on a dry day.', [
                'paler' => max(0.0, $now->after->plane->toLab()->l - $now->below->plane->toLab()->l),
            ], [
                $make('gloss', Technique::GlossVarnish, null, $now->after, 'Gloss fills the frosted surface and makes it clear again.'),
                $make('matt', Technique::MattVarnish, null, $now->after, 'Matt again, below 65 % humidity.'),
            ]],
        };
        if ($covers !== null && in_array($mishap, [Mishap::SpilledWash, Mishap::TideMark, Mishap::Slip], true)) {
            $when = 'cover';
            $steps = [];
            $template = 'Leave it: {step} ({paint}) comes over that place anyway and leaves only {left} of it.';
            $facts = $covers;
        }
        $minutes = 0.0;
        $waiting = 0;
        $surface = $now->after;
        foreach ($steps as $step) {
            $done = Simulation::step($step, $area, $surface);
            $surface = $done->after;
            $minutes += $done->minutes;
            $waiting += $done->waiting();
        }

        return new self($mishap, $when, new Finding('mend.'.$mishap->value, $template, $facts), $steps, $minutes, $waiting);
    }

    /** Paint of this step on the area beside: its own colour goes over it again. */
    private static function beside(Mishap $mishap, StepOutcome $now, Neighbour $on, StepMaker $maker): self
    {
        $clean = $on->look();
        $step = $now->step;
        $spilled = $step->mix !== null && $step->isFilm()
            ? $step->mix->pigment()->over($clean->plane, $now->coats * $step->thinning->load())
            : $clean->plane;
        $off = Ciede2000::difference($spilled->toLab(), $clean->plane->toLab());
        $facts = ['paint' => $step->words(), 'off' => $off, 'area' => mb_strtolower($on->area->name), 'seen' => self::SEEN];
        if ($off < self::SEEN) {
            return new self($mishap, 'later', new Finding('mend.'.$mishap->value, 'On {area} {paint} changes the colour by {off} only, below {seen}: it is hardly seen.', $facts), [], 0.0, 0);
        }
        $place = new Place(null, '', '', self::TOUCHED[$mishap->value]);
        $plan = new Plan(array_map(static fn (StepOutcome $o): PlannedStep => $o->step, $on->outcomes), []);
        $mend = self::again($on->base(), 'mend-tidy', $place, $plan)
            ?? $maker->make($plan->freeKey('mend-tidy'), Technique::TidyUp, Oklch::fromLab($clean->plane->toLab()), Surface::uniform($spilled), new Finding('mend.tidy', 'The colour of {area} over it, as soon as it is dry.', ['area' => $facts['area']]), $place, null, Level::Fieldable);
        $done = Simulation::step($mend, $on->area, Surface::uniform($spilled));
        $template = $mishap === Mishap::SpilledWash
            ? 'Still wet, it comes off with a clean damp brush. Once dry, {paint} leaves {area} {off} off, and a spilled wash dulls matt paint: {area} goes over it again.'
            : 'Dry, {paint} stands {off} off on {area}: cheap to cover while the colour of {area} is on the palette, later it is forgotten.';

        return new self($mishap, 'now', new Finding('mend.'.$mishap->value, $template, $facts), [$mend], $done->minutes, $done->waiting());
    }

    /**
     * The later step that hides what went wrong, if one does.
     *
     * @param list<StepOutcome> $later
     *
     * @return array{step: string, paint: string, left: float}|null
     */
    private static function covering(array $later, string $face, StepOutcome $now, float $share): ?array
    {
        $stained = $now->after->face($face);
        $clean = $now->below->face($face);
        foreach ($later as $outcome) {
            $step = $outcome->step;
            $index = ['recess' => 0, 'plane' => 1, 'ridge' => 2][$face] ?? 1;
            if ($step->omitted || $step->mix === null || !$step->isFilm() || $step->coverage()[$index] < 0.99 || $share > 0.3) {
                continue;
            }
            $thick = $outcome->coats * $step->thinning->load() * max(0.1, $step->application()->on($face));
            $stained = $step->mix->pigment()->over($stained, $thick);
            $clean = $step->mix->pigment()->over($clean, $thick);
            $left = Ciede2000::difference($stained->toLab(), $clean->toLab());
            if ($left < self::SEEN) {
                return ['step' => $step->technique->words(), 'paint' => $step->words(), 'left' => $left];
            }
        }

        return null;
    }

    /**
     * The last coat of the area's own colour up to here.
     *
     * @param list<StepOutcome> $outcomes
     */
    private static function base(array $outcomes, int $at): ?PlannedStep
    {
        $found = null;
        foreach (array_slice($outcomes, 0, $at) as $outcome) {
            $found = !$outcome->step->omitted && $outcome->step->technique->isBase() && $outcome->step->mix !== null ? $outcome->step : $found;
        }

        return $found;
    }

    /** The same paint once more, on the place that suffered; null where no base lies below. */
    private static function again(?PlannedStep $base, string $key, Place $place, Plan $plan): ?PlannedStep
    {
        return $base === null ? null : new PlannedStep(
            $plan->freeKey($key),
            Stage::Detail,
            Technique::TidyUp,
            $base->target,
            $base->mix,
            $base->thinning,
            $base->thinnedWith,
            why: [new Finding('mend.again', '{paint} again, thinned {thin} as before: nothing matches it better.', ['paint' => $base->words(), 'thin' => $base->thinning->ratio()])],
            place: $place,
            level: Level::Fieldable,
        );
    }

    private static function darker(Oklch $colour): Oklch
    {
        return (new Oklch(max(0.12, $colour->lightness * 0.6), $colour->chroma, $colour->hue))->onScreen();
    }
}
