<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Word\Finding;

/**
 * Which stages suit which relief, and why. The way of painting changes a row only where the relief can bear it.
 *
 * A row is slot => [technique, or null where the slot is left out; the reason]. Their order is that of the places.
 */
final class TechniqueTable
{
    private const NOT_DULLED = 'No wash has dulled {relief}: the coat stays as it is.';

    private const BY_RELIEF = [
        'tight' => [
            'basecoat' => [Technique::Basecoat, 'Everything later goes over an even coat of the middle tone.'],
            'wash' => [Technique::WashAllOver, 'In {relief} a wash runs into the recesses by itself and leaves the ridges.'],
            'layer' => [
                Technique::Layer,
                'The wash has dulled the planes: a layer brings the colour back and leaves the shade where it belongs.',
            ],
            'drybrush' => [null, 'Layers keep {relief} cleaner than a drybrush would.'],
            'highlight' => [Technique::FeatheredLayer, 'The ridges catch the light: smaller and lighter than the layer.'],
        ],
        'broad' => [
            'basecoat' => [Technique::Basecoat, 'Everything later goes over an even coat of the middle tone.'],
            'wash' => [null, 'On {relief} a wash would sit and blotch: the shade is layered instead.'],
            'shade' => [
                Technique::ShadeLayer,
                'On {relief} the shade is painted in and feathered out, since nothing would run there by itself.',
            ],
            'layer' => [Technique::Layer, 'A step between base and highlight keeps the change soft on a broad surface.'],
            'drybrush' => [null, 'A drybrush leaves chalky streaks on {relief}.'],
            'highlight' => [Technique::FeatheredLayer, 'Each step up covers less and crowds to the upper parts.'],
        ],
        'plate' => [
            'basecoat' => [Technique::Basecoat, 'Everything later goes over an even coat of the middle tone.'],
            'wash' => [Technique::RecessLine, 'On {relief} only the lines want shade: a wash all over would stain the flat.'],
            'layer' => [null, 'On {relief} every edge of a layer would show: the coat stays whole.'],
            'drybrush' => [null, 'A drybrush streaks on {relief}.'],
            'highlight' => [Technique::EdgeHighlight, 'On {relief} the edge is what catches the light.'],
        ],
        'texture' => [
            'basecoat' => [Technique::Basecoat, 'Everything later goes over an even coat of the middle tone.'],
            'wash' => [Technique::WashAllOver, 'In {relief} a wash finds every hollow of the grain.'],
            'layer' => [null, 'On {relief} the drybrush does the layering, faster and finer than a brush point could.'],
            'drybrush' => [Technique::Drybrush, 'On {relief} the raised grain takes the paint off a nearly dry brush.'],
            'highlight' => [Technique::Drybrush, 'A second pass, lighter and smaller, on the upper parts only.'],
        ],
        'trim' => [
            'basecoat' => [Technique::Basecoat, 'Everything later goes over an even coat of the middle tone.'],
            'wash' => [Technique::WashAllOver, 'On {relief} a wash sets the edges off in one go.'],
            'layer' => [Technique::Layer, 'The colour again as a line on the upper side and the middle, where the wash has dulled it.'],
            'drybrush' => [null, 'A drybrush would catch the neighbours of {relief}.'],
            'highlight' => [Technique::EdgeHighlight, 'A touch on the edge makes {relief} readable from the table.'],
        ],
        'orb' => [
            'basecoat' => [Technique::Basecoat, 'Everything later goes over an even coat of the middle tone.'],
            'wash' => [null, 'On {relief} a wash would settle in a ring: dark to light is painted across it instead.'],
            'shade' => [Technique::ShadeLayer, '{relief} runs from dark, on the side of the light, to glowing, opposite.'],
            'layer' => [null, '{relief} needs one dark and one dot: a layer between would cloud it.'],
            'drybrush' => [null, 'A drybrush scratches {relief}.'],
            'highlight' => [Technique::Dot, 'One dot of light makes {relief} look wet and round.'],
        ],
    ];

    private const STAINED = [
        'basecoat' => [Technique::Stain, 'One coat of stain tints the ground and pools in {relief}: base and shade at once.'],
        'wash' => [null, 'The stain pools in the recesses by itself: it is the shade as well.'],
        'layer' => [Technique::Layer, 'Polishing layers on the planes bring the colour up where the stain is thin.'],
    ];

    private const GLAZED = [
        'shade' => [Technique::Glaze, 'Glazes of the shade, each ending in the recess, make the change soft on {relief}.'],
        'layer' => [Technique::Layer, 'A first, lighter layer that the glazes will join to the base.'],
        'unify' => [Technique::Glaze, 'A thin glaze of the base hue pulls chalky highlights back in line.'],
    ];

    private const SPRAYED = [
        'basecoat' => [Technique::AirbrushCoat, 'Sprayed, the coat is thin and even on {relief}, before its neighbours are painted.'],
        'layer' => [Technique::AirbrushFade, 'The fade from above lightens the upper parts and leaves the lower ones.'],
    ];

    private const BY_WAY = [
        'layers' => [
            'tight' => [
                'wash' => [null, 'You paint with layers only: the shade is painted in instead of washed.'],
                'shade' => [Technique::ShadeLayer, 'Without a wash the recesses of {relief} are painted in with a thinned shade.'],
                'layer' => [Technique::Layer, 'A step between base and highlight, since you paint with layers only.'],
            ],
            'plate' => [
                'wash' => [null, 'You paint with layers only: the lines are painted in.'],
                'shade' => [Technique::ShadeLayer, 'On {relief} the lines are painted in with a thinned shade.'],
            ],
            'texture' => [
                'wash' => [null, 'You paint with layers only: the hollows are painted in.'],
                'shade' => [Technique::ShadeLayer, 'Without a wash the hollows are painted in with a thinned shade.'],
                'layer' => [Technique::Layer, 'You paint with layers only: the grain is picked out by brush.'],
                'drybrush' => [null, 'You paint with layers only, so the drybrush stays away although {relief} would suit it.'],
                'highlight' => [Technique::FeatheredLayer, 'The tips of the grain, picked out by brush.'],
            ],
            'trim' => [
                'wash' => [null, 'You paint with layers only: the edges are lined in.'],
                'layer' => [null, self::NOT_DULLED],
                'shade' => [Technique::ShadeLayer, 'Lined in, since you paint with layers only.'],
            ],
        ],
        'drybrush' => [
            'tight' => [
                'layer' => [null, 'You favour the drybrush: it takes the place of the layer.'],
                'drybrush' => [Technique::Drybrush, '{relief} have ridges enough for a drybrush to catch, and you favour it.'],
                'highlight' => [Technique::Drybrush, 'A second pass, lighter and smaller, on the upper parts only.'],
            ],
        ],
        'stain' => [
            'tight' => self::STAINED,
            'broad' => [
                'shade' => [null, 'On {relief} the light sketch is the shade: the stain lets it through.'],
                ...self::STAINED,
                'layer' => [Technique::Layer, 'Polishing layers even out what the stain left streaky on {relief}.'],
            ],
            'texture' => [
                ...self::STAINED,
                'layer' => [null, 'On {relief} the drybrush polishes faster than a brush point could.'],
                'drybrush' => [Technique::Drybrush, 'A light drybrush polishes what the stain left flat on {relief}.'],
            ],
            'trim' => [
                'basecoat' => self::STAINED['basecoat'], 'wash' => self::STAINED['wash'],
                'layer' => [null, '{relief} is too small to be polished: the stain stays as it is.'],
            ],
            'plate' => ['basecoat' => [Technique::Basecoat, 'A stain would pool and dry in rings on {relief}: an opaque coat instead.']],
            'orb' => ['basecoat' => [Technique::Basecoat, '{relief} is too small and smooth for a stain to settle: an '
                .'opaque coat instead.']],
        ],
        'glazes' => [
            'tight' => [
                'wash' => [null, 'You paint with glazes: the shade is drawn in instead of washed.'],
                ...self::GLAZED,
            ],
            'broad' => self::GLAZED,
            'plate' => [
                'layer' => [Technique::Glaze, 'On {relief} a glaze lightens toward the light without an edge.'],
                'highlight' => [Technique::EdgeHighlight, 'On {relief} the edge is what catches the light.'],
            ],
            'texture' => [
                'wash' => [null, 'You paint with glazes: the hollows are tinted instead of washed.'],
                'shade' => [Technique::Glaze, 'Glazes of the shade, drawn into the hollows of {relief}.'],
                'unify' => [Technique::Glaze, 'A thin glaze of the base hue takes the chalk out of the drybrush.'],
            ],
            'trim' => [
                'wash' => [null, 'You paint with glazes: the edges are drawn in.'],
                'layer' => [null, self::NOT_DULLED],
                'shade' => [Technique::Glaze, 'Glazes of the shade along the edges of {relief}.'],
            ],
            'orb' => ['shade' => [Technique::Glaze, 'Glazes of the shade, one side of the orb darker with each.']],
        ],
        'airbrush' => [
            'tight' => [...self::SPRAYED, 'wash' => [Technique::RecessLine, 'After the fade only the lines want shade.']],
            'broad' => self::SPRAYED,
            'plate' => [
                ...self::SPRAYED,
                'wash' => [Technique::RecessLine, 'After the fade only the lines want shade.'],
                'highlight' => [Technique::EdgeHighlight, 'On {relief} the edge is what catches the light.'],
            ],
            'texture' => ['basecoat' => self::SPRAYED['basecoat']],
            'trim' => [],
            'orb' => [],
        ],
    ];

    /** @return list<TableRow> in the order of the work */
    public static function rows(Relief $relief, Way $way): array
    {
        $chosen = [...self::BY_RELIEF[$relief->value], ...(self::BY_WAY[$way->value][$relief->value] ?? [])];
        $rows = [];
        foreach (Slot::inOrder() as $slot) {
            [$technique, $reason] = $chosen[$slot->value] ?? [null, null];
            if ($reason !== null) {
                $rows[] = new TableRow($slot, $technique, new Finding(
                    'technique.'.$slot->value,
                    $reason,
                    ['relief' => $relief->words()],
                ));
            }
        }

        // Sprayed colours come before what is brushed: nobody sprays over a shade that was painted with care.
        $isSprayed = static fn (TableRow $r): int => in_array(
            $r->technique,
            [Technique::AirbrushCoat, Technique::AirbrushFade],
            true,
        ) ? 0 : 1;
        usort($rows, static fn (TableRow $a, TableRow $b): int => $isSprayed($a) <=> $isSprayed($b));

        return $rows;
    }

    /**
     * Lights in glazes too: each ends higher up than the one before, with no edge between them.
     *
     * @param list<TableRow> $rows of glazed blends
     *
     * @return list<TableRow>
     */
    public static function lightsInGlazes(array $rows, Relief $relief): array
    {
        $because = static fn (string $why): Finding => new Finding('technique.glazed-lights', $why, ['relief' => $relief->words()]);

        $isLit = array_filter($rows, static fn (TableRow $r): bool => $r->slot === Slot::Highlight
            && $r->technique === Technique::FeatheredLayer) !== [];

        return !$isLit ? $rows : array_map(static fn (TableRow $r): TableRow => match (true) {
            $r->slot === Slot::Highlight && $r->technique === Technique::FeatheredLayer => $r->as(Technique::Glaze)->because($because(
                'Lights in glazes, as you asked: on {relief} each is drawn up and ends a little higher.',
            )),
            $r->slot === Slot::Unify && $r->technique !== null => $r->without($because(
                'The lights are glazes: nothing chalky stands out that a last glaze would have to calm.',
            )),
            default => $r,
        }, $rows);
    }

    /**
     * Over a light sketch that is to show everything is transparent: a stain, and light strokes on the ridges above it.
     *
     * @param list<TableRow> $rows
     *
     * @return list<TableRow>
     */
    public static function transparent(array $rows, Relief $relief): array
    {
        $because = static fn (string $why): Finding => new Finding('technique.sketch', $why, ['relief' => $relief->words()]);

        return array_map(static fn (TableRow $r): TableRow => match ($r->slot) {
            Slot::Basecoat => new TableRow($r->slot, Technique::Stain, $because('The light sketch is to show: a stain lets it through.')),
            Slot::Highlight => $r->technique === Technique::Drybrush ? $r->as(Technique::FeatheredLayer) : $r,
            Slot::Wash => $r->without($because('The stain pools in the recesses by itself: it is the shade as well.')),
            default => $r->technique === null ? $r : $r->without($because('An opaque layer would bury the sketch.')),
        }, $rows);
    }
}
