<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use Kalokroma\Order\Job\StepGo;
use Kalokroma\Recipe\Predict\StepOutcome;

/** Where a row stands that is gone along several times: coats, passes or rounds of one step. */
final readonly class RowPasses
{
    /**
     * @param int $number of the pass that is under way, from 1
     * @param int $of how many there are
     * @param list<int> $figures that still lack this pass, smallest first
     * @param int $panels that each coat of a large figure is laid in, one pass for each
     */
    private function __construct(public int $number, public int $of, public array $figures, public int $panels)
    {
    }

    /** How often a row is gone along for a step: what is sprayed, drybrushed or drawn needs no wait, and is done at one go. */
    public static function goes(StepOutcome $outcome): int
    {
        return match (true) {
            $outcome->step->scope->loop !== null => $outcome->step->scope->loop->rounds,
            (new StepGo(null, $outcome, false))->isWetInWet() => 1,
            default => max(1, $outcome->labour->coats),
        };
    }

    /**
     * @param list<int> $open figures that still lack the step
     * @param array<int, int> $had passes that each of them has already
     * @param int $panels that each coat is laid in
     */
    public static function of(int $of, array $open, array $had, int $panels = 1): self
    {
        $of = max(1, $of) * max(1, $panels);
        $behind = $open === [] ? 0 : min(array_map(static fn (int $figure): int => $had[$figure] ?? 0, $open));
        sort($open);

        return new self(
            min($of, $behind + 1),
            $of,
            array_values(array_filter($open, static fn (int $figure): bool => ($had[$figure] ?? 0) <= $behind)),
            max(1, $panels),
        );
    }

    /** What one pass takes of the mix for all, 0 < share ≤ 1. */
    public function share(): float
    {
        return 1.0 / $this->of;
    }

    /** Coats that all of these passes come to, without those of so many passes that were laid as something else; at least one. */
    public function coats(int $otherwise = 0): int
    {
        return max(1, intdiv($this->of, $this->panels) - intdiv($otherwise, $this->panels));
    }

    public function isLast(): bool
    {
        return $this->number >= $this->of;
    }
}
