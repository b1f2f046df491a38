<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/** What a medium, thinner, varnish or effect is for. */
enum Purpose: string
{
    case Anything = '';
    case Glazing = 'glazing';
    case Flow = 'flow';
    case Slowing = 'slowing';
    case Metal = 'metal';
    case Airbrush = 'airbrush';
    case Solvent = 'enamel and oil';
    case Fixing = 'fixing powder';
    case Setting = 'setting markings';
    case Softening = 'softening markings';
    case Chipping = 'chipping';
    case Masking = 'masking';
    case Cleaning = 'cleaning';

    /** What a product of this name and behaviour is most likely for. */
    public static function guess(string $name, Behaviour $behaviour): self
    {
        if (!$behaviour->serves()) {
            return self::Anything;
        }
        $said = static fn (string ...$words): bool => preg_match('/(?:'.implode('|', $words).')/iu', $name) === 1;

        return match (true) {
            $said('chip') => self::Chipping,
            $said('soften') => self::Softening,
            $said('mask') => self::Masking,
            $said('clean', 'brush soap') => self::Cleaning,
            $said('\bset(?:ting|ter)?\b', '\b(?:decal|transfer|marking|mark)s? fix') => self::Setting,
            $said('fix(?:er|ing|ative)?\b') => self::Fixing,
            $said('glaz') => self::Glazing,
            $said('flow', 'improver') => self::Flow,
            $said('retard', 'slow', 'extender') => self::Slowing,
            $said('metal') => self::Metal,
            $said('airbrush') => self::Airbrush,
            $said('enamel', 'oil', 'spirit', 'solvent', 'turpent') => self::Solvent,
            default => self::Anything,
        };
    }

    /** Whether what is for this goes into paint, to thin it. */
    public function isThinning(): bool
    {
        return !in_array($this, [self::Fixing, self::Setting, self::Softening, self::Chipping, self::Masking, self::Cleaning], true);
    }

    public function words(): string
    {
        return $this === self::Anything ? 'anything' : $this->value;
    }
}
