<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;

/** What lies under all areas of a figure: its steps in order. One company has one undercoat. */
final readonly class UndercoatPlan
{
    /**
     * @param non-empty-list<UndercoatStep> $steps
     * @param string $reason why it is this one, in a sentence
     * @param bool $own whether the painter chose it; else it is advised anew when shelf or colours change
     */
    public function __construct(public array $steps, public string $reason = '', public bool $own = false)
    {
    }

    /** One ground, laid in one step. */
    public static function single(Ground $ground, Kind $kind, string $reason = '', bool $own = false): self
    {
        return new self([new UndercoatStep(StepKey::ofUndercoat(), $ground, $kind)], $reason, $own);
    }

    /** What is seen at the end. */
    public function ground(): Ground
    {
        return $this->steps[count($this->steps) - 1]->ground;
    }

    /** How the last step is laid. */
    public function kind(): Kind
    {
        return $this->steps[count($this->steps) - 1]->kind;
    }

    /** The same as the painter's own choice, or as advice, for this reason. */
    public function because(string $reason, bool $own): self
    {
        return new self($this->steps, $reason, $own);
    }

    /** The same ground as a single step in place of all, thinned and coated as the first one was. */
    public function laidAs(Ground $ground, Kind $kind): self
    {
        return new self([$this->steps[0]->of($ground)->by($kind)], $this->reason, $this->own);
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

                return new self($steps, $this->reason, $this->own);
            }
        }

        throw RecipeProblem::noSuchStep($key);
    }

    public function has(string $key): bool
    {
        foreach ($this->steps as $step) {
            if ($step->key->is($key)) {
                return true;
            }
        }

        return false;
    }
}
