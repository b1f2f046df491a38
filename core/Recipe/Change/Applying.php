<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\DifferenceWords;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Face;
use Kalokroma\Film\Faces;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\Substitutes;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Draft\StepWish;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Meeting;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/**
 * A recipe brought to another shelf: every paint that is not in stock is replaced by what is, judged by what it looks like
 * in place, and every change is listed with its difference.
 */
final readonly class Applying
{
    /** @param list<Replaced> $changes */
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
            $brushed = self::brushed($step, $equipment);
            $changes = [...$changes, ...($brushed === null ? [] : [$brushed])];
            $made = $brushed->step ?? $step;
            if ($made->load->mix !== null && self::gone($made->load->mix) !== []) {
                $changes[] = $replaced = self::replaced($made, $made->load->mix, $area, $surface, $palette);
                $made = $replaced->step;
            }
            if ($made->load->meets !== null && self::gone($made->load->meets) !== []) {
                $second = self::replaced(Meeting::rest($made), $made->load->meets, $area, $surface, $palette);
                $made = $made->meeting($second->step->load->mix);
                $changes[] = new Replaced($made, $second->was, $second->now, $second->difference, $second->words);
            }
            $steps[] = $made;
            $surface = Simulation::step($made, $area, $surface)->look->after;
        }

        return new self(new Plan($steps, $plan->leftOut, $plan->findings, $plan->overruled), $changes);
    }

    /** How far two looks lie apart, by face, CIEDE2000. */
    public static function apart(Surface $a, Surface $b): Faces
    {
        $of = static fn (Face $face): float => Ciede2000::difference($a->face($face)->toLab(), $b->face($face)->toLab());

        return new Faces($of(Face::Recess), $of(Face::Plane), $of(Face::Ridge));
    }

    /** Done with a brush, where the painter has no airbrush; null where it stays. */
    private static function brushed(PlannedStep $step, Equipment $equipment): ?Replaced
    {
        $brushed = match ($step->technique) {
            Technique::AirbrushCoat => Technique::Basecoat,
            Technique::AirbrushFade => Technique::Layer,
            default => null,
        };
        if ($brushed === null || $equipment->airbrush) {
            return null;
        }
        $use = $brushed->facts()->use;
        $usual = Load::usual($step->load->mix, $use);
        $made = new PlannedStep(
            $step->key,
            $brushed,
            $step->target,
            new Load($usual->mix, $usual->thinning, $usual->thinner, $step->load->open),
            $step->scope,
            $step->handling->with(['coats' => null, 'tool' => null]),
            [Defaults::thinningReason($use)],
            $step->stage,
        );

        return new Replaced($made, $step->technique->words(), $brushed->words(), null, 'brushed, since you have no airbrush');
    }

    private static function replaced(PlannedStep $step, Mix $mix, Area $area, Surface $below, Palette $palette): Replaced
    {
        $was = $mix->words();
        $found = Substitutes::of($step, $area, $below, $palette->paints(), self::gone($mix), 1)[0] ?? null;
        if ($found !== null) {
            $swapped = $step->withMix($found->mix, reason: self::standsIn($was, $found->mix, $found->words));

            return new Replaced($swapped, $was, $found->mix->words(), $found->difference, $found->words);
        }
        $wish = new StepWish(
            $step->technique,
            $step->target,
            flakes: $mix->first()->behaviour === Behaviour::Metallic && $palette->metallics() !== [],
        );
        $made = (new StepMaker($palette))->make($step->key, $wish, $below);
        if ($made->load->mix === null || self::gone($made->load->mix) !== []) {
            return new Replaced($step, $was, null, null, 'nothing on your shelf does it: it stays as described');
        }
        $known = $step->isFilm() && $made->isFilm();

        return new Replaced(
            $step->withMix($made->load->mix, reason: self::standsIn($was, $made->load->mix, '')),
            $was,
            $made->load->mix->words(),
            $known ? Ciede2000::difference($mix->lab(), $made->load->mix->lab()) : null,
            $known ? DifferenceWords::between($mix->lab(), $made->load->mix->lab()) : 'another of its kind',
        );
    }

    private static function standsIn(string $was, Mix $now, string $words): Finding
    {
        return new Finding(
            'mix.stands-in',
            '{mix} replaces {was}, which is not on your shelf'.($words === '' ? '.' : ': {words}.'),
            ['mix' => $now->words(), 'was' => $was, 'words' => $words],
            Reason::Mix,
        );
    }

    /** @return list<string> ids of its paints that are not in stock */
    private static function gone(Mix $mix): array
    {
        $found = [];
        foreach ($mix->paints() as $paint) {
            if (!$paint->isAtHand()) {
                $found[] = $paint->id;
            }
        }

        return $found;
    }
}
