<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Application;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\LayerThinning;
use Kalokroma\Recipe\Choose\MixChoice;
use Kalokroma\Recipe\Choose\MixedRungs;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\Shading;
use Kalokroma\Recipe\Choose\SteppingStone;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Predict\Glazing;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Word\Finding;

/**
 * Drafts the recipe of one area: which stages suit its relief, and for each the paints at hand that come nearest.
 */
final class Drafter
{
    /** An area smaller than this is not sprayed apart, cm². */
    private const SPRAYED_FROM_CM2 = 1.0;

    /** A highlight that lightens the ridge by less (L*) is not worth a step. */
    private const LEAST_GAIN = 1.0;

    /** How much lighter (OKLCh) a base may start to make up for its wash, at most and at least. */
    private const MOST_LIFT = 0.12;
    private const LEAST_LIFT = 0.02;

    /** Share of its lightness over the base that the ridge keeps under the glaze that pulls it back in line. */
    private const RIDGE_KEEPS = 0.8;

    private readonly Palette $palette;
    private readonly Ladder $ladder;
    private readonly MixChoice $choice;
    private ?MixedRungs $mixed = null;

    /** Whether a wash goes all over that no layer covers again; whether a drybrush lightens planes that no wash has dulled. */
    private bool $washStays = false;
    private bool $liftedWithoutWash = false;

    /** What the area's own colour was mixed from. */
    private ?Mix $own = null;

    private function __construct(private readonly Brief $brief)
    {
        $this->palette = $brief->palette ?? new Palette($brief->shelf);
        $this->ladder = new Ladder($brief->intended, $brief->ladder);
        $this->choice = new MixChoice($this->palette);
    }

    /** @throws RecipeProblem when no covering paint is at hand, or the way needs what the painter does not own */
    public static function draft(Brief $brief): Plan
    {
        return (new self($brief))->plan();
    }

    private function plan(): Plan
    {
        if ($this->palette->mixable() === []) {
            throw RecipeProblem::nothingToPaintWith();
        }
        if (!$this->brief->way->isAllowedBy($this->brief->equipment)) {
            throw RecipeProblem::needsAirbrush();
        }
        $steps = $leftOut = $dropped = [];
        $reached = new ContrastReached($this->ladder, $this->brief->area->relief);
        $surface = $this->brief->surface();
        $metal = $this->metal();
        $way = $metal !== null && $this->brief->way !== Way::Drybrush ? Way::Mixed : $this->brief->way;
        $rows = TechniqueTable::rows($this->brief->area->relief, $way);
        $taken = array_column(array_filter($rows, static fn (array $r): bool => $r['technique'] !== null), 'key');
        $layered = in_array('layer', $taken, true);
        $washes = array_column(array_filter($rows, static fn (array $r): bool => $r['technique'] === Technique::WashAllOver), 'key') !== [];
        $this->washStays = $washes && !$layered && !in_array('drybrush', $taken, true);
        $this->liftedWithoutWash = !$washes && in_array('drybrush', $taken, true);
        if ($this->brief->ladder->mixed && $metal === null) {
            $this->mixed = MixedRungs::of($this->palette, $this->ladder, array_values(array_intersect(['shade'], $taken)), $this->rungsAbove($taken));
        }
        foreach ($rows as $row) {
            $technique = $row['technique'];
            if ($row['key'] === 'wash' && $technique === null && $this->brief->way === Way::Stain && $this->brief->area->relief !== Relief::Orb) {
                [$technique, $row['reason']] = $reached->deepened($surface) ?? [null, $row['reason']];
            }
            $step = $technique === null ? $row['reason'] : ($metal !== null
                ? $this->metalStep($row['key'], $row['stage'], $technique, $row['reason'], $metal, $surface)
                : $this->step($row['key'], $row['stage'], $this->held($technique), $row['reason'], $layered, $surface));
            if ($step instanceof Finding) {
                $leftOut[] = ['stage' => $row['stage'], 'reason' => $step];
                continue;
            }
            $lost = $step->key === 'highlight' && $metal === null ? $this->notWorthIt($step, $surface) : null;
            if ($lost !== null) {
                $leftOut[] = ['stage' => $row['stage'], 'reason' => $lost];
                $dropped[] = $step;
                continue;
            }
            $stone = $step->key === 'basecoat' ? $this->stone($step, $surface) : null;
            foreach ([...($stone === null ? [] : [$stone]), $this->brief->handled($step)] as $each) {
                $steps[] = $each;
                $this->choice->load($each->mix);
                $surface = Simulation::step($each, $this->brief->area, $surface)->after;
            }
        }
        if ($this->brief->leaders > 0 && $this->brief->area->weight !== Weight::Minor && $metal === null && $steps !== []) {
            $steps = [...$steps, ...$this->accent($steps)];
        }

        return new Plan($steps, $leftOut, $reached->findings([...$steps, ...$dropped], $surface));
    }

    /**
     * @param list<string> $taken
     *
     * @return list<string>
     */
    private function rungsAbove(array $taken): array
    {
        return [...array_values(array_intersect(['drybrush', 'highlight'], $taken)), ...($this->brief->leaders > 0 ? ['accent'] : [])];
    }

    /** A small area is not sprayed apart: a brush is quicker than a mask. */
    private function held(Technique $technique): Technique
    {
        if ($this->brief->area->surfaceCm2 >= self::SPRAYED_FROM_CM2) {
            return $technique;
        }

        return match ($technique) {
            Technique::AirbrushCoat => Technique::Basecoat,
            Technique::AirbrushFade => Technique::Layer,
            default => $technique,
        };
    }

    /** @param bool $layered whether a layer lays the intended colour on the planes, so that the base may be a tone below it */
    private function step(string $key, Stage $stage, Technique $technique, Finding $reason, bool $layered, Surface $surface): PlannedStep
    {
        if ($key === 'wash') {
            return $this->washStep($technique, $reason, $surface, $layered);
        }
        if ($technique === Technique::Stain) {
            return $this->stainStep($reason, $surface);
        }
        $glazedUp = $this->brief->way === Way::Glazes && $this->brief->area->relief === Relief::Plate;
        $rung = match ($key) {
            'basecoat' => ($layered && !$glazedUp) || $this->liftedWithoutWash ? 'base' : 'layer',
            'layer' => $glazedUp || $technique === Technique::AirbrushFade ? 'drybrush' : 'layer',
            'unify' => 'layer',
            default => $key,
        };
        $target = $key === 'unify' ? $this->unifying($surface) : $this->ladder->rung($rung);
        $why = [$this->ladder->reason($rung)];
        $mixed = $technique === Technique::Glaze ? null : $this->mixed?->mix($rung);
        if ($mixed !== null) {
            [$mix, $mixReason] = [$mixed, $this->mixed->reason($rung)];
        } elseif ($key === 'unify') {
            [$mix, $mixReason] = [$this->own ?? $this->choice->nearest($this->ladder->rung('layer')->toLab())[0]->mix, new Finding('mix.own', 'The colour of the area itself, loaded already.')];
        } else {
            if ($key === 'basecoat' && $this->washStays) {
                [$target, $lifted] = $this->lifted($target);
                $why = $lifted === null ? $why : [$lifted];
            }
            [$chosen, $mixReason] = $this->choice->nearest($target->toLab());
            $mix = $chosen->mix;
        }
        $use = match (true) {
            $technique === Technique::Basecoat => Defaults::isWeak($mix->lab()) ? 'weak' : 'basecoat',
            $technique->facts()->use !== '' => $technique->facts()->use,
            default => 'layer',
        };
        $place = match (true) {
            $technique === Technique::Glaze && $key === 'shade' => new Place($this->brief->area->relief === Relief::Orb ? null : 'recess', $this->brief->area->relief === Relief::Orb ? 'the side of the light' : ''),
            $technique === Technique::Glaze && $key === 'layer' => new Place(null, 'upper parts', 'from above'),
            $key === 'unify' => new Place('ridge'),
            default => new Place(),
        };

        if ($key === 'basecoat' || $key === 'layer') {
            $this->own = $mix;
        }
        $ratio = $technique === Technique::Glaze ? Glazing::with($mix, $surface->face($place->face ?? 'plane'), $target->toLab())?->thinning->ratio() : null;
        $thick = $use === 'layer' && $technique->countsCoats() ? LayerThinning::of($mix, $surface, $technique->face()) : null;

        return $this->planned($key, $stage, $technique, $target, $mix, $use, [$reason, ...$why, $mixReason, ...($thick === null ? [] : [$thick->reason])], $place, ratio: $thick->ratio ?? $ratio);
    }

    /**
     * Where a wash goes all over and no layer brings the planes back, the base starts lighter by what the wash takes.
     *
     * @return array{Oklch, Finding|null}
     */
    private function lifted(Oklch $target): array
    {
        $mix = $this->choice->nearest($target->toLab())[0]->mix;
        $wash = Shading::best($this->palette, $this->ladder->rung('shade')->toLab(), $target->toLab(), Surface::uniform($mix->colour()), Technique::WashAllOver, false);
        $up = $wash === null ? 0.0 : min(self::MOST_LIFT, $wash->dulled / 100);
        if ($up < self::LEAST_LIFT || $target->lightness + $up > 0.97) {
            return [$target, null];
        }

        return [(new Oklch($target->lightness + $up, $target->chroma, $target->hue))->onScreen(), new Finding('ladder.lifted', 'The base starts {up} lighter than intended (lightness {from} to {to}): {wash} takes {dulled} from the planes, and no layer brings them back.', [
            'up' => 100 * $up, 'from' => 100 * $target->lightness, 'to' => 100 * ($target->lightness + $up), 'wash' => $wash?->mix->words() ?? '', 'dulled' => $wash->dulled ?? 0.0,
        ])];
    }

    private function washStep(Technique $technique, Finding $reason, Surface $surface, bool $layered): PlannedStep
    {
        $target = $this->ladder->rung('shade');
        $shading = Shading::best($this->palette, $target->toLab(), $this->ladder->rung('layer')->toLab(), $surface, $technique, $layered);
        if ($shading !== null) {
            $ratio = $shading->thinning->ratio();

            return $this->planned('wash', Stage::Wash, $technique, $target, $shading->mix, $shading->use, [$reason, $this->ladder->reason('shade'), $shading->reason()], ratio: $ratio === Defaults::THINNING[$shading->use]['ratio'] ? null : $ratio);
        }
        [$chosen] = $this->choice->nearest($target->toLab());
        $finding = new Finding('mix.thinned-shade', 'No wash, stain or ink is at hand: {mix}, thinned far, shades instead, {apart} from the wanted shade.', [
            'mix' => $chosen->mix->words(), 'apart' => $chosen->difference,
        ]);

        return $this->planned('wash', Stage::Wash, $technique, $target, $chosen->mix, 'recess-shade', [$reason, $this->ladder->reason('shade'), $finding]);
    }

    /** Between the highlight and the base: light as the ridge nearly is, in the hue of the base. */
    private function unifying(Surface $surface): Oklch
    {
        $ridge = Oklch::fromLab($surface->ridge->toLab());
        $base = $this->ladder->rung('layer');

        return (new Oklch($ridge->lightness * self::RIDGE_KEEPS + $base->lightness * (1 - self::RIDGE_KEEPS), max($ridge->chroma, $base->chroma * 0.8), $base->hue))->onScreen();
    }

    private function stainStep(Finding $reason, Surface $surface): PlannedStep
    {
        $target = $this->ladder->rung('layer');
        $best = $this->palette->stains($target->toLab(), $surface)[0] ?? null;
        if ($best !== null && $best->difference <= Defaults::STAIN_WITHIN) {
            $finding = new Finding('mix.stain', 'Over this ground {stain} leaves the plane {apart} from the wanted colour, the nearest stain at hand.', [
                'stain' => $best->mix->words(), 'apart' => $best->difference,
            ]);
            $use = $best->mix->parts[0]['paint']->behaviour === Behaviour::Wash ? 'wash' : 'stain';

            return $this->planned('basecoat', Stage::Basecoat, Technique::Stain, $target, $best->mix, $use, [$reason, $this->ladder->reason('layer'), $finding]);
        }
        [$chosen] = $this->choice->nearest($target->toLab());
        $thinned = Application::Stain->pass($chosen->mix->pigment(), Thinning::fromRatio(Defaults::THINNING['recess-shade']['ratio'])->load(), $surface)->plane->toLab();
        $off = Ciede2000::difference($thinned, $target->toLab());
        if ($off > Defaults::STAIN_WITHIN) {
            return $this->planned('basecoat', Stage::Basecoat, Technique::Basecoat, $target, $chosen->mix, Defaults::isWeak($chosen->mix->lab()) ? 'weak' : 'basecoat', [new Finding('stain.swallowed', 'Over this ground (lightness {ground}) any stain ends {off} or more from the colour: an opaque coat instead. A light sketch or a lighter ground would let you stain.', [
                'ground' => $surface->plane->toLab()->l, 'off' => min($off, $best->difference ?? $off),
            ]), $this->ladder->reason('layer')]);
        }
        $finding = new Finding('mix.thinned-stain', 'No stain at hand comes within {within} over this ground{best}: {mix}, thinned far with medium, stains instead.', [
            'within' => Defaults::STAIN_WITHIN,
            'best' => $best === null ? '' : sprintf(' (%s is %.1f off)', $best->mix->words(), $best->difference),
            'mix' => $chosen->mix->words(),
        ]);

        return $this->planned('basecoat', Stage::Basecoat, Technique::Stain, $target, $chosen->mix, 'recess-shade', [$reason, $this->ladder->reason('layer'), $finding]);
    }

    /** A highlight that hardly lightens the ridge is left out; null where it is worth its time. */
    private function notWorthIt(PlannedStep $step, Surface $surface): ?Finding
    {
        $gain = Simulation::look($step, $surface)->ridge->toLab()->l - max($surface->ridge->toLab()->l, $surface->plane->toLab()->l);

        $missing = $step->mix === null || $step->target === null ? null : MixChoice::missing(new RankedMix($step->mix, Ciede2000::difference($step->mix->lab(), $step->target->toLab())), $step->target->toLab());
        if ($gain < self::LEAST_GAIN && $missing !== null) {
            return $missing;
        }

        return $gain >= self::LEAST_GAIN ? null : new Finding('highlight.no-room', '{paint} would leave the ridge only {gain} lighter than the plane (lightness, of 100): from {from} there is no room above. A tone lower for the planes would leave some.', [
            'paint' => $step->words(), 'gain' => max(0.0, $gain), 'from' => max($surface->ridge->toLab()->l, $surface->plane->toLab()->l),
        ]);
    }

    private function metalStep(string $key, Stage $stage, Technique $technique, Finding $reason, RankedMix $metal, Surface $surface): PlannedStep|Finding
    {
        $base = $metal->mix->parts[0]['paint'];
        if ($key === 'basecoat') {
            $finding = new Finding('mix.metal', '{paint} is the nearest metallic at hand, {apart} from the wanted colour; metallics are not mixed with matt paint.', [
                'paint' => $base->name, 'apart' => $metal->difference,
            ]);

            return $this->planned($key, $stage, Technique::MetalCoat, $this->ladder->rung('layer'), $metal->mix, 'metallic', [$reason, $finding]);
        }
        if ($key === 'layer') {
            return new Finding('metal.no-layer', 'Metal is lifted at its edges, not layered: flakes over flakes only dull.');
        }
        if ($key === 'wash' || $key === 'shade') {
            return $this->washStep($key === 'shade' ? Technique::RecessLine : $technique, $this->brief->way === Way::Layers
                ? new Finding('metal.washed', 'You paint with layers only, but flakes cannot be layered dark: metal is shaded by a wash all the same.')
                : $reason, $surface, false);
        }
        $target = $this->ladder->rung($key);
        foreach ($this->palette->metalSingles($target->toLab()) as $single) {
            $lift = $single->mix->lab()->l - $metal->mix->lab()->l;
            if ($lift > 3.0 && $single->difference <= Defaults::METAL_WITHIN) {
                $finding = new Finding('mix.metal-light', '{paint} is {lift} lighter than {base}, and metallic like it.', [
                    'paint' => $single->mix->words(), 'lift' => $lift, 'base' => $base->name,
                ]);
                $use = $technique === Technique::Drybrush ? 'drybrush' : 'metallic';

                return $this->planned($key, $stage, $technique, $target, $single->mix, $use, [$reason, $this->ladder->reason($key), $finding]);
            }
        }

        return new Finding('metal.no-lighter', 'No metallic at hand is lighter than {base} and near enough to go with it.', ['base' => $base->name]);
    }

    /** The metallic to use where the area is metal and one comes near enough. */
    private function metal(): ?RankedMix
    {
        if ($this->brief->area->material !== Material::Metal) {
            return null;
        }
        $nearest = $this->palette->metalSingles($this->brief->intended->toLab())[0] ?? null;

        return $nearest !== null && $nearest->difference <= Defaults::METAL_WITHIN ? $nearest : null;
    }

    /** A stepping-stone coat under the basecoat, where one saves coats. */
    private function stone(PlannedStep $base, Surface $surface): ?PlannedStep
    {
        if ($base->mix === null || $base->technique !== Technique::Basecoat) {
            return null;
        }
        $stone = SteppingStone::under($base->mix, $base->thinning, $surface->plane, $this->palette);
        if ($stone === null) {
            return null;
        }
        $mix = Mix::single($stone->paint);

        return $this->planned('stone', Stage::Basecoat, Technique::SteppingStone, Oklch::fromLab($mix->lab()), $mix, 'basecoat', [$stone->reason($base->mix)], coats: $stone->coats);
    }

    /**
     * One more highlight on the leaders, smaller than the last.
     *
     * @param non-empty-list<PlannedStep> $steps
     *
     * @return list<PlannedStep>
     */
    private function accent(array $steps): array
    {
        $last = $steps[count($steps) - 1];
        $target = $this->ladder->rung('accent');
        if ($target->lightness - $this->ladder->rung('highlight')->lightness < 0.015) {
            return [];
        }
        $mixed = $this->mixed?->mix('accent');
        [$chosen, $reason] = $mixed !== null ? [null, $this->mixed->reason('accent')] : $this->choice->nearest($target->toLab());
        $mix = $mixed ?? $chosen?->mix;
        if ($mix === null || $mix->key() === $last->mix?->key()) {
            return [];
        }
        $why = new Finding('technique.accent', 'Leaders get one more highlight: {count} of the company are seen first.', ['count' => $this->brief->leaders]);
        $step = $this->planned('accent', Stage::Highlight, Technique::EdgeHighlight, $target, $mix, 'layer', [$why, $this->ladder->reason('accent'), $reason], new Place('ridge', 'a few spots'));

        return [new PlannedStep($step->key, $step->stage, $step->technique, $target, $mix, $step->thinning, $step->thinnedWith, 1, why: $step->why, place: $step->place, who: Who::Leaders, level: Level::Showpiece)];
    }

    /** @param list<Finding> $why */
    private function planned(string $key, Stage $stage, Technique $technique, Oklch $target, Mix $mix, string $use, array $why, Place $place = new Place(), ?int $coats = null, ?string $ratio = null): PlannedStep
    {
        $row = Defaults::THINNING[$use];

        return new PlannedStep($key, $stage, $technique, $target, $mix, Thinning::fromRatio($ratio ?? $row['ratio']), $row['with'], $coats, why: [...$why, Defaults::thinningReason($use, $ratio)], place: $place);
    }
}
