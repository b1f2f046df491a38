<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

/**
 * Waits between two steps that are both done on figures in a row: the first figure dries while the others are painted.
 *
 * With n figures, a minutes for each in the step before and b in the step after, figure i (from 0) has dried for (n − 1 − i) · a when the
 * first step ends and for i · b more when its turn comes again. The least of that over all figures is (n − 1) · min(a, b); only what is
 * missing of the drying time is waited.
 */
final class InRow
{
    /**
     * Minutes from the end of the first step to the start of the next.
     *
     * @param int $dry minutes that each figure dries
     * @param float $each minutes for one figure in the step before, its last coat
     * @param float $then minutes for one figure in the step after, its first coat
     * @param list<int> $before figures of the step before, in their order
     * @param list<int> $after figures of the step after, in their order
     */
    public static function wait(int $dry, float $each, float $then, array $before, array $after): int
    {
        $wait = 0.0;
        $place = array_flip($after);
        $last = count($before) - 1;
        foreach ($before as $i => $figure) {
            if (isset($place[$figure])) {
                $wait = max($wait, $dry - ($last - $i) * $each - $place[$figure] * $then);
            }
        }

        return (int) ceil($wait - 1e-9);
    }

    /** Minutes after the end of the first step within which the next begins, so that no figure of a row comes too late. */
    public static function latest(int $latest, float $each, float $then, int $figures): int
    {
        return (int) floor($latest - ($figures - 1) * max($each, $then) + 1e-9);
    }

    /** Figures of a row at most, so that each is neither too wet nor too dry when its turn comes again; 1 and more. */
    public static function most(int $dry, int $latest, float $each, float $then, int $figures): int
    {
        for ($n = $figures; $n > 1; --$n) {
            $wait = max(0.0, $dry - ($n - 1) * min($each, $then));
            if ($wait <= self::latest($latest, $each, $then, $n)) {
                return $n;
            }
        }

        return 1;
    }
}
