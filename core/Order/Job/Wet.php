<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use Kalokroma\Recipe\Technique\Technique;

/** Something that was painted and is not dry yet. */
final readonly class Wet
{
    /**
     * @param string|null $area id of the area; null for the whole figure
     * @param list<int> $figures
     * @param int $minutes from now until it is dry
     * @param Technique|null $then what belongs to it and has to follow soon; null for nothing
     * @param int|null $latest minutes from now by which that has to begin
     */
    public function __construct(
        public ?string $area,
        public array $figures,
        public int $minutes,
        public ?Technique $then = null,
        public ?int $latest = null,
    ) {
    }

    /**
     * What still holds of something that was painted.
     *
     * @param list<int> $figures
     * @param int $passed minutes since then
     * @param int $dries minutes that it takes to dry
     * @param Technique|null $as what was done; null where nobody knows
     *
     * @return self|null null where it is dry, and nothing has to follow any more
     */
    public static function since(?string $area, array $figures, int $passed, int $dries, ?Technique $as): ?self
    {
        $then = $as === null ? null : Follows::of($as);
        $latest = $as === null || $then === null ? null : $as->facts()->latest;
        $latest = $latest === null || $latest < $passed ? null : $latest - $passed;

        return $dries <= $passed && $latest === null
            ? null : new self($area, $figures, max(0, $dries - $passed), $latest === null ? null : $then, $latest);
    }

    public function holds(Job $job): bool
    {
        return ($this->area === null || $job->area === null || $job->area->id === $this->area)
            && array_intersect($this->figures, $job->figures) !== [];
    }

    public function hurries(Job $job): bool
    {
        return $this->latest !== null && $this->holds($job) && $job->planned()->technique === $this->then;
    }
}
