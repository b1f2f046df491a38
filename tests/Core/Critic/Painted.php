<?php

declare(strict_types=1);

namespace Tests\Core\Critic;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Paint;

/** A finished recipe with all that it is judged by; only the steps that its level paints. */
final readonly class Painted
{
    /** @var list<StepOutcome> */
    public array $outcomes;

    /** @param list<Paint> $shelf */
    public function __construct(
        public Area $area,
        public Oklch $intended,
        public Way $way,
        public Level $level,
        public Surface $ground,
        public array $shelf,
        public Plan $plan,
        public Equipment $equipment = new Equipment(true, true),
    ) {
        $steps = array_values(array_filter($plan->steps, static fn (PlannedStep $s): bool => $s->level()->isWithin($level)));
        $this->outcomes = Simulation::run($steps, $area, $ground);
    }

    public function wanted(): Lab
    {
        return $this->intended->toLab();
    }

    public function isGlass(): bool
    {
        return $this->area->relief->value === 'orb';
    }

    /** Under 0.5 cm², or an orb under 2 cm². */
    public function isSmall(): bool
    {
        return $this->area->surfaceCm2 < 0.5 || ($this->isGlass() && $this->area->surfaceCm2 < 2.0);
    }

    /** Whether flakes are what is painted here. */
    public function isMetal(): bool
    {
        return $this->has(Technique::MetalCoat);
    }

    /** Whether a light sketch below is to show. */
    public function keepsSketch(): bool
    {
        $isUsual = in_array($this->way, [Way::Stain, Way::Glazes], true);

        return ($this->area->keepsSketch ?? $isUsual) && $this->ground->ridge->toLab()->l - $this->ground->plane->toLab()->l > 8.0;
    }

    public function has(Technique ...$techniques): bool
    {
        return array_filter($this->outcomes, static fn (StepOutcome $o): bool => in_array($o->step->technique, $techniques, true)) !== [];
    }

    /** @return list<Paint> covering pots in stock that are the wanted colour: within 4 of it, and leaning as it leans */
    public function pots(): array
    {
        $wanted = $this->wanted();

        return array_values(array_filter($this->shelf, static fn (Paint $p): bool => $p->colour !== null
            && in_array($p->behaviour, [Behaviour::Opaque, Behaviour::SemiOpaque], true)
            && Ciede2000::difference($p->lab(), $wanted) <= 4.0
            && self::leansAlike($p->lab(), $wanted)));
    }

    private static function leansAlike(Lab $pot, Lab $wanted): bool
    {
        return min($pot->chroma(), $wanted->chroma()) < 12.0
            ? hypot($pot->a - $wanted->a, $pot->b - $wanted->b) <= 4.5 : $pot->hueApart($wanted) <= 25.0;
    }

    /** Whether painters do without building this to a colour: white, black, a kept sketch, stains and glazes, a start of its own. */
    public function isApart(): bool
    {
        $wanted = $this->wanted();
        $isBlack = $wanted->l < 15.0 || ($wanted->l < 25.0 && $wanted->chroma() < 8.0);

        return $wanted->l > 88.0 || $isBlack || $this->keepsSketch() || $this->isGlass() || $this->isMetal()
            || $this->has(Technique::Stain) || $this->way === Way::Glazes;
    }

    /** The plane after the last step that covers; null where none does. */
    public function covered(): ?Lab
    {
        $plane = null;
        foreach ($this->outcomes as $outcome) {
            $step = $outcome->step;
            $isCover = $step->isFilm() && $step->load->mix !== null && !$step->load->mix->isTransparent()
                && !$step->technique->isWash() && $step->technique !== Technique::Glaze
                && in_array($step->technique, [
                    Technique::Basecoat, Technique::FurtherCoat, Technique::Layer, Technique::AirbrushCoat, Technique::AirbrushFade,
                ], true) || ($step->technique === Technique::Drybrush && $step->load->mix !== null
                    && Ciede2000::difference($step->load->mix->lab(), $this->wanted()) <= 4.0);
            $plane = $isCover ? $outcome->look->after->plane->toLab() : $plane;
        }

        return $plane;
    }
}
