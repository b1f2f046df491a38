<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Aim;
use Kalokroma\Recipe\Choose\MixChoice;
use Kalokroma\Recipe\Choose\MixedRungs;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\PotsFirst;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\LeftOut;
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
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Word\Finding;

/**
 * Drafts the recipe of one area: which stages suit its relief, and for each the paints in stock that come nearest.
 */
final class Drafter
{
    /** A white ground this much lighter (L*) than the planes of a white area is painted over: edges want somewhere to go. */
    private const ABOVE_WHITE = 1.5;

    /** A highlight that lightens the ridge by less (L*) is not worth a step. */
    private const LEAST_GAIN = 1.0;

    /** An area smaller than this is not sprayed apart, cm². */
    private const SPRAYED_FROM_CM2 = 1.0;

    /** A shade that leaves the recess less darker (L*) than that of the base is left out. */
    private const LEAST_SHADE = 4.0;

    /** What the base looks like; null before there is one. */
    private ?Surface $base = null;

    private readonly Palette $palette;
    private readonly Ladder $ladder;
    private readonly MixChoice $choice;
    private readonly ContrastReached $reached;
    private Surface $surface;
    /** Whether a wash or a layer covers the basecoat. */
    private bool $isCovered = false;
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
        $isBase = $brief->area->material === Material::Ground;
        $this->choice = new MixChoice($this->palette, $brief->intended->toLab(), $brief->onFigure, $isBase);
        $this->reached = new ContrastReached($this->ladder, $brief->area->relief);
        $this->surface = $brief->surface();
    }

    /** @throws RecipeProblem when no covering paint is in stock, or the way needs what the painter does not own */
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
        $rows = TechniqueTable::rows($this->brief->area->relief, $this->way($metal !== null));
        $rows = $this->brief->keepsSketch() ? TechniqueTable::transparent($rows, $this->brief->area->relief) : $rows;
        $isGlazed = $this->brief->ladder->glazedLights && $this->brief->way === Way::Glazes && $metal === null;
        $rows = $isGlazed ? TechniqueTable::lightsInGlazes($rows, $this->brief->area->relief) : $rows;
        $rows = AskedSteps::in($rows, $this->brief->area->relief, $this->ladder);
        $rows = $metal === null ? $rows : self::once($rows);
        $outline = Outline::of($rows, $this->brief->leaders > 0);
        $isOrb = $this->brief->area->relief === Relief::Orb;
        $this->isCovered = $isOrb || array_filter($rows, static fn (TableRow $r): bool => $r->technique?->covers() === true) !== [];
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

        $this->steps = FewerCoats::bounded($this->steps, $this->brief->area, $this->brief->surface());

        return new Plan($this->steps, $this->leftOut, $this->reached->findings([...$this->steps, ...$this->dropped], $this->surface));
    }

    /** Metal is painted as metal, and a small area is not sprayed apart: a brush is quicker than a mask. */
    private function way(bool $isMetal): Way
    {
        $isSmall = $this->brief->way === Way::Airbrush && $this->brief->area->surfaceCm2 < self::SPRAYED_FROM_CM2;

        return $isSmall || ($isMetal && $this->brief->way !== Way::Drybrush) ? Way::Mixed : $this->brief->way;
    }

    /**
     * Metal is shaded and lit once: flakes over flakes only dull.
     *
     * @param list<TableRow> $rows
     *
     * @return list<TableRow> the first of each slot
     */
    private static function once(array $rows): array
    {
        $first = [];
        foreach ($rows as $row) {
            $first[$row->slot->value] ??= $row;
        }

        return array_values($first);
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
            || ($this->brief->way !== Way::Stain && !$this->brief->keepsSketch())
            || $this->brief->area->relief === Relief::Orb
        ) {
            return $row;
        }
        [$technique, $reason] = $this->reached->deepened($this->surface) ?? [null, $row->reason];

        return new TableRow($row->slot, $technique, $reason, level: $row->level);
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
        $step = Worth::fewWhites($this->named($step, $row), $this->brief->area, $this->surface);
        foreach (FewerCoats::of($step, $this->surface, $this->palette, $this->brief->area, $this->isCovered) as $each) {
            $each = $this->brief->handled($each);
            $this->steps[] = $each;
            $this->choice->load($each->load->mix);
            $covered = $row->slot === Slot::Basecoat && $each->key->is(Slot::Basecoat->value) && $this->isCovered;
            $this->surface = Simulation::step($each, $this->brief->area, $this->surface, covered: $covered)->look->after;
            $this->base = $row->slot === Slot::Basecoat && $each->technique !== Technique::Stain ? $this->surface : $this->base;
        }
    }

    /** With a number where it is not the first of its kind, and the level it is for. */
    private function named(PlannedStep $step, TableRow $row): PlannedStep
    {
        $keys = array_fill_keys(array_map(static fn (PlannedStep $s): string => $s->key->value, $this->steps), true);
        $named = isset($keys[$step->key->value]) ? $step->renamed(StepKey::free($step->key->value, $keys)) : $step;

        return $row->level === null ? $named : $named->upTo($row->level);
    }

    /** Why a step is left out that would hardly show; null where it is worth its time. */
    private function notWorthIt(Slot $slot, PlannedStep $step, DraftedSteps $maker): ?Finding
    {
        $isCoat = $slot === Slot::Basecoat && $step->technique !== Technique::Stain;
        $isUnseen = !$isCoat || $maker instanceof MetalSteps;
        $unseen = $isUnseen ? $this->invisible($step) : $this->isGround($step, $maker);
        if ($unseen !== null) {
            return $unseen;
        }
        if ($step->technique === Technique::Glaze) {
            return Swallowed::reason(Simulation::step($step, $this->brief->area, $this->surface))
                ?? ($slot === Slot::Shade ? $this->tooWeak($step) : null);
        }

        return match (true) {
            !$maker instanceof ColourSteps => null,
            $slot === Slot::Highlight => $this->withoutRoom($step),
            $slot === Slot::Wash, $slot === Slot::Shade => $this->tooWeak($step),
            default => null,
        };
    }

    /** Why a shade is left out that hardly darkens the recesses of the base; null where it does. */
    private function tooWeak(PlannedStep $step): ?Finding
    {
        $base = ($this->base ?? $this->surface)->recess->toLab()->l;
        $darker = $base - Simulation::look($step, $this->surface)->recess->toLab()->l;

        return $darker >= self::LEAST_SHADE ? null : new Finding(
            'shade.weak',
            '{paint} would leave the recesses only {darker} darker than the base (lightness, of 100): they stay as they are.',
            ['paint' => $step->words(), 'darker' => max(0.0, $darker)],
        );
    }

    /** Why the ground does for the basecoat; null where it is another colour. */
    private function isGround(PlannedStep $step, DraftedSteps $maker): ?Finding
    {
        $ground = $this->surface->plane->toLab();
        $off = Ciede2000::difference($ground, $this->brief->intended->toLab());
        if ($this->ladder->isWhite() && $ground->l > $this->ladder->rung(Rung::Intended)->toLab()->l + self::ABOVE_WHITE) {
            return null;
        }
        $isBlack = $ground->l < Defaults::BLACK_BELOW && $this->brief->intended->toLab()->l < Defaults::BLACK_BELOW;
        if (
            !$maker instanceof ColourSteps
            || $step->technique === Technique::Stain
            || $off > ($isBlack ? Aim::Shade : Aim::Colour)->within()
            || !PotsFirst::leansAlike($ground, $this->brief->intended->toLab())
        ) {
            return null;
        }

        return new Finding(
            'ground.is-base',
            'The ground is only {off} from the colour, and is the basecoat already.',
            ['off' => $off],
        );
    }

    private function invisible(PlannedStep $step): ?Finding
    {
        return Worth::unseen($step, $this->surface) ?? Worth::repeated($step, $this->steps[count($this->steps) - 1] ?? null);
    }

    private function withoutRoom(PlannedStep $step): ?Finding
    {
        $last = $this->steps[count($this->steps) - 1] ?? null;
        $isBelow = $last?->technique === $step->technique && $last->load->mix !== null && $step->load->mix !== null
            && $step->load->mix->lab()->l < $last->load->mix->lab()->l;
        if ($isBelow) {
            return new Finding(
                'highlight.down',
                '{paint} is no lighter than {last}, which lies there already.',
                ['paint' => $step->words(), 'last' => $last->words()],
            );
        }
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

    private function accent(ColourSteps $colours): void
    {
        $step = $colours->accent($this->steps[count($this->steps) - 1]->load->mix);
        if ($step !== null) {
            $this->steps[] = $step->withCoats(1)->for(Who::leaders())->upTo(Level::Showpiece);
        }
    }
}
