<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Judge;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\DifferenceWords;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Face;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Aim;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Finding;

/**
 * Where a recipe ends: how near its planes come to the colour that was wanted where they are meant to,
     after the last step that covers them,
 * what shades and effects move them afterwards, and what would mend either.
 */
final readonly class Ending
{
    /** Planes that come no nearer than this (CIEDE2000) are said first; a wash that moves them further as well. */
    public const FAR = 6.0;

    /** A step whose target lies this near (CIEDE2000) to the wanted colour is meant to be it; a transparent one a little further. */
    private const MEANT = 1.0;
    private const MEANT_BY_STAIN = 6.0;

    /** A mend has to bring the planes nearer by this (CIEDE2000) to be named. */
    private const WORTH_SAYING = 1.0;

    /** A step that covers less of the planes than this share of the area is a stroke, not their colour. */
    private const MOST_OF_IT = 0.5;

    /**
     * @param Surface $surface at the very end
     * @param float $off of the planes from the colour that was wanted, where they are meant to be it, CIEDE2000
     * @param float $moved how far what comes after moves them, CIEDE2000
     * @param float|null $recess of the recesses from what their last step aimed at; null where none did
     * @param float|null $ridge of the ridges likewise
     * @param string $words how the planes differ: "clearly darker and a little redder"
     * @param Finding|null $finding null where they are near enough
     */
    private function __construct(
        public Surface $surface,
        public float $off,
        public float $moved,
        public ?float $recess,
        public ?float $ridge,
        public string $words,
        public ?Finding $finding,
    ) {
    }

    /** @param non-empty-list<StepOutcome> $outcomes of the recipe, those of the undercoat may stand first */
    public static function of(array $outcomes, Area $area, Oklch $intended): self
    {
        $end = $outcomes[count($outcomes) - 1]->look->after;
        $at = self::met($outcomes, $intended);
        $met = $outcomes[$at]->look->after;
        $plane = self::meant($outcomes, $area, $intended) ?? $met->plane->toLab();
        $off = self::apart($plane, $intended->toLab());
        $words = DifferenceWords::between($intended->toLab(), $plane);
        $after = array_slice($outcomes, $at + 1);

        return new self(
            $end,
            $off,
            self::apart($met->plane->toLab(), $end->plane->toLab()),
            self::aimed($outcomes, Face::Recess),
            self::aimed($outcomes, Face::Ridge),
            $words,
            $off <= self::FAR ? self::washed($after, $met) : self::mend($outcomes, $at, $area, $intended, $off, $words),
        );
    }

    /**
     * The step after which the planes are meant to be the colour: the last that covers them, or stains them to it, before any effect.
     *
     * @param non-empty-list<StepOutcome> $outcomes
     */
    private static function met(array $outcomes, Oklch $intended): int
    {
        $found = null;
        foreach ($outcomes as $i => $outcome) {
            $step = $outcome->step;
            $mix = $step->load->mix;
            $isOfColours = !in_array($step->stage, [Stage::Wash, Stage::Highlight, Stage::Detail, Stage::Finish, Stage::Base], true);
            if (!$step->isFilm() || $mix === null || !$isOfColours || $step->isOfFigure() || $step->handling->omitted) {
                continue;
            }
            $place = $step->scope->place;
            $isWhole = $step->coverage()->plane * $place->share >= self::MOST_OF_IT && $place->part === ''
                && ($place->face === null || $place->face === Face::Plane);
            $isThin = $mix->isTransparent() || in_array($step->technique, [Technique::Glaze, Technique::Stain], true);
            $within = $isThin ? self::MEANT_BY_STAIN : INF;
            $isMeant = $step->target === null || self::apart($step->target->toLab(), $intended->toLab()) <= $within;
            $isCoat = $step->technique !== Technique::ShadeLayer;
            $found = $isWhole && $isMeant && $isCoat ? $i : $found;
        }

        return $found ?? count($outcomes) - 1;
    }

    /**
     * What a shade does to planes that are the colour, where that is much: said as what the wash does, with its three ways out.
     *
     * @param list<StepOutcome> $after
     */
    private static function washed(array $after, Surface $met): ?Finding
    {
        $most = self::FAR;
        $found = null;
        foreach ($after as $outcome) {
            $step = $outcome->step;
            $moved = self::apart($outcome->look->below->plane->toLab(), $outcome->look->after->plane->toLab());
            if ($step->stage === Stage::Wash && !$step->isOfFigure() && $step->load->mix !== null && $moved > $most) {
                $most = $moved;
                $found = $outcome;
            }
        }
        if ($found === null || self::apart($met->plane->toLab(), $after[count($after) - 1]->look->after->plane->toLab()) <= self::FAR) {
            return null;
        }

        return new Finding(
            'end.washed',
            'The planes are the colour, and {wash} takes them {moved} further. Ways out: into the recesses only, 1:1 with medium, or the '
                .'colour again on the planes.',
            ['wash' => $found->step->words(), 'moved' => $most],
        );
    }

    /**
     * How far a face ends from what the last step that aimed at it wanted of it; a wash aims at the recesses.
     *
     * @param non-empty-list<StepOutcome> $outcomes
     */
    private static function aimed(array $outcomes, Face $face): ?float
    {
        $wanted = null;
        foreach ($outcomes as $outcome) {
            $step = $outcome->step;
            $at = $step->stage === Stage::Wash ? Face::Recess : $step->face();
            if ($at === $face && $step->isFilm() && !$step->isOfFigure() && $step->scope->who->isAll()) {
                $wanted = $step->target ?? $wanted;
            }
        }
        $end = $outcomes[count($outcomes) - 1]->look->after;

        return $wanted === null ? null : self::apart($end->face($face)->toLab(), $wanted->toLab());
    }

    /**
     * A gem, a lens, an eye run from dark to light, and their colour lies between: it is judged by the paint that is meant to be it.
     *
     * @param non-empty-list<StepOutcome> $outcomes
     */
    private static function meant(array $outcomes, Area $area, Oklch $intended): ?Lab
    {
        $found = null;
        foreach ($area->relief === Relief::Orb ? $outcomes : [] as $outcome) {
            $step = $outcome->step;
            $isIt = $step->target !== null && self::apart($step->target->toLab(), $intended->toLab()) < self::MEANT;
            $found = $isIt && $step->isFilm() && $step->load->mix !== null && !$step->load->mix->isTransparent()
                ? $step->load->mix->lab() : $found;
        }

        return $found;
    }

    /** How far a plane is from the colour that was wanted, CIEDE2000. */
    public static function apart(Lab $plane, Lab $intended): float
    {
        return Ciede2000::difference($plane, $intended);
    }

    /**
     * A layer of a pot that is in the recipe, laid where the planes are meant to be the colour: effects above it stay.
     *
     * @param non-empty-list<StepOutcome> $outcomes
     */
    private static function mend(array $outcomes, int $at, Area $area, Oklch $intended, float $off, string $words): Finding
    {
        $met = $outcomes[$at]->look->after;
        $best = null;
        foreach ($outcomes as $outcome) {
            $step = $outcome->step;
            $isEffect = in_array($step->stage, [Stage::Finish, Stage::Base], true);
            if (!$step->isFilm() || $step->load->mix?->isTransparent() !== false || $step->isOfFigure() || $isEffect) {
                continue;
            }
            $load = Load::usual($step->load->mix, Load::use(Technique::Layer, $step->load->mix));
            $layer = new PlannedStep(StepKey::of('layer'), Technique::Layer, $step->target, $load);
            $laid = Simulation::step($layer, $area, $met);
            $then = self::apart($laid->look->after->plane->toLab(), $intended->toLab());
            if ($then < $off - self::WORTH_SAYING && ($best === null || $then < $best[0])) {
                $best = [$then, $laid];
            }
        }
        $facts = ['off' => $off, 'words' => $words];
        $own = self::nearest($outcomes, $intended);

        return match (true) {
            $best !== null => new Finding('end.off', 'The planes come to {off} off: {words} than you want. A layer of {mix} there,'
                .' {coats}, '
                .'would bring them within {then}.', [
                ...$facts,
                'mix' => $best[1]->step->words(),
                'coats' => Counted::Coats->of($best[1]->labour->coats),
                'then' => $best[0],
            ]),
            $own !== null => new Finding(
                'end.off',
                'The planes come to {off} off: {words} than you want. {pot} is the colour itself: another coat of it, or less thinner, '
                    .'brings them nearer.',
                [...$facts, 'pot' => $own],
            ),
            default => new Finding(
                'end.off',
                'The planes come to {off} off: {words} than you want. Nothing in this recipe comes nearer; a paint nearer to it, or'
                    .' another '
                    .'ground, would.',
                $facts,
            ),
        };
    }

    /**
     * A mix of the recipe that is the wanted colour itself; null where none is.
     *
     * @param list<StepOutcome> $outcomes
     */
    private static function nearest(array $outcomes, Oklch $intended): ?string
    {
        foreach ($outcomes as $outcome) {
            $mix = $outcome->step->load->mix;
            $isCover = $mix !== null && $mix->hasColour() && !$mix->isTransparent();
            if ($isCover && self::apart($mix->lab(), $intended->toLab()) <= Aim::Colour->within()) {
                return $outcome->step->words();
            }
        }

        return null;
    }
}
