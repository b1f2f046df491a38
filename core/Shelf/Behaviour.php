<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Film\Constants;
use Kalokroma\Film\Drying;

/** How a paint behaves, whatever its maker calls it. */
enum Behaviour: string
{
    case Opaque = 'opaque';
    case SemiOpaque = 'semi-opaque';
    case Stain = 'stain';
    case Wash = 'wash';
    case Ink = 'ink';
    case Metallic = 'metallic';
    case Primer = 'primer';
    case Varnish = 'varnish';
    case Medium = 'medium';
    case Thinner = 'thinner';
    case Texture = 'texture';
    case Effect = 'effect';
    case Enamel = 'enamel';
    case Oil = 'oil';
    case Pigment = 'pigment';

    /** Whether a paint of this kind brings a colour of its own, so that its colour must be known. */
    public function colours(): bool
    {
        return !in_array($this, [self::Varnish, self::Medium, self::Thinner], true);
    }

    /** Whether a paint of this kind cannot be entered without its colour: fluids that make chips or cracks have none. */
    public function needsColour(): bool
    {
        return $this->colours() && $this !== self::Effect;
    }

    /** Whether it serves other paints, so that it matters what it is for. */
    public function serves(): bool
    {
        return in_array($this, [self::Varnish, self::Medium, self::Thinner, self::Effect], true);
    }

    /** Whether the entered colour means one coat over white instead of full hide. */
    public function isTransparent(): bool
    {
        return in_array($this, [self::Stain, self::Wash, self::Ink], true);
    }

    /** Whether it may be mixed to match a colour: matt, water-based and covering. */
    public function isMixable(): bool
    {
        return $this === self::Opaque || $this === self::SemiOpaque;
    }

    /**
     * Whether a paint of this kind can take the place of another: covering for covering, transparent for transparent, else its own kind.
     */
    public function standsInFor(self $other): bool
    {
        return $this === $other
            || ($this->isMixable() && $other->isMixable())
            || ($this->isTransparent() && $other->isTransparent());
    }

    /** Whether its own solvent thins it, and nothing else. */
    public function isSolventBased(): bool
    {
        return $this === self::Enamel || $this === self::Oil;
    }

    public function isPrimer(): bool
    {
        return $this === self::Primer;
    }

    /** Whether it may be laid as part of an undercoat: primers, and what covers or tints through a spray. */
    public function laysGround(): bool
    {
        return $this->isPrimer() || $this->isMixable() || $this === self::Metallic || $this === self::Ink || $this === self::Stain;
    }

    /** How its look changes from wet to dry. */
    public function drying(): Drying
    {
        return match ($this) {
            self::Opaque, self::SemiOpaque => Drying::Darkens,
            self::Stain, self::Wash, self::Primer, self::Texture, self::Pigment => Drying::Lightens,
            default => Drying::Steady,
        };
    }

    /** Whether a test swatch can be read: flakes change with the angle, and what has no colour tells nothing. */
    public function canBeRead(): bool
    {
        return $this->colours() && $this !== self::Metallic && $this !== self::Texture && $this !== self::Pigment;
    }

    /** Scattering as a multiple of an opaque paint's of the same colour. */
    public function hiding(): float
    {
        return match ($this) {
            self::SemiOpaque => Constants::SEMI_OPAQUE,
            self::Metallic => Constants::METALLIC,
            default => 1.0,
        };
    }
}
