<?php

declare(strict_types=1);

namespace Kalokroma\Order\Search;

/**
 * How often each label has to be made ready at least. Along a chain of tasks that wait for each other, a label that is left and comes back
 * is made ready once more, in whatever order all else is done.
 */
final readonly class UnavoidableChanges
{
    private const NEVER = -1_000_000;

    /**
     * @param array<int, array<int, int>> $with by task and label: runs of the label on a chain from here that begins with it
     * @param array<int, array<int, int>> $without the same on one that begins with another label, or with none at all
     */
    private function __construct(private array $with, private array $without)
    {
    }

    public static function of(OrderProblem $problem): self
    {
        $labels = array_values(array_unique(array_filter($problem->labels)));
        /** @var array<int, array<int, int>> $with */
        $with = [];
        /** @var array<int, array<int, int>> $without */
        $without = [];
        foreach (array_reverse($problem->sorted) as $i) {
            $with[$i] = $without[$i] = [];
            foreach ($labels as $label) {
                [$on, $off] = [self::NEVER, 0];
                foreach ($problem->next[$i] as $j => $lag) {
                    $on = max($on, $with[$j][$label]);
                    $off = max($off, $without[$j][$label]);
                }
                [$with[$i][$label], $without[$i][$label]] = match ($problem->labels[$i]) {
                    0 => [$on, $off],
                    $label => [max($on, $off + 1), self::NEVER],
                    default => [self::NEVER, max($on, $off)],
                };
            }
        }

        return new self($with, $without);
    }

    /**
     * @param array<int, int> $open how many tasks each of those left still waits for
     * @param int $ready label of what stands ready
     *
     * @return array<int, int> by label, where it is at least one
     */
    public function left(array $open, int $ready): array
    {
        $found = [];
        foreach ($open as $i => $waits) {
            if ($waits > 0) {
                continue;
            }
            foreach ($this->with[$i] as $label => $runs) {
                $least = max($label === $ready ? $runs - 1 : $runs, $this->without[$i][$label]);
                if ($least > ($found[$label] ?? 0)) {
                    $found[$label] = $least;
                }
            }
        }

        return $found;
    }
}
