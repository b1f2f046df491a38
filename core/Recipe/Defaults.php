<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/**
 * The usual figures of the craft that a recipe starts from, each with its unit. The painter's own record replaces
 * them in time; nothing else in the core repeats them.
 */
final class Defaults
{
    /** One drop from a dropper bottle, ml (0.03–0.05). */
    public const DROP_ML = 0.04;

    /** One thin coat of thinned mix as applied, µl per cm² (3–4). */
    public const FILM_UL_PER_CM2 = 3.5;

    /** What stays on palette and brush for each mix and sitting: the greater of this share of what is applied … */
    public const WASTE_SHARE = 0.5;

    /** … and this many drops. */
    public const WASTE_DROPS = 2;

    /** Loading, mixing and washing the brush, minutes per mix. */
    public const LOADING_MINUTES = 2.0;

    /** Setting up and cleaning the airbrush, minutes. */
    public const AIRBRUSH_MINUTES = 12.0;

    /** Spraying one pass, minutes per cm²: our own starting value. */
    public const SPRAY_MINUTES_PER_CM2 = 0.15;

    /** Hands-on minutes per cm² of surface and pass. */
    public const MINUTES_PER_CM2 = [
        'undercoat' => 1.0,
        'basecoat' => 1.0,
        'metal-coat' => 1.0,
        'wash-all-over' => 0.4,
        'shade-layer' => 1.5,
        'layer' => 1.5,
        'feathered-layer' => 1.5,
        'drybrush' => 0.5,
    ];

    /** Every coat of a basecoat after the first, minutes per cm². */
    public const FURTHER_COAT_MINUTES_PER_CM2 = 0.7;

    /** Lining and edges, minutes per cm of edge. */
    public const EDGE_MINUTES_PER_CM = 0.6;

    /** A dot or an eye, minutes each. */
    public const DOT_MINUTES = 2.0;

    /** Drying before the next step, minutes at 20 °C and 50 % humidity. */
    public const DRY_MINUTES = [
        'basecoat' => 8,
        'metal-coat' => 8,
        'wash-all-over' => 40,
        'recess-line' => 40,
        'shade-layer' => 8,
        'layer' => 8,
        'feathered-layer' => 8,
        'drybrush' => 8,
        'edge-highlight' => 8,
        'dot' => 8,
    ];

    /**
     * Thinning by use, paint : thinner, with its range and its reason.
     *
     * @var array<string, array{ratio: string, range: string, with: string, why: string}>
     */
    public const THINNING = [
        'basecoat' => ['ratio' => '2:1', 'range' => '3:1 – 1:1', 'with' => 'water', 'why' => 'like milk: it levels before it dries'],
        'weak' => ['ratio' => '1:1', 'range' => '1:1 – 1:2', 'with' => 'water', 'why' => 'light and weak colours go chalky when thick: more coats, thinner ones'],
        'metallic' => ['ratio' => '4:1', 'range' => '6:1 – 3:1', 'with' => 'water', 'why' => 'flakes separate when a metallic is thinned further'],
        'layer' => ['ratio' => '1:1', 'range' => '2:1 – 1:2', 'with' => 'water', 'why' => 'thin enough to leave no edge'],
        'wash' => ['ratio' => '1:0', 'range' => 'straight – 1:2', 'with' => 'medium', 'why' => 'a wash comes ready to run'],
        'stain' => ['ratio' => '1:1', 'range' => 'straight – 1:1', 'with' => 'medium', 'why' => 'medium keeps the pigment spread, water would leave tide marks'],
        'recess-shade' => ['ratio' => '1:4', 'range' => '1:3 – 1:6', 'with' => 'medium', 'why' => 'ordinary paint runs like a wash only when it is thinned this far, with medium'],
        'drybrush' => ['ratio' => '1:0', 'range' => 'unthinned', 'with' => 'water', 'why' => 'a wet brush would fill the recesses'],
        'primer-airbrush' => ['ratio' => '4:1', 'range' => 'a few drops of thinner', 'with' => 'thinner', 'why' => 'a few drops of thinner first keep the needle clear'],
        'primer-brush' => ['ratio' => '4:1', 'range' => '6:1 – 3:1', 'with' => 'water', 'why' => 'a little water helps a brushed primer level'],
    ];

    /** Lightness (L*) from which a colour counts as light, and chroma (C*ab) from which, above lightness 70, as weak. */
    public const LIGHT_FROM = 88.0;
    public const WEAK_CHROMA_FROM = 50.0;
    public const WEAK_LIGHTNESS_FROM = 70.0;

    /** A drybrush is repeated until this share of the ridge has caught paint. */
    public const DRYBRUSHED_SHARE = 0.8;

    /** A metallic further than this (CIEDE2000) from the wanted colour is not taken for it. */
    public const METAL_WITHIN = 15.0;

    /** A highlight or shade rung further than this (CIEDE2000) from what the shelf can mix is said to be missing. */
    public const RUNG_MISSING_FROM = 8.0;
}
