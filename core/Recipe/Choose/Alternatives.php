<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\RankedMix;

/** What else could be loaded for a step, ranked by what it would look like there. */
final readonly class Alternatives
{
    /**
     * @param Surface $below what the step is laid on
     * @param list<RankedMix> $singles differences are from the wanted colour; for a wash, of the recess from the wanted shade
     * @param list<RankedMix> $pairs mixes of two, differences as above
     */
    private function __construct(public PlannedStep $step, public Surface $below, public array $singles, public array $pairs)
    {
    }

    public static function of(PlannedStep $step, Palette $palette, Surface $below): self
    {
        if (($step->technique->facts()->takes[0] ?? null) === Behaviour::Effect) {
            return new self($step, $below, self::effects($palette), []);
        }
        if ($step->target === null || $step->load->mix === null) {
            return new self($step, $below, [], []);
        }
        $target = $step->target->toLab();
        if ($step->stage === Stage::Wash) {
            $shades = $palette->shades($target, $below, $step->technique, $step->load->thinning);

            return new self($step, $below, array_slice($shades, 0, 6), []);
        }
        if ($step->load->mix->first()->behaviour === Behaviour::Metallic) {
            return new self($step, $below, array_slice($palette->metalSingles($target), 0, 6), []);
        }

        return new self($step, $below, array_slice($palette->singles($target), 0, 4), $palette->pairs($target, 5));
    }

    /** @return list<RankedMix> the effect paints owned that have a colour, by name: which one is a matter of the effect */
    private static function effects(Palette $palette): array
    {
        $paints = array_filter($palette->atHand(Behaviour::Effect), static fn (Paint $p): bool => $p->colour !== null);
        usort($paints, static fn (Paint $a, Paint $b): int => $a->name <=> $b->name);

        return array_map(static fn (Paint $p): RankedMix => new RankedMix(Mix::single($p), 0.0), $paints);
    }

    /** The one that may be expected to come out nearest; null where there is none. */
    public function best(): ?RankedMix
    {
        return RankedMix::byExpected([...$this->singles, ...$this->pairs])[0] ?? null;
    }

    /** What it is judged by: a wash by what it leaves in the recess, everything else by its own dry colour. */
    public function look(RankedMix $alternative): Reflectance
    {
        return $this->step->stage === Stage::Wash
            ? Simulation::look($this->step->withMix($alternative->mix), $this->below)->recess
            : $alternative->mix->colour();
    }

    /** What taking it would change, computed by laying it: coats more or fewer than now. */
    public function coatsMore(RankedMix $alternative, Area $area): int
    {
        $auto = $this->step->withCoats(0);
        $now = Simulation::step($auto, $area, $this->below)->labour->coats;

        return Simulation::step($auto->withMix($alternative->mix), $area, $this->below)->labour->coats - $now;
    }
}
