<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use DomainException;
use Kalokroma\Order\Search\Fitting;
use Kalokroma\Order\Search\LeastWaiting;
use Kalokroma\Order\Search\Naturally;
use Kalokroma\Order\Search\OrderProblem;
use Kalokroma\Order\Search\OrderSearch;
use Kalokroma\Order\Search\Timetable;

/**
 * A sequence that ends early, and of those that end about as early one in which nobody waits beside ready work, that changes paint and tool
 * seldom and goes about it as a painter would. What is proven is proven of the end alone.
 */
final readonly class Sequencing
{
    /** Of so many tasks at most an order is looked for although none is known in which all follows in time. */
    private const LOOKED_THROUGH = 30;

    /** Share of the usual budget for what perhaps cannot be done at all. */
    private const DOUBTFUL = 0.02;

    /**
     * @param list<int> $sequence of all tasks
     * @param int $bound minutes: no sequence ends earlier
     * @param bool $isProven whether an order was found that ends then; what waits less may end a quarter of an hour later
     */
    private function __construct(public array $sequence, public int $bound, public bool $isProven)
    {
    }

    /**
     * @param list<int> $ranks by task: its place in the order in which a painter would name them, small first
     * @param float $effort share of the usual budget, more than 0
     * @param list<int> $known a sequence that can be kept and stays where it does about as well; empty where there is none
     *
     * @throws NoOrder where none is found in which all follows in time
     */
    public static function of(OrderProblem $problem, array $ranks, float $effort = 1.0, array $known = []): self
    {
        $begun = $known !== [] ? $known : self::inTime($problem, $ranks);
        $isDoubtful = $begun === [] && $problem->hasNotLater();
        try {
            $answer = OrderSearch::solve($problem, $isDoubtful ? min($effort, self::DOUBTFUL) : $effort, $begun);
        } catch (DomainException) {
            throw new NoOrder();
        }
        $sequence = Standing::of($problem, $known, $answer, $effort) ?? Naturally::order($problem, array_keys($answer->starts), $ranks);

        return new self(LeastWaiting::order($problem, $sequence, $ranks), $answer->lowerBound, $answer->isProven);
    }

    /**
     * A sequence in which all that belongs together follows in time, to begin a search with.
     *
     * @param list<int> $ranks by task
     *
     * @return list<int> empty where nothing does, or none is known and the search is to find one
     *
     * @throws NoOrder where none is known, and there is too much to look through
     */
    private static function inTime(OrderProblem $problem, array $ranks): array
    {
        if (!$problem->hasNotLater()) {
            return [];
        }
        $sequence = array_keys(Fitting::of($problem, $ranks));
        if (count($sequence) === $problem->count && Timetable::of($problem, $sequence, $problem->horizon()) !== null) {
            return $sequence;
        }

        return $problem->count <= self::LOOKED_THROUGH ? [] : throw new NoOrder();
    }
}
