<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Constants;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\SteppingStone;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/**
 * Keeps a drafted coat within what painters lay: four coats, three on small things. What needs more gets less thinner, one coat of
 * another colour under it or two; where the shelf has nothing for it, it stays a little short of full hide and says so.
 */
final class FewerCoats
{
    /** Coats of one step at most, and of one on a small thing. */
    public const MOST = 4;
    public const MOST_SMALL = 3;

    /** A small thing has less than this surface, cm²; an orb less than that. */
    private const SMALL_CM2 = 0.5;
    private const SMALL_ORB_CM2 = 2.0;

    /** Thicker than usual, where the usual is thinner. */
    private const THICK = '2:1';

    /** What one more pot or a thicker coat has to save, in coats. */
    private const POT = 0.6;
    private const THICKER = 1.5;

    private function __construct(
        private readonly Area $area,
        private readonly Palette $palette,
        private readonly bool $covered,
        private readonly int $most,
    ) {
    }

    public static function isSmall(Area $area): bool
    {
        return $area->surfaceCm2 < self::SMALL_CM2 || ($area->relief === Relief::Orb && $area->surfaceCm2 < self::SMALL_ORB_CM2);
    }

    /**
     * @param bool $covered whether a wash or a layer covers it, so that it is good enough sooner
     *
     * @return non-empty-list<PlannedStep> the step, what goes under it first
     */
    public static function of(PlannedStep $step, Surface $surface, Palette $palette, Area $area, bool $covered): array
    {
        $fewer = new self($area, $palette, $covered, self::isSmall($area) ? self::MOST_SMALL : self::MOST);
        $isCoat = in_array($step->technique, [Technique::Basecoat, Technique::AirbrushCoat, Technique::FurtherCoat], true);
        if (!$isCoat || $step->load->mix === null || $step->handling->coats !== null) {
            return [$step];
        }
        $coats = $fewer->coats($step, $surface);

        return $coats <= $fewer->most
            ? [...$fewer->stone($step, $surface), $step]
            : $fewer->within($step, $surface, $coats);
    }

    /**
     * Bounds what has come to need more coats since, where a step above it was left out.
     *
     * @param list<PlannedStep> $steps
     *
     * @return list<PlannedStep>
     */
    public static function bounded(array $steps, Area $area, Surface $surface): array
    {
        $most = self::isSmall($area) ? self::MOST_SMALL : self::MOST;

        return array_map(static fn (StepOutcome $o): PlannedStep => $o->labour->coats <= $most || $o->step->handling->coats !== null
            || !$o->step->technique->isBase() || !$o->step->isFilm() || $o->step->load->mix === null
            ? $o->step
            : self::short($o->step, $o->look->below, $o->labour->coats, $most), Simulation::run($steps, $area, $surface));
    }

    /** @return list<PlannedStep> a stepping stone that saves minutes under what is within bounds anyway */
    private function stone(PlannedStep $step, Surface $surface): array
    {
        if ($step->load->mix === null || $step->technique !== Technique::Basecoat) {
            return [];
        }
        $found = SteppingStone::under(
            $step->load->mix,
            $step->load->thinning,
            $surface->plane,
            $this->palette,
            $this->area->surfaceCm2,
            $this->enough(),
        );

        return $found === null ? [] : [$found->step(StepKey::of(Slot::SteppingStone->value), $step->load->mix)];
    }

    /** @return non-empty-list<PlannedStep> */
    private function within(PlannedStep $step, Surface $surface, int $coats): array
    {
        $best = null;
        $least = INF;
        foreach ($this->strengths($step) as $thinned) {
            foreach ($this->beneath($thinned, $surface) as $stones) {
                $below = $surface;
                $laid = 0;
                foreach ($stones as $stone) {
                    $laid += $stone->handling->coats ?? 1;
                    $below = Simulation::step($stone, $this->area, $below)->look->after;
                }
                $then = $this->coats($thinned, $below);
                $sum = $laid + $then + self::POT * count($stones) + ($thinned === $step ? 0.0 : self::THICKER)
                    + 100 * max(0, $then - $this->most);
                if ($sum < $least) {
                    $least = $sum;
                    $best = [$stones, $thinned, $then, $below];
                }
            }
        }
        [$stones, $thinned, $then, $below] = $best ?? [[], $step, $coats, $surface];
        $told = $stones === [] && $thinned !== $step ? $thinned->because(new Finding(
            'coats.thicker',
            'Thinned {ratio}, {then} are enough instead of {coats}.',
            ['ratio' => self::THICK, 'then' => Counted::Coats->of($then), 'coats' => $coats],
            Reason::Mix,
        )) : $thinned;

        return [...$stones, $then <= $this->most ? $told : self::short($told, $below, $then, $this->most)];
    }

    /** Bounded where the shelf has no pot that would help, and told. */
    private static function short(PlannedStep $step, Surface $below, int $coats, int $most): PlannedStep
    {
        $mix = $step->load->mix;
        $hiding = $mix === null ? null : Hiding::of(
            $mix->pigment(),
            $step->load->thinning->load(),
            $below->plane,
            0.0,
            $most,
        );

        return $step->withCoats($most)->because(new Finding(
            'coats.bounded',
            '{coats} coats would hide, and your shelf has no pot that helps from below: after {most} it is still {short} from full hide.',
            [
                'coats' => $coats, 'most' => $most,
                'short' => $hiding === null ? 0.0 : $hiding->difference[count($hiding->difference) - 1],
            ],
        ));
    }

    /** @return list<PlannedStep> as it is thinned, and less */
    private function strengths(PlannedStep $step): array
    {
        $thick = Thinning::fromRatio(self::THICK);
        $isSprayed = $step->technique === Technique::AirbrushCoat;

        return $isSprayed || $step->load->thinning->load() >= $thick->load() - 1e-9 ? [$step] : [$step, $step->thinned($thick)];
    }

    /** @return list<list<PlannedStep>> what may lie under it: nothing, one coat of another colour, or a second, paler one over that */
    private function beneath(PlannedStep $step, Surface $surface): array
    {
        $found = [[]];
        $mix = $step->load->mix;
        if ($mix === null) {
            return $found;
        }
        $one = $this->nearest($step, $surface);
        if ($one === null) {
            return $found;
        }
        $key = StepKey::of(Slot::SteppingStone->value);
        $first = $this->laidLike($one->step($key, $mix), $step);
        $found[] = [$first];
        $lower = SteppingStone::under(
            $one->mix(),
            $first->load->thinning,
            $surface->plane,
            $this->palette,
            $this->area->surfaceCm2,
            Defaults::ENOUGH_WITHIN,
            0,
        );
        if ($lower !== null) {
            $under = $this->laidLike($lower->step($key, $one->mix()), $step);
            $above = Simulation::step($under, $this->area, $surface)->look->after;
            $then = $this->nearest($step, $above);
            if ($then !== null && $then->paint->id !== $lower->paint->id) {
                $found[] = [$under, $this->laidLike($then->step(StepKey::of(Slot::SteppingStone->value.'-2'), $mix), $step)];
            }
        }

        return $found;
    }

    /** A sprayed area stays sprayed from below. */
    private function laidLike(PlannedStep $stone, PlannedStep $step): PlannedStep
    {
        return $step->technique !== Technique::AirbrushCoat ? $stone : new PlannedStep(
            $stone->key,
            Technique::AirbrushCoat,
            $stone->target,
            Load::usual($stone->load->mix, 'airbrush'),
            $stone->scope,
            why: $stone->why,
            stage: $stone->stage,
        );
    }

    private function nearest(PlannedStep $step, Surface $surface): ?SteppingStone
    {
        return $step->load->mix === null ? null : SteppingStone::under(
            $step->load->mix,
            $step->load->thinning,
            $surface->plane,
            $this->palette,
            $this->area->surfaceCm2,
            $this->enough(),
            $this->most,
        );
    }

    private function coats(PlannedStep $step, Surface $surface): int
    {
        return Simulation::step($step, $this->area, $surface, covered: $this->covered)->labour->coats;
    }

    private function enough(): float
    {
        return $this->covered ? Defaults::ENOUGH_WITHIN : Constants::HIDDEN_WITHIN;
    }
}
