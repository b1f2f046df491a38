<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/** The recipe of one area: its steps above the undercoat, in order, the stages that were left out, and what was overruled. */
final readonly class Plan
{
    /**
     * @param list<PlannedStep> $steps
     * @param list<LeftOut> $leftOut
     * @param list<Finding> $findings about the recipe as a whole
     * @param list<string> $overruled rules the painter set aside, as `code@step`
     * @param list<string> $given keys that steps of this recipe ever had, whether they are still there or not
     */
    public function __construct(
        public array $steps,
        public array $leftOut,
        public array $findings = [],
        public array $overruled = [],
        public array $given = [],
    ) {
    }

    /**
     * With other steps; what was found about mixes goes once one of them has moved.
     *
     * @param list<PlannedStep> $steps
     */
    public function withSteps(array $steps): self
    {
        $mixes = [];
        foreach ($steps as $step) {
            $mixes[$step->key->value] = $step->load->words() ?? '';
        }
        $before = $moved = [];
        foreach ($this->steps as $step) {
            $words = $step->load->words() ?? '';
            $isMoved = $words !== '' && $words !== ($mixes[$step->key->value] ?? '');
            $before += $isMoved ? [$step->key->value => $words] : [];
            $moved += $isMoved && !in_array($words, $mixes, true) ? [$words => $words] : [];
        }
        if ($before === []) {
            return new self($steps, $this->leftOut, $this->findings, $this->overruled, array_keys($this->taken()));
        }
        $quoted = static fn (Finding $f): ?string => $before[(string) ($f->facts['under'] ?? '')]
            ?? array_values(array_intersect(array_map(strval(...), $f->facts), $moved))[0] ?? null;
        $isVoid = static fn (Finding $f): bool => $f->about === Reason::Mix || $quoted($f) !== null;

        return new self(
            array_map(static fn (PlannedStep $s): PlannedStep => $s->withoutQuotes($quoted), $steps),
            $this->leftOut,
            array_values(array_filter($this->findings, static fn (Finding $f): bool => !$isVoid($f))),
            $this->overruled,
            array_keys($this->taken()),
        );
    }

    /** The same, with a reason why a stage is left out. */
    public function without(Stage $stage, Finding $reason): self
    {
        return new self($this->steps, [...$this->leftOut, new LeftOut($stage, $reason)], $this->findings, $this->overruled, $this->given);
    }

    /** The same, with one more thing that is told of it as a whole. */
    public function told(Finding $more): self
    {
        return new self($this->steps, $this->leftOut, [...$this->findings, $more], $this->overruled, $this->given);
    }

    /** @param list<string> $overruled */
    public function withOverruled(array $overruled): self
    {
        return new self($this->steps, $this->leftOut, $this->findings, $overruled, $this->given);
    }

    public function step(string $key): ?PlannedStep
    {
        foreach ($this->steps as $step) {
            if ($step->key->is($key)) {
                return $step;
            }
        }

        return null;
    }

    /**
     * Its place, from 0.
     *
     * @throws RecipeProblem where no step has this key
     */
    public function at(string $key): int
    {
        foreach ($this->steps as $i => $step) {
            if ($step->key->is($key)) {
                return $i;
            }
        }
        throw RecipeProblem::noSuchStep($key);
    }

    /** What the step of this key does, in a word or two. */
    public function wordsOf(string $key): string
    {
        return $this->step($key)?->technique->words() ?? 'a step';
    }

    /** A key like this one that no step has, or ever had. */
    public function freeKey(string $like): StepKey
    {
        return StepKey::free($like, $this->taken());
    }

    /** The same plan in a recipe in whose life these keys were given. */
    public function knowing(string ...$given): self
    {
        $all = array_values(array_unique([...$this->given, ...$given]));

        return new self($this->steps, $this->leftOut, $this->findings, $this->overruled, $all);
    }

    /**
     * This plan in place of another of the same recipe: a step goes on where the other plan has its key too; a key that belonged to
     * a step which is gone is not given again.
     */
    public function inPlaceOf(self $before): self
    {
        $renamed = [];
        $taken = array_fill_keys($before->given, true) + $before->taken() + $this->taken();
        foreach ($this->steps as $step) {
            $isGone = in_array($step->key->value, $before->given, true) && $before->step($step->key->value) === null;
            $renamed[$step->key->value] = $isGone ? StepKey::free($step->key->value, $taken) : $step->key;
            $taken[$renamed[$step->key->value]->value] = true;
        }
        $steps = array_map(static function (PlannedStep $step) use ($renamed): PlannedStep {
            $loop = $step->scope->loop;
            $moved = $step->renamed($renamed[$step->key->value]);
            if ($loop === null) {
                return $moved;
            }

            return $moved->looped($loop->startingAt($renamed[$loop->from]->value ?? $loop->from));
        }, $this->steps);

        return $this->withSteps($steps)->knowing(...array_map(strval(...), array_keys($taken)));
    }

    /** @return array<string, true> */
    private function taken(): array
    {
        return array_fill_keys([...$this->given, ...array_map(static fn (PlannedStep $s): string => $s->key->value, $this->steps)], true);
    }
}
