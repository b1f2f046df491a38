<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\RankedMix;

/**
 * Drafts the recipe of one area: which stages suit its relief, and for each the paints at hand that come nearest.
 */
final class Drafter
{
    /** An area smaller than this is not sprayed apart, cm². */
    private const SPRAYED_FROM_CM2 = 1.0;

    private readonly Palette $palette;
    private readonly Ladder $ladder;
    private readonly MixChoice $choice;
    private ?MixedRungs $mixed = null;

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
        $steps = $leftOut = [];
        $surface = $this->brief->surface();
        $metal = $this->metal();
        $way = $metal !== null && $this->brief->way !== Way::Drybrush ? Way::Mixed : $this->brief->way;
        $rows = TechniqueTable::rows($this->brief->area->relief, $way);
        $taken = array_column(array_filter($rows, static fn (array $r): bool => $r['technique'] !== null), 'key');
        $washed = in_array('wash', $taken, true) && in_array('layer', $taken, true);
        if ($this->brief->ladder->mixed && $metal === null) {
            $this->mixed = MixedRungs::of($this->palette, $this->ladder, array_values(array_intersect(['shade'], $taken)), $this->rungsAbove($taken));
        }
        foreach ($rows as $row) {
            $technique = $row['technique'];
            $step = $technique === null ? $row['reason'] : ($metal !== null
                ? $this->metalStep($row['key'], $row['stage'], $technique, $row['reason'], $metal, $surface)
                : $this->step($row['key'], $row['stage'], $this->held($technique), $row['reason'], $washed, $surface));
            if ($step instanceof Finding) {
                $leftOut[] = ['stage' => $row['stage'], 'reason' => $step];
                continue;
            }
            $stone = $step->key === 'basecoat' ? $this->stone($step, $surface) : null;
            foreach ([...($stone === null ? [] : [$stone]), $step] as $each) {
                $steps[] = $each;
                $this->choice->load($each->mix);
                $surface = Simulation::step($each, $this->brief->area, $surface)->after;
            }
        }
        if ($this->brief->leaders > 0 && $this->brief->area->weight !== Weight::Minor && $metal === null && $steps !== []) {
            $steps = [...$steps, ...$this->accent($steps)];
        }

        return new Plan($steps, $leftOut, $this->contrastReached($steps));
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

    /** @param bool $washed whether a wash dulls the base before a layer brings the intended colour back */
    private function step(string $key, Stage $stage, Technique $technique, Finding $reason, bool $washed, Surface $surface): PlannedStep
    {
        if ($key === 'wash') {
            return $this->washStep($technique, $reason, $surface);
        }
        if ($technique === Technique::Stain) {
            return $this->stainStep($reason, $surface);
        }
        $rung = match ($key) {
            'basecoat' => $washed ? 'base' : 'layer',
            'layer' => $washed || $this->brief->way === Way::Stain ? 'layer' : 'drybrush',
            'unify' => 'layer',
            default => $key,
        };
        $target = $this->ladder->rung($rung);
        $mixed = $technique === Technique::Glaze ? null : $this->mixed?->mix($rung);
        if ($mixed !== null) {
            [$mix, $mixReason] = [$mixed, $this->mixed->reason($rung)];
        } else {
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
            default => new Place(),
        };

        $ratio = $technique === Technique::Glaze ? Glazing::with($mix, $surface->face($place->face ?? 'plane'), $target->toLab())?->thinning->ratio() : null;

        return $this->planned($key, $stage, $technique, $target, $mix, $use, [$reason, $this->ladder->reason($rung), $mixReason], $place, ratio: $ratio);
    }

    private function washStep(Technique $technique, Finding $reason, Surface $surface): PlannedStep
    {
        $target = $this->ladder->rung('shade');
        $ranked = $this->palette->shades($target->toLab(), $surface, $technique);
        if ($ranked !== []) {
            $paint = $ranked[0]->mix->parts[0]['paint'];
            $finding = new Finding('mix.wash', 'Over this basecoat {wash} leaves the recess {apart} from the wanted shade, the nearest of {count} at hand.', [
                'wash' => $paint->name, 'apart' => $ranked[0]->difference, 'count' => count($ranked),
            ]);
            $use = $paint->behaviour === Behaviour::Wash ? 'wash' : 'stain';

            return $this->planned('wash', Stage::Wash, $technique, $target, $ranked[0]->mix, $use, [$reason, $this->ladder->reason('shade'), $finding]);
        }
        [$chosen] = $this->choice->nearest($target->toLab());
        $finding = new Finding('mix.thinned-shade', 'No wash, stain or ink is at hand: {mix}, thinned far, shades instead, {apart} from the wanted shade.', [
            'mix' => $chosen->mix->words(), 'apart' => $chosen->difference,
        ]);

        return $this->planned('wash', Stage::Wash, $technique, $target, $chosen->mix, 'recess-shade', [$reason, $this->ladder->reason('shade'), $finding]);
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
        $finding = new Finding('mix.thinned-stain', 'No stain at hand comes within {within} over this ground{best}: {mix}, thinned far with medium, stains instead.', [
            'within' => Defaults::STAIN_WITHIN,
            'best' => $best === null ? '' : sprintf(' (%s is %.1f off)', $best->mix->words(), $best->difference),
            'mix' => $chosen->mix->words(),
        ]);

        return $this->planned('basecoat', Stage::Basecoat, Technique::Stain, $target, $chosen->mix, 'recess-shade', [$reason, $this->ladder->reason('layer'), $finding]);
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
            return $this->washStep($key === 'shade' ? Technique::RecessLine : $technique, $reason, $surface);
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

    /**
     * Whether the paints at hand reach the contrast that was asked for.
     *
     * @param list<PlannedStep> $steps
     *
     * @return list<Finding>
     */
    private function contrastReached(array $steps): array
    {
        $short = null;
        $most = Defaults::RUNG_MISSING_FROM;
        foreach ($steps as $step) {
            if (!in_array($step->key, ['shade', 'highlight', 'drybrush', 'accent'], true) || $step->mix === null || $step->target === null || $step->technique === Technique::Glaze) {
                continue;
            }
            $reached = Oklch::fromLab($step->mix->lab())->lightness;
            $asked = abs($step->target->lightness - $this->brief->intended->lightness);
            $off = 100 * ($asked - abs($reached - $this->brief->intended->lightness));
            if ($off > $most) {
                $most = $off;
                $missing = MixChoice::missing(new RankedMix($step->mix, INF), $step->target->toLab());
                $short = new Finding('contrast.short', 'The {contrast} contrast you want cannot be reached: the {rung} should lie {asked} of 100 in lightness from the colour, {mix} lies {reached}; {missing} is missing.', [
                    'contrast' => $this->brief->ladder->contrast->value,
                    'rung' => $step->key,
                    'asked' => 100 * $asked,
                    'mix' => $step->mix->words(),
                    'reached' => 100 * abs($reached - $this->brief->intended->lightness),
                    'missing' => (string) ($missing->facts['missing'] ?? ''),
                ]);
            }
        }

        return $short === null ? [] : [$short];
    }

    /** @param list<Finding> $why */
    private function planned(string $key, Stage $stage, Technique $technique, Oklch $target, Mix $mix, string $use, array $why, Place $place = new Place(), ?int $coats = null, ?string $ratio = null): PlannedStep
    {
        $row = Defaults::THINNING[$use];

        return new PlannedStep($key, $stage, $technique, $target, $mix, Thinning::fromRatio($ratio ?? $row['ratio']), $row['with'], $coats, why: [...$why, Defaults::thinningReason($use, $ratio)], place: $place);
    }
}
