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
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Finding;

/** Where a recipe ends: how far its planes are from the colour that was wanted, and what would mend that. */
final readonly class Ending
{
    /** Planes that end further off than this (CIEDE2000) are said first. */
    public const FAR = 6.0;

    /** A step whose target lies this near (CIEDE2000) to the wanted colour is meant to be it. */
    private const MEANT = 1.0;

    /** A mend has to bring the planes nearer by this (CIEDE2000) to be named. */
    private const WORTH_SAYING = 1.0;

    /**
     * @param float $off of the planes from the colour that was wanted, CIEDE2000
     * @param float|null $recess of the recesses from what their last step aimed at; null where none did
     * @param float|null $ridge of the ridges likewise
     * @param string $words how the planes differ: "clearly darker and a little redder"
     * @param Finding|null $finding null where they are near enough
     */
    private function __construct(
        public Surface $surface,
        public float $off,
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
        $plane = self::meant($outcomes, $area, $intended) ?? $end->plane->toLab();
        $off = self::apart($plane, $intended->toLab());
        $words = DifferenceWords::between($intended->toLab(), $plane);

        return new self(
            $end,
            $off,
            self::aimed($outcomes, Face::Recess),
            self::aimed($outcomes, Face::Ridge),
            $words,
            $off <= self::FAR ? null : self::mend($outcomes, $area, $intended, $off, $words),
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

    /** @param non-empty-list<StepOutcome> $outcomes */
    private static function mend(array $outcomes, Area $area, Oklch $intended, float $off, string $words): Finding
    {
        $end = $outcomes[count($outcomes) - 1]->look->after;
        $best = null;
        foreach ($outcomes as $outcome) {
            $step = $outcome->step;
            if (!$step->isFilm() || $step->load->mix?->isTransparent() !== false || $step->isOfFigure()) {
                continue;
            }
            $load = Load::usual($step->load->mix, Load::use(Technique::Layer, $step->load->mix));
            $layer = new PlannedStep(StepKey::of('layer'), Technique::Layer, $step->target, $load);
            $laid = Simulation::step($layer, $area, $end);
            $then = self::apart($laid->look->after->plane->toLab(), $intended->toLab());
            if ($then < $off - self::WORTH_SAYING && ($best === null || $then < $best[0])) {
                $best = [$then, $laid];
            }
        }
        $facts = ['off' => $off, 'words' => $words];

        return $best === null
            ? new Finding(
                'end.off',
                'The planes end {off} off: {words} than you want. Nothing in this recipe comes nearer; a paint nearer to it, or another '
                    .'ground, would.',
                $facts,
            )
            : new Finding('end.off', 'The planes end {off} off: {words} than you want. A layer of {mix} at the end, {coats}, would bring '
                .'them within {then}.', [
                ...$facts,
                'mix' => $best[1]->step->words(),
                'coats' => Counted::Coats->of($best[1]->labour->coats),
                'then' => $best[0],
            ]);
    }
}
