<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Closure;
use Kalokroma\Order\Rule\OrderTie;
use Kalokroma\Order\Search\FirstTry;
use Kalokroma\Order\Search\HeadsAndTails;
use Kalokroma\Order\Search\OrderProblem;
use Kalokroma\Order\Search\Timetable;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/**
 * Where a job may be put in an order that is planned: before each of the others, at the end of each sitting, and into the next
 * sittings that stand empty. What has to come before it is drawn forward, and what waits for it goes behind; what is pinned stays.
 */
final class OrderSlots
{
    /** Without free hours a job begins no more than this after the place it was put to, minutes. */
    private const SLACK = 30;
    /** A job that could begin only so many minutes after its place is not offered that place. */
    private const NEAR = 12;
    /** Of two that are wanted at one minute the one that is put there comes first. */
    private const AHEAD = 0.5;
    /** Empty sittings that are offered. */
    private const EMPTY_SITTINGS = 3;

    private readonly OrderProblem $problem;

    /** @var array<int, float> */
    private readonly array $wanted;

    private readonly int $head;

    /** @param Closure(int): string $when a minute from now in words, as "on Sun 6 Dec at 15:40" */
    private function __construct(private readonly Planned $planned, private readonly int $job, private readonly Closure $when)
    {
        $problem = $planned->problem;
        $this->problem = $problem->without($job);
        $this->wanted = $planned->starts;
        $this->head = HeadsAndTails::of($this->problem)->heads[$job];
    }

    /**
     * @param Closure(int): string $when
     *
     * @return list<OrderSlot> in their order of time
     */
    public static function for(Planned $planned, int $job, Closure $when): array
    {
        $places = new self($planned, $job, $when);

        return array_map(
            static fn (array $place): OrderSlot => $places->tried($place[0], $place[1], $place[2]),
            $places->candidates(),
        );
    }

    /** @param Closure(int): string $when */
    public static function one(Planned $planned, int $job, int $at, Closure $when): OrderSlot
    {
        return (new self($planned, $job, $when))->tried($at, null, null);
    }

    /** @return list<array{int, string|null, string|null}> minute, the job that would follow, or the one it would stand behind */
    private function candidates(): array
    {
        $now = $this->window($this->planned->end($this->job));
        $found = [];
        $before = null;
        $isHere = false;
        foreach (array_keys($this->planned->starts) as $i) {
            if ($i === $this->job) {
                $isHere = true;
                continue;
            }
            $window = $this->window($this->planned->end($i));
            $last = $before === null ? null : $this->window($this->planned->end($before));
            $id = $this->planned->web->jobs[$i]->id;
            if ($before !== null && $window === $last) {
                $found[] = $isHere ? null : [$this->planned->end($before), $id, null];
            } else {
                $found[] = $before === null || ($isHere && $now === $last) ? null : [
                    $this->planned->end($before), null, $this->planned->web->jobs[$before]->id,
                ];
                $found[] = $isHere && $now === $window ? null : [$this->begins($window), $id, null];
            }
            [$before, $isHere] = [$i, false];
        }
        $end = $before === null ? 0 : $this->planned->end($before);
        $found[] = $before === null || ($isHere && $now === $this->window($end)) ? null : [
            $end, null, $this->planned->web->jobs[$before]->id,
        ];
        foreach (array_slice(
            $this->problem->openings->windows ?? [],
            max((int) $this->window($end), $now ?? 0),
            self::EMPTY_SITTINGS,
        ) as $next) {
            $found[] = [$next[0], null, null];
        }

        return array_values(array_filter($found));
    }

    private function tried(int $at, ?string $before, ?string $after): OrderSlot
    {
        $minutes = $this->problem->minutes[$this->job];
        [$window, $by] = $this->sitting($at, $before);
        $by ??= max($at, $this->head) + self::SLACK + $minutes;
        if ($this->head + $minutes > $by) {
            return new OrderSlot($at, $before, $after, $window, null, $this->tooEarly($this->head));
        }
        if (max($at, $this->head) + $minutes > $by) {
            return new OrderSlot($at, $before, $after, $window, null, new Finding(
                'move.short',
                $by <= max($at, $this->head) ? 'It takes {needed}, and that sitting is full.'
                    : 'It takes {needed}, and no more than {left} are left there.',
                ['needed' => Duration::words($minutes), 'left' => Duration::words(max(0, $by - max($at, $this->head)))],
            ));
        }
        $problem = $this->problem->with($this->job, $at, $by);
        $sequence = FirstTry::of($problem, array_replace($this->wanted, [$this->job => $at - self::AHEAD]));
        $starts = $sequence === null ? null : Timetable::of($problem, $sequence, $problem->horizon());

        return match (true) {
            $starts === null => new OrderSlot($at, $before, $after, $window, null, $this->blocked()),
            $starts[$this->job] > $at + self::NEAR => new OrderSlot(
                $at,
                $before,
                $after,
                $window,
                null,
                $this->tooEarly($starts[$this->job]),
            ),
            !$this->canStay($starts[$this->job]) => new OrderSlot($at, $before, $after, $window, null, $this->blocked()),
            default => new OrderSlot($at, $before, $after, $window, $starts[$this->job]),
        };
    }

    private function canStay(int $start): bool
    {
        $problem = $this->problem->with($this->job, $start, $start + $this->problem->minutes[$this->job] + OrderProblem::FIXED);

        return FirstTry::of($problem, array_replace($this->planned->kept->wanted($this->planned->web), [$this->job => $start])) !== null;
    }

    /**
     * At the end of a sitting that is full the place belongs to it all the same.
     *
     * @return array{int|null, int|null} number of the window and its last minute; null for always
     */
    private function sitting(int $at, ?string $before): array
    {
        $openings = $this->problem->openings;
        if ($openings->windows === null) {
            return [null, null];
        }
        $last = $before === null && $at > 0 ? $this->window($at) : null;
        $window = $last !== null && ($openings->windows[$last - 1][0] ?? PHP_INT_MAX) < $at ? $last : $this->window($at + 1);

        return [$window, $openings->windows[($window ?? 0) - 1][1] ?? 0];
    }

    /** What has to come first, and when it could follow on that at the earliest. */
    private function tooEarly(int $from): Finding
    {
        $last = $this->lastBefore();

        return $last === null
            ? new Finding('move.early', 'It begins {when} at the earliest.', ['when' => ($this->when)($from)])
            : new Finding('move.first', '{first} has to come first: {why}. It begins {when} at the earliest.', [
                'first' => $this->planned->web->jobs[$last->first]->words(),
                'why' => $last->because === 'recipe' && $last->wait > 0
                    ? 'it dries for '.Duration::words($this->planned->web->jobs[$last->first]->drying->minutes) : $last->why(),
                'when' => ($this->when)($from),
            ]);
    }

    private function lastBefore(): ?OrderTie
    {
        $found = null;
        $latest = -1;
        $heads = HeadsAndTails::of($this->problem)->heads;
        foreach ($this->planned->web->of($this->job) as $first => $tie) {
            $until = $heads[$first] + $this->problem->minutes[$first] + $tie->wait;
            if ($until > $latest) {
                [$found, $latest] = [$tie, $until];
            }
        }

        return $found;
    }

    private function blocked(): Finding
    {
        foreach (array_keys($this->problem->due) as $other) {
            $name = $this->planned->web->jobs[$other]->words();
            if ($this->planned->web->isBefore($this->job, $other)) {
                return new Finding('move.pinned', '{other} is to begin {when}, and has to come after it.', [
                    'other' => $name, 'when' => ($this->when)($this->planned->starts[$other]),
                ]);
            }
        }

        $last = $this->problem->due === [] && !$this->problem->hasNotLater() ? $this->lastBefore() : null;

        return $last !== null
            ? new Finding('move.full', '{first} has to come first: {why}. That leaves no room for it in this sitting.', [
                'first' => $this->planned->web->jobs[$last->first]->words(),
                'why' => $last->why(),
            ])
            : new Finding('move.blocked', 'What is pinned, or has to follow soon on what comes before, leaves no room for it there.');
    }

    private function window(int $minute): ?int
    {
        return $this->problem->openings->windowOf($minute);
    }

    private function begins(?int $window): int
    {
        return $this->problem->openings->windows[($window ?? 0) - 1][0] ?? 0;
    }
}
