<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Caution\Cautions;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Facings;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\Scope;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Spray;
use Kalokroma\Word\Finding;
use LogicException;

/** The undercoat as the first step of every recipe of a figure. */
final class Undercoating
{
    /** Light coats, in short passes, that close the ground. */
    public const COATS = 2;

    /** Bare plastic, resin or metal before it: a middle grey reflectance. */
    public const BARE = 0.45;

    /**
     * What the steps lead to, one over the other.
     *
     * @param float $figureCm2 surface of the whole figure
     * @param list<Area> $areas of the figure, where steps are for some of them only
     * @param string|null $on id of the area that is looked at: what does not lie on it is left out; null for the whole figure
     */
    public static function of(UndercoatPlan $plan, float $figureCm2, array $areas = [], ?string $on = null): Undercoated
    {
        $why = $plan->reason === '' ? [] : [new Finding('undercoat.tone', '{reason}', ['reason' => $plan->reason])];
        $steps = array_values(array_filter($plan->steps, static fn (UndercoatStep $s): bool => $on === null || $s->isOn($on)));
        $bare = Facings::uniform(Reflectance::flat(self::BARE));
        /** @var array<string, Facings> $lying by the id of an area that stands on its own, '' for the rest */
        $lying = array_fill_keys(['', ...array_merge(...array_map(static fn (UndercoatStep $s): array => $s->areas, $steps))], $bare);
        $laid = [];
        foreach ($steps as $step) {
            $below = $lying[$on ?? $step->areas[0] ?? ''] ?? $lying[''];
            foreach (array_keys($lying) as $area) {
                $lying[$area] = $area === '' ? ($step->areas === [] ? self::laid($step, $lying['']) : $lying[''])
                    : ($step->isOn((string) $area) ? self::laid($step, $lying[$area]) : $lying[$area]);
            }
            $after = $lying[$on ?? $step->areas[0] ?? ''] ?? $lying[''];
            $its = array_values(array_filter($areas, static fn (Area $a): bool => in_array($a->id, $step->areas, true)));
            $laid[] = self::outcome($step, $figureCm2, $its, $below, $after, $why);
            $why = [];
        }

        return new Undercoated($laid !== [] ? $laid : throw new LogicException('There is no undercoat.'));
    }

    private static function laid(UndercoatStep $step, Facings $below): Facings
    {
        if ($step->from === null || $step->paint === null || $step->paint->colour === null) {
            return $step->from === null ? Facings::uniform($step->colour()) : $below;
        }
        $coats = ($step->coats ?? UndercoatStep::ONE_SPRAY) * $step->from->strength;

        return $below->sprayedBy($step->paint->pigment(), $coats, $step->from->landed());
    }

    /**
     * @param list<Area> $areas it is for; empty for the whole figure
     * @param list<Finding> $why
     */
    private static function outcome(
        UndercoatStep $laid,
        float $figureCm2,
        array $areas,
        Facings $below,
        Facings $after,
        array $why,
    ): StepOutcome {
        $kind = $laid->kind;
        $paint = $laid->paint
            ?? new Paint('', 'any '.$laid->tone->words().' primer', '', Behaviour::Primer, $laid->colour(), false);
        $row = Defaults::THINNING[match ($kind) {
            Kind::Airbrush => 'primer-airbrush',
            Kind::Brush => 'primer-brush',
            Kind::SprayCan => 'drybrush',
        }];
        $mix = Mix::single($paint);
        $isCan = $kind === Kind::SprayCan;
        $cm2 = $areas === [] ? $figureCm2 : array_sum(array_map(static fn (Area $a): float => $a->surfaceCm2, $areas));
        $usual = $laid->from === null ? self::COATS : UndercoatStep::ONE_SPRAY;
        $number = $laid->coats ?? $usual;
        $step = new PlannedStep(
            $laid->key,
            Technique::Undercoat,
            Oklch::fromSrgb(Srgb::fromXyz($laid->colour()->toXyz())),
            new Load($mix, $isCan ? Thinning::undiluted() : ($laid->thinning ?? Thinning::fromRatio($row['ratio'])), $row['with']),
            new Scope(new Place(spray: $laid->from, on: array_map(static fn (Area $a): string => $a->name, $areas))),
            new Handling($laid->coats, tool: $kind->tool()),
            [...$why, ...self::sprayed($laid, $after), new Finding('undercoat.kind', $kind->reason())],
        );
        $landed = $laid->from === null ? $number : $number * $laid->from->strength * $laid->from->onAll();

        return new StepOutcome(
            $step,
            new Look($below->asSurface(), $after->asSurface(), null, $mix->certainty()),
            self::labour($kind, $number, $usual, $cm2),
            $isCan ? null : Amount::of($mix, $step->load->thinning, max(0.1, $cm2 * $landed * Defaults::FILM_UL_PER_CM2)),
            $step->why,
            Cautions::before($kind->tool(), ['primer']),
        );
    }

    private static function labour(Kind $kind, int $coats, int $usual, float $cm2): Labour
    {
        $minutes = Effort::undercoatMinutes($kind, $cm2, $coats);
        $loading = $kind === Kind::Brush ? Defaults::LOADING_MINUTES : 0.0;

        return new Labour($coats, $usual, $minutes, $kind->dryMinutes(), $kind->tool(), loading: $loading);
    }

    /** @return list<Finding> where a spray lands, and what it leads to */
    private static function sprayed(UndercoatStep $laid, Facings $after): array
    {
        if ($laid->from === null) {
            return [];
        }
        $light = static fn (Surface $surface): float => $surface->plane->toLab()->l;
        $landed = $laid->from->landed();
        $where = $laid->from->side === Spray::EVERYWHERE ? 'Every side gets as much of it.' : ($laid->from->side === ''
            ? 'What faces up gets {up} of it, the sides {side}, what faces down {down}.'
            : 'What faces up gets {up} of it, the side toward it {near}, the far side {far}, what faces down {down}.');

        return [new Finding('undercoat.sketch', 'A light sketch: {words}. '.$where.' Then what faces up has lightness {above}, '
            .'the sides {across}, what faces down {below}.', [
            'words' => $laid->words(),
            'up' => sprintf('%.0f %%', 100 * $landed['above']),
            'side' => sprintf('%.0f %%', 100 * $landed['front']),
            'near' => sprintf('%.0f %%', 100 * max([0.0, ...array_intersect_key($landed, Facings::SIDES)])),
            'far' => sprintf('%.0f %%', 100 * min([1.0, ...array_intersect_key($landed, Facings::SIDES)])),
            'down' => sprintf('%.0f %%', 100 * $landed['below']),
            'above' => $light($after->above),
            'across' => $light($after->side),
            'below' => $light($after->below),
        ])];
    }
}
