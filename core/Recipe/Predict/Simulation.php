<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Caution\Cautions;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Film\Faces;
use Kalokroma\Film\Pigment;
use Kalokroma\Film\Sheen;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/**
 * Lays the planned steps of an area one over the other and predicts the look after each.
 */
final class Simulation
{
    /** Glazes beyond the one that gains less than this (CIEDE2000) are not counted. */
    private const GLAZE_GAINS = 1.0;

    /**
     * Figures that a step names one by one look otherwise than the others: what lies on them is laid apart, and such a step shows the
     * first of them. Zones lie side by side.
     *
     * @param list<PlannedStep> $steps
     * @param float|null $groundCertainty ± of the ground (CIEDE2000); null for a typed-in one
     *
     * @return list<StepOutcome> one for each step; an omitted one leaves the surface as it is, one of a loop shows the last round
     */
    public static function run(array $steps, Area $area, Surface $ground, ?float $groundCertainty = null): array
    {
        $outcomes = [];
        foreach (self::figures($steps) as $figure) {
            $its = array_filter($steps, static fn (PlannedStep $s): bool => self::isOn($s, $figure));
            foreach (self::one($its, $area, Lying::ground($ground, $groundCertainty)) as $i => $outcome) {
                $outcomes[$i] ??= $outcome;
            }
        }
        ksort($outcomes);

        return array_values($outcomes);
    }

    /**
     * @param list<PlannedStep> $steps
     *
     * @return list<int|null> null for the figures that nothing names, then a number for each way of looking otherwise
     */
    private static function figures(array $steps): array
    {
        $figures = [null];
        foreach ($steps as $step) {
            $figures = $step->scope->who->isChosen() ? [...$figures, $step->scope->who->named[0]] : $figures;
        }

        return array_values(array_unique($figures));
    }

    /** Whether a step is for this figure; what is for the leaders shows on all that nothing names. */
    private static function isOn(PlannedStep $step, ?int $figure): bool
    {
        return $figure === null ? !$step->scope->who->isChosen() : $step->scope->who->includes($figure, $figure);
    }

    /**
     * @param array<int, PlannedStep> $steps
     *
     * @return array<int, StepOutcome>
     */
    private static function one(array $steps, Area $area, Lying $lying): array
    {
        $outcomes = $at = [];
        foreach ($steps as $i => $step) {
            $at[$step->key->value] = $i;
            $loop = $step->scope->loop;
            $from = $loop === null ? $i : $at[$loop->from] ?? $i;
            $first = $loop === null || $from < $i ? $step : self::inRound($step, $loop->shares[0]);
            [$outcomes[$i], $lying] = self::on($lying, $first, $area, self::isCovered($steps, $i));
            for ($round = 1; $loop !== null && $round < $loop->rounds; ++$round) {
                foreach (array_filter(array_keys($steps), static fn (int $n): bool => $n >= $from && $n <= $i) as $again) {
                    $inRound = self::inRound($steps[$again], $loop->shares[$round]);
                    [$next, $lying] = self::on($lying, $inRound, $area, self::isCovered($steps, $again));
                    $outcomes[$again] = $next->of($steps[$again])->inRounds($round + 1, $outcomes[$again]);
                }
            }
            $outcomes[$i] = $outcomes[$i]->of($step);
        }

        return $outcomes;
    }

    /** The step as one round does it, on so much of its place. */
    private static function inRound(PlannedStep $step, float $share): PlannedStep
    {
        return $share === 1.0 ? $step : $step->at($step->scope->place->scaled($share));
    }

    /**
     * @param float|null $groundCertainty ± of what lies below (CIEDE2000); null for a typed-in ground
     * @param bool $covered whether a wash or a layer follows that covers it, so that it need not hide wholly
     */
    public static function step(
        PlannedStep $step,
        Area $area,
        Surface $below,
        ?float $groundCertainty = null,
        bool $covered = false,
    ): StepOutcome {
        return self::on(Lying::ground($below, $groundCertainty), $step, $area, $covered)[0];
    }

    /**
     * @param array<int, PlannedStep> $steps
     *
     * @return bool whether one of those above the step of this place covers it
     */
    private static function isCovered(array $steps, int $at): bool
    {
        foreach ($steps as $i => $step) {
            if ($i > $at && !$step->handling->omitted && $step->technique->covers() && $step->meets($steps[$at])) {
                return true;
            }
        }

        return false;
    }

    /** @return array{StepOutcome, Lying} what comes of it, and what lies there then */
    private static function on(Lying $lying, PlannedStep $step, Area $area, bool $covered): array
    {
        $technique = $step->technique;
        $zone = $step->scope->place->zone();
        [$computed, $why, $proposed] = self::most($step, $lying->within($zone), $covered);
        $coats = $step->handling->coats ?? $proposed;
        $tool = $step->tool($area->surfaceCm2);
        $load = $coats * $step->load->thinning->load();
        $then = self::then($lying, $step, $coats, $load);
        $look = new Look(
            $lying->surface(),
            $then->surface(),
            self::difference($step),
            $then->certainty($zone),
            $zone->isAll() ? null : $then->surface($zone),
        );
        $minutes = Effort::minutes($technique, $area, $coats, match (true) {
            Meeting::in($step) => Faces::all(1.0),
            $step->scope->place->isUsual() => null,
            default => $step->coverage(),
        })
            * ($step->handling->sloppy ? Handling::SLOPPY : 1.0);
        $loading = min($minutes, Effort::loading($technique));
        if ($step->isSprayedFromACan()) {
            $minutes = Effort::undercoatMinutes(Kind::SprayCan, $area->surfaceCm2, $coats);
            $loading = 0.0;
        }
        $behaviours = array_map(static fn (Paint $p): string => $p->behaviour->value, $step->load->paints());
        $blend = Meeting::reason($step, $area, ($minutes - $loading) / max(1, $coats));

        return [new StepOutcome(
            $step,
            $look,
            new Labour($coats, $computed, $minutes, self::dries($step), $tool, loading: $loading),
            self::amount($step, $area, $coats),
            [...Reasons::of($step, $look->difference, $why, $proposed), ...$blend === null ? [] : [$blend]],
            Cautions::before($tool, $behaviours, $area->fragile, $technique->facts()->doing),
        ), $then];
    }

    /**
     * What lies there after so many coats: of two that meet, the second lies on the rest of the area.
     *
     * @param float|null $load pigment of all coats, in undiluted ones; null where nobody asks how sure it is
     */
    private static function then(Lying $lying, PlannedStep $step, int $coats, ?float $load): Lying
    {
        $after = static fn (PlannedStep $by): callable => static fn (Laid $laid): Laid => $laid->after(
            $by,
            $step->handling->omitted ? $laid->surface : self::laid($laid, $by, $coats),
            $load === null ? 0.0 : self::certainty($laid, $by, $load),
        );
        $zone = $step->scope->place->zone();
        $then = $lying->changed($zone, $after($step));

        return $zone->isAll() || !Meeting::in($step) ? $then : $then->changed($zone->opposite(), $after(Meeting::rest($step)));
    }

    /** Minutes before the next step, by what the painter wants, else by what is loaded. */
    private static function dries(PlannedStep $step): int
    {
        return $step->handling->wait
            ?? ($step->isSprayedFromACan() ? Kind::SprayCan->dryMinutes() : $step->technique->facts()->dry);
    }

    /**
     * Where zones have come to differ, the one that takes most coats decides.
     *
     * @param non-empty-list<Laid> $below
     *
     * @return array{int|null, Finding|null, int} as {@see self::coats()}
     */
    private static function most(PlannedStep $step, array $below, bool $covered): array
    {
        $most = null;
        foreach ($below as $laid) {
            $counted = self::coats($step, $laid->surface, $covered);
            $most = $most === null || $counted[2] > $most[2] ? $counted : $most;
        }

        return $most;
    }

    /** The look after the step with the coats it has or would be given. */
    public static function look(PlannedStep $step, Surface $below, bool $covered = false): Surface
    {
        $coats = $step->handling->coats ?? self::coats($step, $below, $covered)[2];

        return self::then(Lying::ground($below), $step->leftOut(false), $coats, null)->surface();
    }

    private static function laid(Laid $laid, PlannedStep $step, int $coats): Surface
    {
        $below = $laid->surface;
        if ($step->technique === Technique::Stripping) {
            return Surface::uniform(Reflectance::flat(Undercoating::BARE));
        }
        $facts = $step->technique->facts();
        if ($facts->sheen !== null) {
            return self::varnished(
                $laid,
                $facts->sheen,
                $step->scope->place->within($step->technique === Technique::GlossSpot ? Application::Dot : Application::Coat),
            );
        }
        $beneath = $laid->beneath($step->technique);
        if ($beneath !== null) {
            return self::revealed($below, $beneath, $facts->removed->times($step->scope->place->share));
        }
        if ($step->load->mix === null || !$step->isFilm()) {
            return $below;
        }

        if ($step->load->meets !== null && $step->scope->place->zone()->isAll()) {
            return Meeting::over($step, $step->load->mix, $step->load->meets, $coats, $below);
        }
        $pigment = self::pigment($laid, $step, $step->load->mix);

        return $step->application()->coats($pigment, $step->load->thinning->load(), $coats, $below, $step->touched());
    }

    /** What is on the brush: an unwashed one takes a share of the tone before along. */
    private static function pigment(Laid $laid, PlannedStep $step, Mix $mix): Pigment
    {
        $before = $step->handling->unwashed ? $laid->loaded : null;

        return $before === null
            ? $mix->pigment()
            : Pigment::mix([[$mix->pigment(), 1 - Defaults::UNWASHED_SHARE], [$before->pigment(), Defaults::UNWASHED_SHARE]]);
    }

    /** @param Faces $share of each face that is varnished */
    private static function varnished(Laid $laid, Sheen $sheen, Faces $share): Surface
    {
        $below = $laid->surface;
        $on = static fn (Face $face): Reflectance => $below->face($face)->blend(
            $laid->sheen->varnished($below->face($face), $sheen),
            $share->on($face),
        );

        return new Surface($on(Face::Recess), $on(Face::Plane), $on(Face::Ridge));
    }

    /** @param Faces $removed share of the last film taken off each face */
    private static function revealed(Surface $now, Surface $beneath, Faces $removed): Surface
    {
        return new Surface(
            $now->recess->blend($beneath->recess, $removed->recess),
            $now->plane->blend($beneath->plane, $removed->plane),
            $now->ridge->blend($beneath->ridge, $removed->ridge),
        );
    }

    /** @param float $load pigment of all coats, in undiluted ones */
    private static function certainty(Laid $laid, PlannedStep $step, float $load): float
    {
        $mix = $step->load->mix;
        if ($step->handling->omitted || $mix === null || !$step->isFilm()) {
            return $laid->certainty;
        }
        $face = $step->face();
        $thickness = $load * max(0.1, $step->application()->on($face));
        $of = static fn (Mix $m): float => $m->certaintyOver($laid->surface->face($face), $thickness, $laid->certainty);
        $certain = $step->load->meets === null ? $of($mix) : max($of($mix), $of($step->load->meets));

        return $step->load->open === [] ? $certain : max($certain, Reasons::openRange($step->load, $mix) / 2);
    }

    private static function amount(PlannedStep $step, Area $area, int $coats): ?Amount
    {
        $mix = $step->handling->omitted ? null : $step->load->mix;
        if ($mix === null || $step->load->open !== [] || $mix->first()->form->isAsItComes()) {
            return null;
        }
        $lies = $step->application() !== Application::None;
        $thickness = $lies ? $step->application()->thickness() : Faces::all(1.0);
        $coverage = $lies ? $step->coverage() : $step->scope->place->coverage(Application::Coat);
        $film = 0.0;
        foreach (Face::cases() as $face) {
            $film += $area->relief->shares()->on($face) * $coverage->on($face) * max(
                $coverage->on($face) > 0.0 ? 0.1 : 0.0,
                $thickness->on($face),
            );
        }

        $applied = max(0.1, $area->surfaceCm2 * $film * $coats * Defaults::FILM_UL_PER_CM2);

        return self::inMixes($step, $mix, $applied);
    }

    /** @param float $applied thinned, of all mixes together, µl: two that meet share the area */
    private static function inMixes(PlannedStep $step, Mix $mix, float $applied): Amount
    {
        $second = $step->load->meets;
        if ($second === null) {
            return Amount::of($mix, $step->load->thinning, $applied);
        }
        $place = $step->scope->place;
        [$first, $rest] = $place->zone()->isAll() ? [0.5, 0.5] : [1.0, (1 - $place->portion()) / $place->portion()];

        return Amount::of($mix, $step->load->thinning, $first * $applied)
            ->beside(Amount::of($second, $step->load->thinning, $rest * $applied));
    }

    /** @return array{int|null, Finding|null, int} computed coats, the reason, and the number to propose */
    private static function coats(PlannedStep $step, Surface $below, bool $covered): array
    {
        $mix = $step->isFilm() ? $step->load->mix : null;
        if ($step->technique->isPassed()) {
            $usual = self::passes($step->technique->application()->coverage()->ridge);
            $isOwn = $step->technique === Technique::Drybrush && $mix !== null;

            return ($isOwn ? Passes::broughtBack($step, $mix, $below, $usual[0]) : null) ?? $usual;
        }
        if ($step->technique === Technique::Glaze && $mix !== null && $step->target !== null) {
            return self::glazes($step, $mix, $step->target->toLab(), $below);
        }
        if ($step->technique->countsCoats() && $mix !== null) {
            return Passes::of($step, $mix, $below, $covered);
        }
        $isOnce = $step->scope->loop === null && ($step->technique->isWash() || $step->technique === Technique::Dot);

        return [1, $isOnce ? new Finding('coats.once', 'Once is enough: a second pass would only darken or cloud '
            .'it.', [], Reason::Once) : null, 1];
    }

    /**
     * @param float $caught share of the bare ridge that one pass catches, 0..1
     *
     * @return array{int, Finding, int}
     */
    private static function passes(float $caught): array
    {
        $passes = (int) ceil(log(1 - Defaults::DRYBRUSHED_SHARE) / log(1 - $caught));

        return [$passes, new Finding(
            'coats.drybrush',
            'A pass catches {caught} % of what is still bare on the ridges: {passes, plural, one {# pass reaches} '
                .'other {# passes reach}} {reached} %.',
            ['caught' => (int) round(100 * $caught), 'passes' => $passes, 'reached' => (int) round(100 * (1 - (1 - $caught) ** $passes))],
        ), $passes];
    }

    /** @return array{int, Finding, int} */
    private static function glazes(PlannedStep $step, Mix $mix, Lab $wanted, Surface $below): array
    {
        $face = $step->face();
        $on = static fn (int $layers): float => Ciede2000::difference(
            $step->application()->coatsOn(
                $face,
                $mix->pigment(),
                $step->load->thinning->load(),
                $layers,
                $below->face($face),
                $step->touched(),
            )->toLab(),
            $wanted,
        );
        $before = Ciede2000::difference($below->face($face)->toLab(), $wanted);
        $layers = 1;
        $now = $on(1);
        while ($layers < Glazing::MOST_LAYERS && $now - ($next = $on($layers + 1)) >= self::GLAZE_GAINS) {
            ++$layers;
            $now = $next;
        }

        return [$layers, new Finding(
            'coats.glazes',
            'The {face} starts {before} from the wanted tone; {layers, plural, one {# glaze brings} other {# glazes '
                .'bring}} it to {now}, another would gain {gain}.',
            ['face' => $face->value, 'before' => $before, 'layers' => $layers, 'now' => $now, 'gain' => max(0.0, $now - $on($layers + 1))],
        ), $layers];
    }

    private static function difference(PlannedStep $step): ?float
    {
        $mix = $step->load->mix;
        if (
            $mix === null || $step->target === null || $step->load->meets !== null
            || !$step->isFilm()
            || in_array($step->technique, [Technique::Glaze, Technique::Filter, Technique::Stain], true)
        ) {
            return null;
        }

        return $mix->isTransparent() ? null : Ciede2000::difference($mix->lab(), $step->target->toLab());
    }
}
