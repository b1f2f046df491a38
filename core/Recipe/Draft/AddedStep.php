<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\Shading;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/** A step that the painter adds to a recipe, aimed at what it is for. */
final readonly class AddedStep
{
    /** How much darker (share of the OKLCh lightness) a line is than the shade. */
    private const LINE_KEEPS = 0.6;

    /** Primers this near (CIEDE2000) are meant to be one tone. */
    private const ONE_TONE = 6.0;

    /** A freehand stands at least so far (OKLCh lightness) from what it is painted on. */
    private const STANDS_OUT = 0.35;

    /**
     * @param Plan $plan to which it is added
     * @param Surface $ground the undercoat of the area
     */
    public function __construct(private Palette $palette, private Plan $plan, private Ladder $ladder, private Surface $ground)
    {
    }

    /**
     * @param Surface $below what it is laid on
     * @param Oklch|null $asked the colour the painter names for it
     * @param bool $flakes with metallic paint, where the technique can be done with it
     */
    public function make(Technique $technique, Surface $below, ?Oklch $asked, bool $flakes): PlannedStep
    {
        $maker = new StepMaker($this->palette);
        foreach ($this->plan->steps as $step) {
            $maker->load($step->load->mix);
        }
        $wish = static fn (?Oklch $target): StepWish => new StepWish(
            $technique,
            $technique->facts()->lies === null ? null : $target,
            new Finding('technique.own', 'You added this step.'),
            flakes: $flakes && $technique->facts()->takesMetal(),
        );
        $key = $this->plan->freeKey($technique->value);
        $blends = $technique === Technique::WetBlend && $asked === null;
        $made = $maker->make($key, $wish($asked ?? ($blends ? $this->ladder->rung(Rung::Shade) : $this->aim($technique, $below))), $below);
        if ($blends) {
            return $made->meeting($maker->make($key, $wish($this->ladder->rung(Rung::Highlight)), $below)->load->mix);
        }

        return match (true) {
            $technique === Technique::RecessLine && $asked === null => $this->washed($made, $below),
            $technique === Technique::UndercoatRepair => self::unified($made, $this->palette),
            default => $made,
        };
    }

    /** What a step of this kind is for: a repair takes the ground's tone, a stone lies between ground and colour, and so on. */
    private function aim(Technique $technique, Surface $below): ?Oklch
    {
        $ground = Oklch::fromLab($this->ground->plane->toLab());

        return match ($technique) {
            Technique::UndercoatRepair => $ground,
            Technique::SteppingStone => $this->stone($ground),
            Technique::Lining => $this->line(),
            Technique::Freehand => $this->freehand(Oklch::fromLab($below->plane->toLab())),
            Technique::EffectPaint => null,
            default => $this->ladder->rung(Rung::of($technique)),
        };
    }

    /** Half way from the ground to the colour. */
    private function stone(Oklch $ground): Oklch
    {
        $base = $this->plan->step(Slot::Basecoat->value);
        $own = $base?->load->mix === null ? $this->ladder->intended : Oklch::fromLab($base->load->mix->lab());

        return (new Oklch(($ground->lightness + $own->lightness) / 2, $own->chroma / 2, $own->hue))->onScreen();
    }

    private function line(): Oklch
    {
        $shade = $this->ladder->rung(Rung::Shade);

        return (new Oklch($shade->lightness * self::LINE_KEEPS, $shade->chroma, $shade->hue))->onScreen();
    }

    /** A freehand without a colour of its own is light on dark and dark on light. */
    private function freehand(Oklch $below): Oklch
    {
        $way = $below->lightness < 0.6 ? self::STANDS_OUT : -self::STANDS_OUT;

        return (new Oklch(max(0.1, min(0.97, $below->lightness + $way)), $below->chroma / 2, $below->hue))->onScreen();
    }

    /** With a wash that is owned, even where none comes near: in a line it sinks and shades all the same. */
    private function washed(PlannedStep $made, Surface $below): PlannedStep
    {
        if ($made->load->mix?->first()->behaviour === Behaviour::Wash || $this->palette->atHand(Behaviour::Wash) === []) {
            return $made;
        }
        $shade = $this->ladder->rung(Rung::Shade)->toLab();
        $best = Shading::covered($this->palette, $shade, $this->ladder->intended->toLab(), $below, $made->technique);
        $mix = $best->mix ?? $this->darkestWash();

        return $made->withMix($mix, reason: $best?->reason() ?? new Finding(
            'mix.any-wash',
            'No wash on your shelf comes near the shade; {wash}, the darkest, still works as a line.',
            ['wash' => $mix->words()],
            Reason::Mix,
        ));
    }

    /** A can and a bottle of one tone seldom match: where both are owned, the bottle goes over the whole face and not only the gap. */
    public static function unified(PlannedStep $repair, Palette $palette): PlannedStep
    {
        $bottle = $repair->load->mix?->first();
        if ($bottle?->colour === null || $bottle->behaviour !== Behaviour::Primer || $bottle->form->isAsItComes()) {
            return $repair;
        }
        foreach ($palette->atHand(Behaviour::Primer) as $can) {
            $isCan = $can->form->isAsItComes() && $can->colour !== null;
            if ($isCan && Ciede2000::difference($can->lab(), $bottle->lab()) <= self::ONE_TONE) {
                return $repair->withScope($repair->scope->at(new Place()))->because(new Finding(
                    'repair.unify',
                    '{can} from the can and {bottle} from the bottle seldom match, whatever they are called: brush {bottle}, thinned, over '
                        .'the whole face at once.',
                    ['can' => $can->name, 'bottle' => $bottle->name],
                ));
            }
        }

        return $repair;
    }

    private function darkestWash(): Mix
    {
        $washes = array_map(Mix::single(...), $this->palette->atHand(Behaviour::Wash));
        usort($washes, static fn (Mix $a, Mix $b): int => $a->lab()->l <=> $b->lab()->l);

        return $washes[0];
    }
}
