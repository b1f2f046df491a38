<?php

declare(strict_types=1);

namespace Kalokroma\Order\Rule;

use DomainException;
use Kalokroma\Order\Job\ChainLink;
use Kalokroma\Order\Job\Follows;
use Kalokroma\Order\Job\Jobs;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Position;

/** Ties the jobs of companies together: recipes first, then what the painter wants and recipes say, then the rules from the first on. */
final class Weaver
{
    private readonly Web $web;

    /** @var array<int, array<int, int>> by job: those after whose end it starts at most so many minutes later */
    private array $notLater = [];

    /** @param list<Jobs> $companies */
    private function __construct(private readonly array $companies, private readonly Wishes $wishes)
    {
        $this->web = new Web(array_merge(...array_map(static fn (Jobs $j): array => $j->jobs, $companies), ...[[]]));
    }

    /**
     * @param list<Jobs> $companies
     * @param callable(Web): void|null $way ties that a way of working asks for; they give way to hard rules and wishes only
     *
     * @return array{Web, array<int, array<int, int>>} what waits for what, and what has to follow within so many minutes
     *
     * @throws DomainException where the painter's wishes contradict each other, or what is physically so
     */
    public static function weave(array $companies, Wishes $wishes, ?callable $way = null): array
    {
        $weaver = new self($companies, $wishes);
        $from = 0;
        foreach ($companies as $jobs) {
            $weaver->recipes($jobs, $from);
            $from += count($jobs->jobs);
        }
        $weaver->rules(true, false);
        $weaver->wishes();
        $weaver->rules(false, true);
        if ($way !== null) {
            $way($weaver->web);
        }
        $weaver->milestone();
        $weaver->rules(false, false);

        return [$weaver->web, $weaver->notLater];
    }

    /** @param int $from number of the first job of this company */
    private function recipes(Jobs $company, int $from): void
    {
        foreach ($company->chains as $chain) {
            foreach ($chain as $high => $then) {
                for ($low = 0; $low < $high; ++$low) {
                    $this->between($chain[$low], $then, $from);
                }
                $this->goes($then, $from);
            }
        }
    }

    private function between(ChainLink $below, ChainLink $on, int $from): void
    {
        foreach ($below->jobs as $i) {
            foreach ($on->jobs as $j) {
                [$first, $then] = [$this->web->jobs[$from + $i], $this->web->jobs[$from + $j]];
                if ($i === $j || !$first->shares($then) || !$first->planned()->meets($then->planned())) {
                    continue;
                }
                $isNeeded = $first->latest !== null && $first->latestFor($then) !== null && $first->go === $first->goes
                    && Follows::isWanted($first->planned()->technique, $then->planned()->technique);
                $this->web->add(new OrderTie($from + $i, $from + $j, max($first->waitFor($then), $below->rest), null, 'recipe'));
                if ($isNeeded && $first->figures === $then->figures && $first->panels === $then->panels) {
                    $this->notLater[$from + $j][$from + $i] = max($first->waitFor($then), (int) $first->latestFor($then));
                }
            }
        }
    }

    /** Coats and rounds of one step, one after the other. */
    private function goes(ChainLink $link, int $from): void
    {
        foreach ($link->jobs as $i) {
            foreach ($link->jobs as $j) {
                [$first, $then] = [$this->web->jobs[$from + $i], $this->web->jobs[$from + $j]];
                if ($first->go < $then->go && $first->shares($then)) {
                    $this->web->add(new OrderTie($from + $i, $from + $j, $first->waitFor($then), null, 'recipe'));
                }
            }
        }
    }

    /** @param bool $isSaid whether it is what recipes say themselves: a way of working gives way to that */
    private function rules(bool $isHard, bool $isSaid): void
    {
        foreach (RuleBook::all() as $rule) {
            $isMeant = $rule->isHard === $isHard && ($rule->code === SaidOrder::CODE) === $isSaid;
            if (!$isMeant || $this->wishes->leavesOut($rule)) {
                continue;
            }
            $first = $this->sorted($rule->first);
            foreach ($this->sorted($rule->then) as $j) {
                foreach ($first as $i) {
                    [$one, $other] = [$this->web->jobs[$i], $this->web->jobs[$j]];
                    if ($i !== $j && $rule->where->has($one, $other) && $one->shares($other)) {
                        $this->strong(new OrderTie($i, $j, $rule->isDry ? $one->waitFor($other) : 0, $rule));
                    }
                }
            }
        }
    }

    /** Nothing is put between what belongs together in one sitting, unless it is physics. */
    private function strong(OrderTie $tie): void
    {
        foreach ($tie->rule?->isHard === true ? [] : $this->notLater as $last => $firsts) {
            foreach ($firsts as $first => $most) {
                $isAfter = $this->web->isBefore($first, $tie->first);
                if ($isAfter && ($tie->then === $last || $this->web->isBefore($tie->then, $last))) {
                    $this->web->leave($tie);

                    return;
                }
            }
        }
        $this->web->addStrong($tie);
    }

    /** @return list<int> */
    private function sorted(Sort $sort): array
    {
        return array_keys(array_filter($this->web->jobs, $sort->has(...)));
    }

    private function wishes(): void
    {
        foreach ($this->wishes->before as [$before, $after]) {
            $first = $this->named($before);
            $then = $this->named($after);
            foreach ($then as $j) {
                foreach ($first as $i) {
                    $this->web->addWish(new OrderTie($i, $j, 0, null, 'wish'));
                }
            }
        }
    }

    /**
     * @return non-empty-list<int>
     *
     * @throws DomainException
     */
    private function named(string $step): array
    {
        $found = [];
        foreach ($this->web->jobs as $i => $job) {
            if ($job->step === $step) {
                $found[] = $i;
            }
        }

        return $found !== [] ? $found : throw new DomainException(sprintf('There is no step "%s" to be done.', $step));
    }

    /** Everything that makes figures fieldable before anything that goes further, as far as that can be. */
    private function milestone(): void
    {
        $first = $later = [];
        foreach ($this->web->jobs as $i => $job) {
            if (!$this->wishes->fieldableFirst && !$job->company->fieldableFirst) {
                continue;
            }
            if ($job->level() !== Level::Fieldable) {
                $later[] = $i;
            } elseif ($job->isBefore(Position::Gloss)) {
                $first[] = $i;
            }
        }
        foreach ($later as $j) {
            foreach ($first as $i) {
                if ($this->web->jobs[$i]->company->id === $this->web->jobs[$j]->company->id) {
                    $this->web->add(new OrderTie($i, $j, 0, null, 'milestone'));
                }
            }
        }
    }
}
