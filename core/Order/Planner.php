<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use DomainException;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Job;
use Kalokroma\Order\Job\Jobs;
use Kalokroma\Order\Rule\Weaver;
use Kalokroma\Order\Rule\Web;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Order\Search\FirstTry;
use Kalokroma\Order\Search\Fitting;
use Kalokroma\Order\Search\LaterBeginning;
use Kalokroma\Order\Search\LeastWaiting;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\Search\OrderProblem;
use Kalokroma\Order\Search\OrderSearch;
use Kalokroma\Order\Search\Timetable;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Undercoat\Weather;

/** From what companies still ask to an order of work that keeps the rules, ends early and changes paint and tool seldom. */
final class Planner
{
    /** What can be planned at once. */
    public const MOST_JOBS = 1200;

    /** Minutes of loading, mixing and washing the brush: those of {@see Defaults::LOADING_MINUTES}, as a whole number. */
    private const SET_UP = 2;

    /** So many times its minutes a change of paint counts for whoever goes colour by colour. */
    private const MINDED = 5;

    /** The free hours, less what laying out and loading takes at the beginning of each sitting. */
    private readonly Openings $openings;

    private Workload $work;

    private OrderProblem $problem;

    private int $bound = 0;

    private bool $isProven = false;

    /** Whether what nobody has searched for yet is not searched for now. */
    private bool $onlyRecalls = false;

    /** Whether it was answered without the search that would find a better one. */
    private bool $isTry = false;

    /** Pins that can be kept. */
    private PriorSchedule $kept;

    /** @var list<Job> that could not stay where they were put */
    private array $letGo = [];

    /** @var array<string, list<int>> sequences of groups that are alike */
    private array $known = [];

    /** @param list<CompanyWork> $companies */
    private function __construct(
        private readonly array $companies,
        private readonly WayOfWorking $way,
        private readonly Wishes $wishes,
        private readonly Openings $free,
        private readonly ?Weather $air,
        private readonly float $effort,
        private readonly PriorSchedule $asked,
    ) {
        $this->kept = $asked;
        $this->openings = $free->openingLater(self::SET_UP);
    }

    /**
     * A rule that is relaxed is kept all the same where the order ends as early with it, with as few changes of paint and tool. What does
     * not fit into the free hours is left over, {@see RunningOrder::$leftOver}.
     *
     * @param list<CompanyWork> $companies painted side by side
     * @param float $effort share of the usual budget of the search, more than 0
     * @param PriorSchedule $kept pins that cannot be kept are let go, {@see RunningOrder::$letGo}
     *
     * @throws DomainException where wishes contradict each other, or there are too many tasks
     */
    public static function plan(
        array $companies,
        WayOfWorking $way = WayOfWorking::Row,
        Wishes $wishes = new Wishes(),
        Openings $openings = new Openings(null),
        ?Weather $air = null,
        float $effort = 1.0,
        PriorSchedule $kept = new PriorSchedule(),
    ): RunningOrder {
        $found = (new self($companies, $way, $wishes, $openings, $air, $effort, $kept))->order();
        foreach ($kept->isFirstTry ? [] : $wishes->relaxed as $rule) {
            $keeping = $wishes->keeping($rule);
            $other = (new self($companies, $way, $keeping, $openings, $air, $effort, $kept))->order();
            if ($other->cost() <= $found->cost()) {
                [$found, $wishes] = [$other, $keeping];
            }
        }

        return $found;
    }

    private function order(): RunningOrder
    {
        $longest = $this->openings->longest();
        $most = $longest === null ? null : max(1, $longest - self::SET_UP);
        $jobs = array_map(fn (CompanyWork $c): Jobs => Jobs::of($c, $this->way->grouping(), $this->air, $most), $this->companies);
        $count = array_sum(array_map(static fn (Jobs $j): int => count($j->jobs), $jobs));
        if ($count > self::MOST_JOBS) {
            throw new DomainException(sprintf(
                'That is %d tasks, and no more than %d can be planned at once: take more figures together, or fewer companies.',
                $count,
                self::MOST_JOBS,
            ));
        }
        $way = fn (Web $web) => WayTies::add($web, $this->way);
        [$web, $notLater] = Weaver::weave($jobs, $this->wishes, $way);
        $this->work = new Workload($web, $notLater, $this->openings, self::SET_UP);
        $this->work->leaveTooLong();
        try {
            return $this->attempted();
        } catch (NoOrder) {
            $fits = $this->fitting($this->work->bonds);
        }
        if ($this->openings->windows === null) {
            // Nothing ends the time: what cannot all follow as soon as it should comes later, at more effort.
            return $this->asItFits(count($fits) < count($this->work->web->jobs) ? $this->fitting([]) : $fits);
        }
        $this->work->keep(array_keys($fits));
        try {
            return $this->attempted();
        } catch (NoOrder) {
            $fits = $this->fitting($this->work->bonds);
        }
        $place = $this->work->keep(array_keys($fits));
        $starts = [];
        foreach ($fits as $job => $start) {
            $starts[$place[$job]] = $start;
        }

        return $this->asItFits($starts);
    }

    /** @param array<int, int> $starts of all jobs, in their order */
    private function asItFits(array $starts): RunningOrder
    {
        [$this->bound, $this->isProven] = [0, false];
        $this->isTry = $this->kept->isFirstTry;
        $this->problem = $this->problemWith([]);

        return $this->told(array_keys($starts), $starts);
    }

    /** @throws NoOrder */
    private function attempted(): RunningOrder
    {
        [$this->kept, $this->letGo] = [$this->asked, []];
        if ($this->work->isFull()) {
            throw new NoOrder();
        }
        $this->problem = $this->problemWith($this->work->bonds);
        $places = $this->kept->starts === [] ? WayTies::ranks($this->work->web->jobs, $this->way) : $this->kept->wanted($this->work->web);
        $this->pin($places);
        $isWanted = $this->kept->isFirstTry || $this->kept->starts !== [];
        $sequence = $this->kept->isFirstTry ? $this->recalled() : null;
        // A rule that is relaxed is tried both ways by the search alone.
        $this->isTry = $this->kept->isFirstTry && ($sequence === null || $this->wishes->relaxed !== []);
        $try = $isWanted && $sequence === null ? FirstTry::of($this->problem, $places) ?? [] : [];
        if ($sequence === null && $this->kept->isFirstTry && $try === [] && $this->problem->count > 0) {
            // At once means without a search: what fits as it comes is shown first.
            throw new NoOrder();
        }
        if ($sequence === null && $this->kept->isFirstTry && $try !== []) {
            $this->bound = OrderSearch::boundOf($this->problem);
            $sequence = $try;
        }
        $sequence ??= $this->sequence($try);
        $starts = Timetable::of($this->problem, $sequence, $this->problem->horizon()) ?? $this->putRight($sequence);
        $starts = LaterBeginning::of($this->problem, $starts);

        return $this->told(array_keys($starts), $starts);
    }

    /**
     * @param array<int, array<int, int>> $bonds
     *
     * @return array<int, int> starts of what fits into the free hours
     */
    private function fitting(array $bonds): array
    {
        $this->problem = $this->problemWith($bonds);

        return Fitting::of($this->problem, WayTies::ranks($this->work->web->jobs, $this->way));
    }

    /**
     * @param list<int> $try a sequence that can be kept; empty where none is known
     *
     * @return list<int>
     */
    private function sequence(array $try): array
    {
        return $this->way->isByGroups() ? $this->byGroups() : $this->asOne($try);
    }

    /** @return list<int>|null what was searched for before and still stands; null where anything would have to be searched for */
    private function recalled(): ?array
    {
        $this->onlyRecalls = $this->kept->memory !== null;
        try {
            return $this->onlyRecalls ? $this->sequence([]) : null;
        } catch (NothingStands) {
            return null;
        } finally {
            $this->onlyRecalls = false;
        }
    }

    /** @return array<int, int> minute from which a job may start, where something is wet below it */
    private function wet(): array
    {
        $from = [];
        foreach ($this->work->web->jobs as $i => $job) {
            foreach ($job->company->wet as $wet) {
                if ($wet->holds($job)) {
                    $from[$i] = max($from[$i] ?? 0, $wet->minutes);
                }
            }
        }

        return $from;
    }

    /**
     * Takes the pins one after the other, and what has to follow soon on what was painted: those that cannot be kept are let go.
     *
     * @param array<int, float|int> $wanted
     */
    private function pin(array $wanted): void
    {
        $dues = [];
        foreach ($this->work->web->jobs as $i => $job) {
            foreach ($job->company->wet as $wet) {
                if ($wet->hurries($job)) {
                    $dues[] = [$i, null, (int) $wet->latest + $job->minutes];
                }
            }
            $at = $this->kept->pins[$job->id] ?? null;
            if ($at !== null) {
                $dues[] = [$i, $at, $at + $job->minutes + OrderProblem::FIXED];
            }
        }
        usort($dues, static fn (array $a, array $b): int => $a[2] <=> $b[2]);
        $pins = $this->kept->pins;
        foreach ($dues as [$job, $from, $by]) {
            $problem = $this->problem->with($job, $from, $by);
            if (FirstTry::of($problem, $wanted) === null) {
                $this->letGo[] = $this->work->web->jobs[$job];
                unset($pins[$this->work->web->jobs[$job]->id]);
            } else {
                $this->problem = $problem;
            }
        }
        $this->kept = $this->kept->pinned($pins);
    }

    /**
     * A sequence that was looked for without the free hours, with what is pinned where it belongs.
     *
     * @param list<int> $sequence
     *
     * @return array<int, int> starts
     */
    private function putRight(array $sequence): array
    {
        $sequence = FirstTry::of($this->problem, array_flip($sequence)) ?? throw new NoOrder();
        if (!$this->way->isByGroups()) {
            $sequence = LeastWaiting::order($this->problem, $sequence, WayTies::ranks($this->work->web->jobs, $this->way));
        }

        return Timetable::of($this->problem, $sequence, $this->problem->horizon()) ?? throw new NoOrder();
    }

    /** @param array<int, array<int, int>> $bonds */
    private function problemWith(array $bonds): OrderProblem
    {
        return self::problem($this->work->web->jobs, $this->work->web->waits(), $bonds, $this->openings, release: $this->wet());
    }

    /**
     * @param list<Job> $jobs
     * @param list<array<int, int>> $waits
     * @param array<int, array<int, int>> $notLater
     * @param array<int, int> $release
     */
    private static function problem(
        array $jobs,
        array $waits,
        array $notLater,
        Openings $openings,
        int $setUp = self::SET_UP,
        array $release = [],
    ): OrderProblem {
        $known = $labels = $after = [];
        foreach ($jobs as $i => $job) {
            $labels[] = $job->setUp === '' ? 0 : $known[$job->setUp] ??= count($known) + 1;
            $after[] = $notLater[$i] ?? [];
        }

        return new OrderProblem(
            array_map(static fn (Job $j): string => $j->words(), $jobs),
            array_map(static fn (Job $j): int => $j->minutes, $jobs),
            $waits,
            $labels,
            $setUp,
            $after,
            $openings,
            isTogether: true,
            release: $release,
        );
    }

    /**
     * @param list<int> $members numbers of the jobs of this problem
     * @param list<int> $known a sequence within the problem that can be kept, where there is one
     *
     * @return list<int> numbers within the problem
     */
    private function searched(OrderProblem $problem, array $members, array $known = []): array
    {
        if ($problem->count === 0) {
            [$this->bound, $this->isProven] = [0, true];

            return [];
        }
        $key = $this->kept->memory === null ? '' : $this->fingerprint($problem, $members);
        $stands = $this->standing($problem, $key);
        if ($stands !== null) {
            return $stands;
        }
        if ($this->onlyRecalls) {
            throw new NothingStands();
        }
        try {
            $sequence = $this->found($problem, $members, $known);
        } catch (NoOrder $none) {
            $this->kept->memory?->remember($key, ['sequence' => [], 'bound' => 0, 'proven' => false]);
            throw $none;
        }
        $this->kept->memory?->remember($key, [
            'sequence' => $sequence, 'bound' => $this->bound + $this->kept->from, 'proven' => $this->isProven,
        ]);

        return $sequence;
    }

    /** @return list<int>|null what was found before for the same, as far as it still fits the free hours */
    private function standing(OrderProblem $problem, string $key): ?array
    {
        $stands = $this->kept->memory?->recall($key);
        if ($stands === null) {
            return null;
        }
        if ($stands['sequence'] === []) {
            throw new NoOrder();
        }
        [$this->bound, $this->isProven] = [max(0, $stands['bound'] - $this->kept->from), $stands['proven']];

        return Timetable::of($problem, $stands['sequence'], $problem->horizon()) === null
            ? FirstTry::of($problem, array_flip($stands['sequence']))
            : $stands['sequence'];
    }

    /**
     * All that a search hangs on but the minute it is: what begins later is told by the clock, what may begin now is open.
     *
     * @param list<int> $members
     */
    private function fingerprint(OrderProblem $problem, array $members): string
    {
        $at = fn (int $minute): int => $minute <= self::SET_UP ? 0 : $minute + $this->kept->from;
        $windows = array_map(
            static fn (array $w): array => [$at($w[0]), $at($w[1])],
            array_values(array_filter($problem->openings->windows ?? [], static fn (array $w): bool => $w[1] > self::SET_UP)),
        );
        $jobs = array_map(fn (int $i): Job => $this->work->web->jobs[$i], $members);

        return hash('xxh128', serialize([
            array_map(static fn (Job $job): string => $job->id, $jobs), $problem->minutes, $problem->waits, $problem->labels,
            $problem->setup, $problem->notLater, $problem->openings->windows === null ? null : $windows,
            array_filter(array_map($at, $problem->release)), array_filter(array_map($at, $problem->due)), $this->effort, $this->way,
            WayTies::ranks($jobs, $this->way),
        ]));
    }

    /**
     * @param list<int> $members
     * @param list<int> $known
     *
     * @return list<int>
     */
    private function found(OrderProblem $problem, array $members, array $known): array
    {
        $ranks = WayTies::ranks(array_map(fn (int $i): Job => $this->work->web->jobs[$i], $members), $this->way);
        $found = Sequencing::of($problem, $ranks, $this->effort, $known);
        [$this->bound, $this->isProven] = [$found->bound, $found->isProven];

        return $found->sequence;
    }

    /**
     * Whoever goes colour by colour minds a change of paint more than the minutes it takes.
     *
     * @param list<int> $try a sequence that can be kept; empty where none is known
     *
     * @return list<int>
     */
    private function asOne(array $try): array
    {
        if ($this->way !== WayOfWorking::ColourByColour) {
            return $this->searched($this->problem, array_keys($this->work->web->jobs), $try);
        }
        $dear = self::MINDED * self::SET_UP;
        $problem = self::problem($this->work->web->jobs, $this->problem->waits, $this->problem->notLater, new Openings(null), $dear);
        $sequence = $this->searched($problem, array_keys($this->work->web->jobs));
        $this->bound = OrderSearch::boundOf($this->problem);
        $this->isProven = false;

        return $sequence;
    }

    /**
     * @param list<int> $group numbers of jobs
     * @param array<int, array<int, int>> $minutes by job and the job it waits for
     *
     * @return list<array<int, int>> the same among the group alone, by their places in it
     */
    private static function within(array $group, array $minutes): array
    {
        $place = array_flip($group);
        $found = [];
        foreach ($group as $job) {
            $its = [];
            foreach (array_intersect_key($minutes[$job] ?? [], $place) as $before => $wait) {
                $its[$place[$before]] = $wait;
            }
            $found[] = $its;
        }

        return $found;
    }

    /** @return list<int> one group after the other, each searched for as if it stood alone */
    private function byGroups(): array
    {
        $sequence = [];
        foreach (WayTies::groups($this->work->web, $this->way) as $group) {
            $problem = self::problem(
                array_map(fn (int $i): Job => $this->work->web->jobs[$i], $group),
                self::within($group, $this->problem->waits),
                self::within($group, $this->problem->notLater),
                new Openings(null),
            );
            $key = serialize([$problem->minutes, $problem->waits, $problem->labels, $problem->notLater]);
            $this->known[$key] ??= $this->searched($problem, $group);
            array_push($sequence, ...array_map(static fn (int $i): int => $group[$i], $this->known[$key]));
        }
        $this->bound = OrderSearch::boundOf($this->problem);
        $this->isProven = false;

        return $sequence;
    }

    /** Set-up of the first job of a sitting: with laying out, where it begins as soon as the painter is free. */
    private function layingOut(int $start, ?int $window, int $setUp): int
    {
        $free = $start - ($this->free->windows[($window ?? 0) - 1][0] ?? PHP_INT_MIN >> 1);

        return $free <= 2 * self::SET_UP ? $free : $setUp;
    }

    /**
     * @param list<int> $sequence
     * @param array<int, int> $starts
     */
    private function told(array $sequence, array $starts): RunningOrder
    {
        $slots = [];
        $end = $ready = 0;
        $before = null;
        foreach ($sequence as $i) {
            $job = $this->work->web->jobs[$i];
            $window = $this->free->windowOf($starts[$i] + $job->minutes);
            $isNew = $slots === [] || $slots[count($slots) - 1]->window !== $window;
            $setUp = $isNew && $this->problem->labels[$i] > 0 ? self::SET_UP : $this->problem->setupOf($i, $ready);
            $setUp = $isNew ? $this->layingOut($starts[$i], $window, $setUp) : $setUp;
            $ready = $this->problem->labels[$i] ?: $ready;
            $why = OrderReasons::of($this->work->web, $i, $starts, $before, $setUp);
            $slots[] = new OrderedJob($job, $starts[$i], $setUp, $window, $why);
            $end = $starts[$i] + $job->minutes;
            $before = $i;
        }

        return new RunningOrder(
            $slots,
            $end,
            min($end, $this->bound),
            $this->isProven && $this->bound >= $end && $this->work->left === [],
            $this->work->web->setAside(),
            $this->work->web->counted(),
            [new Planned($this->work->web, $this->problem, $starts, $this->kept)],
            $this->letGo,
            $this->work->left,
            $this->work->late($starts),
            $this->isTry,
        );
    }
}
