<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Caution\Cautions;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Application;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;

/**
 * Lays the planned steps of an area one over the other and predicts the look after each.
 */
final class Simulation
{
    /** Glazes beyond the one that gains less than this (CIEDE2000) are not counted. */
    private const GLAZE_GAINS = 0.4;

    /**
     * @param list<PlannedStep> $steps
     * @param float|null        $groundCertainty ± of the ground (CIEDE2000); null for a typed-in one
     *
     * @return list<StepOutcome> one for each step; an omitted one leaves the surface as it is, one of a loop shows the last round
     */
    public static function run(array $steps, Area $area, Surface $ground, ?float $groundCertainty = null): array
    {
        $outcomes = [];
        $laid = Laid::ground($ground, $groundCertainty);
        $at = [];
        foreach ($steps as $i => $step) {
            $at[$step->key] = $i;
            $outcomes[$i] = self::on($laid, $step, $area);
            $laid = $laid->after($step, $outcomes[$i]->after, $outcomes[$i]->certainty);
            $from = $step->loop === null ? null : $at[$step->loop->from] ?? $i;
            for ($round = 2; $from !== null && $round <= $step->loop->rounds; ++$round) {
                for ($again = $from; $again <= $i; ++$again) {
                    $outcomes[$again] = self::on($laid, $steps[$again], $area)->inRounds($round, $outcomes[$again]->below);
                    $laid = $laid->after($steps[$again], $outcomes[$again]->after, $outcomes[$again]->certainty);
                }
            }
        }

        return array_values($outcomes);
    }

    /** @param float|null $groundCertainty ± of what lies below (CIEDE2000); null for a typed-in ground */
    public static function step(PlannedStep $step, Area $area, Surface $below, ?float $groundCertainty = null): StepOutcome
    {
        return self::on(Laid::ground($below, $groundCertainty), $step, $area);
    }

    private static function on(Laid $laid, PlannedStep $step, Area $area): StepOutcome
    {
        $technique = $step->technique;
        $load = $step->thinning->load();
        [$computed, $coatsReason, $proposed] = self::coats($step, $laid->surface);
        $coats = $step->coats ?? $proposed;
        $tool = $step->tool ?? $technique->tool($area->surfaceCm2);
        $reasons = [...array_map(static fn (Finding $f): Finding => self::thinningReason($f, $step), $step->why), ...self::mixReason($step), ...self::openReasons($step)];
        if ($coatsReason !== null) {
            $reasons[] = $coatsReason;
        }
        if ($step->coats !== null && $step->coats !== $proposed) {
            $reasons[] = new Finding('coats.overruled', 'You plan {yours} instead of {proposed}.', ['yours' => self::counted($step->coats), 'proposed' => (string) $proposed]);
        }

        return new StepOutcome(
            $step,
            $laid->surface,
            $step->omitted ? $laid->surface : self::laid($laid, $step, $coats),
            $coats,
            $computed,
            self::difference($step),
            self::certainty($laid, $step, $coats * $load),
            $tool,
            Effort::minutes($technique, $area, $coats, $step->place->isUsual() ? null : $step->coverage()),
            $technique->facts()->dry,
            self::amount($step, $area, $coats),
            $reasons,
            Cautions::before(
                $tool,
                array_map(static fn (array $p): string => $p['paint']->behaviour->value, $step->mix->parts ?? []),
                $area->fragile,
                $technique->facts()->doing,
            ),
        );
    }

    /** The look after the step with the coats it has or would be given. */
    public static function look(PlannedStep $step, Surface $below): Surface
    {
        return self::laid(Laid::ground($below), $step, $step->coats ?? self::coats($step, $below)[2]);
    }

    private static function laid(Laid $laid, PlannedStep $step, int $coats): Surface
    {
        $below = $laid->surface;
        $facts = $step->technique->facts();
        if ($facts->finish !== null) {
            $share = $step->technique === Technique::GlossSpot ? $step->place->coverage(Application::Dot) : $step->place->coverage(Application::Coat);
            $varnished = static fn (string $face, float $part): Reflectance => $below->face($face)->blend($laid->finish->varnished($below->face($face), $facts->finish), $part);

            return new Surface($varnished('recess', $share[0]), $varnished('plane', $share[1]), $varnished('ridge', $share[2]));
        }
        $beneath = $laid->beneath($step->technique);
        if ($beneath !== null) {
            [$recess, $plane, $ridge] = $facts->removed;

            return new Surface(
                $below->recess->blend($beneath->recess, $recess * $step->place->share),
                $below->plane->blend($beneath->plane, $plane * $step->place->share),
                $below->ridge->blend($beneath->ridge, $ridge * $step->place->share),
            );
        }
        if ($step->mix === null || !$step->isFilm()) {
            return $below;
        }

        return $step->application()->coats($step->mix->pigment(), $step->thinning->load(), $coats, $below, $step->coverage());
    }

    /** @param float $load pigment of all coats, in undiluted ones */
    private static function certainty(Laid $laid, PlannedStep $step, float $load): float
    {
        if ($step->omitted || $step->mix === null || !$step->isFilm()) {
            return $laid->certainty;
        }
        $face = $step->face();
        $certain = $step->mix->certaintyOver($laid->surface->face($face), $load * max(0.1, $step->application()->on($face)), $laid->certainty);

        return $step->open === [] ? $certain : max($certain, self::openRange($step, $step->mix) / 2);
    }

    private static function amount(PlannedStep $step, Area $area, int $coats): ?Amount
    {
        if ($step->omitted || $step->mix === null || $step->open !== []) {
            return null;
        }
        $thickness = $step->application() === Application::None ? [1.0, 1.0, 1.0] : $step->application()->thickness();
        $coverage = $step->application() === Application::None ? $step->place->coverage(Application::Coat) : $step->coverage();
        $applied = 0.0;
        foreach (array_values($area->relief->shares()) as $face => $share) {
            $applied += $area->surfaceCm2 * $share * $coverage[$face] * max($coverage[$face] > 0.0 ? 0.1 : 0.0, $thickness[$face]) * $coats * Defaults::FILM_UL_PER_CM2;
        }

        return Amount::of($step->mix, $step->thinning, max(0.1, $applied));
    }

    /** @return array{int|null, Finding|null, int} computed coats, the reason, and the number to propose */
    private static function coats(PlannedStep $step, Surface $below): array
    {
        if ($step->technique->isPassed()) {
            [, , $caught] = $step->technique->application()->coverage();
            $passes = (int) ceil(log(1 - Defaults::DRYBRUSHED_SHARE) / log(1 - $caught));

            return [$passes, new Finding('coats.drybrush', 'A pass catches {caught} % of what is still bare on the ridges: {passes} passes reach {reached} %.', [
                'caught' => (int) round(100 * $caught), 'passes' => $passes, 'reached' => (int) round(100 * (1 - (1 - $caught) ** $passes)),
            ]), $passes];
        }
        if ($step->technique === Technique::Glaze && $step->mix !== null && $step->target !== null && $step->isFilm()) {
            return self::glazes($step, $step->mix, $step->target->toLab(), $below);
        }
        if (!$step->technique->countsCoats() || $step->mix === null || !$step->isFilm()) {
            $isWash = $step->technique->isWash();

            return [1, $isWash || $step->technique === Technique::Dot ? new Finding('coats.once', 'Once is enough: a second pass would only darken or cloud it.') : null, 1];
        }
        $face = $step->face();
        $ground = $below->face($face);
        $hiding = Hiding::of($step->mix->pigment(), $step->thinning->load(), $ground);
        $facts = ['face' => $face, 'coats' => count($hiding->after), 'within' => $hiding->difference[count($hiding->after) - 1]];
        if ($hiding->coats === null) {
            return [null, new Finding('coats.too-many', 'Even after {coats} coats the {face} is still {within} from full hide: thin it less, or lay a lighter ground first.', $facts), $hiding->planned()];
        }
        $facts['first'] = $hiding->difference[0];
        $text = $hiding->coats === 1
            ? 'One coat: the {face} is within {within} of full hide at once (2.0 counts as hidden).'
            : 'After coat {coats} the {face} is within {within} of full hide; after the first it is {first} off (2.0 counts as hidden).';

        return [$hiding->coats, new Finding('coats.hidden', $text, $facts), $hiding->coats];
    }

    /** @return array{int, Finding, int} */
    private static function glazes(PlannedStep $step, Mix $mix, Lab $wanted, Surface $below): array
    {
        $face = $step->face();
        $on = static fn (int $layers): float => Ciede2000::difference(
            $step->application()->coats($mix->pigment(), $step->thinning->load(), $layers, $below, $step->coverage())->face($face)->toLab(),
            $wanted,
        );
        $before = Ciede2000::difference($below->face($face)->toLab(), $wanted);
        $layers = 1;
        $now = $on(1);
        while ($layers < Glazing::MOST_LAYERS && $now - ($next = $on($layers + 1)) >= self::GLAZE_GAINS) {
            ++$layers;
            $now = $next;
        }

        return [$layers, new Finding('coats.glazes', 'The {face} starts {before} from the wanted tone; {layers} bring it to {now}, another would gain {gain}.', [
            'face' => $face, 'before' => $before, 'layers' => $layers === 1 ? '1 glaze' : $layers.' glazes', 'now' => $now, 'gain' => max(0.0, $now - $on($layers + 1)),
        ]), $layers];
    }

    private static function difference(PlannedStep $step): ?float
    {
        if ($step->mix === null || $step->target === null || !$step->isFilm() || in_array($step->technique, [Technique::Glaze, Technique::Filter, Technique::Stain], true)) {
            return null;
        }

        return self::isShadedByWash($step->mix) ? null : Ciede2000::difference($step->mix->lab(), $step->target->toLab());
    }

    /** @return list<Finding> */
    private static function mixReason(PlannedStep $step): array
    {
        foreach ($step->why as $finding) {
            if (str_starts_with($finding->code, 'mix.')) {
                return [];
            }
        }
        if ($step->mix === null) {
            return [];
        }
        $difference = self::difference($step);
        if ($difference === null) {
            return [new Finding('mix.yours-shade', '{mix} is your own choice.', ['mix' => $step->mix->words()])];
        }

        return [new Finding('mix.yours', 'Your own choice, {mix}, is {apart} from the wanted colour.', ['mix' => $step->mix->words(), 'apart' => $difference])];
    }

    /**
     * What was left open stays open: the guess is named, with how much hangs on it.
     *
     * @return list<Finding>
     */
    private static function openReasons(PlannedStep $step): array
    {
        $found = [];
        if ($step->mix !== null && $step->open !== []) {
            $names = array_map(static fn (array $p): string => $p['paint']->name, array_filter($step->mix->parts, static fn (array $p): bool => in_array($p['paint']->id, $step->open, true)));
            $found[] = new Finding('mix.open', 'The amount of {paint} was left open. Predicted with equal parts; between a sixth and five sixths of it the colour moves by {range}.', [
                'paint' => implode(' and ', $names), 'range' => self::openRange($step, $step->mix),
            ]);
        }
        if ($step->thinOpen) {
            $found[] = new Finding('thinning.open', 'How far to thin was left open: predicted with the usual {ratio}.', ['ratio' => $step->thinning->ratio()]);
        }

        return $found;
    }

    /** How far the colour moves between little and much of the paints whose amount is open, CIEDE2000. */
    private static function openRange(PlannedStep $step, Mix $mix): float
    {
        $with = static fn (int $open, int $said): Mix => Mix::of(array_map(
            static fn (array $p): array => ['paint' => $p['paint'], 'parts' => in_array($p['paint']->id, $step->open, true) ? $open : $said],
            $mix->parts,
        ));

        return count($step->open) >= count($mix->parts) ? 0.0 : Ciede2000::difference($with(1, 5)->lab(), $with(5, 1)->lab());
    }

    /** The drafted reason for the thinning, or what the painter chose beside it. */
    private static function thinningReason(Finding $drafted, PlannedStep $step): Finding
    {
        if (!str_starts_with($drafted->code, 'thinning.') || $drafted->facts['ratio'] === $step->thinning->ratio()) {
            return $drafted;
        }
        $word = static fn (string $ratio): string => Thinning::fromRatio($ratio)->isUndiluted() ? 'not at all' : $ratio;

        return new Finding('thinning.yours', 'You thin it {yours}; {usual} was proposed (usual {range}): {why}.', [
            ...$drafted->facts,
            'yours' => $word($step->thinning->ratio()),
            'usual' => $word((string) $drafted->facts['ratio']),
        ]);
    }

    private static function isShadedByWash(Mix $mix): bool
    {
        foreach ($mix->parts as ['paint' => $paint]) {
            if ($paint->behaviour->isTransparent()) {
                return true;
            }
        }

        return false;
    }

    private static function counted(int $coats): string
    {
        return $coats === 1 ? '1 coat' : $coats.' coats';
    }
}
