<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\MixChoice;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\Shading;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/** Drafts an area with flakes: a metallic base, a wash, and brighter metal on top. */
final class MetalSteps extends DraftedSteps
{
    /** A metallic that is lighter by less than this (L*) does not show on another. */
    private const LIGHTER_BY = 3.0;

    /** A light is so much lighter (L*) than the washed planes. */
    private const BRIGHTER = 8.0;

    /** From this chroma (CIELAB) a metal is gold, brass, bronze or copper; below that one it is silver or steel. */
    private const WARM_FROM = 18.0;
    private const SILVER_BELOW = 10.0;

    /** A wash that leaves the planes further off than this (CIEDE2000) goes into the recesses alone,
        unless a drybrush lifts them again. */
    private const DULLED = 6.0;

    private RankedMix $metal;

    /** Whether a wash went over all of it. */
    private bool $washed = false;

    /** @return self|null null where the area is no metal, or no metallic in stock comes near its colour */
    public static function of(Brief $brief, Palette $palette, Ladder $ladder, MixChoice $choice): ?self
    {
        $nearest = $brief->area->material === Material::Metal ? $palette->metalSingles($brief->intended->toLab())[0] ?? null : null;
        if ($nearest === null || $nearest->difference > Defaults::METAL_WITHIN) {
            return null;
        }
        $steps = new self($brief, $palette, $ladder, $choice);
        $steps->metal = $nearest;

        return $steps;
    }

    public function step(TableRow $row, Surface $surface): PlannedStep|Finding
    {
        $technique = $row->technique ?? Technique::MetalCoat;

        return match ($row->slot) {
            Slot::Basecoat => $this->base($row->reason),
            Slot::Layer => new Finding('metal.no-layer', 'Metal is lifted at its edges, not layered: flakes over flakes only dull.'),
            Slot::Wash => $this->wash($technique, $row->reason, $surface),
            Slot::Shade => $this->wash(Technique::RecessLine, $row->reason, $surface),
            default => $this->light($row->slot, $technique, $row->reason, $surface),
        };
    }

    private function base(Finding $reason): PlannedStep
    {
        $finding = new Finding(
            'mix.metal',
            '{paint} is the nearest metallic on your shelf, {apart} from the wanted colour; metallics are not mixed with matt paint.',
            ['paint' => $this->metal->mix->words(), 'apart' => $this->metal->difference],
            Reason::Mix,
        );

        return $this->planned(
            Slot::Basecoat,
            Technique::MetalCoat,
            $this->ladder->rung(Rung::Intended),
            new Thinned($this->metal->mix, 'metallic'),
            [$reason, $finding],
        );
    }

    private function wash(Technique $technique, Finding $reason, Surface $surface): PlannedStep
    {
        $why = $this->brief->way === Way::Layers
            ? new Finding(
                'metal.washed',
                'You paint with layers only, but flakes cannot be layered dark: so metal is still shaded with a wash.',
            )
            : $reason;

        $this->washed = $technique === Technique::WashAllOver;
        [$shade, $plane] = [$this->ladder->rung(Rung::Shade)->toLab(), $this->ladder->rung(Rung::Intended)->toLab()];
        $step = $this->washed($technique, $why, Shading::onMetal($this->palette, $shade, $plane, $surface, $technique));
        $off = !$this->washed || $this->brief->area->relief === Relief::Texture
            ? 0.0 : Ciede2000::difference(Simulation::look($step, $surface)->plane->toLab(), $plane);
        if ($off <= self::DULLED) {
            return $step;
        }
        $this->washed = false;
        $recess = Technique::RecessLine;
        $why = new Finding(
            'metal.recess-only',
            'All over, the best wash would leave the planes {off} off: in the recesses alone the metal keeps its shine.',
            ['off' => $off],
        );

        return $this->washed($recess, $why, Shading::onMetal($this->palette, $shade, $plane, $surface, $recess));
    }

    /** The same metal once more where the wash has dulled it; why not, where nothing has. */
    private function again(Slot $slot, Technique $technique, Finding $reason): PlannedStep|Finding
    {
        $facts = ['base' => $this->metal->mix->words()];
        if (!$this->washed || $slot === Slot::Accent) {
            return new Finding('metal.no-lighter', 'No metallic in stock is lighter than {base} and near enough to go with it.', $facts);
        }
        $paint = new Thinned($this->metal->mix, $technique === Technique::Drybrush ? 'drybrush' : 'metallic');
        $finding = new Finding('mix.metal-again', '{base} again where it stands out: the wash has dulled it.', $facts, Reason::Mix);

        return $this->planned($slot, $technique, $this->ladder->rung(Rung::Intended), $paint, [$reason, $finding]);
    }

    /** The metal that is so much lighter than the washed planes, and nearest to the rung; gold takes gold, else silver. */
    private function light(Slot $slot, Technique $technique, Finding $reason, Surface $surface): PlannedStep|Finding
    {
        $target = $this->ladder->rung($slot->rung());
        $isWarm = $this->metal->mix->lab()->chroma() >= self::WARM_FROM;
        $plane = $surface->plane->toLab()->l;
        $found = ['kin' => null, 'silver' => null, 'little' => null];
        foreach ($this->palette->metalSingles($target->toLab()) as $single) {
            $lab = $single->mix->lab();
            $isKin = $isWarm ? $lab->chroma() >= self::WARM_FROM : $lab->chroma() < self::WARM_FROM;
            $isAbove = $single->mix->key() !== $this->metal->mix->key() && $lab->l > $this->metal->mix->lab()->l + self::LIGHTER_BY;
            $isBrighter = $isAbove && $lab->l >= $plane + self::BRIGHTER;
            if ($isBrighter && $isKin) {
                $found['kin'] ??= $single;
            } elseif ($isAbove && $isKin && $lab->l >= $plane + self::LIGHTER_BY) {
                $found['little'] ??= $single;
            } elseif ($isBrighter && $lab->chroma() < self::SILVER_BELOW && $technique === Technique::EdgeHighlight) {
                $found['silver'] ??= $single;
            }
        }
        $single = $found['kin'] ?? $found['silver'] ?? $found['little'];
        if ($single === null) {
            return $this->again($slot, $technique, $reason);
        }
        $facts = [
            'paint' => $single->mix->words(), 'base' => $this->metal->mix->words(),
            'lift' => $single->mix->lab()->l - $plane,
        ];
        $finding = $single !== $found['silver']
            ? new Finding(
                'mix.metal-light',
                '{paint} is {lift} lighter than the planes are now, and metallic like {base}.',
                $facts,
                Reason::Mix,
            )
            : new Finding(
                'mix.metal-silver',
                '{paint} along the edge, {lift} lighter than the planes: {base} takes a silver edge.',
                $facts,
                Reason::Mix,
            );
        $paint = new Thinned($single->mix, $technique === Technique::Drybrush ? 'drybrush' : 'metallic');

        return $this->planned($slot, $technique, $target, $paint, [$reason, $this->ladder->reason($slot->rung()), $finding]);
    }
}
