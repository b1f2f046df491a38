<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Shelf\Paint;

/** One sitting: what is done in it, from its first minute to its last. */
final readonly class Sheet
{
    /** Without free hours a painter gets up where nothing can be done for so long, minutes. */
    private const GETS_UP = 60;
    private const QUARTER = 15;

    /**
     * @param int $number of the sitting, from 1
     * @param non-empty-list<OrderedJob> $jobs
     */
    private function __construct(public int $number, public array $jobs)
    {
    }

    /** @return list<self> */
    public static function of(RunningOrder $order): array
    {
        $found = [];
        foreach ($order->jobs as $job) {
            $last = $found === [] ? null : $found[count($found) - 1][count($found[count($found) - 1]) - 1];
            $isNew = $last === null || ($job->window === null
                ? $job->start - $job->setUp - $last->end() >= self::GETS_UP
                : $job->window !== $last->window);
            if ($isNew) {
                $found[] = [$job];
            } else {
                $found[count($found) - 1][] = $job;
            }
        }

        return array_map(static fn (int $at, array $jobs): self => new self($at + 1, $jobs), array_keys($found), $found);
    }

    /** Minutes from now at which laying out and loading begin. */
    public function start(): int
    {
        return $this->jobs[0]->start - $this->jobs[0]->setUp;
    }

    public function end(): int
    {
        return $this->jobs[count($this->jobs) - 1]->end();
    }

    public function minutes(): int
    {
        return $this->end() - $this->start();
    }

    /** Minutes of it with nothing to do but wait. */
    public function waiting(): int
    {
        return $this->minutes() - array_sum(array_map(static fn (OrderedJob $j): int => $j->job->minutes + $j->setUp, $this->jobs));
    }

    /** Where a minute is in it, 0 to 1. */
    public function at(int $minute): float
    {
        return max(0.0, min(1.0, ($minute - $this->start()) / max(1, $this->minutes())));
    }

    /** @return list<int> every quarter of an hour of it, minutes from its start */
    public function quarters(): array
    {
        return array_map(
            static fn (int $quarter): int => $quarter * self::QUARTER,
            range(0, max(0, intdiv($this->minutes(), self::QUARTER))),
        );
    }

    /** @return list<array{int, int}> first and last minute of each wait with nothing to do */
    public function gaps(): array
    {
        $gaps = [];
        $end = $this->start();
        foreach ($this->jobs as $job) {
            $begins = $job->start - $job->setUp;
            if ($begins > $end) {
                $gaps[] = [$end, $begins];
            }
            $end = $job->end();
        }

        return $gaps;
    }

    /** How many figures are on the table. */
    public function figures(): int
    {
        $figures = [];
        foreach ($this->jobs as $job) {
            foreach ($job->job->figures as $figure) {
                $figures[$job->job->company->id.' '.$figure] = true;
            }
        }

        return count($figures);
    }

    /** @return list<Paint> what has to be fetched, in the order it is needed in */
    public function paints(): array
    {
        $found = [];
        foreach ($this->jobs as $job) {
            foreach ($job->job->planned()->load->paints() as $paint) {
                $found[$paint->id] ??= $paint;
            }
        }

        return array_values($found);
    }

    /** @return list<string> what is held, in words */
    public function tools(): array
    {
        $tools = array_map(static fn (OrderedJob $j): string => $j->job->outcome->labour->tool->words(), $this->jobs);

        return array_values(array_unique($tools));
    }

    /** @return list<Level> levels that all figures have reached by its end, and had not before */
    public function milestones(RunningOrder $order): array
    {
        $isIn = fn (?int $minute): bool => $minute !== null && $minute > $this->start() && $minute <= $this->end();
        $levels = $isIn($order->allFieldable()) ? [Level::Fieldable] : [];

        return $order->leftOver === [] && $order->end <= $this->end() ? [...$levels, Level::Finished] : $levels;
    }
}
