<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Technique;

use Kalokroma\Caution\Tool;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Shelf\Behaviour;

/** One way of working on an area; {@see Vocabulary} holds the usual figures for each. */
enum Technique: string
{
    case Undercoat = 'undercoat';
    case UndercoatRepair = 'undercoat-repair';
    case SteppingStone = 'stepping-stone';
    case Basecoat = 'basecoat';
    case FurtherCoat = 'further-coat';
    case BlockIn = 'block-in';
    case AirbrushCoat = 'airbrush-coat';
    case MetalCoat = 'metal-coat';
    case PaintedMetal = 'painted-metal';
    case Lining = 'lining';
    case WashAllOver = 'wash-all-over';
    case RecessLine = 'recess-line';
    case PinWash = 'pin-wash';
    case Stain = 'stain';
    case ShadeLayer = 'shade-layer';
    case Layer = 'layer';
    case FeatheredLayer = 'feathered-layer';
    case AirbrushFade = 'airbrush-fade';
    case Glaze = 'glaze';
    case Filter = 'filter';
    case WetBlend = 'wet-blend';
    case Stipple = 'stipple';
    case Drybrush = 'drybrush';
    case EdgeHighlight = 'edge-highlight';
    case Dot = 'dot';
    case Freehand = 'freehand';
    case TidyUp = 'tidy-up';
    case EffectPaint = 'effect-paint';
    case ChippingFluid = 'chipping-fluid';
    case ChippingTopCoat = 'chipping-top-coat';
    case ChippingOpening = 'chipping-opening';
    case Chips = 'chips';
    case GlossVarnish = 'gloss-varnish';
    case SatinVarnish = 'satin-varnish';
    case MattVarnish = 'matt-varnish';
    case GlossSpot = 'gloss-spot';
    case Marking = 'marking';
    case Softener = 'softener';
    case EnamelWash = 'enamel-wash';
    case OilWash = 'oil-wash';
    case Wiping = 'wiping';
    case Streak = 'streak';
    case StreakBlend = 'streak-blend';
    case PigmentPowder = 'pigment-powder';
    case TexturePaste = 'texture-paste';
    case Grit = 'grit';
    case Tuft = 'tuft';
    case Rim = 'rim';
    case Gluing = 'gluing';
    case Waiting = 'waiting';
    case Stripping = 'stripping';
    case Preparing = 'preparing';
    case Testing = 'testing';
    case Masking = 'masking';
    case Unmasking = 'unmasking';
    case Blotting = 'blotting';
    case LineTidying = 'line-tidying';

    public function facts(): TechniqueFacts
    {
        return Vocabulary::of($this);
    }

    /** How the film lies; a stain used for the wash lies thinner in the recess and thicker on the ridge than a wash does. */
    public function application(?Behaviour $loaded = null): Application
    {
        if ($this === self::WashAllOver && $loaded === Behaviour::Stain) {
            return Application::Stain;
        }

        return $this->facts()->lies ?? Application::None;
    }

    public function words(): string
    {
        return $this->facts()->words;
    }

    public function where(): string
    {
        return $this->facts()->where;
    }

    /** Share of the area's surface it touches, 0..1. */
    public function touched(Relief $relief): float
    {
        return $this->application()->coverage()->over($relief->shares());
    }

    /** The face that decides how many coats it takes. */
    public function face(): Face
    {
        return $this->facts()->face;
    }

    /** Whether coats are counted until the colour hides; else one pass (or a few, for drybrush) does. */
    /** Whether it lies over all of a basecoat, so that that one need not hide wholly. */
    public function covers(): bool
    {
        return in_array($this, [self::WashAllOver, self::Layer, self::PaintedMetal, self::FurtherCoat], true);
    }

    /** Whether it covers what is to stay, or uncovers it again. */
    public function isMask(): bool
    {
        return $this === self::Masking || $this === self::Unmasking;
    }

    public function countsCoats(): bool
    {
        return $this->facts()->counts;
    }

    public function tool(float $surfaceCm2): Tool
    {
        return $this->facts()->toolFor($surfaceCm2);
    }

    /** Whether it lays the colour that everything else on the area builds on. */
    public function isBase(): bool
    {
        return $this->facts()->at === Position::Base
            || $this === self::TexturePaste
            || $this === self::PaintedMetal
            || $this === self::ChippingTopCoat;
    }

    /** Whether it runs into the recesses by itself. */
    public function isWash(): bool
    {
        return in_array($this, [self::WashAllOver, self::RecessLine, self::PinWash, self::Stain, self::EnamelWash, self::OilWash], true);
    }

    /** Whether each pass catches a share of what is still bare, instead of adding thickness. */
    public function isPassed(): bool
    {
        return $this === self::Drybrush || $this === self::Stipple;
    }

    public function isSolvent(): bool
    {
        return in_array('solvents', $this->facts()->needs, true);
    }
}
