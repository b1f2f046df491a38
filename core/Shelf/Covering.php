<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/**
 * Weighted set covering: the cheapest columns that cover every row.
 *
 * What cannot matter is taken out first: columns that another covers for no more money, or that single columns cover for
 * no more; rows that are covered whenever another is. {@see CoverSearch} does the rest.
 */
final readonly class Covering
{
    /** Branchings tried before the best found so far is given. */
    public const EFFORT = 4000;

    /**
     * @param int $price of the chosen columns
     * @param int $bound no covering costs less
     * @param list<int> $chosen columns of the question, rising
     * @param list<string> $uncovered rows that no column covers
     */
    private function __construct(
        public int $price,
        public int $bound,
        public bool $proven,
        public array $chosen,
        public array $uncovered,
    ) {
    }

    /**
     * @param list<string> $rows
     * @param list<array{price: int, rows: list<string>}> $columns prices 0 or more
     */
    public static function solve(array $rows, array $columns, int $effort = self::EFFORT): self
    {
        $index = array_flip($rows);
        $price = $covers = [];
        foreach ($columns as $c => $column) {
            $covered = [];
            foreach ($column['rows'] as $row) {
                if (isset($index[$row])) {
                    $covered[$index[$row]] = true;
                }
            }
            if ($covered !== []) {
                $price[$c] = $column['price'];
                $covers[$c] = $covered;
            }
        }
        $reachable = [];
        foreach ($covers as $covered) {
            $reachable += $covered;
        }
        $uncovered = array_values(array_filter($rows, static fn (string $row): bool => !isset($reachable[$index[$row]])));
        [$covers, $needed] = self::reduced($price, $covers, array_fill_keys(array_keys($reachable), true));
        $search = new CoverSearch(
            array_intersect_key($price, $covers),
            array_map(static fn (array $c): array => array_keys($c), $covers),
            array_keys($needed),
            $effort,
        );
        $search->run();
        $chosen = $search->chosen();
        sort($chosen);

        return new self(
            array_sum(array_map(static fn (int $c): int => $price[$c], $chosen)),
            $search->bound(),
            $search->isProven(),
            $chosen,
            $uncovered,
        );
    }

    /**
     * @param array<int, int> $price
     * @param array<int, array<int, true>> $covers rows of each column
     * @param array<int, true> $needed rows
     *
     * @return array{array<int, array<int, true>>, array<int, true>}
     */
    private static function reduced(array $price, array $covers, array $needed): array
    {
        do {
            $before = count($covers) + count($needed);
            $of = self::columnsOf($covers);
            foreach ($covers as $c => $rows) {
                if (self::isDominated($c, $rows, $price, $covers, $of)) {
                    foreach (array_keys($rows) as $row) {
                        unset($of[$row][$c]);
                    }
                    unset($covers[$c]);
                }
            }
            foreach (array_keys($needed) as $row) {
                if (self::isImplied($row, $needed, $of)) {
                    unset($needed[$row]);
                    foreach (array_keys($of[$row]) as $c) {
                        unset($covers[$c][$row]);
                    }
                    unset($of[$row]);
                }
            }
            $covers = array_filter($covers, static fn (array $rows): bool => $rows !== []);
        } while (count($covers) + count($needed) < $before);

        return [$covers, $needed];
    }

    /**
     * Whether another column covers the same for no more money, or cheap columns one for each row do.
     *
     * @param array<int, true> $rows
     * @param array<int, int> $price
     * @param array<int, array<int, true>> $covers
     * @param array<int, array<int, true>> $of columns of each row
     */
    private static function isDominated(int $c, array $rows, array $price, array $covers, array $of): bool
    {
        $sum = 0;
        $rarest = null;
        foreach (array_keys($rows) as $row) {
            $least = PHP_INT_MAX;
            foreach (array_keys($of[$row]) as $other) {
                if ($other !== $c && $price[$other] < $least) {
                    $least = $price[$other];
                }
            }
            $sum = $least === PHP_INT_MAX || $sum === PHP_INT_MAX ? PHP_INT_MAX : $sum + $least;
            $rarest = $rarest === null || count($of[$row]) < count($of[$rarest]) ? $row : $rarest;
        }
        if ($sum < $price[$c] || ($sum === $price[$c] && count($rows) > 1)) {
            return true;
        }
        foreach ($rarest === null ? [] : array_keys($of[$rarest]) as $other) {
            if ($other !== $c && $price[$other] <= $price[$c] && count($covers[$other]) >= count($rows)
                && array_diff_key($rows, $covers[$other]) === []
                && ($price[$other] < $price[$c] || count($covers[$other]) > count($rows) || $other < $c)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether covering another row covers this one too.
     *
     * @param array<int, true> $needed
     * @param array<int, array<int, true>> $of
     */
    private static function isImplied(int $row, array $needed, array $of): bool
    {
        foreach (array_keys($needed) as $other) {
            if ($other !== $row && count($of[$other]) <= count($of[$row]) && array_diff_key($of[$other], $of[$row]) === []
                && (count($of[$other]) < count($of[$row]) || $other < $row)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<int, array<int, true>> $covers
     *
     * @return array<int, array<int, true>>
     */
    private static function columnsOf(array $covers): array
    {
        $of = [];
        foreach ($covers as $c => $rows) {
            foreach (array_keys($rows) as $row) {
                $of[$row][$c] = true;
            }
        }

        return $of;
    }
}
