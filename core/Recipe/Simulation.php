<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Caution\Cautions;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Figure\Area;
use Kalokroma\Film\ColourSource;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Mix;

/**
 * Lays the planned steps of an area one over the other and predicts the look after each.
 */
final class Simulation
{
    /**
     * @param list<PlannedStep> $steps
     * @param float|null        $groundCertainty ± of the ground (CIEDE2000); null for a typed-in one
     *
     * @return list<StepOutcome> one for each step; an omitted one leaves the surface as it is
     */
    public static function run(array $steps, Area $area, Surface $ground, ?float $groundCertainty = null): array
    {
        $outcomes = [];
        $surface = $ground;
        $certainty = $groundCertainty;
        foreach ($steps as $step) {
            $outcomes[] = $outcome = self::step($step, $area, $surface, $certainty);
            $surface = $outcome->after;
            $certainty = $outcome->certainty;
        }

        return $outcomes;
    }

    /** @param float|null $groundCertainty ± of what lies below (CIEDE2000); null for a typed-in ground */
    public static function step(PlannedStep $step, Area $area, Surface $below, ?float $groundCertainty = null): StepOutcome
    {
        $technique = $step->technique;
        $application = $step->application();
        $pigment = $step->mix->pigment();
        $load = $step->thinning->load();
        [$computed, $coatsReason, $proposed] = self::coats($step, $below);
        $coats = $step->coats ?? $proposed;
        $applied = 0.0;
        foreach (array_values($area->relief->shares()) as $face => $share) {
            $applied += $area->surfaceCm2 * $share * $application->coverage()[$face] * $application->thickness()[$face]
                * $coats * Defaults::FILM_UL_PER_CM2;
        }
        $face = $technique->face();
        $ground = $groundCertainty ?? ColourSource::Typed->single();
        $tool = $technique->tool($area->surfaceCm2);
        $reasons = [...array_map(static fn (Finding $f): Finding => self::thinningReason($f, $step), $step->why), ...self::mixReason($step), $coatsReason];
        if ($step->coats !== null && $step->coats !== $proposed) {
            $reasons[] = new Finding('coats.overruled', 'You plan {yours} instead of {proposed}.', ['yours' => self::counted($step->coats), 'proposed' => (string) $proposed]);
        }

        return new StepOutcome(
            $step,
            $below,
            $step->omitted ? $below : $application->coats($pigment, $load, $coats, $below),
            $coats,
            $computed,
            self::difference($step),
            $step->omitted ? $ground : $step->mix->certaintyOver($below->face($face), $coats * $load * $application->on($face), $ground),
            $tool,
            Effort::minutes($technique, $area, $coats),
            Defaults::DRY_MINUTES[$technique->value] ?? 0,
            $step->omitted ? null : Amount::of($step->mix, $step->thinning, max(0.1, $applied)),
            $reasons,
            Cautions::before($tool, array_map(static fn (array $p): string => $p['paint']->behaviour->value, $step->mix->parts), $area->fragile),
        );
    }

    /** The look after the step with the coats it has or would be given. */
    public static function look(PlannedStep $step, Surface $below): Surface
    {
        return $step->application()->coats(
            $step->mix->pigment(),
            $step->thinning->load(),
            $step->coats ?? self::coats($step, $below)[2],
            $below,
        );
    }

    /** @return array{int|null, Finding, int} computed coats, the reason, and the number to propose */
    private static function coats(PlannedStep $step, Surface $below): array
    {
        if ($step->technique === Technique::Drybrush) {
            [, , $caught] = $step->technique->application()->coverage();
            $passes = (int) ceil(log(1 - Defaults::DRYBRUSHED_SHARE) / log(1 - $caught));

            return [$passes, new Finding('coats.drybrush', 'A pass catches {caught} % of what is still bare on the ridges: {passes} passes reach {reached} %.', [
                'caught' => (int) round(100 * $caught), 'passes' => $passes, 'reached' => (int) round(100 * (1 - (1 - $caught) ** $passes)),
            ]), $passes];
        }
        if (!$step->technique->countsCoats()) {
            return [1, new Finding('coats.once', 'Once is enough: a second pass would only darken or cloud it.'), 1];
        }
        $face = $step->technique->face();
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

    private static function difference(PlannedStep $step): ?float
    {
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
        $difference = self::difference($step);
        if ($difference === null) {
            return [new Finding('mix.yours-shade', '{mix} is your own choice for the shade.', ['mix' => $step->mix->words()])];
        }

        return [new Finding('mix.yours', 'Your own choice, {mix}, is {apart} from the wanted colour.', ['mix' => $step->mix->words(), 'apart' => $difference])];
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
