<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Aim;
use Kalokroma\Recipe\Choose\MixChoice;
use Kalokroma\Recipe\Choose\NamedThinner;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\Shading;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\Scope;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/** Makes the steps of one draft, slot by slot, with what stands on the shelf. */
abstract class DraftedSteps
{
    /** Strengths of an own paint that takes the place of a wash. */
    private const THINNED = ['1:4', '1:5', '1:6'];

    /** What it may move the planes by (CIEDE2000), and where a layer brings them back. */
    private const MOVED = 6.0;
    private const MOVED_UNDER_A_LAYER = 9.0;

    public function __construct(
        protected readonly Brief $brief,
        protected readonly Palette $palette,
        protected readonly Ladder $ladder,
        protected readonly MixChoice $choice,
    ) {
    }

    /** @return PlannedStep|Finding the step, or why the slot is left out */
    abstract public function step(TableRow $row, Surface $surface): PlannedStep|Finding;

    /** @param Shading|null $shading the best of all washes, stains and inks; null where none is in stock */
    protected function washed(
        Technique $technique,
        Finding $reason,
        ?Shading $shading,
        ?Surface $surface = null,
        bool $covered = false,
    ): PlannedStep {
        $target = $this->ladder->rung(Rung::Shade);
        $why = [$reason, $this->ladder->reason(Rung::Shade)];
        if ($shading !== null) {
            return $this->planned(
                Slot::Wash,
                $technique,
                $target,
                new Thinned($shading->mix, $shading->use, $shading->thinning->ratio()),
                [...$why, $shading->reason()],
            );
        }
        [$chosen] = $this->choice->nearest($target->toLab(), Aim::Shade);
        $finding = new Finding(
            'mix.thinned-shade',
            'No wash, stain or ink of yours is a shade of this colour: {mix}, thinned far, shades instead, {apart} from the wanted'
                .' shade.',
            ['mix' => $chosen->mix->words(), 'apart' => $chosen->difference],
            Reason::Mix,
        );
        $thinned = static fn (?string $ratio): Thinned => new Thinned($chosen->mix, 'recess-shade', $ratio);
        if ($surface === null || $technique !== Technique::WashAllOver) {
            return $this->planned(Slot::Wash, $technique, $target, $thinned(null), [...$why, $finding]);
        }
        foreach (self::THINNED as $ratio) {
            $step = $this->planned(Slot::Wash, $technique, $target, $thinned($ratio), [...$why, $finding]);
            $moved = Ciede2000::difference(Simulation::look($step, $surface)->plane->toLab(), $surface->plane->toLab());
            if ($moved <= ($covered ? self::MOVED_UNDER_A_LAYER : self::MOVED)) {
                return $step;
            }
        }
        $only = new Finding(
            'wash.recess-only',
            'All over it would move the planes by {moved}, thinned {ratio} too: in the recesses alone they keep their colour.',
            ['moved' => $moved, 'ratio' => $ratio],
        );

        return $this->planned(Slot::Wash, Technique::RecessLine, $target, $thinned(null), [...$why, $finding, $only]);
    }

    /** @param list<Finding> $why */
    protected function planned(
        Slot $slot,
        Technique $technique,
        Oklch $target,
        Thinned $paint,
        array $why,
        Place $place = new Place(),
    ): PlannedStep {
        return new PlannedStep(
            StepKey::of($slot->value),
            $technique,
            $target,
            NamedThinner::of(Load::usual($paint->mix, $paint->use, $paint->ratio), $technique, $this->palette),
            new Scope($place),
            why: [...$why, Defaults::thinningReason($paint->use, $paint->ratio)],
            stage: $slot->stage(),
        );
    }
}
