<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Shelf\Paint;

/** How light an undercoat is. */
enum Tone: string
{
    case Dark = 'dark';
    case Grey = 'grey';
    case Light = 'light';
    case LightCold = 'light-cold';
    case Coloured = 'coloured';

    private const DARK_BELOW = 40.0;
    private const LIGHT_FROM = 72.0;

    /** CIELAB chroma from which a ground is a colour of its own, and b* below which a light one is cold. */
    private const COLOURED_FROM = 16.0;
    private const COLD_BELOW = 3.0;

    /** @return list<self> the three that coats are told over */
    public static function usual(): array
    {
        return [self::Dark, self::Grey, self::Light];
    }

    public static function ofColour(Lab $colour): self
    {
        return match (true) {
            $colour->chroma() >= self::COLOURED_FROM => self::Coloured,
            $colour->l < self::DARK_BELOW => self::Dark,
            $colour->l < self::LIGHT_FROM => self::Grey,
            $colour->b < self::COLD_BELOW => self::LightCold,
            default => self::Light,
        };
    }

    /** Of a primer, or any paint that is laid as one. */
    public static function of(Paint $paint): self
    {
        return self::ofColour(($paint->colour ?? self::Grey->assumed())->toLab());
    }

    public function words(): string
    {
        return match ($this) {
            self::Dark => 'dark',
            self::Grey => 'middle grey',
            self::Light => 'light, warm ivory',
            self::LightCold => 'light, cold white',
            self::Coloured => 'coloured',
        };
    }

    /** The colour assumed where no primer of this tone stands on the shelf. */
    public function assumed(): Reflectance
    {
        return Reflectance::fromSrgb(Srgb::fromHex(match ($this) {
            self::Dark => '#1c1b1a',
            self::Grey => '#7a7a7a',
            self::Light => '#f0ece2',
            self::LightCold => '#eef0f1',
            self::Coloured => '#6f4a2e',
        }));
    }
}
