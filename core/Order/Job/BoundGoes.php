<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

/**
 * Steps that belong together, one or several washes and what has to follow them while it still can: done on as many figures, or on as much
 * of one large figure, as come round in time and fit into one sitting.
 */
final readonly class BoundGoes
{
    /** Minutes of loading the brush again, once for each of the steps. */
    private const LOADING = 2;

    /** A figure in more panels than this is nobody's work. */
    public const MOST_PANELS = 12;

    /**
     * @param non-empty-list<StepGo> $first what lies on together
     * @param int $latest minutes after which it is too late for what follows
     * @param int|null $longest minutes of the longest sitting; null for any
     */
    private function __construct(private array $first, private StepGo $then, private int $latest, private ?int $longest)
    {
    }

    /**
     * What one of the steps of an area is bound to; null where it may wait for ever.
     *
     * @param list<StepGo> $gos
     * @param int|null $longest minutes of the longest sitting; null for any
     */
    public static function of(array $gos, int $at, ?int $longest): ?self
    {
        $end = self::end($gos, $at);
        if ($end === null) {
            return null;
        }
        $then = $gos[$end];
        $first = [];
        foreach (array_slice($gos, 0, $end) as $go) {
            $its = $go->outcome->step->technique;
            if (Follows::isWanted($its, $then->outcome->step->technique)) {
                $isMore = $first !== [] && Follows::isOneWash($its, $first[0]->outcome->step->technique);
                $first = $isMore ? [...$first, $go] : [$go];
            } elseif ($its === $then->outcome->step->technique) {
                $first = [];
            }
        }
        $latest = $first === [] ? null : $first[0]->outcome->step->technique->facts()->latest;

        return $first === [] || $latest === null ? null : new self($first, $then, $latest, $longest);
    }

    /**
     * Where the step stands that ends a bond: what the one at this place wants, or that one itself.
     *
     * @param list<StepGo> $gos
     */
    private static function end(array $gos, int $at): ?int
    {
        $wanted = Follows::of($gos[$at]->outcome->step->technique);
        foreach ($wanted === null ? [] : array_slice($gos, $at + 1, null, true) as $i => $go) {
            if ($go->outcome->step->technique === $wanted) {
                return $i;
            }
        }

        return $wanted === null ? $at : null;
    }

    /** Whether this is what lies first, and the other has to follow it. */
    public function isFollowed(StepGo $go): bool
    {
        return Follows::isWanted($go->outcome->step->technique, $this->then->outcome->step->technique);
    }

    /**
     * Figures of a row at most, so that none is too wet or too dry when its turn comes again.
     *
     * @return int<1, max>
     */
    public function most(int $figures): int
    {
        for ($n = $figures; $n > 1; --$n) {
            if ($this->comesRound($n, 1)) {
                return $n;
            }
        }

        return 1;
    }

    /**
     * Panels that one figure is done in, as few as come round in time; 1 where none would help.
     *
     * @return int<1, max>
     */
    public function panels(): int
    {
        for ($panels = 1; $panels <= self::MOST_PANELS; ++$panels) {
            if ($this->comesRound(1, $panels)) {
                return $panels;
            }
        }

        return 1;
    }

    /** Whether so many figures, or one in so many panels, come round in time and in one sitting. */
    private function comesRound(int $figures, int $panels): bool
    {
        $each = array_sum(array_map(static fn (StepGo $go): float => $go->last(), $this->first)) / $panels;
        $then = $this->then->first() / $panels;
        $dry = $this->first[count($this->first) - 1]->outcome->labour->dryMinutes;
        $wait = max(0.0, $dry - ($figures - 1) * min($each, $then));
        // What was laid first is reached after all the rest of it, or after as much of the other work.
        $oldest = $wait + ($figures > 1 ? ($figures - 1) * max($each, $then) : max($each, $then));
        $needed = $figures * ($each + $then) + $wait + self::LOADING * (count($this->first) + 1);

        return $oldest <= $this->latest && ($this->longest === null || $needed <= $this->longest);
    }
}
