<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Word\Counted;

/** The steps from one to another gone through several times; one round ends the loop. */
final readonly class LoopSteps implements PlanChange
{
    /** Longest words for when it is enough, letters. */
    public const LONGEST_EXIT = 120;

    /**
     * @param string $key of the last step of it
     * @param string $from key of the first
     * @param string $exit how to tell that it is enough; empty for what is usual of the technique
     * @param list<float>|null $shares of its place that each round touches, 0..1; null for all of it every time
     */
    public function __construct(
        private string $key,
        private string $from,
        private int $rounds,
        private string $exit = '',
        private ?array $shares = null,
    ) {
    }

    /**
     * With rounds that go smaller every time.
     *
     * @throws RecipeProblem
     */
    public static function smaller(string $key, string $from, int $rounds, string $exit): self
    {
        return new self($key, $from, $rounds, $exit, $rounds > 1 ? Loop::smaller($key, $rounds, '')->shares : null);
    }

    public function on(Plan $plan): Plan
    {
        $at = $plan->at($this->key);
        if ($plan->at($this->from) > $at) {
            throw RecipeProblem::loopBackward($this->from, $this->key);
        }
        $steps = $plan->steps;
        $usual = $steps[$at]->technique->facts()->exit;
        $exit = $this->exit !== '' ? $this->exit : ($usual !== '' ? $usual : 'again until it is strong enough');
        $steps[$at] = $steps[$at]->looped($this->rounds === 1 ? null : new Loop($this->from, $this->rounds, $exit, $this->shares ?? []));

        return $plan->withSteps(array_values($steps));
    }

    public function words(Plan $plan): string
    {
        $step = $plan->wordsOf($this->key);

        return $this->rounds > 1 ? Counted::Rounds->of($this->rounds).' up to '.$step : 'ended the loop of '.$step;
    }
}
