<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use DomainException;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Follows;
use Kalokroma\Order\Job\Job;
use Kalokroma\Order\Job\Jobs;
use Kalokroma\Order\Rule\Weaver;
use Kalokroma\Order\Rule\Web;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Order\Search\FirstTry;
use Kalokroma\Order\Search\Fitting;
use Kalokroma\Order\Search\Naturally;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\Search\OrderProblem;
use Kalokroma\Order\Search\OrderSearch;
use Kalokroma\Order\Search\Timetable;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Undercoat\Weather;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/** From what companies still ask to an order of work that keeps the rules, ends early and changes paint and tool seldom. */
final class Planner
{
    /** What can be planned at once. */
    public const MOST_JOBS = 1200;

    /** Minutes of loading, mixing and washing the brush: those of {@see Defaults::LOADING_MINUTES}, as a whole number. */
    private const SET_UP = 2;

    /** So many times its minutes a change of paint counts for whoever goes colour by colour. */
    private const MINDED = 5;

    /** Of so many tasks at most an order is looked for although none is known in which all follows in time. */
    private const LOOKED_THROUGH = 30;

    /** Share of the usual budget for what perhaps cannot be done at all. */
    private const DOUBTFUL = 0.02;

    /** The free hours, less what laying out and loading takes at the beginning of each sitting. */
    private readonly Openings $openings;

    private Web $web;

    private OrderProblem $problem;

    private int $bound = 0;

    private bool $isProven = false;

    /** Whether what nobody has searched for yet is not searched for now. */
    private bool $onlyRecalls = false;

    /** Pins that can be kept. */
    private PriorSchedule $kept;

    /** @var list<Job> that could not stay where they were put */
    private array $letGo = [];

    /** @var array<int, Finding> jobs that are too long for every sitting, by number */
    private array $tooLong = [];

    /** @var list<Finding> what comes later than it should, since it cannot come sooner */
    private array $late = [];

    /** @var list<LeftOver> */
    private array $left = [];

    /** @var array<int, array<int, int>> what has to follow what within so many minutes, by numbers of jobs */
    private array $bonds = [];

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
     * A rule that is relaxed is kept all the same where the order ends as early with it, with as few changes of paint and tool.
     *
     * @param list<CompanyWork> $companies painted side by side
     * @param float $effort share of the usual budget of the search, more than 0
     * @param PriorSchedule $kept pins that cannot be kept are let go, {@see RunningOrder::$letGo}
     *
     * What does not fit into the free hours is left over, {@see RunningOrder::$leftOver}.
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
        [$this->web, $notLater] = Weaver::weave($jobs, $this->wishes, $way);
        $bonds = $this->leaving($this->possible($notLater), $this->tooLong($notLater, $longest));
        try {
            return $this->attempted($bonds);
        } catch (NoOrder) {
            $fits = $this->fitting($bonds);
        }
        if ($this->openings->windows === null) {
            // Nothing ends the time: what cannot all follow as soon as it should comes later, at more effort.
            $fits = count($fits) < count($this->web->jobs) ? $this->fitting([]) : $fits;

            return $this->asItFits($fits);
        }
        try {
            return $this->attempted($this->keeping($bonds, array_keys($fits)));
        } catch (NoOrder) {
            $fits = $this->fitting($this->bonds);
        }
        $kept = array_keys($fits);
        sort($kept);
        $this->keeping($this->bonds, $kept);
        $place = array_flip($kept);
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
        $this->problem = self::problem($this->web->jobs, $this->web->waits(), [], $this->openings, release: $this->wet());
        $this->tellLate($starts);

        return $this->told(array_keys($starts), $starts);
    }

    /**
     * @param array<int, array<int, int>> $bonds what has to follow what within so many minutes
     *
     * @throws NoOrder
     */
    private function attempted(array $bonds): RunningOrder
    {
        $this->bonds = $bonds;
        [$this->kept, $this->letGo] = [$this->asked, []];
        if ($this->isFull()) {
            throw new NoOrder();
        }
        $this->problem = self::problem($this->web->jobs, $this->web->waits(), $bonds, $this->openings, release: $this->wet());
        $places = $this->kept->starts === [] ? WayTies::ranks($this->web->jobs, $this->way) : $this->kept->wanted($this->web);
        $this->pin($places);
        $isWanted = $this->kept->isFirstTry || $this->kept->starts !== [];
        $sequence = $this->kept->isFirstTry ? $this->recalled() : null;
        $try = $isWanted && $sequence === null ? FirstTry::of($this->problem, $places) ?? [] : [];
        if ($sequence === null && $this->kept->isFirstTry && $try !== []) {
            $this->bound = OrderSearch::boundOf($this->problem);
            $sequence = $try;
        }
        $sequence ??= $this->sequence($try);
        $starts = Timetable::of($this->problem, $sequence, $this->problem->horizon()) ?? $this->putRight($sequence);
        $this->tellLate($starts);

        return $this->told(array_keys($starts), $starts);
    }

    /** Whether the work is longer than all free hours together. */
    private function isFull(): bool
    {
        return $this->openings->windows !== null && array_sum(array_map(static fn (Job $j): int => $j->minutes, $this->web->jobs))
            > $this->openings->elapsed(PHP_INT_MAX >> 1);
    }

    /**
     * @param array<int, array<int, int>> $bonds
     *
     * @return array<int, int> starts of what fits into the free hours
     */
    private function fitting(array $bonds): array
    {
        $this->problem = self::problem($this->web->jobs, $this->web->waits(), $bonds, $this->openings, release: $this->wet());

        return Fitting::of($this->problem, WayTies::ranks($this->web->jobs, $this->way));
    }

    /**
     * Leaves over what is too long for every sitting, and all that waits for it.
     *
     * @param array<int, array<int, int>> $bonds
     * @param array<int, Finding> $tooLong by job
     *
     * @return array<int, array<int, int>> the bonds of what is kept
     */
    private function leaving(array $bonds, array $tooLong): array
    {
        $this->tooLong = $tooLong;
        $kept = [];
        foreach (array_keys($this->web->jobs) as $job) {
            $isFree = !isset($tooLong[$job]);
            foreach ($isFree ? array_keys($tooLong) : [] as $long) {
                $isFree = $isFree && !$this->web->isBefore($long, $job);
            }
            if ($isFree) {
                $kept[] = $job;
            }
        }

        return $this->keeping($bonds, $kept);
    }

    /**
     * @param array<int, array<int, int>> $bonds
     * @param list<int> $kept numbers of jobs; the others are left over
     *
     * @return array<int, array<int, int>> the bonds among them, by their new numbers
     */
    private function keeping(array $bonds, array $kept): array
    {
        sort($kept);
        if (count($kept) === count($this->web->jobs)) {
            return $bonds;
        }
        $place = array_flip($kept);
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
        $found = [];
        foreach ($bonds as $then => $firsts) {
            foreach ($firsts as $first => $latest) {
                if (isset($place[$then], $place[$first])) {
                    $found[$place[$then]][$place[$first]] = $latest;
                }
            }
        }

        return $found;
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
        foreach ($this->web->jobs as $i => $job) {
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
        foreach ($this->web->jobs as $i => $job) {
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
                $this->letGo[] = $this->web->jobs[$job];
                unset($pins[$this->web->jobs[$job]->id]);
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
        $sequence = FirstTry::of($this->problem, array_flip($sequence));

        return ($sequence === null ? null : Timetable::of($this->problem, $sequence, $this->problem->horizon()))
            ?? throw new NoOrder();
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
        $sequence = $this->found($problem, $members, $known);
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
        $jobs = array_map(fn (int $i): Job => $this->web->jobs[$i], $members);

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
        $begun = $known !== [] ? $known : $this->inTime($problem, $members);
        $isDoubtful = $begun === [] && $problem->hasNotLater();
        try {
            $answer = OrderSearch::solve($problem, $isDoubtful ? min($this->effort, self::DOUBTFUL) : $this->effort, $begun);
        } catch (DomainException) {
            throw new NoOrder();
        }
        [$this->bound, $this->isProven] = [$answer->lowerBound, $answer->isProven];
        $standing = Standing::of($problem, $known, $answer, $this->effort);
        if ($standing !== null) {
            return $standing;
        }
        $sequence = array_keys($answer->starts);

        $jobs = array_map(fn (int $i): Job => $this->web->jobs[$i], $members);

        return Naturally::order($problem, $sequence, WayTies::ranks($jobs, $this->way));
    }

    /**
     * A sequence in which all that belongs together follows in time, to begin a search with.
     *
     * @param list<int> $members
     *
     * @return list<int> empty where nothing does, or none is known and the search is to find one
     *
     * @throws NoOrder where none is known, and there is too much to look through
     */
    private function inTime(OrderProblem $problem, array $members): array
    {
        if (!$problem->hasNotLater()) {
            return [];
        }
        $jobs = array_map(fn (int $i): Job => $this->web->jobs[$i], $members);
        $sequence = array_keys(Fitting::of($problem, WayTies::ranks($jobs, $this->way)));
        if (count($sequence) === $problem->count && Timetable::of($problem, $sequence, $problem->horizon()) !== null) {
            return $sequence;
        }

        return $problem->count <= self::LOOKED_THROUGH ? [] : throw new NoOrder();
    }

    /**
     * What cannot follow as soon as it should is not bound to it: it comes when it can, and that is told.
     *
     * @param array<int, array<int, int>> $notLater
     *
     * @return array<int, array<int, int>>
     */
    private function possible(array $notLater): array
    {
        foreach ($notLater as $then => $firsts) {
            foreach ($firsts as $first => $latest) {
                if (($this->web->between($first, $then) ?? 0) > $latest) {
                    unset($notLater[$then][$first]);
                }
            }
        }

        return $notLater;
    }

    /**
     * Tells what comes later than it should.
     *
     * @param array<int, int> $starts
     */
    private function tellLate(array $starts): void
    {
        $this->late = [];
        foreach ($this->web->jobs as $then => $other) {
            foreach (array_keys($this->web->of($then)) as $first) {
                $one = $this->web->jobs[$first];
                if ($one->go !== $one->goes || !Follows::isWanted($one->planned()->technique, $other->planned()->technique)) {
                    continue;
                }
                $after = $starts[$then] - $starts[$first] - $one->minutes;
                $latest = $one->latestFor($other);
                if ($latest !== null && $after > max($latest, $one->waitFor($other))) {
                    $this->late[] = new Finding('order.late', '{then} comes {after} after {first}, and should come within {latest}: it '
                        .'still moves, at more effort.', [
                            'then' => $other->words(),
                            'first' => lcfirst($one->words()),
                            'after' => Duration::words($after),
                            'latest' => Duration::words($latest),
                        ]);
                }
            }
        }
    }

    /**
     * What nobody can begin, or has to do in one sitting, may be too long for every one of them.
     *
     * @param array<int, array<int, int>> $notLater
     *
     * @return array<int, Finding> by job, what takes how long
     */
    private function tooLong(array $notLater, ?int $longest): array
    {
        if ($longest === null) {
            return [];
        }
        $found = [];
        foreach ($this->web->jobs as $i => $job) {
            $setUp = $job->setUp === '' ? 0 : self::SET_UP;
            $needed = $job->minutes + $setUp;
            $first = null;
            foreach (array_keys($notLater[$i] ?? []) as $before) {
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
            return $this->searched($this->problem, array_keys($this->web->jobs), $try);
        }
        $dear = self::MINDED * self::SET_UP;
        $problem = self::problem($this->web->jobs, $this->problem->waits, $this->problem->notLater, new Openings(null), $dear);
        $sequence = $this->searched($problem, array_keys($this->web->jobs));
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
        foreach (WayTies::groups($this->web, $this->way) as $group) {
            $problem = self::problem(
                array_map(fn (int $i): Job => $this->web->jobs[$i], $group),
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
            $job = $this->web->jobs[$i];
            $window = $this->free->windowOf($starts[$i] + $job->minutes);
            $isNew = $slots === [] || $slots[count($slots) - 1]->window !== $window;
            $setUp = $isNew && $this->problem->labels[$i] > 0 ? self::SET_UP : $this->problem->setupOf($i, $ready);
            $setUp = $isNew ? $this->layingOut($starts[$i], $window, $setUp) : $setUp;
            $ready = $this->problem->labels[$i] ?: $ready;
            $why = OrderReasons::of($this->web, $i, $starts, $before, $setUp);
            $slots[] = new OrderedJob($job, $starts[$i], $setUp, $window, $why);
            $end = $starts[$i] + $job->minutes;
            $before = $i;
        }

        return new RunningOrder(
            $slots,
            $end,
            min($end, $this->bound),
            $this->isProven && $this->bound >= $end && $this->left === [],
            $this->web->setAside(),
            $this->web->counted(),
            [new Planned($this->web, $this->problem, $starts, $this->kept)],
            $this->letGo,
            $this->left,
            $this->late,
        );
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
