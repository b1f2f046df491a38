<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Order\Job\Follows;
use Kalokroma\Order\Job\Job;
use Kalokroma\Order\Rule\Web;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/** The work that is planned, and what of it belongs together in time. What does not fit leaves it, and why is kept. */
final class Workload
{
    /** @var list<LeftOver> */
    public array $left = [];

    /** @var array<int, array<int, int>> by job: those after whose end it starts at most so many minutes later */
    public array $bonds;

    /** @var array<int, Finding> jobs that are too long for every sitting, by number */
    private array $tooLong = [];

    /**
     * What cannot follow as soon as it should is not bound to it: it comes when it can, and that is told.
     *
     * @param array<int, array<int, int>> $notLater by job: those after whose end it should start at most so many minutes later
     * @param int $setUp minutes of loading what a job needs
     */
    public function __construct(public Web $web, array $notLater, private readonly Openings $openings, private readonly int $setUp)
    {
        foreach ($notLater as $then => $firsts) {
            foreach ($firsts as $first => $latest) {
                if (($web->between($first, $then) ?? 0) > $latest) {
                    unset($notLater[$then][$first]);
                }
            }
        }
        $this->bonds = $notLater;
    }

    /** Whether the work is longer than all free hours together. */
    public function isFull(): bool
    {
        return $this->openings->windows !== null && array_sum(array_map(static fn (Job $j): int => $j->minutes, $this->web->jobs))
            > $this->openings->elapsed(PHP_INT_MAX >> 1);
    }

    /** Leaves over what is too long for every sitting, and all that waits for it. */
    public function leaveTooLong(): void
    {
        $this->tooLong = $this->tooLong();
        $this->keep(array_values(array_filter(array_keys($this->web->jobs), fn (int $job): bool => !isset($this->tooLong[$job])
            && array_filter(array_keys($this->tooLong), fn (int $long): bool => $this->web->isBefore($long, $job)) === [])));
    }

    /**
     * Leaves over all other jobs. Those that are kept get new numbers.
     *
     * @param list<int> $kept numbers of jobs, with each all that it waits for
     *
     * @return array<int, int> new numbers by the old ones
     */
    public function keep(array $kept): array
    {
        sort($kept);
        $place = array_flip($kept);
        if (count($kept) === count($this->web->jobs)) {
            return $place;
        }
        $left = [];
        foreach ($this->web->jobs as $i => $job) {
            if (!isset($place[$i])) {
                $left[$i] = new LeftOver($job, $this->whyLeft($i, $left));
            }
        }
        // What was left over before waits for nothing of this, and stays behind it.
        $this->left = [...array_values($left), ...$this->left];
        $this->tooLong = [];
        $this->web = $this->web->only($kept);
        $bonds = [];
        foreach ($this->bonds as $then => $firsts) {
            foreach ($firsts as $first => $latest) {
                if (isset($place[$then], $place[$first])) {
                    $bonds[$place[$then]][$place[$first]] = $latest;
                }
            }
        }
        $this->bonds = $bonds;

        return $place;
    }

    /**
     * What comes later than it should.
     *
     * @param array<int, int> $starts of all jobs
     *
     * @return list<Finding>
     */
    public function late(array $starts): array
    {
        $late = [];
        foreach ($this->web->jobs as $then => $other) {
            foreach (array_keys($this->web->of($then)) as $first) {
                $one = $this->web->jobs[$first];
                if ($one->go !== $one->goes || !Follows::isWanted($one->planned()->technique, $other->planned()->technique)) {
                    continue;
                }
                $after = $starts[$then] - $starts[$first] - $one->minutes;
                $latest = $one->latestFor($other);
                if ($latest !== null && $after > max($latest, $one->waitFor($other))) {
                    $late[] = new Finding('order.late', '{then} comes {after} after {first}, and should come within {latest}: it '
                        .'still moves, at more effort.', [
                            'then' => $other->words(),
                            'first' => lcfirst($one->words()),
                            'after' => Duration::words($after),
                            'latest' => Duration::words($latest),
                        ]);
                }
            }
        }

        return $late;
    }

    /**
     * What nobody can begin, or has to do in one sitting, may be too long for every one of them.
     *
     * @return array<int, Finding> by job, what takes how long
     */
    private function tooLong(): array
    {
        $longest = $this->openings->longest();
        if ($longest === null) {
            return [];
        }
        $found = [];
        foreach ($this->web->jobs as $i => $job) {
            $setUp = $job->setUp === '' ? 0 : $this->setUp;
            $needed = $job->minutes + $setUp;
            $first = null;
            foreach (array_keys($this->bonds[$i] ?? []) as $before) {
                $its = $this->web->jobs[$before];
                $bound = $setUp + $its->minutes + ($this->web->of($i)[$before]->wait ?? 0) + $job->minutes;
                [$needed, $first] = $bound > $needed ? [$bound, $before] : [$needed, $first];
            }
            if ($needed <= $longest) {
                continue;
            }
            $why = new Finding(
                $first === null ? 'left.long' : 'left.bond',
                $first === null ? '{what} needs {needed} at a stretch; your longest sitting is {longest}.'
                    : '{what} needs {needed} in one sitting with {first}; your longest is {longest}.',
                [
                    'what' => $job->words(),
                    'first' => $first === null ? '' : lcfirst($this->web->jobs[$first]->words()),
                    'needed' => Duration::words($needed),
                    'longest' => Duration::words($longest),
                    'minutes' => $needed - $longest,
                ],
            );
            $found[$i] = $why;
            if ($first !== null) {
                $found[$first] ??= $why;
            }
        }

        return $found;
    }

    /** @param array<int, LeftOver> $left what is left over before it */
    private function whyLeft(int $job, array $left): Finding
    {
        if ($this->openings->windows === []) {
            return new Finding('left.none', 'You have no free hours.', []);
        }
        if (isset($this->tooLong[$job])) {
            return $this->tooLong[$job];
        }
        $before = $this->web->of($job);
        foreach (array_reverse(array_keys($left)) as $first) {
            if (isset($before[$first])) {
                return new Finding('left.after', 'It comes after {first}, which is left over.', [
                    'first' => lcfirst($left[$first]->job->words()),
                ]);
            }
        }

        return new Finding('left.full', 'Your free hours end before it.', []);
    }
}
