<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Reflectance;

/** How much light the dry surface scatters back before it reaches the paint. */
enum Sheen: string
{
    case Matt = 'matt';
    case Satin = 'satin';
    case Gloss = 'gloss';

    /** What the name of a varnish says of it; null where it says nothing. */
    public static function guess(string $name): ?self
    {
        return match (true) {
            preg_match('/\b(?:matt?e?|flat|dull)\b/iu', $name) === 1 => self::Matt,
            preg_match('/\b(?:satin|silk|semi-?gloss|eggshell)\b/iu', $name) === 1 => self::Satin,
            preg_match('/\b(?:gloss|glossy|shiny)\b/iu', $name) === 1 => self::Gloss,
            default => null,
        };
    }

    /** Of a bare paint film, as a share of all light. */
    public function haze(): float
    {
        return match ($this) {
            self::Gloss => 0.0,
            self::Satin => Constants::HAZE_SATIN,
            self::Matt => Constants::HAZE_MATT,
        };
    }

    /** The look of a paint of this sheen under a varnish: gloss deepens, matt lightens darks a little. */
    public function varnished(Reflectance $dry, self $varnish): Reflectance
    {
        $haze = $varnish === self::Matt ? Constants::HAZE_MATT_VARNISH : $varnish->haze();

        $beneath = $this->beneath($dry);

        return self::hazed($beneath, min($haze, Constants::HAZE_MOST / (1 - Constants::HAZE_MOST) * $beneath->darkest()));
    }

    /** What lies beneath the surface: the look without its haze. */
    public function beneath(Reflectance $dry): Reflectance
    {
        $haze = min($this->haze(), Constants::HAZE_MOST * $dry->darkest());

        return self::each($dry, static fn (float $r): float => ($r - $haze) / (1 - $haze));
    }

    /** The dry look of what lies beneath: undoes {@see self::beneath()}. */
    public function over(Reflectance $beneath): Reflectance
    {
        $least = $beneath->darkest();
        $most = Constants::HAZE_MOST * $least / (1 - Constants::HAZE_MOST * (1 - $least));

        return self::hazed($beneath, min($this->haze(), $most));
    }

    private static function hazed(Reflectance $beneath, float $haze): Reflectance
    {
        return self::each($beneath, static fn (float $r): float => $haze + (1 - $haze) * $r);
    }

    /** @param callable(float): float $change */
    private static function each(Reflectance $look, callable $change): Reflectance
    {
        return Reflectance::of(array_map(static fn (float $r): float => max(0.0, min(1.0, $change($r))), $look->bands));
    }
}
