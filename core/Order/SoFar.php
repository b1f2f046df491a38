<?php

declare(strict_types=1);

namespace Kalokroma\Order;

/** What was really painted in one stretch up to now, drawn to the same measure as a sitting. */
final readonly class SoFar
{
    /** Minutes that something took of which nobody said how long. */
    private const LEAST = 1;

    /** @param list<array{float, float}> $spans where each begins and how wide it is, 0 to 1 */
    private function __construct(public array $spans, public int $minutes)
    {
    }

    /**
     * @param list<array{int, int}> $done end in minutes before now, 0 and more, and how many minutes it took, in their order:
     *     nothing begins before what was done before it
     */
    public static function of(array $done): self
    {
        $begun = [];
        $before = PHP_INT_MAX;
        foreach ($done as [$end, $took]) {
            $begun[] = max($end + self::LEAST, min($end + $took, $before));
            $before = $end;
        }
        $all = max([self::LEAST, ...$begun]);

        return new self(array_map(
            static fn (array $each, int $begin): array => [1 - $begin / $all, ($begin - $each[0]) / $all],
            $done,
            $begun,
        ), $all);
    }

    /** Minutes that something was to take on so many figures, by those of one. */
    public static function planned(int $minutes, int $figures): int
    {
        return $minutes * $figures;
    }
}
