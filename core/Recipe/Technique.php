<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Caution\Tool;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Application;
use Kalokroma\Shelf\Behaviour;

/** One way of putting paint on an area, with the usual figures for it. */
enum Technique: string
{
    case Undercoat = 'undercoat';
    case Basecoat = 'basecoat';
    case MetalCoat = 'metal-coat';
    case WashAllOver = 'wash-all-over';
    case RecessLine = 'recess-line';
    case ShadeLayer = 'shade-layer';
    case Layer = 'layer';
    case FeatheredLayer = 'feathered-layer';
    case Drybrush = 'drybrush';
    case EdgeHighlight = 'edge-highlight';
    case Dot = 'dot';

    /** How the film lies; a stain used for the wash lies thinner in the recess and thicker on the ridge than a wash does. */
    public function application(?Behaviour $loaded = null): Application
    {
        if ($this === self::WashAllOver && $loaded === Behaviour::Stain) {
            return Application::Stain;
        }

        return match ($this) {
            self::Undercoat => Application::Spray,
            self::Basecoat, self::MetalCoat => Application::Coat,
            self::WashAllOver => Application::Wash,
            self::RecessLine => Application::RecessLine,
            self::ShadeLayer => Application::Shade,
            self::Layer => Application::Layer,
            self::FeatheredLayer => Application::UpperLayer,
            self::Drybrush => Application::Drybrush,
            self::EdgeHighlight => Application::Edge,
            self::Dot => Application::Dot,
        };
    }

    /** The step in two or three words. */
    public function words(): string
    {
        return match ($this) {
            self::Undercoat => 'undercoat',
            self::Basecoat => 'basecoat',
            self::MetalCoat => 'metal basecoat',
            self::WashAllOver => 'wash all over',
            self::RecessLine => 'recess line',
            self::ShadeLayer => 'shade layer',
            self::Layer => 'layer',
            self::FeatheredLayer => 'feathered layer',
            self::Drybrush => 'drybrush',
            self::EdgeHighlight => 'edge highlight',
            self::Dot => 'dot of light',
        };
    }

    /** Where on the area it goes and how the hand does it. */
    public function where(): string
    {
        return match ($this) {
            self::Undercoat => 'The whole figure, in short passes that start and end beside it.',
            self::Basecoat => 'The whole area. The first coat may look streaky: leave it, never go back into half-dry paint.',
            self::MetalCoat => 'The whole area, with the brush and water kept for metal: flakes wander into other paint.',
            self::WashAllOver => 'The whole area at once; draw pools off the raised parts with a clean, damp brush.',
            self::RecessLine => 'Only along the recesses: touch the line, let it run, wipe the slips at once.',
            self::ShadeLayer => 'The recesses only, feathered out toward the plane.',
            self::Layer => 'Planes and ridges; leave the recess and about a fifth of the plane beside it.',
            self::FeatheredLayer => 'The upper parts and ridges; pull each stroke toward the shadow with a clean, damp brush.',
            self::Drybrush => 'From above over the raised grain, brush nearly dry: wipe nearly all off and test on the base first.',
            self::EdgeHighlight => 'Only the edges that catch light, with the side of the brush; edges first, so that a slip can be covered.',
            self::Dot => 'One small dot, opposite the glow.',
        };
    }

    /** Share of the area's surface it touches, 0..1. */
    public function touched(Relief $relief): float
    {
        $shares = $relief->shares();
        [$recess, $plane, $ridge] = $this->application()->coverage();

        return $shares['recess'] * $recess + $shares['plane'] * $plane + $shares['ridge'] * $ridge;
    }

    /** The face that decides how many coats it takes. */
    public function face(): string
    {
        return match ($this) {
            self::RecessLine, self::ShadeLayer => 'recess',
            self::FeatheredLayer, self::Drybrush, self::EdgeHighlight, self::Dot => 'ridge',
            default => 'plane',
        };
    }

    /** Whether coats are counted until the colour hides; else one pass (or a few, for drybrush) does. */
    public function countsCoats(): bool
    {
        return match ($this) {
            self::Basecoat, self::MetalCoat, self::ShadeLayer, self::Layer, self::FeatheredLayer, self::EdgeHighlight => true,
            default => false,
        };
    }

    public function tool(float $surfaceCm2): Tool
    {
        return match ($this) {
            self::Undercoat => Tool::Airbrush,
            self::Basecoat => $surfaceCm2 >= 3.0 ? Tool::LargeBrush : ($surfaceCm2 >= 0.8 ? Tool::MiddleBrush : Tool::SmallBrush),
            self::MetalCoat => Tool::MetalBrush,
            self::WashAllOver => $surfaceCm2 >= 0.8 ? Tool::MiddleBrush : Tool::SmallBrush,
            self::ShadeLayer, self::Layer, self::FeatheredLayer => $surfaceCm2 >= 0.8 ? Tool::SmallBrush : Tool::DetailBrush,
            self::RecessLine, self::EdgeHighlight, self::Dot => Tool::DetailBrush,
            self::Drybrush => Tool::Drybrush,
        };
    }
}
