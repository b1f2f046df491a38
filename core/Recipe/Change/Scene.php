<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Face;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Draft\AddedStep;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Draft\StepWish;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\Scope;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/** Where something went wrong: the recipe, the step, what lies there now, and the hand that makes repair steps. */
final readonly class Scene
{
    public StepOutcome $now;
    private StepMaker $maker;
    private Plan $plan;

    /**
     * @param list<StepOutcome> $outcomes of the recipe without the undercoat
     * @param int $at the step at which it happened
     * @param Surface $ground the undercoat
     */
    private function __construct(
        public array $outcomes,
        private int $at,
        public Area $area,
        public Surface $ground,
        private Palette $palette,
    ) {
        $this->now = $outcomes[$at];
        $this->maker = new StepMaker($palette);
        $this->plan = new Plan(array_map(static fn (StepOutcome $o): PlannedStep => $o->step, $outcomes), []);
    }

    /**
     * @param list<StepOutcome> $outcomes
     *
     * @throws RecipeProblem
     */
    public static function at(string $key, array $outcomes, Area $area, Surface $ground, Palette $palette): self
    {
        foreach ($outcomes as $i => $outcome) {
            if ($outcome->step->key->value === $key) {
                return new self($outcomes, $i, $area, $ground, $palette);
            }
        }

        throw RecipeProblem::noSuchStep($key);
    }

    /** @return list<StepOutcome> what comes after it */
    public function later(): array
    {
        return array_slice($this->outcomes, $this->at + 1);
    }

    /** Coats that lie there by now. */
    public function coats(): int
    {
        return array_sum(array_map(static fn (StepOutcome $o): int => $o->labour->coats, array_slice($this->outcomes, 0, $this->at + 1)));
    }

    /** How far (CIEDE2000) the step moved the plane. */
    public function moved(): float
    {
        return Ciede2000::difference($this->now->look->below->plane->toLab(), $this->now->look->after->plane->toLab());
    }

    public function before(Face $face = Face::Plane): Oklch
    {
        return Oklch::fromLab($this->now->look->below->face($face)->toLab());
    }

    public function after(Face $face = Face::Plane): Oklch
    {
        return Oklch::fromLab($this->now->look->after->face($face)->toLab());
    }

    /**
     * A repair step over what lies there now.
     *
     * @param int|null $coats null leaves the number to the film model
     */
    public function step(
        string $name,
        Technique $technique,
        ?Oklch $target,
        string $why,
        Place $place = new Place(),
        ?int $coats = 1,
    ): PlannedStep {
        return $this->stepOver($this->now->look->after, $name, new StepWish(
            $technique,
            $target,
            new Finding('mend.'.$name, '{why}', ['why' => $why]),
            new Scope($place, level: Level::Fieldable),
            $coats,
        ));
    }

    /** The undercoat closed again; over the whole face where a can lies there and a bottle mends it. */
    public function groundOver(Surface $below, string $name, StepWish $wish): PlannedStep
    {
        return AddedStep::unified($this->stepOver($below, $name, $wish), $this->palette);
    }

    public function stepOver(Surface $below, string $name, StepWish $wish): PlannedStep
    {
        return $this->maker->make($this->plan->freeKey('mend-'.$name), $wish, $below);
    }

    /**
     * The area painted as it was on the place that suffered: its base, then its shade and light again.
     *
     * @param bool $lights whether shade and light come again too
     *
     * @return non-empty-list<PlannedStep>
     */
    public function again(string $name, Place $place, bool $lights = true): array
    {
        return $this->repair()->of($this->now->look->after, $place, $name, $lights);
    }

    /**
     * What a repair takes in coats that hide.
     *
     * @param list<PlannedStep> $steps
     */
    public function repairCoats(array $steps): int
    {
        return $this->repair()->coats($steps, $this->now->look->after);
    }

    private function repair(): Repair
    {
        $isBase = $this->now->step->technique->isBase();
        $painted = array_slice($this->outcomes, 0, $this->at + ($isBase ? 1 : 0));

        return new Repair($painted, $this->ground, $this->area, $this->palette, $this->plan);
    }
}
