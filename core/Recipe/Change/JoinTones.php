<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Colour\Oklch;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\Scope;
use Kalokroma\Recipe\Predict\Joining;
use Kalokroma\Recipe\Predict\JoiningGlaze;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;

/** Two tones that were laid side by side, glazed into one another behind the later of them. */
final readonly class JoinTones implements PlanChange
{
    /** Share of the area that the strip along the border takes; a starting value of our own. */
    private const STRIP = 0.25;

    /** What is a tone: it covers, so that another can lie beside it. */
    private const TONES = [
        Technique::Basecoat, Technique::Layer, Technique::FeatheredLayer, Technique::ShadeLayer, Technique::BlockIn,
        Technique::AirbrushCoat, Technique::FurtherCoat,
    ];

    /**
     * @param string $key of the one tone
     * @param string $other of the other
     * @param string $from one of {@see Joining::FROM}
     */
    public function __construct(private string $key, private string $other, private string $from)
    {
    }

    /** Its tone, where it lays one. */
    public static function tone(PlannedStep $step): ?Mix
    {
        $mix = $step->load->mix;

        return $mix?->hasColour() === true && in_array($step->technique, self::TONES, true) && !$step->isOfFigure() ? $mix : null;
    }

    public function on(Plan $plan): Plan
    {
        $behind = max($plan->at($this->key), $plan->at($this->other));
        $way = array_values(array_filter(
            Joining::of($this->toneOf($plan, $this->key), $this->toneOf($plan, $this->other)),
            fn (Joining $j): bool => $j->from === $this->from,
        ))[0] ?? throw RecipeProblem::nothingToJoin();
        $after = $plan->steps[$behind]->key->value;
        foreach ($way->glazes as $glaze) {
            $step = self::step($plan, $glaze, $way);
            $plan = (new AddStep($step, $after))->on($plan);
            $after = $step->key->value;
        }

        return $plan;
    }

    public function words(Plan $plan): string
    {
        return 'joined '.$plan->wordsOf($this->key).' and '.$plan->wordsOf($this->other);
    }

    /** @throws RecipeProblem where it lays none */
    private function toneOf(Plan $plan, string $key): Mix
    {
        return self::tone($plan->steps[$plan->at($key)]) ?? throw RecipeProblem::nothingToJoin();
    }

    private static function step(Plan $plan, JoiningGlaze $glaze, Joining $way): PlannedStep
    {
        $load = Load::usual($glaze->mix, Load::use(Technique::Glaze, $glaze->mix), $glaze->thinning->ratio());

        return new PlannedStep(
            $plan->freeKey(Technique::Glaze->value),
            Technique::Glaze,
            Oklch::fromLab($glaze->mix->lab()),
            $load,
            new Scope(new Place(share: self::STRIP)),
            new Handling($glaze->layers(), note: sprintf(
                'Over the edge of %s, each layer a little further back.',
                $glaze->over->words(),
            )),
            [$way->reason()],
        );
    }
}
