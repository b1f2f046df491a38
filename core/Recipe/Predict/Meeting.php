<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Figure\Area;
use Kalokroma\Film\Pigment;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/**
 * Two colours that meet while both are wet. On a part of the area the first lies there and the second on the rest; on all of it the
 * first lies in the recesses, the second on the ridges, and on the planes they run into each other.
 */
final class Meeting
{
    /** Minutes that enamel and oil can be worked, far longer than water-based paint. */
    private const SOLVENT_MINUTES = ['enamel' => 30, 'oil' => 480];

    /** Whether two mixes meet in this step. */
    public static function in(PlannedStep $step): bool
    {
        return $step->load->meets !== null && $step->load->mix !== null && $step->isFilm();
    }

    /** The second of both on the rest of the area. */
    public static function rest(PlannedStep $step): PlannedStep
    {
        return $step->withLoad($step->load->second())->at(new Place());
    }

    /** How both lie where no part is named. */
    public static function over(PlannedStep $step, Mix $first, Mix $second, int $coats, Surface $below): Surface
    {
        $lay = static fn (Pigment $pigment): Surface => $step->application()->coats(
            $pigment,
            $step->load->thinning->load(),
            $coats,
            $below,
            $step->touched(),
        );
        $half = Pigment::mix([[$first->pigment(), 0.5], [$second->pigment(), 0.5]]);

        return new Surface($lay($first->pigment())->recess, $lay($half)->plane, $lay($second->pigment())->ridge);
    }

    /** Minutes that both stay wet enough to be joined. */
    public static function minutes(PlannedStep $step): int
    {
        $solvent = array_filter(array_map(
            static fn (Paint $p): ?int => self::SOLVENT_MINUTES[$p->behaviour->value] ?? null,
            $step->load->paints(),
        ));
        $open = $step->technique->facts()->latest ?? 0;

        return $solvent !== [] ? min($solvent) : (int) ($step->load->thinner->openTime($step->load->thinning) * $open);
    }

    /**
     * Whether there is time to join both, and in how many patches there is.
     *
     * @param float $minutes by hand for one coat, loading not counted
     */
    public static function reason(PlannedStep $step, Area $area, float $minutes): ?Finding
    {
        if ($step->technique !== Technique::WetBlend) {
            return null;
        }
        $open = self::minutes($step);
        $patches = (int) max(1, ceil($minutes / max(1, $open) - 1e-9));
        $facts = [
            'minutes' => Duration::words((int) max(1, round($minutes))),
            'open' => Duration::words($open),
            'patches' => $patches,
            'cm2' => sprintf('%.1f', $area->surfaceCm2 / $patches),
        ];

        return $patches === 1
            ? new Finding(
                'blend.in-time',
                'Laying and joining takes about {minutes}, and it stays wet for about {open}.',
                $facts,
            )
            : new Finding(
                'blend.patches',
                'Laying and joining takes about {minutes}, but it stays wet for only about {open}: '
                    .'join it in {patches} patches of about {cm2} cm², from one fold or edge to the next, or slow it with medium 1:1.',
                $facts,
            );
    }
}
