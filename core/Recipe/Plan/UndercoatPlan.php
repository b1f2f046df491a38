<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Tone;
use Kalokroma\Undercoat\UndercoatProblem;

/** What lies under all areas of a figure: its steps in order. One company has one undercoat. */
final readonly class UndercoatPlan
{
    public const MOST_STEPS = 9;

    /**
     * @param non-empty-list<UndercoatStep> $steps
     * @param string $reason why it is this one, in a sentence
     * @param bool $own whether the painter chose it; else it is advised again when shelf or colours change
     * @param int $given number of the highest key that a step of it ever had, whether it is still there or not
     *
     * @throws UndercoatProblem
     */
    public function __construct(
        public array $steps,
        public string $reason = '',
        public bool $own = false,
        public int $given = 1,
    ) {
        if ($steps[0]->from !== null || $steps[0]->areas !== []) {
            throw UndercoatProblem::firstAllOver();
        }
        if (count($steps) > self::MOST_STEPS) {
            throw UndercoatProblem::tooManySprays(self::MOST_STEPS);
        }
    }

    /** A ground of one paint or several, a step for each. */
    public static function of(Ground $ground, Kind $kind, string $reason = '', bool $own = false): self
    {
        return (new self([new UndercoatStep(StepKey::ofUndercoat(), $ground->primer, $ground->tone, $kind)], $reason, $own))
            ->laidAs($ground, $kind);
    }

    /** What is seen at the end, where no area stands on a ground of its own. */
    public function ground(): Ground
    {
        return $this->laidBy(array_values(array_filter($this->steps, static fn (UndercoatStep $s): bool => $s->areas === [])));
    }

    /** What this area stands on. */
    public function groundOf(string $area): Ground
    {
        return $this->laidBy(array_values(array_filter($this->steps, static fn (UndercoatStep $s): bool => $s->isOn($area))));
    }

    /** Whether areas stand on a ground of their own. */
    public function hasGroundsOfAreas(): bool
    {
        return array_filter($this->steps, static fn (UndercoatStep $s): bool => $s->areas !== []) !== [];
    }

    /**
     * The same for a figure of which these areas are left: what is for none of them is dropped.
     *
     * @param list<string> $areas ids
     */
    public function among(array $areas): self
    {
        $steps = [$this->steps[0]];
        foreach (array_slice($this->steps, 1) as $step) {
            if ($step->areas === [] || array_intersect($step->areas, $areas) !== []) {
                $steps[] = $step->areas === [] ? $step : $step->only(array_values(array_intersect($step->areas, $areas)));
            }
        }

        return new self($steps, $this->reason, $this->own, $this->given);
    }

    /** How the first step is laid. */
    public function kind(): Kind
    {
        return $this->steps[0]->kind;
    }

    /** The same as the painter's own choice, or as advice, for this reason. */
    public function because(string $reason, bool $own): self
    {
        return new self($this->steps, $reason, $own, $this->given);
    }

    /** Another ground in place of this one, its first step thinned and coated as the first one was; grounds of single areas stay. */
    public function laidAs(Ground $ground, Kind $kind): self
    {
        $steps = [$this->steps[0]->painted($ground->primer, $ground->tone)->by($kind)];
        $given = $this->given;
        foreach ($ground->lights as $i => ['paint' => $paint, 'spray' => $spray]) {
            $twin = $this->steps[$i + 1] ?? null;
            $goesOn = $twin?->paint?->id === $paint->id && $spray->is($twin->from) && $twin->areas === [];
            $key = $goesOn ? $twin->key : StepKey::ofUndercoat(++$given);
            $steps[] = new UndercoatStep($key, $paint, Tone::of($paint), $kind, $spray);
        }
        $ofAreas = array_filter($this->steps, static fn (UndercoatStep $s): bool => $s->areas !== []);

        return new self([...$steps, ...array_values($ofAreas)], $this->reason, $this->own, $given);
    }

    /**
     * These steps in place of those that are there.
     *
     * @param non-empty-list<UndercoatStep> $steps the first goes on as the first, whatever else has no key of this plan is new
     *
     * @throws UndercoatProblem
     */
    public function withSteps(array $steps): self
    {
        $given = $this->given;
        $known = array_map(static fn (UndercoatStep $s): string => $s->key->value, $this->steps);
        $taken = [];
        $kept = [];
        foreach ($steps as $i => $step) {
            $isKnown = in_array($step->key->value, $known, true) && !isset($taken[$step->key->value]);
            $key = $i === 0 ? $this->steps[0]->key : ($isKnown ? $step->key : StepKey::ofUndercoat(++$given));
            $taken[$key->value] = true;
            $kept[] = new UndercoatStep(
                $key,
                $step->paint,
                $step->tone,
                $step->kind,
                $step->from,
                $step->areas,
                $step->coats,
                $step->thinning,
            );
        }

        return new self($kept, $this->reason, $this->own, $given);
    }

    /**
     * @param callable(UndercoatStep): UndercoatStep $change
     *
     * @throws RecipeProblem where no step has this key
     */
    public function changed(string $key, callable $change): self
    {
        $steps = $this->steps;
        foreach ($steps as $i => $step) {
            if ($step->key->is($key)) {
                $steps[$i] = $change($step);

                return new self($steps, $this->reason, $this->own, $this->given);
            }
        }

        throw RecipeProblem::noSuchStep($key);
    }

    /** Whether one of its sprays has this key. */
    public function has(string $key): bool
    {
        foreach ($this->steps as $step) {
            if ($step->key->is($key)) {
                return true;
            }
        }

        return false;
    }

    /** @param list<UndercoatStep> $steps the first of them all over */
    private function laidBy(array $steps): Ground
    {
        $first = $this->steps[0];
        $lights = [];
        foreach ($steps as $step) {
            if ($step->from === null) {
                $first = $step;
                $lights = [];
            } elseif ($step->paint !== null && $step->paint->id !== $first->paint?->id) {
                $lights[] = ['paint' => $step->paint, 'spray' => $step->from];
            }
        }

        return $first->paint === null || $lights === []
            ? Ground::uniform($first->tone, $first->paint)
            : Ground::sketch($first->paint, $lights);
    }
}
