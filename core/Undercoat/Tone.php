<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;

/** How light an undercoat is. */
enum Tone: string
{
    case Dark = 'dark';
    case Grey = 'grey';
    case Light = 'light';

    private const DARK_BELOW = 40.0;
    private const LIGHT_FROM = 72.0;

    public static function ofColour(Lab $colour): self
    {
        return match (true) {
            $colour->l < self::DARK_BELOW => self::Dark,
            $colour->l < self::LIGHT_FROM => self::Grey,
            default => self::Light,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Dark => 'dark',
            self::Grey => 'middle grey',
            self::Light => 'light, warm ivory',
        };
    }

    /** The colour assumed where no primer of this tone stands on the shelf. */
    public function assumed(): Reflectance
    {
        return Reflectance::fromSrgb(Srgb::fromHex(match ($this) {
            self::Dark => '#1c1b1a',
            self::Grey => '#7a7a7a',
            self::Light => '#f0ece2',
        }));
    }
}
