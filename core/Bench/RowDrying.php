<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use Kalokroma\Order\Job\StillDrying;

/** What was ticked off figure by figure along a row dries as one: from when the first is dry until the last one is. */
final readonly class RowDrying
{
    /** Whatever of a row was written down within so many minutes belongs together. */
    private const WITHIN = 60;
    private const MINUTE = 60;

    /**
     * @param non-empty-list<int> $of places of what belongs to it in what was given
     * @param list<int> $figures smallest first
     * @param int $since instant at which the first was done
     * @param int $first instant at which the first is dry
     * @param int $until instant at which all are
     */
    private function __construct(
        private string $name,
        public array $of,
        public array $figures,
        public int $since,
        public int $first,
        public int $until,
    ) {
    }

    /**
     * @param list<array{string, StillDrying}> $wet a name for what was done, the same for all figures of a row, and its drying
     *
     * @return list<self> what is dry first comes first
     */
    public static function of(array $wet): array
    {
        $places = array_keys($wet);
        usort($places, static fn (int $a, int $b): int => [$wet[$a][1]->since, $a] <=> [$wet[$b][1]->since, $b]);
        /** @var list<self> $rows */
        $rows = [];
        foreach ($places as $place) {
            [$name, $drying] = $wet[$place];
            $at = null;
            foreach ($rows as $i => $row) {
                $at = $row->name === $name && $row->takes($drying) ? $i : $at;
            }
            $alone = new self($name, [$place], $drying->figures, $drying->since, $drying->until, $drying->until);
            $rows[$at ?? count($rows)] = $at === null ? $alone : $rows[$at]->and($alone);
        }
        usort($rows, static fn (self $a, self $b): int => [$a->until, $a->since] <=> [$b->until, $b->since]);

        return $rows;
    }

    private function takes(StillDrying $next): bool
    {
        return array_intersect($this->figures, $next->figures) === [] && $next->since - $this->since <= self::WITHIN * self::MINUTE;
    }

    private function and(self $next): self
    {
        $figures = [...$this->figures, ...$next->figures];
        sort($figures);

        return new self(
            $this->name,
            [...$this->of, ...$next->of],
            $figures,
            $this->since,
            min($this->first, $next->first),
            max($this->until, $next->until),
        );
    }
}
