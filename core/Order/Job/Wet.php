<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use Kalokroma\Recipe\Technique\Technique;

/** Something that was painted and is not dry yet. */
final readonly class Wet
{
    private const MINUTE = 60;

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

    /** What still holds of something that was painted; null where it is dry, and nothing has to follow any more. */
    public static function from(StillDrying $drying, int $now): ?self
    {
        $isAwaited = $drying->isAwaited($now);

        return !$drying->isWet($now) && !$isAwaited ? null : new self(
            $drying->area,
            $drying->figures,
            (int) ceil(max(0, $drying->until - $now) / self::MINUTE),
            $isAwaited ? $drying->then : null,
            $isAwaited ? intdiv((int) $drying->latest - $now, self::MINUTE) : null,
        );
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
