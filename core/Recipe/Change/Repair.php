<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\SteppingStone;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Draft\StepWish;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\Scope;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/**
 * A spot painted as it was: the area's own base mix over it with as many coats as that really takes, a stone first where those are
 * many, then its shade and light again.
 */
final readonly class Repair
{
    /** What is laid again over the base, where all figures have it. */
    private const AGAIN = [Stage::Wash, Stage::Layer, Stage::Drybrush, Stage::Highlight];

    /** So much surface (cm²) a stone is judged for: on a spot no stone ever pays by minutes, but it does by coats. */
    private const JUDGED_CM2 = 10.0;

    /**
     * @param list<StepOutcome> $painted what lies on the area, from its first step up
     * @param Surface $ground its undercoat
     */
    public function __construct(
        private array $painted,
        private Surface $ground,
        private Area $area,
        private Palette $palette,
        private Plan $plan,
    ) {
    }

    /**
     * @param Surface $spoilt what lies on the spot now
     *
     * @return non-empty-list<PlannedStep>
     */
    public function of(Surface $spoilt, Place $place, string $name = 'tidy', bool $lights = true): array
    {
        $base = $this->base($spoilt, $place, $name);
        $steps = [...array_filter([$this->stone($base, $spoilt, $place)]), $base];
        foreach ($lights ? $this->above() : [] as $outcome) {
            $steps[] = $this->again($outcome, $place);
        }

        return $steps;
    }

    /**
     * Coats of these steps that hide what lies there.
     *
     * @param list<PlannedStep> $steps
     */
    public function coats(array $steps, Surface $spoilt): int
    {
        return array_sum(array_map(
            static fn (StepOutcome $o): int => $o->step->technique === Technique::TidyUp || $o->step->technique === Technique::SteppingStone
                ? $o->labour->coats : 0,
            Simulation::run($steps, $this->area, $spoilt),
        ));
    }

    /** The area's own base once more; its colour in covering paint where the base was a stain, the ground's tone where there was none. */
    private function base(Surface $spoilt, Place $place, string $name): PlannedStep
    {
        $own = $this->own()?->step;
        $key = $this->plan->freeKey('mend-'.$name);
        if ($own?->load->mix !== null && !$own->load->mix->isTransparent()) {
            return new PlannedStep(
                $key,
                Technique::TidyUp,
                $own->target,
                $own->load,
                new Scope($place, level: Level::Fieldable),
                why: [new Finding(
                    'mend.again',
                    '{paint} again, thinned {thin} as before: nothing matches it better.',
                    ['paint' => $own->words(), 'thin' => $own->load->thinning->ratio()],
                    Reason::Mix,
                )],
                stage: Stage::Detail,
            );
        }
        $why = $own === null
            ? new Finding('mend.ground', 'The ground is the basecoat here: its tone goes over the spot.')
            : new Finding('mend.stained', 'A stain shows what is below: cover the spot with its colour in opaque paint.');
        $target = $own->target ?? Oklch::fromLab($this->ground->plane->toLab());

        return (new StepMaker($this->palette))->make($key, new StepWish(
            Technique::TidyUp,
            $target,
            $why,
            new Scope($place, level: Level::Fieldable),
            stage: Stage::Detail,
        ), $spoilt);
    }

    private function stone(PlannedStep $base, Surface $spoilt, Place $place): ?PlannedStep
    {
        $mix = $base->load->mix;
        if ($mix === null || $mix->isTransparent()) {
            return null;
        }
        $found = SteppingStone::under(
            $mix,
            $base->load->thinning,
            $spoilt->plane,
            $this->palette,
            self::JUDGED_CM2,
            Defaults::ENOUGH_WITHIN,
        );
        return $found?->step($this->plan->freeKey('mend-stone'), $mix, new Scope($place, level: Level::Fieldable), Stage::Detail);
    }

    /** A shade or light laid again on the spot, in as many passes as it has there. */
    private function again(StepOutcome $outcome, Place $place): PlannedStep
    {
        $step = $outcome->step;

        return new PlannedStep(
            $this->plan->freeKey('mend-'.$step->key->value),
            $step->technique,
            $step->target,
            $step->load,
            new Scope(
                new Place($step->scope->place->face, share: $place->share, but: $step->scope->place->but),
                level: Level::Fieldable,
            ),
            new Handling($outcome->labour->coats),
            [new Finding('mend.lights', '{what} again where it was.', ['what' => ucfirst($step->technique->words())], Reason::Mix)],
            $step->stage,
        );
    }

    /** @return list<StepOutcome> shade and light over the base */
    private function above(): array
    {
        $own = $this->own();
        $found = [];
        foreach ($this->painted as $outcome) {
            $step = $outcome->step;
            if ($outcome === $own) {
                $found = [];
            } elseif (
                in_array($step->stage, self::AGAIN, true)
                && $step->isFilm()
                && $step->load->mix !== null
                && $step->scope->who->isAll()
                && !$step->handling->omitted
            ) {
                $found[] = $outcome;
            }
        }

        return $found;
    }

    private function own(): ?StepOutcome
    {
        $found = null;
        foreach ($this->painted as $outcome) {
            $step = $outcome->step;
            $found = !$step->handling->omitted && $step->technique->isBase() && $step->load->mix !== null ? $outcome : $found;
        }

        return $found;
    }
}
