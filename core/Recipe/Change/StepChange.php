<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Tone;

/**
 * One step painted otherwise than it was planned: of an area, of the whole figure, or of the undercoat. What is not said stays as it is.
 *
 * @phpstan-import-type HandlingChange from Handling
 */
final readonly class StepChange implements PlanChange
{
    /** Most paints of a mix. */
    public const MOST_PAINTS = 4;

    /** Most drops of one paint in a mix. */
    public const MOST_PARTS = 99;

    /** Longest note, letters. */
    public const LONGEST_NOTE = Handling::LONGEST_NOTE;

    /** Longest words for where strokes go, or for which figures it is, letters. */
    public const LONGEST_WORDS = 120;

    /** How far mixes of one step may differ at most, ± CIEDE2000. */
    public const MOST_LIVELY = 20;

    /** What of the handling is called how, in the order in which it is told. */
    private const HANDLED = [
        'coats' => 'coats',
        'omitted' => 'leaving out',
        'note' => 'note',
        'tool' => 'tool',
        'wait' => 'wait',
        'sloppy' => 'neatness',
        'unwashed' => 'brush',
        'strokes' => 'strokes',
        'line' => 'width of lines',
        'batch' => 'batch',
        'lively' => 'variation',
        'after' => 'what comes first',
        'before' => 'what comes later',
    ];

    /**
     * @param string $key of the step
     * @param list<string> $open ids of the paints of the mix whose amount is left open
     * @param Mix|false|null $meets the second mix of a wet blend; false for none any more
     * @param array{Thinning|null, Thinner|null, Paint|null}|null $thinned how far, with what, with which pot of it; the ratio null to
     *   leave it open
     * @param Thinner|null $with thinned with this, as far as it was
     * @param HandlingChange $handling by the names of {@see Handling}
     */
    public function __construct(
        public string $key,
        public ?Mix $mix = null,
        public array $open = [],
        public Mix|false|null $meets = null,
        public ?array $thinned = null,
        public ?Thinner $with = null,
        public ?Place $place = null,
        public ?Who $who = null,
        public ?Level $level = null,
        public array $handling = [],
    ) {
    }

    public function on(Plan $plan): Plan
    {
        $steps = $plan->steps;
        $at = $plan->at($this->key);
        $steps[$at] = $this->of($steps[$at]);

        return HardRules::kept($plan, $plan->withSteps(array_values($steps)));
    }

    /** @throws RecipeProblem */
    public function of(PlannedStep $step): PlannedStep
    {
        $step = $this->loaded($step);
        $step = $this->place === null ? $step : $step->at($this->place);
        $step = $this->who === null ? $step : $step->for($this->who);
        $step = $this->level === null ? $step : $step->upTo($this->level);
        $handling = $this->handling;
        unset($handling['coats']);
        $step = array_key_exists('coats', $this->handling) ? $step->withCoats($this->handling['coats']) : $step;

        return $handling === [] ? $step : $step->withHandling($step->handling->with($handling));
    }

    /**
     * The same of a step of the undercoat.
     *
     * @throws RecipeProblem where something else than paint, thinning or coats would change
     */
    public function ofUndercoat(UndercoatStep $step): UndercoatStep
    {
        if (count($this->mix->parts ?? []) > 1) {
            throw RecipeProblem::onePrimer();
        }
        $paint = $this->mix?->first();
        if (
            $this->isEmpty()
            || $this->handling !== array_intersect_key($this->handling, ['coats' => true])
            || [$this->meets, $this->with, $this->place, $this->who, $this->level] !== [null, null, null, null, null]
        ) {
            throw RecipeProblem::notOfUndercoat(($this->handling['omitted'] ?? false) === true);
        }
        $step = $paint === null ? $step : $step->painted($paint, Tone::of($paint));
        $step = $this->thinned === null ? $step : $step->thinned($this->thinned[0]);

        return array_key_exists('coats', $this->handling) ? $step->coated($this->handling['coats']) : $step;
    }

    public function words(Plan $plan): string
    {
        return $this->changed().' of '.$plan->wordsOf($this->key);
    }

    /** What it touches, in words: "paint, thinning". */
    public function changed(): string
    {
        $said = array_filter([
            'paint' => $this->mix !== null,
            'second colour' => $this->meets !== null,
            'thinning' => $this->thinned !== null,
            'thinner' => $this->with !== null,
            'place' => $this->place !== null,
            'for whom' => $this->who !== null,
            'level' => $this->level !== null,
        ]);

        return implode(', ', [...array_keys($said), ...array_values(array_intersect_key(self::HANDLED, $this->handling))]);
    }

    /** Whether it says anything. */
    public function isEmpty(): bool
    {
        return $this->changed() === '';
    }

    /** @throws RecipeProblem */
    private function loaded(PlannedStep $step): PlannedStep
    {
        if ($this->mix !== null) {
            if ($step->technique->facts()->lies !== null) {
                $this->mix->pigment();
            }
            $step = $step->withMix($this->mix, $this->open);
        }
        if ($this->meets !== null) {
            $second = $this->meets === false ? null : $this->meets;
            $second?->pigment();
            $step = $step->meeting($second);
        }
        $step = $this->thinned === null ? $step : $step->thinned(...$this->thinned);

        return $this->with === null ? $step : $step->withLoad($step->load->thinnedWith($this->with));
    }
}
