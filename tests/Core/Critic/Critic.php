<?php

declare(strict_types=1);

namespace Tests\Core\Critic;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Face;
use Kalokroma\Recipe\Judge\Rules;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\UsualWash;

/**
 * What a painter would object to in a finished recipe, told from its steps and its look alone: nothing here asks how it was drafted.
 */
final class Critic
{
    private const STROKES = [Technique::FeatheredLayer, Technique::EdgeHighlight, Technique::Dot, Technique::Freehand];
    private const LIGHTS = [Technique::FeatheredLayer, Technique::EdgeHighlight, Technique::Drybrush, Technique::Dot, Technique::Layer];
    private const SPRAYED = [Technique::AirbrushCoat, Technique::AirbrushFade];

    /** What an area called or made so is painted with a start of its own, and how one tells that it was: a step of this key. */
    private const STARTS = [
        'eye' => 'pupil', 'lens' => 'crescent', 'gem' => 'glow', 'glow' => 'core',
    ];

    /** @return list<Fault> */
    public static function faults(Painted $painted): array
    {
        $found = [
            ...self::pots($painted), ...self::coats($painted), ...self::shades($painted), ...self::lights($painted),
            ...self::mixes($painted), ...self::order($painted), ...self::start($painted),
        ];
        foreach (Rules::judge($painted->plan, $painted->outcomes, $painted->area, $painted->equipment, $painted->intended) as $judged) {
            $found[] = new Fault('marked', $judged['mark']->code);
        }

        return $found;
    }

    /** @return list<Fault> */
    private static function pots(Painted $painted): array
    {
        $found = [];
        $pots = array_map(static fn (Paint $p): string => $p->id, $painted->pots());
        $base = self::first($painted, static fn (StepOutcome $o): bool => in_array(
            $o->step->technique,
            [Technique::Basecoat, Technique::AirbrushCoat],
            true,
        ));
        $isWashed = $painted->has(Technique::WashAllOver);
        $mix = $base?->step->load->mix;
        if ($pots !== [] && $isWashed && $base !== null && $mix !== null && !$painted->isApart()) {
            $isPot = $mix->isSingle() && in_array($mix->first()->id, $pots, true);
            if (!$isPot) {
                $found[] = new Fault('lifted', self::told($base).' though '.$pots[0].' is the colour');
            }
        }
        $covered = $painted->covered();
        $off = $covered === null ? 0.0 : Ciede2000::difference($covered, $painted->wanted());
        if ($pots !== [] && !$painted->isApart() && $off > 6.0) {
            $found[] = new Fault('off', sprintf('the planes end %.1f off %s', $off, $pots[0]));
        }
        foreach ($painted->outcomes as $i => $outcome) {
            $before = $painted->outcomes[$i - 1] ?? null;
            $isSame = $before !== null && $outcome->step->load->mix !== null && $outcome->step->scope->loop === null
                && $before->step->load->mix?->key() === $outcome->step->load->mix->key()
                && $before->step->scope->place->words() === $outcome->step->scope->place->words()
                && ($before->step->technique === $outcome->step->technique
                    || ($before->step->technique->isBase() && $outcome->step->technique === Technique::Layer));
            if ($isSame) {
                $found[] = new Fault('twice', self::told($outcome));
            }
            $most = max(array_map(static fn (Face $f): float => Ciede2000::difference(
                $outcome->look->after->face($f)->toLab(),
                $outcome->look->below->face($f)->toLab(),
            ), Face::cases()));
            $isFilm = $outcome->step->isFilm() && $outcome->step->load->mix?->hasColour() === true;
            if ($isFilm && $most < 0.5 && $outcome->step->scope->place->share >= 0.9 && $outcome->step->scope->place->part === '') {
                $found[] = new Fault('nothing', self::told($outcome));
            }
        }

        return $found;
    }

    /** @return list<Fault> */
    private static function coats(Painted $painted): array
    {
        $found = [];
        foreach ($painted->outcomes as $outcome) {
            $coats = $outcome->labour->coats;
            $isCoat = $outcome->step->isFilm() && $outcome->step->technique !== Technique::Glaze && !$outcome->step->technique->isPassed();
            if ($isCoat && $coats > 4) {
                $found[] = new Fault('coats', self::told($outcome)." ×$coats");
            } elseif ($isCoat && $coats > 3 && $painted->isSmall()) {
                $found[] = new Fault('small-coats', self::told($outcome)." ×$coats");
            }
            if ($coats > 2 && in_array($outcome->step->technique, self::STROKES, true)) {
                $found[] = new Fault('strokes', self::told($outcome)." ×$coats");
            }
        }

        return $found;
    }

    /** @return list<Fault> */
    private static function shades(Painted $painted): array
    {
        $found = [];
        $wanted = $painted->wanted();
        $isBlack = $wanted->l < 15.0 || ($wanted->l < 25.0 && $wanted->chroma() < 8.0);
        $base = null;
        foreach ($painted->outcomes as $outcome) {
            $step = $outcome->step;
            $mix = $step->load->mix;
            if ($step->technique->isBase() || $step->technique === Technique::FurtherCoat) {
                $base = $outcome->look->after;
            }
            $isShade = $mix !== null && $mix->hasColour() && (
                in_array(
                    $step->technique,
                    [Technique::WashAllOver, Technique::RecessLine, Technique::PinWash, Technique::ShadeLayer],
                    true,
                )
                || ($step->technique === Technique::Glaze && $step->scope->place->face === Face::Recess)
            );
            if (!$isShade || $base === null || $painted->isGlass()) {
                continue;
            }
            if ($isBlack && $step->technique !== Technique::RecessLine) {
                $found[] = new Fault('shade-on-black', self::told($outcome));
            }
            $recess = $outcome->look->after->recess->toLab();
            if ($recess->l > $base->recess->toLab()->l + 0.5) {
                $found[] = new Fault('shade-lightens', self::told($outcome));
            } elseif (!$painted->isMetal() && !$painted->has(Technique::Stain) && $base->recess->toLab()->l - $recess->l < 4.0) {
                $found[] = new Fault('shade-weak', sprintf(
                    '%s: %.1f darker',
                    self::told($outcome),
                    $base->recess->toLab()->l - $recess->l,
                ));
            }
            if (!$painted->isMetal() && !ShadeFamilies::suits(self::bottle($mix), $wanted, $painted->area->material)) {
                $found[] = new Fault('shade-family', self::told($outcome).' on '.self::hex($painted->intended));
            }
        }

        return $found;
    }

    /** What stands on the label: a wash is called by its bottle, not by what one coat leaves on white. */
    private static function bottle(Mix $mix): Lab
    {
        return $mix->first()->behaviour === Behaviour::Wash && $mix->isSingle()
            ? UsualWash::inTheBottle($mix->pigment()->overWhite())->toLab() : $mix->lab();
    }

    /** @return list<Fault> */
    private static function lights(Painted $painted): array
    {
        $end = $painted->outcomes === [] ? $painted->ground : $painted->outcomes[count($painted->outcomes) - 1]->look->after;
        $found = [];
        $lift = max(
            $end->ridge->toLab()->l - $end->plane->toLab()->l,
            $end->ridge->toLab()->l - $end->recess->toLab()->l - 20.0,
        );
        $isWhite = $painted->wanted()->l > 88.0;
        $isHidden = $painted->area->surfaceCm2 < 0.3 || $painted->isGlass();
        if ($painted->level !== Level::Fieldable && !$isHidden && $lift < ($isWhite ? 3.0 : 6.0) && $painted->wanted()->l < 92.0) {
            $brightest = max([0.0, ...array_map(static fn (Paint $p): float => $p->isMixable() ? $p->lab()->l : 0.0, $painted->shelf)]);
            $brightest = $painted->isMetal()
                ? max([0.0, ...array_map(static fn (Paint $p): float => $p->behaviour === Behaviour::Metallic && $p->colour !== null
                    ? $p->lab()->l : 0.0, $painted->shelf)]) : $brightest;
            if ($brightest > $end->plane->toLab()->l + 6.0) {
                $found[] = new Fault('no-light', sprintf('the ridges end %.1f over the planes', $lift));
            }
        }
        $last = null;
        foreach ($painted->outcomes as $outcome) {
            $isLight = in_array($outcome->step->technique, self::LIGHTS, true) && $outcome->step->load->mix?->isTransparent() === false;
            $isUp = $last === null || $outcome->step->technique !== $last->step->technique || $painted->isMetal()
                || $outcome->step->load->mix?->lab()->l >= $last->step->load->mix?->lab()->l - 0.5;
            if ($isLight && !$isUp && $outcome->step->technique !== Technique::Layer && !$painted->isGlass()) {
                $found[] = new Fault('down-again', self::told($last).', then '.self::told($outcome));
            }
            $last = $isLight ? $outcome : $last;
        }

        return $found;
    }

    /** @return list<Fault> */
    private static function mixes(Painted $painted): array
    {
        $found = [];
        foreach ($painted->outcomes as $outcome) {
            $mix = $outcome->step->load->mix;
            if ($mix === null || $mix->isSingle()) {
                continue;
            }
            if (self::isFar($mix)) {
                $found[] = new Fault('far-hues', self::told($outcome));
            }
            if ($mix->totalParts() > 5) {
                $found[] = new Fault('drops', self::told($outcome));
            }
        }

        return $found;
    }

    /** Whether two vivid paints of far hues are mixed for more than a near-black. */
    private static function isFar(Mix $mix): bool
    {
        foreach ($mix->paints() as $i => $one) {
            foreach (array_slice($mix->paints(), $i + 1) as $other) {
                $isVivid = min($one->lab()->chroma(), $other->lab()->chroma()) > 12.0;
                // Blue and green make a turquoise: both lie beside it, and it is no mud.
                $isBetween = max($one->lab()->hueApart($mix->lab()), $other->lab()->hueApart($mix->lab())) <= 82.0
                    && $mix->lab()->chroma() >= 0.7 * min($one->lab()->chroma(), $other->lab()->chroma());
                $isPale = max($one->lab()->l, $other->lab()->l) > 72.0;
                if ($isVivid && !$isBetween && !$isPale && $one->lab()->hueApart($other->lab()) > 75.0 && $mix->lab()->l > 25.0) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<Fault> */
    private static function order(Painted $painted): array
    {
        $found = [];
        $brushed = null;
        foreach ($painted->outcomes as $outcome) {
            $isSprayed = in_array($outcome->step->technique, self::SPRAYED, true);
            if ($isSprayed && $brushed !== null) {
                $found[] = new Fault('brush-between-sprays', self::told($brushed).', then '.self::told($outcome));
            }
            $brushed = !$isSprayed && $outcome->step->isFilm() ? $outcome : $brushed;
            $isOpaque = $outcome->step->isFilm() && $outcome->step->load->mix?->isTransparent() === false
                && in_array($outcome->step->technique, [Technique::Basecoat, Technique::SteppingStone, Technique::Layer,
                    Technique::AirbrushCoat], true)
                && $outcome->step->load->thinning->load() > 0.3;
            if ($isOpaque && $painted->keepsSketch() && !$painted->isMetal() && !$painted->isGlass()) {
                $found[] = new Fault('sketch-buried', self::told($outcome));
            }
        }

        return $found;
    }

    /** @return list<Fault> */
    private static function start(Painted $painted): array
    {
        foreach (self::STARTS as $word => $key) {
            $isCalled = preg_match('/\b'.$word.'/i', $painted->area->name) === 1;
            if ($isCalled && $painted->level !== Level::Fieldable && $painted->plan->step($key) === null) {
                return [new Fault('no-start', "$word without $key")];
            }
        }

        return [];
    }

    /** @param callable(StepOutcome): bool $is */
    private static function first(Painted $painted, callable $is): ?StepOutcome
    {
        foreach ($painted->outcomes as $outcome) {
            if ($is($outcome)) {
                return $outcome;
            }
        }

        return null;
    }

    private static function told(StepOutcome $outcome): string
    {
        return $outcome->step->technique->words().' '.$outcome->step->words().' '.$outcome->step->load->thinning->ratio();
    }

    private static function hex(Oklch $colour): string
    {
        return Srgb::fromXyz($colour->toLab()->toXyz())->clipped()->toHex();
    }
}
