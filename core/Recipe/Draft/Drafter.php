<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\MixChoice;
use Kalokroma\Recipe\Choose\MixedRungs;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\SteppingStone;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\LeftOut;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\Swallowed;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Word\Finding;

/**
 * Drafts the recipe of one area: which stages suit its relief, and for each the paints at hand that come nearest.
 */
final class Drafter
{
    /** A highlight that lightens the ridge by less (L*) is not worth a step. */
    private const LEAST_GAIN = 1.0;

    private readonly Palette $palette;
    private readonly Ladder $ladder;
    private readonly MixChoice $choice;
    private readonly ContrastReached $reached;
    private Surface $surface;
    /** @var list<PlannedStep> */
    private array $steps = [];
    /** @var list<PlannedStep> drafted, but not worth their time */
    private array $dropped = [];
    /** @var list<LeftOut> */
    private array $leftOut = [];

    private function __construct(private readonly Brief $brief)
    {
        $this->palette = $brief->palette ?? new Palette($brief->shelf);
        $this->ladder = new Ladder($brief->intended, $brief->ladder);
        $this->choice = new MixChoice($this->palette, $brief->intended->toLab(), $brief->onFigure);
        $this->reached = new ContrastReached($this->ladder, $brief->area->relief);
        $this->surface = $brief->surface();
    }

    /** @throws RecipeProblem when no covering paint is at hand, or the way needs what the painter does not own */
    public static function draft(Brief $brief): Plan
    {
        $drafter = new self($brief);
        $drafter->refuse();

        return $drafter->plan();
    }

    /** @throws RecipeProblem */
    private function refuse(): void
    {
        if ($this->palette->mixable() === []) {
            throw RecipeProblem::nothingToPaintWith();
        }
        if (!$this->brief->way->isAllowedBy($this->brief->equipment)) {
            throw RecipeProblem::needsAirbrush();
        }
    }

    private function plan(): Plan
    {
        $metal = MetalSteps::of($this->brief, $this->palette, $this->ladder, $this->choice);
        $rows = TechniqueTable::rows(
            $this->brief->area->relief,
            $metal !== null && $this->brief->way !== Way::Drybrush ? Way::Mixed : $this->brief->way,
        );
        $outline = Outline::of($rows, $this->brief->leaders > 0);
        $colours = new ColourSteps(
            $this->brief,
            $this->palette,
            $this->ladder,
            $this->choice,
            $outline,
            $metal === null ? $this->mixed($outline) : null,
        );
        foreach ($rows as $row) {
            $this->lay($this->deepened($row), $metal ?? $colours);
        }
        if ($metal === null && $this->steps !== [] && $this->brief->leaders > 0 && $this->brief->area->weight !== Weight::Minor) {
            $this->accent($colours);
        }

        return new Plan($this->steps, $this->leftOut, $this->reached->findings([...$this->steps, ...$this->dropped], $this->surface));
    }

    private function mixed(Outline $outline): ?MixedRungs
    {
        return $this->brief->ladder->mixed ? MixedRungs::of($this->palette, $this->ladder, $outline->below, $outline->above) : null;
    }

    /** A recess line instead of none, where a stain has not pooled deep enough. */
    private function deepened(TableRow $row): TableRow
    {
        if (
            $row->slot !== Slot::Wash
            || $row->technique !== null
            || $this->brief->way !== Way::Stain
            || $this->brief->area->relief === Relief::Orb
        ) {
            return $row;
        }
        [$technique, $reason] = $this->reached->deepened($this->surface) ?? [null, $row->reason];

        return new TableRow($row->slot, $technique, $reason);
    }

    private function lay(TableRow $row, DraftedSteps $maker): void
    {
        $step = $row->technique === null ? $row->reason : $maker->step($row, $this->surface);
        $lost = $step instanceof Finding ? $step : $this->notWorthIt($row->slot, $step, $maker);
        if ($lost !== null) {
            $this->leftOut[] = new LeftOut($row->slot->stage(), $lost);
        }
        if ($step instanceof Finding) {
            return;
        }
        if ($lost !== null) {
            $this->dropped[] = $step;

            return;
        }
        $below = $row->slot === Slot::Basecoat ? $this->steppingStone($step) : null;
        foreach ([...($below === null ? [] : [$below]), $this->brief->handled($step)] as $each) {
            $this->steps[] = $each;
            $this->choice->load($each->load->mix);
            $this->surface = Simulation::step($each, $this->brief->area, $this->surface)->look->after;
        }
    }

    /** Why a step is left out that would hardly show; null where it is worth its time. */
    private function notWorthIt(Slot $slot, PlannedStep $step, DraftedSteps $maker): ?Finding
    {
        if ($step->technique === Technique::Glaze) {
            return Swallowed::reason(Simulation::step($step, $this->brief->area, $this->surface));
        }

        return $slot === Slot::Highlight && $maker instanceof ColourSteps ? $this->withoutRoom($step) : null;
    }

    private function withoutRoom(PlannedStep $step): ?Finding
    {
        $from = max($this->surface->ridge->toLab()->l, $this->surface->plane->toLab()->l);
        $gain = Simulation::look($step, $this->surface)->ridge->toLab()->l - $from;
        if ($gain >= self::LEAST_GAIN) {
            return null;
        }
        $mix = $step->load->mix;
        $missing = $mix === null || $step->target === null
            ? null
            : MixChoice::missing(new RankedMix($mix, Ciede2000::difference($mix->lab(), $step->target->toLab())), $step->target->toLab());

        return $missing ?? new Finding(
            'highlight.no-room',
            '{paint} would leave the ridge only {gain} lighter than the plane (lightness, of 100): from {from} there is no room above. '
                .'A tone lower for the planes would leave some.',
            ['paint' => $step->words(), 'gain' => max(0.0, $gain), 'from' => $from],
        );
    }

    /** A stepping-stone coat under the basecoat, where one saves coats. */
    private function steppingStone(PlannedStep $base): ?PlannedStep
    {
        if ($base->load->mix === null || $base->technique !== Technique::Basecoat) {
            return null;
        }
        $found = SteppingStone::under($base->load->mix, $base->load->thinning, $this->surface->plane, $this->palette);
        if ($found === null) {
            return null;
        }
        $mix = Mix::single($found->paint);

        return new PlannedStep(
            StepKey::of(Slot::SteppingStone->value),
            Technique::SteppingStone,
            Oklch::fromLab($mix->lab()),
            Load::usual($mix, 'basecoat'),
            handling: new Handling($found->coats),
            why: [$found->reason($base->load->mix), Defaults::thinningReason('basecoat')],
        );
    }

    private function accent(ColourSteps $colours): void
    {
        $step = $colours->accent($this->steps[count($this->steps) - 1]->load->mix);
        if ($step !== null) {
            $this->steps[] = $step->withCoats(1)->for(Who::leaders())->upTo(Level::Showpiece);
        }
    }
}
