<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/**
 * Branch and bound for {@see Covering}. The lower bound is Lagrange's: with multipliers u ≥ 0 no covering costs less than
 * Σ u + Σ min(0, price − Σ u over the column's rows). Subgradient steps make it large (M. Held, P. Wolfe, H. P. Crowder,
 * "Validation of subgradient optimization", Mathematical Programming 6 (1974) 62–88). Columns whose price exceeds their
 * rows' multipliers by more than is left to the best known covering are put aside. Prices are whole numbers, so a bound is
 * rounded up. The branch is on the column about which the multipliers are most in doubt: taken, then left out.
 */
final class CoverSearch
{
    private const ROOT_STEPS = 300;
    private const NODE_STEPS = 20;
    private const ROUNDING = 1e-6;

    /** How fast earlier steps are forgotten in a column's share. */
    private const FORGETS = 0.1;

    /** By how much a column taken in nearly all steps is preferred to one taken in none. */
    private const LIKES_TAKEN = 0.2;

    private float $best = INF;

    /** @var list<int> */
    private array $found = [];

    private int $branchings = 0;
    private bool $gaveUp = false;
    private float $rootBound = 0.0;

    /**
     * @param array<int, int> $price of each column
     * @param array<int, list<int>> $covers rows of each column
     * @param list<int> $needed rows to cover, each covered by some column
     */
    public function __construct(
        private readonly array $price,
        private readonly array $covers,
        private readonly array $needed,
        private readonly int $effort,
    ) {
    }

    public function run(): void
    {
        $multipliers = [];
        foreach ($this->needed as $row) {
            $multipliers[$row] = INF;
        }
        foreach ($this->covers as $c => $rows) {
            foreach ($rows as $row) {
                $multipliers[$row] = min($multipliers[$row], $this->price[$c] / count($rows));
            }
        }
        $this->branch($this->needed, array_keys($this->covers), [], 0, $multipliers, self::ROOT_STEPS);
    }

    /** @return list<int> */
    public function chosen(): array
    {
        return $this->found;
    }

    public function isProven(): bool
    {
        return !$this->gaveUp || $this->bound() >= $this->best;
    }

    public function bound(): int
    {
        return $this->gaveUp ? (int) min($this->best, ceil($this->rootBound - self::ROUNDING)) : (int) $this->best;
    }

    /**
     * @param list<int> $rows still to be covered
     * @param list<int> $columns that may still be taken
     * @param list<int> $taken
     * @param array<int, float> $multipliers by row
     */
    private function branch(array $rows, array $columns, array $taken, int $cost, array $multipliers, int $steps): void
    {
        if ($rows === []) {
            if ($cost < $this->best) {
                $this->best = (float) $cost;
                $this->found = $taken;
            }

            return;
        }
        if ($this->branchings >= $this->effort) {
            $this->gaveUp = true;

            return;
        }
        ++$this->branchings;
        $open = array_fill_keys($rows, true);
        $local = $of = [];
        foreach ($columns as $c) {
            $covered = [];
            foreach ($this->covers[$c] as $row) {
                if (isset($open[$row])) {
                    $covered[] = $row;
                    $of[$row][] = $c;
                }
            }
            if ($covered !== []) {
                $local[$c] = $covered;
            }
        }
        if (count($of) < count($rows)) {
            return;
        }
        [$bound, $reduced, $multipliers, $shares] = $this->lagrange($rows, $local, $taken, $cost, $multipliers, $steps);
        if ($this->branchings === 1) {
            $this->rootBound = $bound;
        }
        if (ceil($bound - self::ROUNDING) >= $this->best) {
            return;
        }
        foreach ($local as $c => $covered) {
            if ($reduced[$c] > 0 && ceil($bound + $reduced[$c] - self::ROUNDING) >= $this->best) {
                unset($local[$c]);
            }
        }
        if ($local === []) {
            return;
        }
        $c = self::mostDoubtful($local, $shares);
        $covered = array_fill_keys($local[$c], true);
        $rest = array_values(array_filter($rows, static fn (int $r): bool => !isset($covered[$r])));
        unset($local[$c]);
        $others = array_keys($local);
        $this->branch($rest, $others, [...$taken, $c], $cost + $this->price[$c], $multipliers, self::NODE_STEPS);
        $this->branch($rows, $others, $taken, $cost, $multipliers, self::NODE_STEPS);
    }

    /**
     * Neither taken in all late steps nor in none, and covering much: taking it or leaving it out changes most.
     *
     * @param non-empty-array<int, list<int>> $local rows still open of each column
     * @param array<int, float> $shares of the late steps in which each was taken
     */
    private static function mostDoubtful(array $local, array $shares): int
    {
        [$most, $found] = [-INF, (int) array_key_first($local)];
        foreach ($local as $c => $covered) {
            $doubt = min($shares[$c], self::LIKES_TAKEN + 1 - $shares[$c]) * count($covered);
            if ($doubt > $most) {
                [$most, $found] = [$doubt, $c];
            }
        }

        return $found;
    }

    /**
     * @param list<int> $rows
     * @param array<int, list<int>> $local
     * @param list<int> $taken
     * @param array<int, float> $u
     *
     * @return array{
     *   float, array<int, float>, array<int, float>, array<int, float>,
     * } bound with the cost so far; price of each column above its rows' multipliers; multipliers; share of the late steps in which each
     * column was taken
     */
    private function lagrange(array $rows, array $local, array $taken, int $cost, array $u, int $steps): array
    {
        $best = [-INF, [], $u];
        $shares = array_fill_keys(array_keys($local), 0.0);
        $pace = 1.6;
        $stuck = 0;
        for ($step = 0; $step < $steps; ++$step) {
            $bound = (float) $cost;
            $slack = [];
            foreach ($rows as $row) {
                $bound += $u[$row];
                $slack[$row] = 1;
            }
            $reduced = [];
            foreach ($local as $c => $covered) {
                $left = (float) $this->price[$c];
                foreach ($covered as $row) {
                    $left -= $u[$row];
                }
                $reduced[$c] = $left;
                $shares[$c] *= 1 - self::FORGETS;
                if ($left < 0) {
                    $shares[$c] += self::FORGETS;
                    $bound += $left;
                    foreach ($covered as $row) {
                        --$slack[$row];
                    }
                }
            }
            if ($bound > $best[0] + 1e-9) {
                $best = [$bound, $reduced, $u];
                $stuck = 0;
            } elseif (++$stuck >= 8) {
                $pace /= 2;
                $stuck = 0;
            }
            if ($step % 10 === 0) {
                $this->round($rows, $local, $reduced, $taken, $cost);
            }
            if (ceil($best[0] - self::ROUNDING) >= $this->best || $pace < 0.005) {
                break;
            }
            $norm = 0;
            foreach ($slack as $s) {
                $norm += $s * $s;
            }
            if ($norm === 0) {
                break;
            }
            $length = $pace * max(1.0, 1.02 * $this->best - $bound) / $norm;
            foreach ($slack as $row => $s) {
                $u[$row] = max(0.0, $u[$row] + $length * $s);
            }
        }

        return [...$best, $shares];
    }

    /**
     * A covering from the multipliers: columns by what they cost above them for each row they add; then those that others
     * make needless are left out, the dearest first.
     *
     * @param list<int> $rows
     * @param array<int, list<int>> $local
     * @param array<int, float> $reduced
     * @param list<int> $taken
     */
    private function round(array $rows, array $local, array $reduced, array $taken, int $cost): void
    {
        $open = array_fill_keys($rows, true);
        $chosen = [];
        while ($open !== []) {
            [$least, $next] = [INF, null];
            foreach ($local as $c => $covered) {
                $adds = 0;
                foreach ($covered as $row) {
                    $adds += isset($open[$row]) ? 1 : 0;
                }
                if ($adds > 0) {
                    $score = $reduced[$c] > 0 ? $reduced[$c] / $adds : $reduced[$c] * $adds;
                    if ($score < $least) {
                        [$least, $next] = [$score, $c];
                    }
                }
            }
            if ($next === null) {
                return;
            }
            $chosen[] = $next;
            foreach ($local[$next] as $row) {
                unset($open[$row]);
            }
        }
        $times = [];
        foreach ($chosen as $c) {
            foreach ($local[$c] as $row) {
                $times[$row] = ($times[$row] ?? 0) + 1;
            }
        }
        usort($chosen, fn (int $a, int $b): int => $this->price[$b] <=> $this->price[$a] ?: $a <=> $b);
        $kept = [];
        foreach ($chosen as $c) {
            if (min([PHP_INT_MAX, ...array_map(static fn (int $row): int => $times[$row], $local[$c])]) > 1) {
                foreach ($local[$c] as $row) {
                    --$times[$row];
                }
            } else {
                $kept[] = $c;
                $cost += $this->price[$c];
            }
        }
        if ($cost < $this->best) {
            $this->best = (float) $cost;
            $this->found = [...$taken, ...$kept];
        }
    }
}
