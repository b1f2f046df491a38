<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Order\Job\Job;
use Kalokroma\Order\Rule\OrderTie;
use Kalokroma\Order\Search\OrderProblem;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Position;
use Kalokroma\Word\Finding;

/** What is done when. Times are whole minutes from now. */
final readonly class RunningOrder
{
    /** A painter who would sit longer than this with nothing to do gets up. */
    private const WAITED_AT_MOST = 60;

    /**
     * @param list<OrderedJob> $jobs in their order
     * @param int $end of the last job
     * @param int $lowerBound no order that keeps the same rules ends earlier
     * @param bool $isProven whether none ends earlier than this one
     * @param list<OrderTie> $setAside rules that others contradict somewhere
     * @param array<string, int> $ties how often each rule binds, by its code
     * @param list<Planned> $planned what it was found for, one after the other
     * @param list<Job> $letGo jobs that could not stay where they were put, or come in time
     * @param list<LeftOver> $leftOver what does not fit into the free hours, in its order
     * @param list<Finding> $late what comes later than it should, since it cannot come sooner
     * @param bool $isTry whether it was answered at once, and a search may find a better one
     */
    public function __construct(
        public array $jobs,
        public int $end,
        public int $lowerBound,
        public bool $isProven,
        public array $setAside,
        public array $ties,
        public array $planned = [],
        public array $letGo = [],
        public array $leftOver = [],
        public array $late = [],
        public bool $isTry = false,
    ) {
    }

    /** Minutes of what is left over. */
    public function minutesLeft(): int
    {
        return array_sum(array_map(static fn (LeftOver $l): int => $l->job->minutes, $this->leftOver));
    }

    /** @return list<array{job: Job, minutes: int, why: Finding}> what is left over, all goes of one step as one */
    public function leftSteps(): array
    {
        $found = [];
        foreach ($this->leftOver as $left) {
            $found[$left->job->step] ??= ['job' => $left->job, 'minutes' => 0, 'why' => $left->why];
            $found[$left->job->step]['minutes'] += $left->job->minutes;
        }

        return array_values($found);
    }

    /** @return array{int, int|null, int, int} what makes one order dearer than another, the weightiest first */
    public function cost(): array
    {
        return [$this->minutesLeft(), $this->lastWindow(), $this->end, $this->washes()];
    }

    /** How many jobs are begun before the first one of a step; null where it is not to be done. */
    public function placeOf(string $company, StepRef $ref): ?int
    {
        foreach ($this->jobs as $at => $ordered) {
            $job = $ordered->job;
            if ($job->company->id === $company && $job->ref()->is($ref)) {
                return $at;
            }
        }

        return null;
    }

    /** Whether the painter has put this job where it is. */
    public function isPinned(OrderedJob $ordered): bool
    {
        foreach ($this->planned as $planned) {
            $pin = $planned->kept->pins[$ordered->job->id] ?? null;
            if ($pin !== null && abs($ordered->start - $pin) <= OrderProblem::FIXED) {
                return true;
            }
        }

        return false;
    }

    /** Minutes with brush or spray in hand, set-ups included. */
    public function handsOn(): int
    {
        return array_sum(array_map(static fn (OrderedJob $s): int => $s->job->minutes + $s->setUp, $this->jobs));
    }

    /** How often paint or tool changes: the brush is washed, or the cup is cleaned. */
    public function washes(): int
    {
        return count(array_filter($this->jobs, static fn (OrderedJob $s): bool => $s->setUp > 0));
    }

    /** Windows that something is done in; null without windows. */
    public function sittings(): ?int
    {
        $used = array_filter(array_map(static fn (OrderedJob $s): ?int => $s->window, $this->jobs), is_int(...));

        return $used === [] ? null : count(array_unique($used));
    }

    /** Number of the last window that is used; null without windows. */
    public function lastWindow(): ?int
    {
        return $this->jobs === [] ? null : $this->jobs[count($this->jobs) - 1]->window;
    }

    /** Minutes between two jobs of one sitting with nothing to do but wait. */
    public function waiting(): int
    {
        $waited = 0;
        foreach ($this->jobs as $i => $slot) {
            $before = $this->jobs[$i - 1] ?? null;
            $gap = $before === null || $before->window !== $slot->window ? 0 : $slot->start - $slot->setUp - $before->end();
            $waited += $slot->window === null && $gap > self::WAITED_AT_MOST ? 0 : $gap;
        }

        return $waited;
    }

    /** When the first figure is clean in its colours, shaded and based; null where there is nothing of that kind. */
    public function firstFieldable(): ?int
    {
        $ends = $this->fieldable();

        return $ends === [] ? null : min($ends);
    }

    /** When all figures are; null where there is nothing of that kind, or some of it is left over. */
    public function allFieldable(): ?int
    {
        $ends = $this->fieldable();

        return $ends === [] || $this->unfinished(true) !== [] ? null : max($ends);
    }

    /** @return array<string, int> minutes at which each figure has all that makes it fieldable, by company and number */
    public function fieldable(): array
    {
        $ends = [];
        foreach ($this->jobs as $slot) {
            if ($slot->job->level() === Level::Fieldable && $slot->job->isBefore(Position::Gloss)) {
                foreach ($slot->job->figures as $figure) {
                    $key = $slot->job->company->id.' '.$figure;
                    $ends[$key] = max($ends[$key] ?? 0, $slot->end());
                }
            }
        }

        return array_diff_key($ends, $this->unfinished(true));
    }

    /** @return array<string, int> minutes at which each figure has all it gets, by company and number */
    public function finished(): array
    {
        $ends = [];
        foreach ($this->jobs as $slot) {
            foreach ($slot->job->figures as $figure) {
                $ends[$slot->job->company->id.' '.$figure] = $slot->end();
            }
        }

        return array_diff_key($ends, $this->unfinished(false));
    }

    /** @return array<string, true> figures of which something is left over, by company and number */
    private function unfinished(bool $isFieldable): array
    {
        $found = [];
        foreach ($this->leftOver as $left) {
            $counts = !$isFieldable || ($left->job->level() === Level::Fieldable && $left->job->isBefore(Position::Gloss));
            foreach ($counts ? $left->job->figures : [] as $figure) {
                $found[$left->job->company->id.' '.$figure] = true;
            }
        }

        return $found;
    }
}
