<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\DifferenceWords;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\Substitutes;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;

/**
 * A recipe brought to another shelf: every paint that is not at hand is replaced by what is, judged by what it looks like
 * in place, and every change is listed with its difference.
 */
final readonly class Applying
{
    /**
     * @param list<array{key: string, step: string, was: string, now: string|null, difference: float|null, words: string}> $changes
     */
    private function __construct(public Plan $plan, public array $changes)
    {
    }

    /** @param list<Paint> $shelf */
    public static function to(Plan $plan, Area $area, Surface $ground, array $shelf, Equipment $equipment): self
    {
        $steps = $changes = [];
        $surface = $ground;
        $palette = new Palette($shelf);
        foreach ($plan->steps as $step) {
            $made = self::allowed($step, $equipment, $changes);
            if ($made->mix !== null && self::gone($made->mix) !== []) {
                $made = self::replaced($made, $area, $surface, $shelf, $palette, $changes);
            }
            $steps[] = $made;
            $surface = Simulation::step($made, $area, $surface)->after;
        }

        return new self(new Plan($steps, $plan->leftOut, $plan->findings, $plan->overruled), $changes);
    }

    /**
     * How far two looks lie apart, by face, CIEDE2000.
     *
     * @return array{recess: float, plane: float, ridge: float}
     */
    public static function apart(Surface $a, Surface $b): array
    {
        $of = static fn (string $face): float => Ciede2000::difference($a->face($face)->toLab(), $b->face($face)->toLab());

        return ['recess' => $of('recess'), 'plane' => $of('plane'), 'ridge' => $of('ridge')];
    }

    /** @param list<array{key: string, step: string, was: string, now: string|null, difference: float|null, words: string}> $changes */
    private static function allowed(PlannedStep $step, Equipment $equipment, array &$changes): PlannedStep
    {
        $brushed = match ($step->technique) {
            Technique::AirbrushCoat => Technique::Basecoat,
            Technique::AirbrushFade => Technique::Layer,
            default => null,
        };
        if ($brushed === null || $equipment->airbrush) {
            return $step;
        }
        $row = Defaults::THINNING[$brushed->facts()->use];
        $changes[] = ['key' => $step->key, 'step' => $step->technique->words(), 'was' => $step->technique->words(), 'now' => $brushed->words(), 'difference' => null, 'words' => 'brushed, since you have no airbrush'];

        return new PlannedStep($step->key, $step->stage, $brushed, $step->target, $step->mix, Thinning::fromRatio($row['ratio']), $row['with'], null, $step->omitted, [Defaults::thinningReason($brushed->facts()->use)], place: $step->place, loop: $step->loop, who: $step->who, level: $step->level, open: $step->open, note: $step->note);
    }

    /**
     * @param list<Paint>                                                                                                  $shelf
     * @param list<array{key: string, step: string, was: string, now: string|null, difference: float|null, words: string}> $changes
     */
    private static function replaced(PlannedStep $step, Area $area, Surface $below, array $shelf, Palette $palette, array &$changes): PlannedStep
    {
        $mix = $step->mix ?? throw RecipeProblem::noSuchStep($step->key);
        $was = $mix->words();
        $found = Substitutes::of($step, $area, $below, $shelf, self::gone($mix), 1)[0] ?? null;
        if ($found !== null) {
            $changes[] = ['key' => $step->key, 'step' => $step->technique->words(), 'was' => $was, 'now' => $found['mix']->words(), 'difference' => $found['difference'], 'words' => $found['words']];

            return $step->with(mix: $found['mix']);
        }
        $made = (new StepMaker($palette))->make($step->key, $step->technique, $step->target, $below, metal: $mix->parts[0]['paint']->behaviour === Behaviour::Metallic && $palette->metallics() !== []);
        if ($made->mix !== null && self::gone($made->mix) === []) {
            $apart = $step->isFilm() && $made->isFilm() ? Ciede2000::difference($mix->lab(), $made->mix->lab()) : null;
            $words = $apart === null ? 'another of its kind' : DifferenceWords::between($mix->lab(), $made->mix->lab());
            $changes[] = ['key' => $step->key, 'step' => $step->technique->words(), 'was' => $was, 'now' => $made->mix->words(), 'difference' => $apart, 'words' => $words];

            return $step->with(mix: $made->mix);
        }
        $changes[] = ['key' => $step->key, 'step' => $step->technique->words(), 'was' => $was, 'now' => null, 'difference' => null, 'words' => 'nothing at hand does it: it stays as described'];

        return $step;
    }

    /** @return list<string> ids of its paints that are not at hand */
    private static function gone(Mix $mix): array
    {
        $found = [];
        foreach ($mix->parts as ['paint' => $paint]) {
            if (!$paint->isAtHand()) {
                $found[] = $paint->id;
            }
        }

        return $found;
    }
}
