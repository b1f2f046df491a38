<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Figure\Area;
use Kalokroma\Film\Faces;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Undercoat\Kind;

/** Hands-on minutes of a step on one figure. */
final class Effort
{
    /**
     * @param int $coats passes, 1 or more
     * @param Faces|null $coverage share of recess, plane and ridge, where it is not the usual one
     */
    public static function minutes(Technique $technique, Area $area, int $coats, ?Faces $coverage = null): float
    {
        $facts = $technique->facts();
        [$per, $minutes] = $facts->effort;
        $usual = $technique->touched($area->relief);
        $touched = $coverage === null ? $usual : $coverage->over($area->relief->shares());
        $measure = match ($per) {
            'cm2' => $area->surfaceCm2 * ($facts->lies === null ? ($coverage === null ? 1.0 : $touched) : $touched),
            'edge' => $area->relief->edgePerCm2() * $area->surfaceCm2 * ($coverage === null || $usual <= 0.0 ? 1.0 : $touched / $usual),
            default => 1.0,
        };
        $first = min($minutes, Defaults::FURTHER_COAT_MINUTES_PER_CM2);
        $painting = $measure * ($facts->stage === Stage::Basecoat ? $minutes + ($coats - 1) * $first : $coats * $minutes);

        return $painting + self::loading($technique) + ($facts->tool === 'airbrush' ? Defaults::SPRAY_HANDLING_MINUTES : 0.0);
    }

    /** Minutes of it that are spent once for a mix and sitting, not on each figure. */
    public static function loading(Technique $technique): float
    {
        return $technique->facts()->isPainted() ? Defaults::LOADING_MINUTES : 0.0;
    }

    /** Undercoating one whole figure, airbrush set-up and cleaning not counted: it is paid once for all figures. */
    public static function undercoatMinutes(Kind $kind, float $figureCm2, int $coats): float
    {
        return $kind === Kind::Brush
            ? $figureCm2 * (
                Defaults::BRUSHED_PRIMER_MINUTES_PER_CM2
                + ($coats - 1) * Defaults::FURTHER_COAT_MINUTES_PER_CM2
            ) + Defaults::LOADING_MINUTES
            : $figureCm2 * Defaults::SPRAY_MINUTES_PER_CM2 * $coats + Defaults::SPRAY_HANDLING_MINUTES;
    }
}
