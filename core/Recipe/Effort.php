<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Figure\Area;
use Kalokroma\Undercoat\Kind;

/** Hands-on minutes of a step on one figure. */
final class Effort
{
    /** @param int $coats passes, 1 or more */
    public static function minutes(Technique $technique, Area $area, int $coats): float
    {
        $surface = $area->surfaceCm2 * $technique->touched($area->relief);
        $painting = match ($technique) {
            Technique::RecessLine, Technique::EdgeHighlight => $coats * Defaults::EDGE_MINUTES_PER_CM * $area->relief->edgePerCm2() * $area->surfaceCm2,
            Technique::Dot => $coats * Defaults::DOT_MINUTES,
            Technique::Basecoat, Technique::MetalCoat => $surface * (Defaults::MINUTES_PER_CM2['basecoat'] + ($coats - 1) * Defaults::FURTHER_COAT_MINUTES_PER_CM2),
            default => $coats * $surface * Defaults::MINUTES_PER_CM2[$technique->value],
        };

        return $painting + Defaults::LOADING_MINUTES;
    }

    /** Undercoating one whole figure, airbrush set-up and cleaning not counted: it is paid once for all figures. */
    public static function undercoatMinutes(Kind $kind, float $figureCm2, int $coats): float
    {
        return $kind === Kind::Brush
            ? $figureCm2 * (Defaults::MINUTES_PER_CM2['undercoat'] + ($coats - 1) * Defaults::FURTHER_COAT_MINUTES_PER_CM2) + Defaults::LOADING_MINUTES
            : $figureCm2 * Defaults::SPRAY_MINUTES_PER_CM2 * $coats;
    }
}
