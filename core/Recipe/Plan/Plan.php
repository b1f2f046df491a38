<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Word\Finding;

/** The recipe of one area: its steps above the undercoat, in order, the stages that were left out, and what was overruled. */
final readonly class Plan
{
    /**
     * @param list<PlannedStep> $steps
     * @param list<LeftOut> $leftOut
     * @param list<Finding> $findings about the recipe as a whole
     * @param list<string> $overruled rules the painter set aside, as `code@step`
     */
    public function __construct(public array $steps, public array $leftOut, public array $findings = [], public array $overruled = [])
    {
    }

    /** @param list<PlannedStep> $steps */
    public function withSteps(array $steps): self
    {
        return new self($steps, $this->leftOut, $this->findings, $this->overruled);
    }

    /** The same, with a reason why a stage is left out. */
    public function without(Stage $stage, Finding $reason): self
    {
        return new self($this->steps, [...$this->leftOut, new LeftOut($stage, $reason)], $this->findings, $this->overruled);
    }

    /** @param list<string> $overruled */
    public function withOverruled(array $overruled): self
    {
        return new self($this->steps, $this->leftOut, $this->findings, $overruled);
    }

    public function step(string $key): ?PlannedStep
    {
        foreach ($this->steps as $step) {
            if ($step->key === $key) {
                return $step;
            }
        }

        return null;
    }

    /** A key like this one that no step has yet. */
    public function freeKey(string $like): string
    {
        $key = $like;
        for ($n = 2; $this->step($key) !== null; ++$n) {
            $key = $like.'-'.$n;
        }

        return $key;
    }
}
