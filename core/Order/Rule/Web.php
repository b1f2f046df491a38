<?php

declare(strict_types=1);

namespace Kalokroma\Order\Rule;

use DomainException;
use Kalokroma\Order\Job\Job;

/** Which jobs wait for which, and why. No circle gets in: a tie that would close one is refused. */
final class Web
{
    /** From so many jobs on no tie is looked through for being needed. */
    private const LOOKED_THROUGH = 400;

    /** @var list<array<int, OrderTie>> by job: those it waits for */
    private array $ties;

    /** @var list<string> by job: a bit for each job that comes before it */
    private array $above;

    /** @var list<OrderTie> strong rules that were set aside, because others contradict them */
    private array $setAside = [];

    /** @param list<Job> $jobs */
    public function __construct(public readonly array $jobs)
    {
        $none = str_repeat("\0", intdiv(count($jobs), 8) + 1);
        $this->ties = array_fill(0, count($jobs), []);
        $this->above = array_fill(0, count($jobs), $none);
    }

    /** @return bool whether it is in now, or was already; false where it would close a circle */
    public function add(OrderTie $tie): bool
    {
        if ($tie->first === $tie->then || $this->isBefore($tie->then, $tie->first)) {
            return false;
        }
        $known = $this->ties[$tie->then][$tie->first] ?? null;
        if ($known === null || $known->wait < $tie->wait) {
            $this->ties[$tie->then][$tie->first] = $tie;
        }
        if (!$this->isBefore($tie->first, $tie->then)) {
            $more = $this->above[$tie->first];
            $more[$tie->first >> 3] = chr(ord($more[$tie->first >> 3]) | (1 << ($tie->first & 7)));
            foreach ($this->above as $job => $above) {
                if ($job === $tie->then || $this->isBefore($tie->then, $job)) {
                    $this->above[$job] = $above | $more;
                }
            }
        }

        return true;
    }

    /** A rule that gives way where others say the opposite. */
    public function addStrong(OrderTie $tie): void
    {
        if (!$this->add($tie)) {
            $this->setAside[] = $tie;
        }
    }

    /** A rule that is not kept between these two. */
    public function leave(OrderTie $tie): void
    {
        $this->setAside[] = $tie;
    }

    /**
     * The same among some of the jobs: with each of them all that it waits for.
     *
     * @param list<int> $kept numbers of jobs, in their order
     */
    public function only(array $kept): self
    {
        $web = new self(array_map(fn (int $i): Job => $this->jobs[$i], $kept));
        $place = array_flip($kept);
        foreach ($kept as $at => $job) {
            foreach ($this->ties[$job] as $first => $tie) {
                $web->ties[$at][$place[$first]] = new OrderTie($place[$first], $at, $tie->wait, $tie->rule, $tie->because);
            }
        }
        $above = [];
        foreach ($kept as $job) {
            $bits = str_repeat("\0", intdiv(count($kept), 8) + 1);
            foreach ($kept as $other => $first) {
                if ($this->isBefore($first, $job)) {
                    $bits[$other >> 3] = chr(ord($bits[$other >> 3]) | (1 << ($other & 7)));
                }
            }
            $above[] = $bits;
        }
        $web->above = $above;
        foreach ($this->setAside as $tie) {
            if (isset($place[$tie->first], $place[$tie->then])) {
                $web->setAside[] = new OrderTie($place[$tie->first], $place[$tie->then], $tie->wait, $tie->rule, $tie->because);
            }
        }

        return $web;
    }

    /** Minutes from the end of one job to the start of another at least, by all that comes between; null where neither waits. */
    public function between(int $first, int $then): ?int
    {
        /** @var array<int, int> $longest */
        $longest = [];
        foreach ($this->sorted() as $job) {
            foreach ($this->ties[$job] as $before => $tie) {
                if ($before === $first || isset($longest[$before])) {
                    $way = ($before === $first ? 0 : $longest[$before] + $this->jobs[$before]->minutes) + $tie->wait;
                    $longest[$job] = max($longest[$job] ?? 0, $way);
                }
            }
        }

        return $longest[$then] ?? null;
    }

    /** @return list<int> jobs so that each comes behind those it waits for */
    private function sorted(): array
    {
        $above = array_map(static fn (string $bits): int => array_sum(array_map(
            static fn (string $byte): int => substr_count(decbin(ord($byte)), '1'),
            str_split($bits),
        )), $this->above);
        asort($above);

        return array_keys($above);
    }

    /** @throws DomainException that names the members of the circle it would close */
    public function addWish(OrderTie $tie): void
    {
        if (!$this->add($tie)) {
            $words = array_map(fn (int $job): string => $this->jobs[$job]->words(), $this->way($tie->then, $tie->first));
            throw new DomainException(sprintf('These wait for each other in a circle: %s.', implode(' → ', [...$words, $words[0]])));
        }
    }

    public function isBefore(int $first, int $then): bool
    {
        return (ord($this->above[$then][$first >> 3]) >> ($first & 7) & 1) === 1;
    }

    /** @return array<int, OrderTie> what this job waits for */
    public function of(int $job): array
    {
        return $this->ties[$job];
    }

    /** @return list<OrderTie> rules that others contradict on some figures */
    public function setAside(): array
    {
        return $this->setAside;
    }

    /** @return array<string, int> how many ties each rule makes, by its code */
    public function counted(): array
    {
        $counted = [];
        foreach ($this->ties as $ties) {
            foreach ($ties as $tie) {
                $code = $tie->rule->code ?? '';
                $counted[$code] = ($counted[$code] ?? 0) + 1;
            }
        }

        return array_diff_key($counted, ['' => 0]);
    }

    /**
     * Waits that no longer way round already asks for.
     *
     * @return list<array<int, int>> minutes by job and the job it waits for
     */
    public function waits(): array
    {
        $count = count($this->jobs);
        $waits = array_map(static fn (array $ties): array => array_map(static fn (OrderTie $t): int => $t->wait, $ties), $this->ties);
        if ($count > self::LOOKED_THROUGH) {
            return $waits;
        }
        foreach ($waits as $then => $before) {
            foreach ($before as $first => $wait) {
                foreach ($before as $between => $after) {
                    if ($between === $first || !$this->isBefore($first, $between)) {
                        continue;
                    }
                    $way = $waits[$between][$first] ?? $this->ties[$between][$first]->wait ?? 0;
                    if ($way + $this->jobs[$between]->minutes + $after >= $wait) {
                        unset($waits[$then][$first]);
                        break;
                    }
                }
            }
        }

        return $waits;
    }

    /** @return list<int> jobs from the first to the last, each waiting for the one before */
    private function way(int $first, int $last): array
    {
        $way = [$last];
        while ($way[0] !== $first) {
            foreach ($this->ties[$way[0]] as $before => $tie) {
                if ($before === $first || $this->isBefore($first, $before)) {
                    array_unshift($way, $before);
                    continue 2;
                }
            }
            break;
        }

        return $way;
    }
}
